// One way to fetch what a screen shows: the last one asked for wins, whichever answers last, and a failure is said in words.
import { Problem } from '../api/client';

export class Loader<T> {
  value = $state.raw<T | null>(null);
  /** Why the last one asked for could not be fetched. */
  wrong = $state('');
  waiting = $state(false);
  private asked = 0;

  /** Fetches; the answer is null where another was asked for meanwhile, or it failed. */
  async load(fetch: () => Promise<T>): Promise<T | null> {
    const mine = ++this.asked;
    this.waiting = true;
    try {
      const value = await fetch();
      if (mine !== this.asked) return null;
      this.value = value;
      this.wrong = '';
      return value;
    } catch (error) {
      if (mine === this.asked) this.wrong = error instanceof Problem ? error.detail : String(error);
      return null;
    } finally {
      if (mine === this.asked) this.waiting = false;
    }
  }

  /** Nothing is shown, and what is under way is left aside. */
  clear() {
    this.asked++;
    this.value = null;
    this.wrong = '';
    this.waiting = false;
  }
}
