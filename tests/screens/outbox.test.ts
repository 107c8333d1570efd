// What is ticked beside the book is kept on the device first, and sent once: with and without the program, whatever it answers.
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Waiting } from '../../web/offline/store';

const kept = vi.hoisted(() => ({ waiting: new Map<number, Waiting>(), next: 1, forgotten: 0 }));
vi.mock('../../web/offline/store', () => ({
  store: {
    wait: async (change: Waiting) => void kept.waiting.set(kept.next++, change),
    waiting: async () => [...kept.waiting].map(([key, change]) => ({ key, change })),
    sent: async (keys: number[]) => keys.forEach((key) => kept.waiting.delete(key)),
    isWanted: () => false,
    forget: async () => void kept.forgotten++,
  },
}));

import { outbox } from '../../web/offline/outbox';
import { reach } from '../../web/offline/reach.svelte';

interface Call {
  method: string;
  path: string;
  body: { changes?: { id: string; step: string; ago: number; done: boolean }[]; version?: number; edit?: unknown };
}
let calls: Call[] = [];
/** What the program answers, one call after another; the last goes on. Null: it is not reached. */
let answers: ({ status: number; body?: unknown } | null)[] = [];

beforeEach(() => {
  kept.waiting.clear();
  calls = [];
  answers = [{ status: 200, body: { version: 1, ticks: 1 } }];
  Object.assign(reach, { lost: false, waiting: 0, refused: '' });
  vi.stubGlobal('fetch', async (path: string, init: { method: string; body?: string }) => {
    const answer = answers.length > 1 ? answers.shift() : answers[0];
    if (!answer) throw new TypeError('failed to fetch');
    calls.push({ method: init.method, path, body: JSON.parse(init.body ?? '{}') });
    return { status: answer.status, json: async () => answer.body ?? {} };
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('a device that is not paired any more', () => {
  it('forgets what it fetched, and keeps what waits to be sent', async () => {
    kept.forgotten = 0;
    answers = [{ status: 401 }];
    await outbox.tick('n1', 'key', 'abc', true);
    expect([kept.forgotten, kept.waiting.size]).toEqual([1, 1]);
    expect(reach.refused).toContain('What it fetched is deleted');
  });
});

describe('ticks', () => {
  it('are sent at once where the program answers, and wait for nothing then', async () => {
    const told: [string, number][] = [];
    outbox.onTicks = (of, ticks) => told.push([of, ticks]);
    await outbox.tick('n1', 'key', 'abc', true);
    expect(calls).toHaveLength(1);
    expect(calls[0]?.path).toBe('/api/notebooks/n1/ticks');
    expect(calls[0]?.body.changes?.[0]).toMatchObject({ drawing: 'key', step: 'abc', done: true });
    expect(told).toEqual([['n1', 1]]);
    expect([kept.waiting.size, reach.waiting, reach.lost]).toEqual([0, 0, false]);
  });

  it('wait while it is not reached, and are sent in their order under the same names', async () => {
    answers = [null];
    for (const step of ['a1', 'a2', 'a3']) await outbox.tick('n1', 'key', step, true);
    expect([calls.length, kept.waiting.size, reach.waiting, reach.lost]).toEqual([0, 3, 3, true]);
    const names = [...kept.waiting.values()].map((one) => (one.is === 'tick' ? one.id : ''));
    expect(new Set(names).size).toBe(3);
    answers = [{ status: 200, body: { ticks: 3 } }];
    await outbox.flush();
    expect(calls).toHaveLength(1);
    expect(calls[0]?.body.changes?.map((one) => one.step)).toEqual(['a1', 'a2', 'a3']);
    expect(calls[0]?.body.changes?.map((one) => one.id)).toEqual(names);
    expect([kept.waiting.size, reach.waiting, reach.lost]).toEqual([0, 0, false]);
  });

  it('are sent again under the same name where the answer was lost', async () => {
    vi.stubGlobal('fetch', async (path: string, init: { method: string; body: string }) => {
      calls.push({ method: init.method, path, body: JSON.parse(init.body) });
      if (calls.length === 1) throw new TypeError('connection reset');
      return { status: 200, json: async () => ({ ticks: 1 }) };
    });
    await outbox.tick('n1', 'key', 'abc', true);
    await outbox.flush();
    expect(calls.map((one) => one.body.changes?.[0]?.id)).toEqual([calls[0]?.body.changes?.[0]?.id, calls[0]?.body.changes?.[0]?.id]);
    expect(kept.waiting.size).toBe(0);
  });

  it('say how long ago they were, and never that they are yet to come', async () => {
    vi.useFakeTimers({ now: new Date('2026-12-20T19:00:00Z') });
    answers = [null];
    await outbox.tick('n1', 'key', 'early', true);
    vi.setSystemTime(new Date('2026-12-20T19:30:00Z'));
    await outbox.tick('n1', 'key', 'late', true);
    // The clock is put back meanwhile.
    vi.setSystemTime(new Date('2026-12-20T19:20:00Z'));
    answers = [{ status: 200, body: { ticks: 2 } }];
    await outbox.flush();
    expect(calls[0]?.body.changes?.map((one) => one.ago)).toEqual([20 * 60_000, 0]);
  });

  it('of several notebooks and more than five hundred go out in parts, each to its own', async () => {
    answers = [null];
    for (let i = 0; i < 620; i++) await outbox.tick(i % 31 === 0 ? 'n2' : 'n1', 'key', `s${i}`, true);
    answers = [{ status: 200, body: { ticks: 9 } }];
    await outbox.flush();
    const sent = calls.map((one) => [one.path.split('/')[3], one.body.changes?.length ?? 0]);
    expect(sent.every(([, count]) => Number(count) <= 500)).toBe(true);
    const count = (of: string) => sent.filter(([to]) => to === of).reduce((sum, [, some]) => sum + Number(some), 0);
    expect([count('n1'), count('n2')]).toEqual([600, 20]);
    expect(kept.waiting.size).toBe(0);
  });

  it('are sent once, however many ask at the same moment', async () => {
    answers = [null];
    await outbox.tick('n1', 'key', 'abc', true);
    answers = [{ status: 200, body: { ticks: 1 } }];
    await Promise.all([outbox.flush(), outbox.flush(), outbox.flush()]);
    expect(calls).toHaveLength(1);
  });

  it.each([500, 503, 401])('stay where the program answers %i', async (status) => {
    answers = [{ status, body: { detail: 'The disk is full.' } }];
    await outbox.tick('n1', 'key', 'abc', true);
    expect(kept.waiting.size).toBe(1);
    expect(reach.refused).toMatch(status === 401 ? /not paired any more/ : /The disk is full/);
  });

  it('are given up, and said, where they can never be taken', async () => {
    answers = [{ status: 404, body: { detail: 'There is no such notebook on the shelf.' } }];
    await outbox.tick('n1', 'key', 'abc', true);
    expect(kept.waiting.size).toBe(0);
    expect(reach.refused).toContain('There is no such notebook on the shelf.');
  });
});

describe('edits', () => {
  const settle = { type: 'settle-date', key: 'fee@2027-01-01', as: 'copied' } as never;

  it('are made against the plan as it stands then', async () => {
    answers = [{ status: 200, body: { version: 7, ticks: 0 } }, { status: 200 }];
    await outbox.edit('n1', '1', settle);
    expect(calls.map((one) => `${one.method} ${one.path}`)).toEqual(['GET /api/notebooks/n1/state', 'POST /api/notebooks/n1/edits']);
    expect(calls[1]?.body).toMatchObject({ version: 7, edit: settle });
    expect(kept.waiting.size).toBe(0);
  });

  it('are tried again where it changes between', async () => {
    answers = [{ status: 200, body: { version: 7 } }, { status: 409, body: { current: { version: 9 } } }, { status: 200 }];
    await outbox.edit('n1', '2', settle);
    expect(calls.map((one) => one.body.version)).toEqual([undefined, 7, 9]);
    expect(calls[2]?.path).toBe('/api/notebooks/n1/edits?book=2');
    expect(kept.waiting.size).toBe(0);
  });

  it('stay where it changes every time, and go out before the ticks after them', async () => {
    answers = [
      { status: 200, body: { version: 1 } },
      { status: 409, body: { current: { version: 2 } } },
    ];
    await outbox.edit('n1', '1', settle);
    await outbox.tick('n1', 'key', 'abc', true);
    expect(kept.waiting.size).toBe(2);
    calls = [];
    answers = [{ status: 200, body: { version: 3, ticks: 1 } }];
    await outbox.flush();
    expect(calls.map((one) => one.path.split('/').pop())).toEqual(['state', 'edits', 'ticks']);
    expect(kept.waiting.size).toBe(0);
  });

  it('that the plan refuses are given up in its words', async () => {
    answers = [
      { status: 200, body: { version: 7 } },
      { status: 422, body: { detail: 'There is no such date any more.' } },
    ];
    await outbox.edit('n1', '1', settle);
    expect(kept.waiting.size).toBe(0);
    expect(reach.refused).toContain('There is no such date any more.');
  });
});

describe('what is said of it', () => {
  it.each([
    [false, 0, ''],
    [false, 1, 'One change is kept on this device and being sent.'],
    [true, 0, 'The program is not reached. What you tick is kept on this device and sent when it is.'],
    [true, 20, 'The program is not reached. 20 changes are kept on this device and sent when it is.'],
  ])('lost %s, waiting %i', (lost, waiting, says) => {
    Object.assign(reach, { lost, waiting });
    expect(reach.says).toBe(says);
  });
});
