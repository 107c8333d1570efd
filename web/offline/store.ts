// What is kept on this device: answers of the program, and what was ticked or settled while it was not reached.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Edit } from '../api/client';
import { jot, jotted } from './jotted';

export type Waiting = { of: string; at: number } & (
  { is: 'tick'; id: string; drawing: string; step: string; done: boolean } | { is: 'edit'; book: string; edit: Edit }
);

interface Kept extends DBSchema {
  answers: { key: string; value: { path: string; body: unknown; at: number }; indexes: { at: number } };
  waiting: { key: number; value: Waiting };
}

/** Answers that are kept: an evening's openings and more, not a whole shelf of books. */
const MOST = 400;

let opened: Promise<IDBPDatabase<Kept>> | null = null;
function database(): Promise<IDBPDatabase<Kept>> {
  opened ??= openDB<Kept>('ample-margin', 1, {
    upgrade(database) {
      database.createObjectStore('answers', { keyPath: 'path' }).createIndex('at', 'at');
      database.createObjectStore('waiting', { autoIncrement: true });
    },
  });
  return opened;
}

/** What a page that was left had only written down, before anything else is asked of what waits. */
let gathered: Promise<void> | null = null;
const leftBehind = jotted();
async function gather(): Promise<void> {
  if (leftBehind.length === 0) return;
  const known = new Set((await (await database()).getAll('waiting')).map((one) => JSON.stringify(one)));
  for (const { change, strike } of leftBehind) {
    if (!known.has(JSON.stringify(change))) await (await database()).add('waiting', change);
    strike();
  }
}

/** Answers that are wanted beside the open book. */
const WANTED = /^\/(catalogue|languages|notebooks\?from=0$|notebooks\/[^/?]+(\/(openings\/\d+|sittings|dates\/transfer)|)(\?.*)?)$/;

/** The path without what changes from minute to minute. */
const named = (path: string) => path.replace(/([?&])now=[^&]*&?/, '$1').replace(/[?&]$/, '');

export const store = {
  isWanted: (path: string) => WANTED.test(path),

  async keep(path: string, body: unknown): Promise<void> {
    try {
      const kept = await database();
      await kept.put('answers', { path: named(path), body, at: Date.now() });
      const count = await kept.count('answers');
      if (count <= MOST) return;
      const work = kept.transaction('answers', 'readwrite');
      let oldest = await work.store.index('at').openCursor();
      for (let left = count - MOST; oldest && left > 0; left--) {
        await oldest.delete();
        oldest = await oldest.continue();
      }
      await work.done;
    } catch {
      // A browser that keeps nothing works as before, with the network.
    }
  },

  async kept(path: string): Promise<unknown> {
    try {
      return (await (await database()).get('answers', named(path)))?.body;
    } catch {
      return undefined;
    }
  },

  async wait(change: Waiting): Promise<void> {
    const strike = jot(change);
    try {
      await (await database()).add('waiting', change);
    } finally {
      strike();
    }
  },

  async waiting(): Promise<{ key: number; change: Waiting }[]> {
    try {
      await (gathered ??= gather());
      const kept = (await database()).transaction('waiting');
      const found: { key: number; change: Waiting }[] = [];
      for (let one = await kept.store.openCursor(); one; one = await one.continue()) found.push({ key: one.key, change: one.value });
      return found;
    } catch {
      return [];
    }
  },

  async sent(keys: number[]): Promise<void> {
    const work = (await database()).transaction('waiting', 'readwrite');
    await Promise.all([...keys.map((key) => work.store.delete(key)), work.done]);
  },
};
