// A wait between two pages: what is left of it, from when it began, also after the page was loaded anew.
import { local } from '../state/local';

const KEPT = 'desk-wait';
const MINUTE = 60_000;

export class Wait {
  /** Of what, and since when, in ms. */
  private began = $state.raw<{ of: string; at: number } | null>(read());
  private now = $state(Date.now());

  /** Begins where it is another than the one that runs. */
  begin(of: string) {
    this.now = Date.now();
    if (this.began?.of === of) return;
    this.began = { of, at: this.now };
    local.set(KEPT, JSON.stringify(this.began));
  }

  /** Asks the clock again; the answer ends it. */
  watch(): () => void {
    const timer = setInterval(() => (this.now = Date.now()), 5_000);
    return () => clearInterval(timer);
  }

  /** Minutes that are left of so many, begun ones whole. */
  left(minutes: number): number {
    return this.began ? Math.max(0, Math.ceil((this.began.at + minutes * MINUTE - this.now) / MINUTE)) : minutes;
  }
}

function read(): { of: string; at: number } | null {
  try {
    const kept = JSON.parse(local.get(KEPT) ?? 'null') as { of?: unknown; at?: unknown } | null;
    return typeof kept?.of === 'string' && typeof kept.at === 'number' && kept.at <= Date.now() ? { of: kept.of, at: kept.at } : null;
  } catch {
    return null;
  }
}
