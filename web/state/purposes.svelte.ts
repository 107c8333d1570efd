// What a screen is for is said until it was understood, or until the screen was opened some times. Kept in this browser.

import { local } from './local';

const KEY = 'said';
/** Times a screen is opened before its line goes by itself. */
const TIMES = 3;

class Purposes {
  /** Screen → how often it was opened; once understood, more often than it is said. */
  private seen = $state<Record<string, number>>(read());

  isSaid(screen: string): boolean {
    return (this.seen[screen] ?? 0) <= TIMES;
  }

  opened(screen: string) {
    this.keep({ ...this.seen, [screen]: (this.seen[screen] ?? 0) + 1 });
  }

  understood(screen: string) {
    this.keep({ ...this.seen, [screen]: TIMES + 1 });
  }

  /** All of them once more. */
  again() {
    this.keep({});
  }

  private keep(seen: Record<string, number>) {
    this.seen = seen;
    local.set(KEY, JSON.stringify(seen));
  }
}

function read(): Record<string, number> {
  try {
    const kept: unknown = JSON.parse(local.get(KEY) ?? '{}');
    return typeof kept === 'object' && kept !== null && Object.values(kept).every((times) => typeof times === 'number')
      ? (kept as Record<string, number>)
      : {};
  } catch {
    return {};
  }
}

export const purposes = new Purposes();
