// What is ticked stays ticked, whatever is fetched, sent or ticked elsewhere at the same moment.
import { beforeEach, expect, test, vi } from 'vitest';
import type { Opening } from '../../web/api/client';
import type { Waiting } from '../../web/offline/store';

const outside = vi.hoisted(() => ({ waiting: [] as Waiting[], opening: null as unknown, during: () => {} }));
vi.mock('../../web/offline/outbox', () => ({
  outbox: {
    waitingFor: async () => [...outside.waiting],
    tick: async () => {},
    onTicks: () => {},
  },
}));
vi.mock('../../web/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    opening: async () => {
      const answer = structuredClone(outside.opening);
      outside.during();
      return answer;
    },
  },
}));
vi.mock('../../web/state/book.svelte', () => ({
  open: { book: null, foreign: 0, outdated: async () => {}, edit: async () => true },
  asProblem: (error: unknown) => error,
}));

import { BenchState } from '../../web/bench/bench.svelte';
import { open } from '../../web/state/book.svelte';

const book = { id: 'n1', book: '1', stock: { pages: 192 } } as never;
const step = (key: string, text = key) => ({ key, number: 1, task: 'ink', text, edge: null, ticks: [], note: null, page: 8 });
const shown = (ticked: string[], keys = ['a1', 'a2', 'a3'], version = 1) =>
  ({
    version,
    ticks: 0,
    left: 8,
    last: 190,
    groups: [{ drawing: 'log', title: 'Log', steps: keys.map((key) => step(key)), findings: [], copying: [] }],
    ticked: ticked.map((key) => ({ drawing: 'log', step: key })),
    timing: [],
  }) as unknown as Opening;
const tick = (key: string, done = true): Waiting => ({ of: 'n1', at: 0, is: 'tick', id: key, drawing: 'log', step: key, done });

beforeEach(() => {
  outside.waiting = [];
  outside.opening = shown([]);
  outside.during = () => {};
  open.foreign = 0;
});

test('what waits on the device is shown as it will be', async () => {
  outside.opening = shown(['a1']);
  outside.waiting = [tick('a2'), tick('a1', false)];
  const bench = new BenchState();
  await bench.load(book, 8);
  expect(['a1', 'a2', 'a3'].map((key) => bench.isTicked('log', key))).toEqual([false, true, false]);
});

test('a tick that is sent while the page is fetched is in the one or the other', async () => {
  outside.waiting = [tick('a1')];
  // Sent and taken off the device after the page was answered without it.
  outside.during = () => (outside.waiting = []);
  const bench = new BenchState();
  await bench.load(book, 8);
  expect(bench.isTicked('log', 'a1')).toBe(true);
  outside.waiting = [tick('a2')];
  outside.opening = shown(['a1']);
  await bench.look(book);
  expect([bench.isTicked('log', 'a1'), bench.isTicked('log', 'a2')]).toEqual([true, true]);
});

test('what is ticked while the page is fetched stays ticked', async () => {
  const bench = new BenchState();
  await bench.load(book, 8);
  outside.during = () => void bench.tick('n1', 'log', 'a3', true);
  await bench.look(book);
  expect(bench.isTicked('log', 'a3')).toBe(true);
});

test('what was ticked elsewhere is shown, and the step at hand stays', async () => {
  const bench = new BenchState();
  await bench.load(book, 8);
  bench.turn(1);
  outside.opening = shown(['a1']);
  await bench.look(book);
  expect(bench.isTicked('log', 'a1')).toBe(true);
  expect(bench.current?.step.key).toBe('a2');
});

test('a plan edited elsewhere says which steps are gone and which are new, and one edited here does not', async () => {
  const bench = new BenchState();
  await bench.load(book, 8);
  outside.opening = shown([], ['a1', 'a3', 'a4'], 2);
  open.foreign = 2;
  await bench.load(book, 8);
  expect(bench.changed).toEqual(['Page 8, no more: a2', 'Page 8, new: a4']);
  bench.changed = [];
  outside.opening = shown([], ['a1', 'a4'], 3);
  await bench.load(book, 8);
  expect(bench.changed).toEqual([]);
});
