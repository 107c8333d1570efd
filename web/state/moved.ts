// What an edit moved, in words: spreads that stand on other pages now, the first month whose pages begin elsewhere, pages left empty.
import type { Book } from '../api/client';

/** Of more than these, how many there are is said. */
const NAMED = 3;

const listed = (names: string[]) =>
  names.length > NAMED
    ? `${names.slice(0, NAMED - 1).join(', ')} and ${names.length - NAMED + 1} more`
    : names.length > 1
      ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
      : names.join('');

/** "" where nothing is elsewhere. */
export function movedBy(before: Book | null, after: Book): string {
  if (!before || before.id !== after.id || before.book !== after.book) return '';
  const were = new Map(before.spreads.map((one) => [one.id, one.page]));
  const far = (one: Book['spreads'][number]) => Math.abs((one.page ?? 0) - (were.get(one.id) ?? 0));
  // What went furthest is what was moved; the others made room.
  const spreads = after.spreads
    .filter((one) => {
      const was = were.get(one.id);
      return was !== undefined && was !== null && one.page !== null && was !== one.page;
    })
    .sort((one, other) => far(other) - far(one));
  const begun = new Map(before.months.map((one) => [one.month, one.page]));
  const month = after.months.find((one) => begun.has(one.month) && begun.get(one.month) !== one.page && one.page !== null);
  const empty = (book: Book) => book.pages.filter((one) => one.is === 'empty').map((one) => one.page);
  const had = new Set(empty(before));
  const left = empty(after).filter((page) => !had.has(page));
  const said = [
    spreads.length > 0 && spreads.length <= NAMED ? listed(spreads.map((one) => `${one.title} moved to ${one.page}`)) : '',
    spreads.length > NAMED ? `${spreads[0]?.title} moved to ${spreads[0]?.page}, and ${spreads.length - 1} others moved` : '',
    month ? `${month.name} begins on ${month.page}` : '',
    left.length === 1 ? `page ${left[0]} is empty` : left.length > 1 ? `pages ${listed(left.map(String))} are empty` : '',
  ].filter((one) => one !== '');
  const whole = said.join('; ');
  return whole === '' ? '' : `${whole[0]?.toUpperCase()}${whole.slice(1)}.`;
}
