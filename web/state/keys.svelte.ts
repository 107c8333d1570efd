// Every key of the program in one registry: it acts on them, lists them on "?", and knows when somebody is typing.

import { untrack } from 'svelte';

export interface Key {
  /** As the event names them, with "Shift+" before: "ArrowLeft", "Shift+ArrowLeft", " ". */
  on: string[];
  /** As a person reads them on the list: "← →". */
  shown: string;
  says: string;
  press: (key: string, event: KeyboardEvent) => void;
}

/** Keys that a button, a link or a checkbox acts on by itself. */
const OWN = [' ', 'Enter'];

export class KeyRegistry {
  private sets = $state.raw<Key[][]>([]);

  /** Keys of a screen while it is open; the answer takes them away again. */
  use(keys: Key[]): () => void {
    // Whoever registers does not wait for others to.
    this.sets = [...untrack(() => this.sets), keys];
    return () => {
      this.sets = this.sets.filter((set) => set !== keys);
    };
  }

  /** What works now, the screen's own keys first. */
  get all(): Key[] {
    return [...this.sets].reverse().flat();
  }

  /** Acts on a key that is pressed, the newest set first; true where somebody was listening. */
  press(event: KeyboardEvent): boolean {
    if (event.altKey || event.ctrlKey || event.metaKey || event.defaultPrevented) return false;
    const target = event.target instanceof Element ? event.target : null;
    if (isTyping(target) || (OWN.includes(event.key) && target?.matches('button, a, input, summary'))) return false;
    const pressed = event.shiftKey && event.key.length > 1 ? `Shift+${event.key}` : event.key;
    const key = this.all.find((one) => one.on.includes(pressed));
    if (!key) return false;
    event.preventDefault();
    key.press(pressed, event);
    return true;
  }
}

/** Where letters and arrows belong to what is written. */
export function isTyping(target: Element | null): boolean {
  return target?.matches('input:not([type=checkbox], [type=radio], [type=range]), textarea, select, [contenteditable]') ?? false;
}

export const keys = new KeyRegistry();
