// The openings that spreads stand on, in book order, with the months as one gap between front and back.
import type { Book, Page } from '../api/client';

export interface Shown {
  opening: number;
  left: Page | null;
  right: Page | null;
}

export interface Stretch {
  openings: Shown[];
  /** The months that stand between this stretch and the next. */
  monthsAfter: boolean;
}

export function openings(book: Book): Stretch[] {
  const shown = new Map<number, Shown>();
  for (const page of book.pages) {
    if (page.is !== 'spread' && page.is !== 'empty' && page.is !== 'closed') continue;
    const one = shown.get(page.opening) ?? { opening: page.opening, left: null, right: null };
    one[page.left ? 'left' : 'right'] = page;
    shown.set(page.opening, one);
  }
  // The page opposite is shown too, whatever stands on it.
  for (const one of shown.values()) {
    one.left ??= book.pages[one.opening - 1] ?? null;
    one.right ??= book.pages[one.opening] ?? null;
  }
  const firstMonth = book.months[0]?.page ?? Number.POSITIVE_INFINITY;
  const all = [...shown.values()].sort((a, b) => a.opening - b.opening);
  const front = all.filter((one) => one.opening <= firstMonth);
  const back = all.filter((one) => one.opening > firstMonth);
  return [
    { openings: front, monthsAfter: book.months.some((month) => month.pages > 0) },
    { openings: back, monthsAfter: false },
  ];
}
