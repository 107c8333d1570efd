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

/** Milliseconds the browser's database may take before a change is kept without it: one that is blocked may never answer. */
const PATIENCE = 1_500;

/** Changes that are not in the browser's database: left behind by a page that was left, or refused by a browser that blocks it. */
let beside: { key: number; change: Waiting; strike: () => void }[] = jotted().map((one, nth) => ({ key: -1 - nth, ...one }));
let last = -beside.length;

/** Keys of what was sent, in case the database does not forget it. */
const gone = new Set<number>();

/** Not paired any more: an answer that was on its way then is not kept either. Who pairs again loads the page anew. */
let forgotten = false;

/** Answers that are wanted beside the open book. */
const WANTED = /^\/(catalogue|languages|notebooks\?from=0$|notebooks\/[^/?]+(\/(openings\/\d+|sittings|dates\/transfer)|)(\?.*)?)$/;

/** The path without what changes from minute to minute. */
const named = (path: string) => path.replace(/([?&])now=[^&]*&?/, '$1').replace(/[?&]$/, '');

export const store = {
  isWanted: (path: string) => WANTED.test(path),

  async keep(path: string, body: unknown): Promise<void> {
    try {
      const kept = await database();
      if (forgotten) return;
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

  /** Kept before anything else: written down at once, until the database has it. */
  async wait(change: Waiting): Promise<void> {
    const strike = jot(change);
    try {
      await soon(database().then((one) => one.add('waiting', change)));
      strike();
    } catch {
      beside.push({ key: --last, change, strike });
    }
  },

  async waiting(): Promise<{ key: number; change: Waiting }[]> {
    const found: { key: number; change: Waiting }[] = [];
    try {
      const kept = (await soon(database())).transaction('waiting');
      for (let one = await kept.store.openCursor(); one; one = await one.continue()) found.push({ key: one.key, change: one.value });
    } catch {
      // What was written down waits all the same.
    }
    const known = new Set(found.map(({ change }) => JSON.stringify(change)));
    for (const one of beside) if (known.has(JSON.stringify(one.change))) one.strike();
    beside = beside.filter((one) => !known.has(JSON.stringify(one.change)));
    return [...found, ...beside.map(({ key, change }) => ({ key, change }))]
      .filter(({ key }) => !gone.has(key))
      .sort((one, other) => one.change.at - other.change.at);
  },

  async sent(keys: number[]): Promise<void> {
    for (const key of keys) gone.add(key);
    for (const one of beside) if (gone.has(one.key)) one.strike();
    beside = beside.filter((one) => !gone.has(one.key));
    const kept = keys.filter((key) => key > 0);
    if (kept.length === 0) return;
    try {
      const work = (await database()).transaction('waiting', 'readwrite');
      await Promise.all([...kept.map((key) => work.store.delete(key)), work.done]);
    } catch {
      // Sent once more by the next page; a change has a name, and counts once.
    }
  },

  /** Everything that was fetched is forgotten: this device is not paired any more. What waits to be sent stays. */
  async forget(): Promise<void> {
    forgotten = true;
    try {
      await (await database()).clear('answers');
    } catch {
      // A browser that keeps nothing has nothing to forget.
    }
  },
};

/** The database kept somebody waiting: until it answers again, nobody else waits for it. */
let silent = false;

function soon<T>(work: Promise<T>): Promise<T> {
  return new Promise((answer, refuse) => {
    const timer = setTimeout(
      () => {
        silent = true;
        refuse(new Error('The database of the browser does not answer.'));
      },
      silent ? 0 : PATIENCE,
    );
    work
      .then((value) => {
        silent = false;
        answer(value);
      }, refuse)
      .finally(() => clearTimeout(timer));
  });
}
