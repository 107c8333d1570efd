// What is done this evening, one thing after another: the desk goes from page to page by it.
import { api, type Book, type Sitting } from '../api/client';
import { nextSitting } from '../parts/nextSitting';

export type Act = Sitting['acts'][number];

export class SittingState {
  evening = $state.raw<Sitting | null>(null);
  /** The act at hand, by its place; -1 before anything. */
  at = $state(-1);
  private asked = '';

  /** The evening that goes on now or is next, where the page is drawn in it. */
  async load(book: Book, page: number) {
    const asked = (this.asked = `${book.id} ${book.book}`);
    try {
      const all = await api.sittings(book);
      if (asked !== this.asked) return;
      this.evening = nextSitting(all);
      this.at = this.evening?.acts.findIndex((act) => act.page === page && (act.is === 'draw' || act.is === 'finish')) ?? -1;
    } catch {
      // The desk works without it, page by page.
      this.evening = null;
    }
  }

  get act(): Act | null {
    return this.evening?.acts[this.at] ?? null;
  }

  get next(): Act | null {
    return this.evening?.acts[this.at + 1] ?? null;
  }

  /** Leaves out what the evening still asks of a page that is done already: it was drawn faster than was thought. */
  through(page: number) {
    const acts = this.evening?.acts ?? [];
    while (acts[this.at + 1]?.page === page && acts[this.at + 1]?.is === 'draw') this.at += 1;
    while (acts[this.at + 1]?.is === 'pause' && acts[this.at + 2]?.page === page && acts[this.at + 2]?.is === 'draw') this.at += 2;
  }

  /** Goes on to the next thing; null where the evening is over. */
  go(): Act | null {
    if (!this.evening || this.at + 1 >= this.evening.acts.length) return null;
    this.at += 1;
    return this.act;
  }
}
