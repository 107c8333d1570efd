import { expect, test } from 'vitest';
import type { Book, Catalogue, Comparison, Edit } from '../../web/api/client';
import { CompareState } from '../../web/compare/compare.svelte';
import { MonthsState } from '../../web/months/months.svelte';
import { merged } from '../../web/api/client';
import { DrawerState } from '../../web/spreads/drawer.svelte';
import { SpreadsState } from '../../web/spreads/spreads.svelte';

/** As much of a book as these screens read: spreads named after their pages. */
function book(spreads: [string, string, number | null][]): Book {
  return {
    book: '1',
    sections: [
      { id: 'front', words: 'Front pages', may_mix: true },
      { id: 'goals', words: 'Goals', may_mix: true },
    ],
    spreads: spreads.map(([id, section, page]) => ({ id, section, page })),
  } as unknown as Book;
}

function state(open: { book: Book }, answer: (edit: Edit) => Book | null = () => null) {
  const sent: Edit[] = [];
  const spreads = new SpreadsState(
    () => open.book,
    async (edit) => {
      sent.push(edit);
      const next = answer(edit);
      if (next) open.book = next;
      return next !== null;
    },
    { id: null },
  );
  return { spreads, sent };
}

const THREE: [string, string, number | null][] = [
  ['key', 'front', 3],
  ['cover', 'front', 2],
  ['goals', 'goals', 4],
];

test('keys go through the spreads in the order of their pages, and stop at either end', () => {
  const { spreads } = state({ book: book(THREE) });
  expect([spreads.step(1)?.id, spreads.step(1)?.id, spreads.step(1)?.id, spreads.step(1)]).toEqual(['cover', 'key', 'goals', null]);
  expect(spreads.chosen?.id).toBe('goals');
  spreads.choose('goals');
  expect(spreads.step(-1)?.id, 'from none back to the last').toBe('goals');
});

test('the words of a section stand above its first spread, on its first page', () => {
  const open = { book: book(THREE) };
  const { spreads } = state(open);
  const of = (id: string, nth = 0) => spreads.heading(open.book.spreads.find((one) => one.id === id) ?? null, nth);
  expect([of('cover'), of('key'), of('goals'), of('goals', 1), of('none')]).toEqual(['Front pages', '', 'Goals', '', '']);
});

test('what is dropped goes before or behind what it was dropped on, in that one’s section', () => {
  const { spreads, sent } = state({ book: book([...THREE, ['areas', 'goals', 5]]) });
  for (const [dragged, target, after] of [
    ['key', 'goals', false],
    ['key', 'goals', true],
    ['key', 'areas', true],
    ['key', 'key', true],
  ] as const) {
    spreads.dragged = dragged;
    spreads.drop(target, after);
  }
  spreads.drop('goals', true);
  expect(sent).toEqual([
    { type: 'move-spread', spread: 'key', section: 'goals', before: 'goals' },
    { type: 'move-spread', spread: 'key', section: 'goals', before: 'areas' },
    { type: 'move-spread', spread: 'key', section: 'goals', before: null },
  ]);
});

test('after an edit what stands on another page is said to have moved, and what was added is chosen', async () => {
  const open = { book: book(THREE) };
  const { spreads } = state(open, () =>
    book([
      ['key', 'front', 3],
      ['cover', 'front', 5],
      ['goals', 'goals', 4],
      ['quote', 'front', 2],
    ]),
  );
  expect((await spreads.add('quote'))?.id).toBe('quote');
  expect(spreads.chosenId).toBe('quote');
  expect(open.book.spreads.filter((one) => spreads.moved(one)).map((one) => one.id)).toEqual(['cover']);
});

test('a refused spread is not chosen', async () => {
  const { spreads } = state({ book: book(THREE) });
  expect(await spreads.add('quote')).toBeNull();
  expect(spreads.chosenId).toBeNull();
});

test('the last page of a month: nothing takes it back, a number is one, words go as they are', () => {
  expect(['', '  ', '31', ' 31 ', '0', '3.5', 'x'].map((said) => MonthsState.page(said))).toEqual([null, null, 31, 31, 0, '3.5', 'x']);
});

test('the pattern in the editor is the shared one until another is chosen, and again when that is gone', () => {
  const open = {
    patterns: [{ id: 'plain' }, { id: 'rich' }],
    usual_pattern: 'plain',
    months: [{ month: '2027-01', pages: 7 }],
  } as unknown as Book;
  const months = new MonthsState(() => open);
  expect(months.pattern.id).toBe('plain');
  months.edited = 'rich';
  expect(months.pattern.id).toBe('rich');
  months.edited = 'gone';
  expect(months.pattern.id).toBe('plain');
  months.chosen = '2027-01';
  expect([months.month?.pages, months.longest]).toEqual([7, 7]);
});

test('layouts are sorted by what is chosen, and lines are looked at in the busiest place unless another is', async () => {
  const candidate = (name: string, lines: number, pages: number) => ({
    name,
    pages,
    rooms: [{ for: '2027-12', name: 'December', lines, wide: '12' }],
    fewest_lines: lines,
    all_lines: lines,
    shown: 0,
    limits: [],
    minutes: { least: 1, likely: 2, most: 3, says: '1 to 3 min' },
  });
  const compare = new CompareState();
  await compare.layouts.load(
    async () =>
      ({
        candidates: [candidate('six', 4, 2), candidate('rows', 9, 1), candidate('four', 6, 3)],
        best: 2,
        busiest: '2027-12',
      }) as unknown as Comparison,
  );
  expect(compare.shown.map((one) => one.name)).toEqual(['six', 'rows', 'four']);
  expect([compare.at, compare.best?.name, compare.close]).toEqual(['2027-12', 'four', null]);
  compare.by = 'at';
  expect(compare.shown.map((one) => one.name)).toEqual(['rows', 'four', 'six']);
  compare.by = 'pages';
  expect(compare.shown.map((one) => one.name)).toEqual(['rows', 'six', 'four']);
  expect(compare.rows.map((one) => one.id)).not.toContain('shown');
  compare.place = 'no such place';
  expect(compare.at).toBe('2027-12');
});

function drawer(own: { kind: string; name: string; section: string; purpose: string; names: string[] }[] = []) {
  const kinds = [
    { kind: 'books-read', name: 'Books read', section: 'goals', purpose: 'A row a book.', names: ['reading log', 'library'] },
    { kind: 'key', name: 'Key', section: 'front', purpose: 'What the signs mean.', names: [] },
  ];
  return new DrawerState(
    () => ({ spreads: kinds }) as unknown as Catalogue,
    () => ({ ...book(THREE), spreads: [{ kind: 'key' }, { kind: 'key' }], kinds: own }) as unknown as Book,
  );
}

test('the drawer finds a kind by any word for it, and by all words asked for', () => {
  const kinds = drawer();
  const found = (words: string) => {
    kinds.words = words;
    return kinds.sections.flatMap((section) => section.kinds.map((kind) => kind.kind));
  };
  expect(found('')).toEqual(['key', 'books-read']);
  expect([found('LIBRARY'), found('reading books'), found('reading signs'), found('signs')]).toEqual([
    ['books-read'],
    ['books-read'],
    [],
    ['key'],
  ]);
});

test('a kind looked at twice is put back, and the drawer knows how often it is in the book', () => {
  const kinds = drawer();
  kinds.look('key');
  expect([kinds.kind?.name, kinds.times('key'), kinds.times('books-read')]).toEqual(['Key', 2, 0]);
  kinds.look('key');
  expect(kinds.kind).toBeNull();
});

test('what the person made stands in the drawer too, taken into the plan before it is added', async () => {
  const made = (kind: string) => ({ kind, name: kind, section: 'goals', purpose: '', names: [] });
  const kinds = drawer([made('own-here')]);
  kinds.drawn.value = { kept: [made('own-here'), made('own-there')].map((kind) => ({ kind, own: { id: kind.kind } })), kinds: [] } as never;
  expect(kinds.sections.flatMap((section) => section.kinds.map((kind) => kind.kind))).toEqual([
    'key',
    'books-read',
    'own-here',
    'own-there',
  ]);
  expect([kinds.toTakeIn('own-here'), kinds.toTakeIn('own-there'), kinds.toTakeIn('key')]).toEqual([
    null,
    { type: 'add-kind', own: { id: 'own-there' } },
    null,
  ]);
  expect([kinds.isOwn('key'), kinds.isOwn('own-there')]).toEqual([false, true]);
  const done: string[] = [];
  const edit = async () => (done.push('edit'), true);
  const forget = async (kind: string) => void done.push(kind);
  await kinds.takeOut('own-there', edit, forget);
  await kinds.takeOut('own-here', edit, forget);
  expect(done, 'only what the plan has is taken out of it').toEqual(['own-there', 'edit', 'own-here']);
});

test('of a long list only the stretches that are others are sent, and put in their places', () => {
  const pages = (from: number, to: number) => Array.from({ length: to - from }, (_, i) => ({ page: from + i }));
  const whole = {
    id: 'a',
    version: 1,
    pages: pages(1, 21),
    parts: { pages: 'x', 'pages/0': 'a', 'pages/1': 'b', 'pages/2': 'c', index: 'i' },
  };
  const after = merged(
    whole as never,
    {
      version: 2,
      parts: { pages: 'y', 'pages/1': 'd' },
      some: { pages: { of: 10, each: 8, at: { 1: [{ page: 90 }, { page: 91 }] } } },
    } as never,
  );
  expect(after.pages.map((one) => one.page)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 90, 91]);
  // The third stretch is gone; were it kept as known, it would not be sent when the list grows again.
  expect(after.parts).toEqual({ pages: 'y', 'pages/0': 'a', 'pages/1': 'd', index: 'i' });
  const longer = merged(after, {
    parts: { pages: 'z', 'pages/1': 'e', 'pages/2': 'f' },
    some: { pages: { of: 18, each: 8, at: { 1: pages(9, 17), 2: pages(17, 19) } } },
  } as never);
  expect(longer.pages).toEqual(pages(1, 19));
  expect((whole.pages as unknown[]).length).toBe(20);
});
