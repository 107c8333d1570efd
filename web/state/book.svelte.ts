// The open notebook. Edits go out one after another, each against the version the last answer had.
import { api, inBook, Problem, type Book, type Edit, type Finding } from '../api/client';
import { route } from './route.svelte';

class OpenBook {
  book = $state.raw<Book | null>(null);
  /** What the margin says about saving, in words. */
  saved = $state('');
  problem = $state<Problem | null>(null);
  /** An edit that was refused because the book had changed; it can be made again. */
  refused = $state.raw<Edit | null>(null);
  private queue: Promise<unknown> = Promise.resolve();

  async open(id: string, volume: string) {
    inBook(volume);
    if (this.book?.id === id && this.book.book === volume) return;
    if (this.book?.id !== id) this.book = null;
    this.problem = null;
    this.refused = null;
    this.saved = '';
    try {
      this.book = await api.book(id);
      this.saved = 'All edits saved.';
    } catch (error) {
      this.problem = asProblem(error);
    }
  }

  /** Takes a book that another call has just answered with. */
  take(book: Book) {
    this.book = book;
    this.problem = null;
    this.saved = 'All edits saved.';
  }

  edit(edit: Edit): Promise<boolean> {
    return this.inTurn((book) => api.edit(book.id, book.version, edit), edit);
  }

  /** An edit that depends on where things stand when its turn comes: keys pressed faster than answers arrive all count. */
  editFrom(make: (book: Book) => Edit | null): Promise<boolean> {
    return this.inTurn(async (book) => {
      const edit = make(book);
      return edit === null ? book : api.edit(book.id, book.version, edit);
    }, null);
  }

  undo(): Promise<boolean> {
    return this.inTurn((book) => api.undo(book.id, book.version), null);
  }

  redo(): Promise<boolean> {
    return this.inTurn((book) => api.redo(book.id, book.version), null);
  }

  findingsOn(about: string): Finding[] {
    return this.book?.findings.filter((finding) => finding.about === about) ?? [];
  }

  private inTurn(send: (book: Book) => Promise<Book>, edit: Edit | null): Promise<boolean> {
    const turn = this.queue.then(async () => {
      if (!this.book) return false;
      this.saved = 'Saving…';
      try {
        const before = this.book.book;
        this.book = await send(this.book);
        if (this.book.book !== before) {
          // The edit took away the book that was open.
          inBook(this.book.book);
          route.go(route.to(route.screen, undefined, this.book.book), true);
        }
        this.problem = null;
        this.refused = null;
        this.saved = 'All edits saved.';
        return true;
      } catch (error) {
        const problem = asProblem(error);
        this.problem = problem;
        this.saved = 'The last edit was not saved.';
        if (problem.status === 409) {
          this.refused = edit;
          this.book = problem.current ?? (await api.book(this.book.id));
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
