// What a screen is for is said until it was understood, or a few times; then not, until somebody asks for it again.
import { beforeEach, expect, test, vi } from 'vitest';

let kept: Map<string, string>;

beforeEach(() => {
  kept = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (name: string) => kept.get(name) ?? null,
    setItem: (name: string, value: string) => void kept.set(name, value),
  });
  vi.resetModules();
});

const fresh = async () => (await import('../../web/state/purposes.svelte')).purposes;

test('it is said the first three times a screen is opened, each screen for itself', async () => {
  const purposes = await fresh();
  for (let times = 1; times <= 3; times++) {
    purposes.opened('bench');
    expect(purposes.isSaid('bench')).toBe(true);
  }
  purposes.opened('bench');
  expect(purposes.isSaid('bench')).toBe(false);
  expect(purposes.isSaid('months')).toBe(true);
});

test('what was understood is not said again, after a reload too, until all are asked for', async () => {
  (await fresh()).understood('bench');
  vi.resetModules();
  const later = await fresh();
  expect(later.isSaid('bench')).toBe(false);
  later.again();
  expect(later.isSaid('bench')).toBe(true);
});

test('what is kept and cannot be read says everything once more', async () => {
  for (const nonsense of ['{', '[]', '{"bench":"yes"}', 'null', '7']) {
    kept.set('said', nonsense);
    vi.resetModules();
    expect((await fresh()).isSaid('bench')).toBe(true);
  }
});
