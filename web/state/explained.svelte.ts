// Words of the trade that were explained at their first use on this device: each once.
import { local } from './local';

const KEY = 'explained';

export const TERMS = ['box', 'tick', 'band', 'ink'] as const;
export type Term = (typeof TERMS)[number];

/** What a step of a kind first meets, in the order in which it is explained. */
const MET: Record<string, Term[]> = { pencil: ['box', 'tick'], band: ['box', 'band'], ink: ['box', 'ink'], write: ['box'] };

class Explained {
  private known = $state.raw<ReadonlySet<string>>(new Set(read()));

  /** What is explained beside a step; null where it is known already. */
  at(task: string): Term | null {
    return MET[task]?.find((term) => !this.known.has(term)) ?? null;
  }

  understood(term: Term) {
    this.known = new Set([...this.known, term]);
    local.set(KEY, JSON.stringify([...this.known]));
  }

  again() {
    this.known = new Set();
    local.drop(KEY);
  }
}

function read(): string[] {
  try {
    const kept: unknown = JSON.parse(local.get(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [];
  } catch {
    return [];
  }
}

export const explained = new Explained();
