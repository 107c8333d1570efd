// What an edit moved, in words.
import { describe, expect, test } from 'vitest';
import type { Book } from '../../web/api/client';
import { movedBy } from '../../web/state/moved';

const book = (pages: Record<string, number | null>, more: Partial<Record<'months' | 'empty', number[]>> = {}, id = 'n') =>
  ({
    id,
    book: '1',
    spreads: Object.entries(pages).map(([title, page]) => ({ id: title, title, page })),
    months: (more.months ?? []).map((page, nth) => ({ month: `2027-0${nth + 1}`, name: `Month ${nth + 1}`, page })),
    pages: (more.empty ?? []).map((page) => ({ page, is: 'empty' })),
  }) as unknown as Book;

describe('what an edit moved', () => {
  test('nothing, another book, and what has no page yet are not said', () => {
    expect(movedBy(book({ Key: 2 }), book({ Key: 2 }))).toBe('');
    expect(movedBy(null, book({ Key: 2 }))).toBe('');
    expect(movedBy(book({ Key: 2 }), book({ Key: 3 }, {}, 'other'))).toBe('');
    expect(movedBy(book({ Key: null }), book({ Key: 3, Quote: 4 }))).toBe('');
    expect(movedBy(book({ Key: 3 }), book({ Key: null }))).toBe('');
  });

  test('a spread, two, three by their pages; of more the one that went furthest', () => {
    expect(movedBy(book({ Key: 2 }), book({ Key: 6 }))).toBe('Key moved to 6.');
    expect(movedBy(book({ Key: 2, Index: 3 }), book({ Key: 6, Index: 2 }))).toBe('Key moved to 6 and Index moved to 2.');
    expect(movedBy(book({ a: 1, b: 2, c: 3, d: 4 }), book({ a: 2, b: 3, c: 4, d: 1 }))).toBe('D moved to 1, and 3 others moved.');
  });

  test('pages that are left empty, and the first month that begins elsewhere', () => {
    expect(movedBy(book({ Key: 2 }), book({ Key: 6 }, { empty: [2] }))).toBe('Key moved to 6; page 2 is empty.');
    expect(movedBy(book({}, { empty: [1] }), book({}, { empty: [1, 4, 9] }))).toBe('Pages 4 and 9 are empty.');
    expect(movedBy(book({}, { months: [18, 30] }), book({}, { months: [20, 32] }))).toBe('Month 1 begins on 20.');
  });
});
