// The open notebook. Edits go out one after another, each against the version the last answer had.
import { api, Problem, type Book, type Edit, type Finding } from '../api/client';
import { route } from './route.svelte';

class OpenBook {
  book = $state.raw<Book | null>(null);
  /** What the margin says about saving, in words. */
  saved = $state('');
  problem = $state<Problem | null>(null);
  /** An edit that was refused because the book had changed; it can be made again. */
  refused = $state.raw<Edit | null>(null);
  /** The version that was made elsewhere and has just been taken over; 0 for none. */
  foreign = 0;
  private queue: Promise<unknown> = Promise.resolve();
  /** The notebook and book that are wanted on the screen: an answer about another is left aside. */
  private wanted = '';

  async open(id: string, volume: string) {
    const asked = (this.wanted = `${id} ${volume}`);
    if (this.book?.id === id && this.book.book === volume) return;
    if (this.book?.id !== id) this.book = null;
    this.problem = null;
    this.refused = null;
    this.saved = '';
    try {
      const book = await api.book({ id, book: volume });
      // A slow answer must not take the place of the notebook opened since.
      if (asked !== this.wanted) return;
      this.book = book;
      this.saved = 'All edits saved.';
    } catch (error) {
      if (asked === this.wanted) this.problem = asProblem(error);
    }
  }

  /** The book as it stands now, where something fetched says that it was changed elsewhere meanwhile. */
  async outdated(version: number) {
    const [asked, book] = [this.wanted, this.book];
    if (!book || version <= book.version) return;
    try {
      const current = await api.book(book);
      if (asked !== this.wanted || current.version <= (this.book?.version ?? 0)) return;
      this.foreign = current.version;
      this.book = current;
    } catch (error) {
      if (asked === this.wanted) this.problem = asProblem(error);
    }
  }

  /** Takes a book that another call has just answered with. */
  take(book: Book) {
    this.wanted = `${book.id} ${book.book}`;
    this.book = book;
    this.problem = null;
    this.saved = 'All edits saved.';
  }

  /** @param edit or, where a whole is sent anew, how it is made of the book as it stands when its turn has come */
  edit(edit: Edit | ((book: Book) => Edit)): Promise<boolean> {
    let made: Edit | null = typeof edit === 'function' ? null : edit;
    return this.inTurn(
      (book) => api.edit(book, (made ??= typeof edit === 'function' ? edit(book) : edit)),
      () => made,
    );
  }

  undo(): Promise<boolean> {
    return this.inTurn(
      (book) => api.undo(book),
      () => null,
    );
  }

  redo(): Promise<boolean> {
    return this.inTurn(
      (book) => api.redo(book),
      () => null,
    );
  }

  findingsOn(about: string): Finding[] {
    return this.book?.findings.filter((finding) => finding.about === about) ?? [];
  }

  /** An edit that was saved after another book was opened: where that is of the same notebook, it has changed too. */
  private async elsewhere(sent: Book): Promise<boolean> {
    const asked = this.wanted;
    if (!asked.startsWith(`${sent.id} `)) return true;
    const book = await api.book({ id: sent.id, book: asked.slice(sent.id.length + 1) });
    if (asked === this.wanted) this.book = book;
    return true;
  }

  private inTurn(send: (book: Book) => Promise<Book>, edit: () => Edit | null): Promise<boolean> {
    const turn = this.queue.then(async () => {
      const sent = this.book;
      if (!sent) return false;
      const asked = this.wanted;
      this.saved = 'Saving…';
      try {
        const book = await send(sent);
        if (asked !== this.wanted) return await this.elsewhere(sent);
        this.book = book;
        if (book.book !== sent.book) {
          // The edit took away the book that was open.
          route.go(route.to(route.screen, undefined, book.book), true);
        }
        this.problem = null;
        this.refused = null;
        this.saved = 'All edits saved.';
        return true;
      } catch (error) {
        if (asked !== this.wanted) return false;
        const problem = asProblem(error);
        this.problem = problem;
        this.saved = 'The last edit was not saved.';
        if (problem.status === 409) {
          this.refused = edit();
          const current = problem.current ?? (await api.book(sent));
          if (asked === this.wanted) this.book = current;
        }
        return false;
      }
    });
    this.queue = turn;
    return turn;
  }
}

export function asProblem(error: unknown): Problem {
  return error instanceof Problem ? error : new Problem(0, String(error), null, null);
}

export const open = new OpenBook();
