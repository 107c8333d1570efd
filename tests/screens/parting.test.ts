import { expect, test } from 'vitest';
import type { Book, Edit, Parts } from '../../web/api/client';
import { below, parent, PartingState } from '../../web/parting/parting.svelte';

/** A title of 3 boxes, and two parts side by side below: 12, skip 2, 12. */
const PAGE = {
  parts: [
    { path: '0', sheet: 0, x: 0, y: 0, wide: 26, tall: 3 },
    { path: '1.0', sheet: 0, x: 0, y: 3, wide: 12, tall: 35 },
    { path: '1.1', sheet: 0, x: 14, y: 3, wide: 12, tall: 35 },
  ],
  divisions: [
    {
      path: '',
      sheet: 0,
      way: 'down',
      x: 0,
      y: 0,
      wide: 26,
      tall: 38,
      sizes: [{ needed: true }, { share: 1 }],
      stretches: [
        [0, 3],
        [3, 35],
      ],
    },
    {
      path: '1',
      sheet: 0,
      way: 'across',
      x: 0,
      y: 3,
      wide: 26,
      tall: 35,
      sizes: [{ share: 1 }, { share: 1 }],
      stretches: [
        [0, 12],
        [14, 12],
      ],
    },
  ],
} as unknown as Parts;

function state() {
  const sent: Edit[] = [];
  // As the open book has them: one after another.
  let turn: Promise<boolean> = Promise.resolve(true);
  const parting = new PartingState(
    () => ({}) as Book,
    () => 'page',
    (edit, then) =>
      (turn = turn.then(async () => {
        sent.push(edit());
        await then();
        return true;
      })),
  );
  parting.fetched.value = PAGE;
  parting.load = async () => PAGE;
  return { parting, sent };
}

test('a part knows the division it is of, and which of its parts it is', () => {
  const { parting } = state();
  parting.choose('1.1');
  expect([parting.part?.x, parting.around?.path, parting.nth]).toEqual([14, '1', 1]);
  parting.out();
  expect([parting.part, parting.division?.path, parting.around?.path]).toEqual([null, '1', '']);
  parting.out();
  parting.out();
  expect([parting.at, parting.around]).toEqual(['', null]);
});

test('keys go round all parts in the order they stand in', () => {
  const { parting } = state();
  parting.choose('1.1');
  parting.step(1);
  expect(parting.at).toBe('0');
  parting.step(-1);
  expect(parting.at).toBe('1.1');
});

test('a line stands behind each part but the last, and may go until a part has a box left', () => {
  const { parting } = state();
  const lines = parting.lines;
  expect(lines.map((line) => [line.division.path, line.from, line.to])).toEqual([
    ['', 3, 3],
    ['1', 12, 14],
  ]);
  expect(parting.bounds(lines[1]!)).toEqual([-11, 11]);
});

test('what is chosen follows what was changed', async () => {
  for (const [at, change, then] of [
    ['1.0', { do: 'divide', way: 'down', parts: 2 }, '1.0.0'],
    ['1.0', { do: 'swap' }, '1.1'],
    ['1.1', { do: 'swap' }, '1.0'],
    ['1.0', { do: 'join' }, '1'],
    ['1.0', { do: 'fill', fill: 'log' }, '1.0'],
  ] as const) {
    const { parting, sent } = state();
    parting.choose(at);
    await parting.change(change);
    expect([sent, parting.at]).toEqual([[{ type: 'part-page', spread: 'page', at, ...change }], then]);
  }
});

test('what is pressed while an older change is on its way is of what that makes', async () => {
  const { parting, sent } = state();
  parting.choose('1.0');
  const presses = [
    parting.change({ do: 'divide', way: 'down', parts: 2 }),
    parting.change({ do: 'fill', fill: 'words' }),
    parting.change({ do: 'divide', way: 'across', parts: 2 }),
  ];
  // Another part chosen meanwhile stays chosen, and what is pressed then is of that.
  parting.choose('1.1');
  presses.push(parting.change({ do: 'fill', fill: 'log' }));
  await Promise.all(presses);
  expect(sent.map((edit) => (edit as { at: string }).at)).toEqual(['1.0', '1.0.0', '1.0.0', '1.1']);
  expect(parting.at).toBe('1.1');
});

test('a line let go where it was taken changes nothing', async () => {
  const { parting, sent } = state();
  await parting.draw(parting.lines[1]!, 0);
  await parting.drop();
  expect([sent, parting.drawn]).toEqual([[], null]);
  await parting.move(parting.lines[1]!, -3);
  expect(sent).toEqual([{ type: 'part-page', spread: 'page', at: '1', do: 'move', part: 0, by: -3 }]);
});

test('paths lead to parts and back', () => {
  expect([below('', 2), below('1', 0), parent('1.0'), parent('3')]).toEqual(['2', '1.0', '1', '']);
});

/** An opening: one part on the left page, two on the right. */
const OPENING = {
  parts: [
    { path: '0', sheet: 0, x: 0, y: 0, wide: 26, tall: 38 },
    { path: '1.0', sheet: 1, x: 0, y: 0, wide: 26, tall: 10 },
    { path: '1.1', sheet: 1, x: 0, y: 11, wide: 26, tall: 27 },
  ],
  divisions: [
    {
      path: '1',
      sheet: 1,
      way: 'down',
      x: 0,
      y: 0,
      wide: 26,
      tall: 38,
      sizes: [{ boxes: 10 }, { share: 1 }],
      stretches: [
        [0, 10],
        [11, 27],
      ],
    },
  ],
} as unknown as Parts;

test('of an opening the page of the chosen part is shown, its parts and lines alone', async () => {
  const { parting, sent } = state();
  parting.fetched.value = OPENING;
  parting.load = async () => OPENING;
  parting.choose('0');
  expect([parting.sheet, parting.parts.length, parting.lines.length]).toEqual([0, 1, 0]);
  parting.turn(1);
  expect([parting.sheet, parting.at, parting.parts.length, parting.lines.length]).toEqual([1, '1.1', 2, 1]);
  // Keys stay on the page.
  parting.step(1);
  expect(parting.at).toBe('1.0');
  await parting.addPage();
  await parting.removePage();
  expect(sent.map((edit) => (edit as { do: string }).do)).toEqual(['add-page', 'remove-page']);
});
