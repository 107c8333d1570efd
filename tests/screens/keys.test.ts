// @vitest-environment node
import { describe, expect, test } from 'vitest';
import { KeyRegistry, type Key } from '../../web/state/keys.svelte';

/** What the registry asks of an event, without a browser. */
function press(
  keys: KeyRegistry,
  key: string,
  more: Partial<{ shiftKey: boolean; ctrlKey: boolean; altKey: boolean; code: string; timeStamp: number; on: string }> = {},
) {
  const prevented = { is: false };
  const event = {
    key,
    shiftKey: false,
    altKey: false,
    ctrlKey: false,
    metaKey: false,
    defaultPrevented: false,
    target: more.on ? element(more.on) : null,
    preventDefault: () => (prevented.is = true),
    ...more,
  };
  return { heard: keys.press(event as unknown as KeyboardEvent), prevented: prevented.is };
}
class Stub {
  constructor(private readonly tag: string) {}
  matches(selector: string): boolean {
    return selector.split(', ').some((one) => one.split(':')[0]!.split('[')[0] === this.tag);
  }
}
const element = (tag: string) => new Stub(tag);
globalThis.Element = Stub as unknown as typeof Element;

const key = (on: string[], says: string, heard: string[]): Key => ({
  on,
  shown: on.join(' '),
  says,
  press: (name) => heard.push(`${says} ${name}`),
});

describe('the keys', () => {
  test('the newest set is asked first, and gives its keys back', () => {
    const [keys, heard] = [new KeyRegistry(), [] as string[]];
    keys.use([key(['z'], 'take back', heard), key(['ArrowLeft'], 'anywhere', heard)]);
    const gone = keys.use([key(['ArrowLeft', 'ArrowRight'], 'turn', heard)]);
    press(keys, 'ArrowLeft');
    press(keys, 'z');
    expect(keys.all.map((one) => one.says)).toEqual(['turn', 'take back', 'anywhere']);
    gone();
    press(keys, 'ArrowLeft');
    expect(heard).toEqual(['turn ArrowLeft', 'take back z', 'anywhere ArrowLeft']);
    expect(keys.all.map((one) => one.says)).toEqual(['take back', 'anywhere']);
  });

  test('what nobody listens to stays the browser’s, and so do keys with Control', () => {
    const [keys, heard] = [new KeyRegistry(), [] as string[]];
    keys.use([key(['f'], 'find', heard)]);
    expect(press(keys, 'x')).toEqual({ heard: false, prevented: false });
    expect(press(keys, 'f', { ctrlKey: true })).toEqual({ heard: false, prevented: false });
    expect(press(keys, 'f')).toEqual({ heard: true, prevented: true });
  });

  test('Shift belongs to arrows, and is in a letter already', () => {
    const [keys, heard] = [new KeyRegistry(), [] as string[]];
    keys.use([key(['Shift+ArrowLeft'], 'move', heard), key(['Z', '?'], 'again', heard)]);
    press(keys, 'ArrowLeft');
    press(keys, 'ArrowLeft', { shiftKey: true });
    press(keys, 'Z', { shiftKey: true });
    press(keys, '?', { shiftKey: true });
    expect(heard).toEqual(['move Shift+ArrowLeft', 'again Z', 'again ?']);
  });

  test('who is typing is left alone, and a button keeps Space and Enter', () => {
    const [keys, heard] = [new KeyRegistry(), [] as string[]];
    keys.use([key(['z', ' ', 'Enter'], 'act', heard)]);
    for (const tag of ['textarea', 'select']) expect(press(keys, 'z', { on: tag }).heard).toBe(false);
    for (const tag of ['button', 'a']) {
      expect(press(keys, ' ', { on: tag }).heard).toBe(false);
      expect(press(keys, 'Enter', { on: tag }).heard).toBe(false);
      expect(press(keys, 'z', { on: tag }).heard).toBe(true);
    }
    expect(heard).toEqual(['act z', 'act z']);
  });

  test('letters can want Alt, or be switched off; arrows and the space bar work as ever', () => {
    const [keys, heard] = [new KeyRegistry(), [] as string[]];
    keys.use([key(['f', '2', ' ', 'ArrowLeft'], 'act', heard)]);
    keys.choose('alt');
    expect(press(keys, 'f').heard).toBe(false);
    expect(press(keys, 'f', { altKey: true, code: 'KeyF' }).heard).toBe(true);
    // Where Alt writes another sign.
    expect(press(keys, 'ƒ', { altKey: true, code: 'KeyF' }).heard).toBe(true);
    expect(press(keys, '™', { altKey: true, code: 'Digit2' }).heard).toBe(true);
    expect(press(keys, ' ').heard).toBe(true);
    keys.choose('off');
    expect(press(keys, 'f').heard).toBe(false);
    expect(press(keys, 'f', { altKey: true, code: 'KeyF' }).heard).toBe(false);
    expect(press(keys, 'ArrowLeft').heard).toBe(true);
    keys.choose('alone');
    expect(press(keys, 'f').heard).toBe(true);
    expect(press(keys, 'f', { altKey: true, code: 'KeyF' }).heard).toBe(false);
  });

  test('what is typed into a field that has just gone is no key; once something else has the focus, it is', () => {
    const [keys, heard] = [new KeyRegistry(), [] as string[]];
    const listeners: Record<string, (event: unknown) => void> = {};
    keys.watch({ addEventListener: (name: string, act: unknown) => (listeners[name] = act as never) } as never);
    keys.use([key(['f'], 'find', heard)]);
    const gone = () => listeners.focusout?.({ target: element('textarea'), relatedTarget: null, timeStamp: 1_000 });
    gone();
    expect(press(keys, 'f', { timeStamp: 1_200 }).heard).toBe(false);
    expect(press(keys, 'f', { timeStamp: 4_000 }).heard).toBe(true);
    gone();
    listeners.focusin?.({});
    expect(press(keys, 'f', { timeStamp: 1_200 }).heard).toBe(true);
    gone();
    listeners.pointerdown?.({ timeStamp: 1_100 });
    expect(press(keys, 'f', { timeStamp: 1_200 }).heard).toBe(true);
    // Who presses beside it takes the focus away.
    listeners.focusout?.({ target: element('textarea'), relatedTarget: null, timeStamp: 1_105 });
    expect(press(keys, 'f', { timeStamp: 1_200 }).heard).toBe(true);
    // And so is who pressed Enter in it.
    listeners.keydown?.({ key: 'Enter' });
    gone();
    expect(press(keys, 'f', { timeStamp: 1_200 }).heard).toBe(true);
    listeners.keydown?.({ key: 'o' });
    // A button that goes takes nothing with it.
    listeners.focusout?.({ target: element('button'), relatedTarget: null, timeStamp: 1_000 });
    expect(press(keys, 'f', { timeStamp: 1_200 }).heard).toBe(true);
  });
});
