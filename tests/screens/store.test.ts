// A browser whose database is blocked, or answers nothing: what is ticked is sent all the same, once.
import { beforeEach, expect, test, vi } from 'vitest';

const opening = vi.hoisted(() => ({ as: 'blocked' as 'blocked' | 'silent' }));
vi.mock('idb', () => ({
  openDB: () => (opening.as === 'blocked' ? Promise.reject(new Error('blocked')) : new Promise(() => {})),
}));

const storage = new Map<string, string>();
vi.stubGlobal('localStorage', {
  getItem: (key: string) => storage.get(key) ?? null,
  setItem: (key: string, value: string) => void storage.set(key, value),
  removeItem: (key: string) => void storage.delete(key),
  key: (nth: number) => [...storage.keys()][nth] ?? null,
  get length() {
    return storage.size;
  },
});

beforeEach(() => {
  storage.clear();
  vi.resetModules();
});

for (const as of ['blocked', 'silent'] as const) {
  test(`a database that is ${as} loses no tick`, async () => {
    opening.as = as;
    const sent: string[] = [];
    let reached = false;
    vi.stubGlobal('fetch', async (_: string, init: { body: string }) => {
      if (!reached) throw new TypeError('failed to fetch');
      sent.push(...JSON.parse(init.body).changes.map((one: { step: string }) => one.step));
      return { status: 200, json: async () => ({ ticks: 1 }) };
    });
    const { outbox } = await import('../../web/offline/outbox');
    const { reach } = await import('../../web/offline/reach.svelte');
    await Promise.all(['a1', 'a2', 'a3'].map((step) => outbox.tick('n1', 'key', step, true)));
    expect([sent, reach.waiting]).toEqual([[], 3]);
    expect(storage.size).toBeGreaterThan(0);

    reached = true;
    await outbox.flush();
    expect([sent, reach.waiting]).toEqual([['a1', 'a2', 'a3'], 0]);
    await outbox.flush();
    expect(sent).toHaveLength(3);
  }, 30_000);
}
