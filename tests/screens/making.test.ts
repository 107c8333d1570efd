// What a slip asks for before it is sent, and how an evening goes from page to page.
import { expect, test, vi } from 'vitest';
import { api, type Book, type Sittings } from '../../web/api/client';
import { SittingState } from '../../web/bench/sitting.svelte';
import { SlipState } from '../../web/slips/slips.svelte';

const book = { id: 'a', book: '1' } as Book;

test('nothing is asked before it is said what happened, and what must be measured is waited for', () => {
  const slip = new SlipState(
    () => book,
    async () => true,
  );
  expect(slip.asked).toBeNull();
  slip.pick(12, 4, 18);
  slip.kind = 'count';
  expect(slip.asked).toEqual({ kind: 'count', page: 12, x: 4, y: 18, by: 1 });
  slip.down = false;
  slip.by = -2;
  expect(slip.asked).toEqual({ kind: 'count', page: 12, x: 4, y: 18, by: -2, down: false });
  slip.kind = 'wrong-page';
  expect(slip.asked).toBeNull();
  slip.other = 14;
  expect(slip.asked).toEqual({ kind: 'wrong-page', page: 12, x: 4, y: 18, other: 14 });
  slip.kind = 'sticker';
  slip.wide = 54;
  expect(slip.asked).toBeNull();
  slip.tall = 86;
  expect(slip.asked).toMatchObject({ wide: 54, tall: 86 });
  slip.kind = 'ruined';
  expect(slip.asked).toEqual({ kind: 'ruined', page: 12, x: 4, y: 18 });
});

test('a way that is taken is said once, and one that is refused stays', async () => {
  const answers = [false, true];
  const slip = new SlipState(
    () => book,
    async () => answers.shift() ?? true,
  );
  const way = { say: 'A patch over it', how: '', minutes: 4, corrections: [], edit: { type: 'remove-slip' as const, slip: 'x' } };
  slip.kind = 'figure';
  await slip.take(way);
  expect([slip.kind, slip.saved]).toEqual(['figure', '']);
  await slip.take(way);
  expect([slip.kind, slip.saved]).toEqual(['', 'A patch over it']);
  slip.pick(3, 1, 1);
  expect(slip.saved).toBe('');
});

const act = (is: string, page: number | null, at: number) => ({ is, at, clock: '19:00', minutes: 5, page, says: '' });
const evening = (over: boolean, pages: number[], acts: ReturnType<typeof act>[]) => ({
  over,
  pages: pages.map((page) => ({ page })),
  acts,
});

test('the evening that is next goes from page to page, and ends', async () => {
  vi.spyOn(api, 'sittings').mockResolvedValue({
    evenings: [
      evening(true, [1], [act('draw', 1, 0)]),
      evening(false, [], []),
      evening(false, [6, 8], [act('draw', 6, 0), act('dry', null, 5), act('draw', 8, 9), act('finish', 6, 20)]),
    ],
  } as unknown as Sittings);
  const sitting = new SittingState();
  await sitting.load(book, 6);
  expect(sitting.act).toMatchObject({ is: 'draw', page: 6 });
  expect(sitting.go()).toMatchObject({ is: 'dry' });
  expect(sitting.go()).toMatchObject({ is: 'draw', page: 8 });
  expect(sitting.next).toMatchObject({ is: 'finish', page: 6 });
  sitting.go();
  expect(sitting.go()).toBeNull();
  expect(sitting.act).toMatchObject({ is: 'finish' });
  await sitting.load(book, 40);
  expect(sitting.act).toBeNull();
});

test('a page drawn faster than was thought has no pause left, and none of it is asked again', async () => {
  vi.spyOn(api, 'sittings').mockResolvedValue({
    evenings: [
      evening(false, [7, 8], [act('draw', 7, 0), act('pause', null, 30), act('draw', 7, 35), act('dry', null, 60), act('draw', 8, 64)]),
    ],
  } as unknown as Sittings);
  const sitting = new SittingState();
  await sitting.load(book, 7);
  sitting.through(7);
  expect(sitting.go()).toMatchObject({ is: 'dry' });
  sitting.through(7);
  expect(sitting.go()).toMatchObject({ is: 'draw', page: 8 });
});

test('without an answer the desk goes on page by page', async () => {
  vi.spyOn(api, 'sittings').mockRejectedValue(new Error('gone'));
  const sitting = new SittingState();
  await sitting.load(book, 6);
  expect([sitting.act, sitting.next, sitting.go()]).toEqual([null, null, null]);
});
