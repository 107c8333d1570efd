// Where a spread can go from where it stands: which it can change places with, and what it goes before to stand on a page.
import type { Book, Edit, Spread } from '../api/client';

/** Those of as many pages: each then stands where the other stood. */
export function swappable(book: Book, spread: Spread): Spread[] {
  return book.spreads.filter((one) => one.id !== spread.id && one.pages === spread.pages && one.page !== null && one.book === book.book);
}

/** The move that brings a spread to a page in order, or as near as order allows; null where it stands there already. */
export function placeOn(book: Book, spread: Spread, page: number): Edit | null {
  if (spread.page === page) return null;
  const others = book.spreads
    .filter((one) => one.id !== spread.id && one.page !== null && one.book === book.book)
    .sort((one, other) => (one.page ?? 0) - (other.page ?? 0));
  const later = spread.page !== null && page > spread.page;
  // What stands there, or behind it, makes room; from before it, that goes forward by the pages that are left.
  const at = others.findIndex((one) => (one.page ?? 0) + one.pages > page);
  const next = others[later && at >= 0 ? at + 1 : at];
  const before = others[later && at >= 0 ? at : at - 1];
  if (!next || (before && before.section !== next.section && later)) {
    return { type: 'move-spread', spread: spread.id, section: (before ?? next ?? spread).section, before: null };
  }
  return { type: 'move-spread', spread: spread.id, section: next.section, before: next.id };
}
