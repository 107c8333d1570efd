// The words of an opening: what is pointed at on a page, where it is kept, and what it says.
import { api, type Book, type Edit, Problem, type WordsOfSpread } from '../api/client';

export type Word = WordsOfSpread['words'][number];

/** A word and the spread it is of. */
export interface Found {
  spread: string;
  word: Word;
}

export class WordsState {
  /** Of each spread its words, and of which state of the book they are. */
  private read = $state.raw<Record<string, { of: string; words: Word[] }>>({});
  /** The word that was pointed at. */
  chosen = $state.raw<{ found: Found; at: { x: number; y: number } } | null>(null);
  wrong = $state('');

  constructor(
    private readonly book: () => Book,
    private readonly edit: (edit: Edit) => Promise<boolean>,
  ) {}

  /** Those that can be said otherwise, each once. */
  changeable(spread: string): Found[] {
    const seen = new Set<string>();
    return (this.read[spread]?.words ?? []).flatMap((word) => {
      if (word.at === null || seen.has(word.at)) return [];
      seen.add(word.at);
      return [{ spread, word }];
    });
  }

  /** Reads the words of a spread, once for each state of the book. */
  async load(spread: string): Promise<void> {
    const book = this.book();
    const of = JSON.stringify([book.id, book.book, book.version]);
    if (this.read[spread]?.of === of) return;
    try {
      const { words } = await api.wordsOf(book, spread);
      this.read = { ...this.read, [spread]: { of, words } };
      this.wrong = '';
    } catch (error) {
      this.wrong = error instanceof Problem ? error.detail : String(error);
    }
  }

  /** Points at a spot of a page, in grains: the smallest word that stands there. */
  async point(spreads: string[], page: number, x: number, y: number, at: { x: number; y: number }) {
    await Promise.all(spreads.map((spread) => this.load(spread)));
    const here = spreads
      .flatMap((spread) => (this.read[spread]?.words ?? []).map((word) => ({ spread, word })))
      .filter(({ word }) => {
        const [left, top, wide, tall] = word.place as [number, number, number, number];
        return word.page === page && x >= left && x <= left + wide && y >= top && y <= top + tall;
      })
      .sort((a, b) => a.word.place[2]! * a.word.place[3]! - b.word.place[2]! * b.word.place[3]!);
    // Below the word, so that it stays in sight.
    if (here[0]) this.chosen = { found: here[0], at: { x: at.x, y: at.y + 16 } };
  }

  /** Says a word otherwise; false where it was refused. */
  async say({ spread, word }: Found, says: string): Promise<boolean> {
    if (word.at === null) return false;
    const was = word.says ?? word.text;
    return says.trim() === was || this.edit({ type: 'set-word', spread, at: word.at, was, says });
  }
}
