// Looks about every second whether the program is there, and whether the open notebook was changed elsewhere: its plan, or what is ticked.
import { open } from '../state/book.svelte';
import { outbox } from './outbox';
import { reach } from './reach.svelte';

const EVERY = 800;
/** Where the program is not reached, it is asked less often. */
const LOST = 3_000;

class Watch {
  /** Raised when something was ticked elsewhere. */
  ticks = $state(0);
  private known = new Map<string, number>();
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    outbox.onTicks = (of, ticks) => this.known.set(of, ticks);
  }

  start() {
    const go = async () => {
      await this.look();
      this.timer = setTimeout(go, reach.lost ? LOST : EVERY);
    };
    this.timer = setTimeout(go, EVERY);
    document.addEventListener('visibilitychange', () => document.hidden || void this.look());
    addEventListener('online', () => void this.look());
  }

  stop() {
    clearTimeout(this.timer);
  }

  private async look() {
    const book = open.book;
    if (document.hidden) return;
    try {
      if (!book) {
        // On the shelf nothing can change under one's hand; that the program is gone is said there too.
        await fetch('/api/empty');
        reach.answered();
        return;
      }
      const answer = await fetch(`/api/notebooks/${book.id}/state`);
      if (!answer.ok) return;
      const { version, ticks } = (await answer.json()) as { version: number; ticks: number };
      reach.answered();
      const was = this.known.get(book.id);
      this.known.set(book.id, ticks);
      if (was !== undefined && ticks !== was) this.ticks++;
      await open.outdated(version);
      if (reach.waiting > 0) await outbox.flush();
    } catch {
      reach.failed();
    }
  }
}

export const watch = new Watch();
