// Every key of the program in one registry: it acts on them, lists them on "?", and knows when somebody is typing.

import { untrack } from 'svelte';
import { local } from './local';

export interface Key {
  /** As the event names them, with "Shift+" before: "ArrowLeft", "Shift+ArrowLeft", " ". */
  on: string[];
  /** As a person reads them on the list: "← →". */
  shown: string;
  says: string;
  press: (key: string, event: KeyboardEvent) => void;
}

/** How single letters and figures act: alone, with Alt held, or not at all. Kept in this browser. */
export type Letters = 'alone' | 'alt' | 'off';
const KEPT = 'letter-keys';

/** Milliseconds after a field has lost its focus by itself in which what is typed was meant for it. */
const MEANT_FOR_IT = 1_500;
/** Keys that end what is typed. */
const DONE = ['Enter', 'Escape', 'Tab'];
/** And within which a press took it away. */
const PRESSED = 500;

/** Keys that a button, a link or a checkbox acts on by itself. */
const OWN = [' ', 'Enter'];

export class KeyRegistry {
  private sets = $state.raw<Key[][]>([]);
  letters = $state<Letters>(read());
  /** When a field lost its focus without anybody taking it away. */
  private lost = -Infinity;

  choose(letters: Letters) {
    this.letters = letters;
    local.set(KEPT, letters);
  }

  /** A field that goes while somebody types in it takes no letters with it: they are not keys. */
  watch(root: Pick<Document, 'addEventListener'>) {
    let pressed = -Infinity;
    let last = '';
    root.addEventListener('keydown', (event) => (last = (event as KeyboardEvent).key), true);
    root.addEventListener('focusout', (event) => {
      const { target, relatedTarget } = event as FocusEvent;
      // Who pressed beside it, Enter or Escape, is done with it.
      const taken = event.timeStamp - pressed < PRESSED || DONE.includes(last);
      if (target instanceof Element && isTyping(target) && relatedTarget === null && !taken) this.lost = event.timeStamp;
    });
    root.addEventListener('pointerdown', (event) => ([pressed, this.lost] = [event.timeStamp, -Infinity]));
    root.addEventListener('focusin', () => (this.lost = -Infinity));
  }

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

  /** Whether a letter is a key now. */
  private hears(event: KeyboardEvent): boolean {
    if (event.timeStamp - this.lost < MEANT_FOR_IT) return false;
    return this.letters === 'alone' ? !event.altKey : this.letters === 'alt' && event.altKey;
  }

  /** Acts on a key that is pressed, the newest set first; true where somebody was listening. */
  press(event: KeyboardEvent): boolean {
    if (event.ctrlKey || event.metaKey || event.defaultPrevented) return false;
    const isLetter = event.key.length === 1 && event.key !== ' ';
    if (isLetter ? !this.hears(event) : event.altKey) return false;
    const target = event.target instanceof Element ? event.target : null;
    if (isTyping(target) || (OWN.includes(event.key) && target?.matches('button, a, input, summary'))) return false;
    const pressed = event.shiftKey && event.key.length > 1 ? `Shift+${event.key}` : letterOf(event);
    const key = this.all.find((one) => one.on.includes(pressed));
    if (!key) return false;
    event.preventDefault();
    key.press(pressed, event);
    return true;
  }
}

/** With Alt some systems write another sign: the key itself says which letter was meant. */
export function letterOf(event: KeyboardEvent): string {
  const letter = event.altKey ? /^(?:Key|Digit)(\w)$/.exec(event.code)?.[1]?.toLowerCase() : undefined;
  return letter ? (event.shiftKey ? letter.toUpperCase() : letter) : event.key;
}

function read(): Letters {
  const kept = local.get(KEPT);
  return kept === 'alt' || kept === 'off' ? kept : 'alone';
}

/** Where letters and arrows belong to what is written. */
export function isTyping(target: Element | null): boolean {
  return target?.matches('input:not([type=checkbox], [type=radio], [type=range]), textarea, select, [contenteditable]') ?? false;
}

export const keys = new KeyRegistry();
