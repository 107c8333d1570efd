// What was changed and not planned yet, by notebook and book: it waits here while other screens are looked at, and the top line speaks of it.
// Kept for as long as the tab is open.

export interface Draft<T> {
  /** What it is a change of, as it was sent: where that is another now, the draft is none any more. */
  of: string;
  now: T;
}

class Drafts {
  private all = $state<Record<string, unknown>>(read());

  get<T>(name: string): Draft<T> | null {
    return (this.all[name] as Draft<T> | undefined) ?? null;
  }

  set<T>(name: string, draft: Draft<T> | null) {
    const others = Object.fromEntries(Object.entries(this.all).filter(([one]) => one !== name));
    this.all = draft ? { ...others, [name]: draft } : others;
    try {
      sessionStorage.setItem('ample-margin-drafts', JSON.stringify(this.all));
    } catch {
      // Site data may be blocked: it waits in this page.
    }
  }
}

function read(): Record<string, unknown> {
  try {
    return JSON.parse(sessionStorage.getItem('ample-margin-drafts') ?? '{}') as Record<string, unknown>;
  } catch {
    return {};
  }
}

export const drafts = new Drafts();

/** The draft of a book's paper and period. */
export const paper = (id: string, book: string) => `paper ${id} ${book}`;
