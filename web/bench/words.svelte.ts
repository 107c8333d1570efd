// The words of an opening: what is pointed at on a page, where it is kept, and what it says.
import { api, type Book, type Edit, Problem, type WordOnPage as Word } from '../api/client';

/** Whose words they are: a spread's, or those of a part of a pattern, which all its months share. */
type Owner = { type: 'set-word'; spread: string } | { type: 'set-pattern-word'; pattern: string; part: number };

export interface Found {
  word: Word;
  of: Owner;
}

/** A spread, or what is drawn of a month, and a page it stands on. */
export interface Drawn {
  drawing: string;
  page: number;
}

export const isMonth = (drawing: string) => /^\d{4}-\d{2}\//.test(drawing);

export class WordsState {
  /** Of each drawing its words, and of which state of the book they are. */
  private read = $state.raw<Record<string, { state: string; all: Found[] }>>({});
  /** The word that was pointed at. */
  chosen = $state.raw<{ found: Found; at: { x: number; y: number } } | null>(null);
  wrong = $state('');

  constructor(
    private readonly book: () => Book,
    private readonly edit: (edit: Edit) => Promise<boolean>,
  ) {}

  /** Those that can be said otherwise, each once. */
  changeable(drawing: string): Found[] {
    const seen = new Set<string>();
    return (this.read[drawing]?.all ?? []).filter(({ word }) => {
      if (word.at === null || seen.has(word.at)) return false;
      seen.add(word.at);
      return true;
    });
  }

  /** Reads the words of a drawing, once for each state of the book. */
  async load({ drawing, page }: Drawn): Promise<void> {
    const book = this.book();
    const state = JSON.stringify([book.id, book.book, book.version]);
    if (this.read[drawing]?.state === state) return;
    try {
      const all = await fetched(book, drawing, page);
      // Taken together only now: another drawing's words may have come meanwhile.
      this.read = { ...this.read, [drawing]: { state, all } };
      this.wrong = '';
    } catch (error) {
      this.wrong = error instanceof Problem ? error.detail : String(error);
    }
  }

  /** Points at a spot of a page, in grains: the smallest word that stands there. */
  async point(drawn: Drawn[], page: number, x: number, y: number, at: { x: number; y: number }) {
    await Promise.all(drawn.map((one) => this.load(one)));
    const here = drawn
      .flatMap((one) => this.read[one.drawing]?.all ?? [])
      .filter(({ word }) => {
        const [left, top, wide, tall] = word.place as [number, number, number, number];
        return word.page === page && x >= left && x <= left + wide && y >= top && y <= top + tall;
      })
      .sort((a, b) => a.word.place[2]! * a.word.place[3]! - b.word.place[2]! * b.word.place[3]!);
    // Below the word, so that it stays in sight.
    if (here[0]) this.chosen = { found: here[0], at: { x: at.x, y: at.y + 16 } };
  }

  /** Says a word otherwise; false where it was refused. */
  async say({ word, of }: Found, says: string): Promise<boolean> {
    if (word.at === null) return false;
    const was = word.says ?? word.text;
    return says.trim() === was || this.edit({ ...of, at: word.at, was, says });
  }
}

async function fetched(book: Book, drawing: string, page: number): Promise<Found[]> {
  if (!isMonth(drawing))
    return (await api.wordsOf(book, drawing)).words.map((word) => ({ word, of: { type: 'set-word', spread: drawing } }));
  const { words, pattern, part } = await api.wordsOfMonth(book, page);
  return words.map((word) => ({ word, of: { type: 'set-pattern-word', pattern, part } }));
}
