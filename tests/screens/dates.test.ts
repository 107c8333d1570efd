import { expect, test } from 'vitest';
import type { Book, DatesPreview } from '../../web/api/client';
import { DatesState, fileOf } from '../../web/dates/dates.svelte';

const entry = (id: string) => ({ id, day: '2027-03-12', words: id });
const PREVIEW = {
  rows: [
    { as: 'new', taken: true, where: 'line 1', says: '', when: '', entry: entry('dentist') },
    { as: 'double', taken: false, where: 'line 2', says: '', when: '', entry: entry('choir') },
    { as: 'skipped', taken: false, where: 'line 3', says: 'No day.', when: null, entry: null },
    { as: 'changed', taken: true, where: 'line 4', says: '', when: '', entry: { ...entry('dentist'), words: 'Dentist, again' } },
  ],
} as unknown as DatesPreview;

function state() {
  const dates = new DatesState(
    () => ({}) as Book,
    async () => true,
  );
  dates.incoming.value = PREVIEW;
  return dates;
}

test('what is new or changed is taken, each once and as it was said last', () => {
  expect(state().taken).toEqual([{ ...entry('dentist'), words: 'Dentist, again' }]);
});

test('what is chosen otherwise is taken or left, and what could not be read never', () => {
  const dates = state();
  dates.otherwise = { 0: false, 1: true, 2: true, 3: false };
  expect(dates.taken).toEqual([entry('choir')]);
  expect(dates.isTaken(2)).toBe(false);
});

test('a time that is chosen again is chosen no more, another of the same date is', () => {
  const dates = state();
  dates.choose('choir', 'choir@2027-03-09');
  dates.choose('choir', 'choir@2027-04-13');
  expect(dates.chosen).toBe('choir');
  dates.choose('choir', 'choir@2027-04-13');
  expect(dates.chosen).toBeNull();
});

test('a file keeps its bytes, and one that is too large is not read at all', async () => {
  const bytes = Uint8Array.from({ length: 100_000 }, (_, i) => i % 256);
  const read = await fileOf(new File([bytes], 'a.ics'));
  expect(Uint8Array.from(atob(read?.content ?? ''), (one) => one.charCodeAt(0))).toEqual(bytes);
  expect(await fileOf(new File([new Uint8Array(3_500_001)], 'b.ics'))).toBeNull();
});
