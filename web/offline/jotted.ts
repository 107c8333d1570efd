// What was changed within the last moment, written at once where the browser's database takes its time: who leaves the page meanwhile
// loses nothing.
import type { Waiting } from './store';

const NAME = 'ample-margin-jotted-';

let last = 0;

/** Writes a change down. The answer strikes it out again, once it is kept otherwise. */
export function jot(change: Waiting): () => void {
  last = Math.max(last + 1, Date.now());
  const name = `${NAME}${last}-${Math.random().toString(36).slice(2)}`;
  try {
    localStorage.setItem(name, JSON.stringify(change));
    return () => localStorage.removeItem(name);
  } catch {
    // Site data may be blocked: then it is kept as soon as it can be.
    return () => {};
  }
}

/** What is still written down, in the order it was made; asked when a page begins. Each with what strikes it out. */
export function jotted(): { change: Waiting; strike: () => void }[] {
  try {
    return Object.keys(localStorage)
      .filter((name) => name.startsWith(NAME))
      .sort()
      .flatMap((name) => {
        const strike = () => localStorage.removeItem(name);
        try {
          return [{ change: JSON.parse(localStorage.getItem(name) ?? '') as Waiting, strike }];
        } catch {
          strike();
          return [];
        }
      });
  } catch {
    return [];
  }
}
