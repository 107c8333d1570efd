// The open notebook. Edits go out one after another, each against the version the last answer had.
import { api, Problem, type Book, type Edit, type Finding } from '../api/client';
import type { Answer } from './lines.svelte';
import { movedBy } from './moved';
import { route } from './route.svelte';

class OpenBook {
  book = $state.raw<Book | null>(null);
  /** What the margin says about saving, in words. */
  saved = $state('');
  /** What the last edits put elsewhere, in words; "" for nothing. */
  moved = $state('');
  /** The book before the edits that are under way, or that came last. */
  private base: Book | null = null;
  problem = $state<Problem | null>(null);
  /** Edits that were not made though nothing is wrong with them: the book had changed, or the program did not answer. They can be made again. */
  refused = $state.raw<Edit[]>([]);
  /** Edits pressed and not answered yet. */
  pending = $state(0);
  /** The version that was made elsewhere and has just been taken over; 0 for none. */
  foreign = 0;
  private queue: Promise<unknown> = Promise.resolve();
  /** The notebook and book that are wanted on the screen: an answer about another is left aside. */
  private wanted = '';
  /** Books with edits under way, as they were answered last: an edit is made in the book it was pressed in, whatever is open by then. */
  private left = new Map<string, Book>();

  async open(id: string, volume: string) {
    const asked = (this.wanted = `${id} ${volume}`);
    if (this.book?.id === id && this.book.book === volume) return;
    if (this.book?.id !== id) this.book = null;
    this.problem = null;
    this.refused = [];
    this.saved = this.moved = '';
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

  /**
   * @param edit or, where it depends on what was pressed before it, how it is made of the book as it stands when its turn has come
   * @param then done once it is saved, before the turn of the next
   */
  edit(edit: Edit | ((book: Book) => Edit), then?: () => Promise<unknown>): Promise<boolean> {
    let made: Edit | null = typeof edit === 'function' ? null : edit;
    return this.inTurn(
      (book) => api.edit(book, (made ??= typeof edit === 'function' ? edit(book) : edit)),
      () => made,
      then,
    );
  }

  /** The same for a line that says at its own place why it was refused. */
  async write(edit: Edit): Promise<Answer> {
    if (await this.edit(edit)) return { made: true };
    const problem = this.problem;
    if (problem?.status === 422) this.problem = null;
    return { made: false, says: problem?.detail ?? 'It was not saved.', field: problem?.field ?? null };
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

  /** The book an edit was pressed in, as it was answered last. */
  private latest(pressed: string): Book | null {
    if (this.book && `${this.book.id} ${this.book.book}` === pressed) return this.book;
    const left = this.left.get(pressed) ?? null;
    // Another of its books may have been answered since: the version is the notebook's.
    const version = this.book && left && this.book.id === left.id ? Math.max(this.book.version, left.version) : left?.version;
    return left && version ? { ...left, version } : null;
  }

  private inTurn(send: (book: Book) => Promise<Book>, edit: () => Edit | null, then?: () => Promise<unknown>): Promise<boolean> {
    const pressed = this.wanted;
    if (this.book) this.left.set(pressed, this.book);
    if (this.pending === 0) this.base = this.book;
    this.pending++;
    this.saved = 'Saving…';
    const turn = this.queue.then(async () => {
      const sent = this.latest(pressed);
      const said = (words: string) => (this.saved = this.pending > 1 ? 'Saving…' : words);
      try {
        if (!sent) return false;
        const book = await send(sent);
        this.left.set(pressed, book);
        if (pressed !== this.wanted) return await this.elsewhere(sent);
        this.book = book;
        this.moved = movedBy(this.base, book);
        if (book.book !== sent.book) {
          // The edit took away the book that was open.
          route.go(route.to(route.screen, undefined, book.book), true);
        }
        if (this.refused.length === 0) this.problem = null;
        await then?.();
        said(this.refused.length === 0 ? 'All edits saved.' : 'Some edits were not saved.');
        return true;
      } catch (error) {
        const problem = asProblem(error);
        if (pressed !== this.wanted) return false;
        this.problem = problem;
        this.saved = 'The last edit was not saved.';
        const made = edit();
        if (made && (problem.status === 409 || problem.status === 0 || problem.status >= 500)) this.refused = [...this.refused, made];
        if (problem.status === 409) {
          const current = problem.current ?? (sent && (await api.book(sent)));
          if (current && pressed === this.wanted) this.book = current;
        }
        return false;
      } finally {
        if (--this.pending === 0) this.left.clear();
      }
    });
    this.queue = turn;
    return turn;
  }

  /** An edit that was not made is kept otherwise: it need not be made again. */
  leave(edit: Edit) {
    this.refused = this.refused.filter((one) => one !== edit);
    if (this.refused.length === 0) this.problem = null;
  }

  /** What was not made is made now, in its order. */
  again() {
    const edits = this.refused;
    this.refused = [];
    this.problem = null;
    for (const edit of edits) void this.edit(edit);
  }
}

export function asProblem(error: unknown): Problem {
  return error instanceof Problem ? error : new Problem(0, String(error), null, null);
}

export const open = new OpenBook();
