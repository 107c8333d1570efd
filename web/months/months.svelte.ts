// Which month and which pattern are looked at on Months.
import type { Book, Kind, Month, Pattern } from '../api/client';

export class MonthsState {
  chosen = $state<string | null>(null);
  /** The pattern in the editor, where it is not the one all months share. */
  edited = $state<string | null>(null);

  constructor(private readonly book: () => Book) {}

  get month(): Month | null {
    return this.book().months.find((one) => one.month === this.chosen) ?? null;
  }

  get pattern(): Pattern {
    const { patterns, usual_pattern } = this.book();
    return patterns.find((one) => one.id === (this.edited ?? usual_pattern)) ?? patterns[0]!;
  }

  /** Parts of a month with a hatch of their own, and pages that are no part. */
  private static readonly HATCHED = [
    'month-divider',
    'month-calendar',
    'month-goals',
    'weeks',
    'month-notes',
    'free',
    'spare',
    'more',
    'taken',
  ];

  isOther(kind: string): boolean {
    return !MonthsState.HATCHED.includes(kind);
  }

  /** What the bars of the months show: the kinds of this book's patterns, and pages that are no part. */
  legend(catalogue: { kind(book: Book, kind: string): Kind | undefined }): [string, string][] {
    const kinds = new Set(this.book().months.flatMap((month) => month.parts.map((part) => part.kind)));
    const named = [...kinds].flatMap((kind): [string, string][] => {
      const known = catalogue.kind(this.book(), kind);
      return known ? [[kind, known.name.toLowerCase()]] : [];
    });
    const words: [string, string][] = [
      ['free', 'free page'],
      ['spare', 'spare'],
      ['more', 'more than planned'],
    ];
    return [...named, ...words.filter(([kind]) => kinds.has(kind as never))];
  }

  /** Pages of the longest month, 1 or more. */
  get longest(): number {
    return Math.max(1, ...this.book().months.map((one) => one.pages));
  }

  /**
   * The last page a month really took, as somebody typed it. What is no number stays as it was typed: the program says what is wrong with
   * it.
   */
  static page(said: string): number | null {
    const words = said.trim();
    if (words === '') return null;
    return (Number.isInteger(Number(words)) ? Number(words) : words) as number;
  }
}
