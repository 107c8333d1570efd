// What an address nearly names.
import type { Book } from '../api/client';
import { route, type Screen } from '../state/route.svelte';
import { SCREENS, type ScreenEntry } from '../screens';

/** Letters that must be put, taken away or changed to make one word of another. */
export function apart(one: string, other: string): number {
  let row = Array.from({ length: other.length + 1 }, (_, i) => i);
  for (let i = 1; i <= one.length; i++) {
    const next = [i];
    for (let j = 1; j <= other.length; j++) {
      const same = one[i - 1] === other[j - 1] ? 0 : 1;
      next.push(Math.min((row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1, (row[j - 1] ?? 0) + same));
    }
    row = next;
  }
  return row[other.length] ?? 0;
}

/** The screen whose name, or word in an address, is least apart. */
export function nearestScreen(word: string, inBook: boolean): ScreenEntry {
  const said = word.toLowerCase().slice(0, 40);
  const far = (one: ScreenEntry) =>
    Math.min(apart(said, one.screen), apart(said, one.name.toLowerCase()), apart(said, one.name.toLowerCase().split(' ')[0] ?? ''));
  const named = SCREENS.filter((one) => (inBook ? one.key !== undefined : one.free));
  return named.reduce((best, one) => (far(one) < far(best) ? one : best));
}

/** Screens whose address names a page, a spread, or a month. */
const OF_PAGES: Screen[] = ['bench', 'desk', 'copy', 'leaf'];
const OF_SPREADS: Screen[] = ['parts', 'key', 'compare'];
const OF_MONTHS: Screen[] = ['dates', 'transfer'];

/** What the address names that is not in the book, and what is nearest; null where everything is. */
export function beyond(book: Book): { says: string; nearest: { name: string; href: string }[] } | null {
  const { screen, page, spread } = route;
  const last = Math.max(book.stock.pages, book.pages.length);
  if (OF_PAGES.includes(screen) && page > last) {
    return {
      says: `This book has ${last} pages; there is no page ${page}.`,
      nearest: [{ name: `To page ${last}`, href: route.to(screen, last) }],
    };
  }
  if (OF_SPREADS.includes(screen) && spread !== '' && !book.spreads.some((one) => one.id === spread)) {
    const near = [...book.spreads].sort((one, other) => apart(one.id, spread) - apart(other.id, spread))[0];
    return {
      says: `No spread of this book is called “${spread.slice(0, 80)}”; it may have been removed.`,
      nearest: [
        ...(near ? [{ name: near.title, href: route.to('spreads', near.id) }] : []),
        { name: 'Spreads', href: route.to('spreads') },
      ],
    };
  }
  const [from, to] = [book.period.start, `${Number(book.period.end.slice(0, 4)) + 1}${book.period.end.slice(4)}`];
  if (OF_MONTHS.includes(screen) && spread !== '' && !(/^\d{4}-(0[1-9]|1[0-2])$/.test(spread) && spread >= from && spread <= to)) {
    const near = spread > to && /^\d{4}-/.test(spread) ? to : from;
    return {
      says: `Dates are kept for the months of the book, and a year after; “${spread.slice(0, 80)}” is none of them.`,
      nearest: [
        {
          name: `To ${new Date(`${near}-01T00:00Z`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' })}`,
          href: route.to(screen, near),
        },
      ],
    };
  }
  return null;
}
