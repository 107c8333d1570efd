import { expect, test } from 'vitest';
import { Problem } from '../../web/api/client';
import { Loader } from '../../web/state/loader.svelte';

/** An answer that comes when it is told to. */
function later<T>() {
  let answer!: (value: T) => void;
  let fail!: (error: unknown) => void;
  const promise = new Promise<T>((resolve, reject) => ([answer, fail] = [resolve, reject]));
  return { promise, answer, fail };
}

test('the last one asked for wins, whichever answers last', async () => {
  const loader = new Loader<string>();
  const [slow, quick] = [later<string>(), later<string>()];
  const [first, second] = [loader.load(() => slow.promise), loader.load(() => quick.promise)];
  quick.answer('page 8');
  expect(await second).toBe('page 8');
  slow.answer('page 6');
  expect(await first).toBeNull();
  expect(loader.value).toBe('page 8');
  expect(loader.waiting).toBe(false);
});

test('a failure is said in words, what was shown stays, and the next answer takes the words away', async () => {
  const loader = new Loader<number>();
  await loader.load(async () => 1);
  expect(
    await loader.load(async () => {
      throw new Problem(0, 'The program does not answer.', null, null);
    }),
  ).toBeNull();
  expect([loader.value, loader.wrong]).toEqual([1, 'The program does not answer.']);
  await loader.load(async () => 2);
  expect([loader.value, loader.wrong]).toEqual([2, '']);
});

test('a failure of one that is not asked for any more is nobody’s', async () => {
  const loader = new Loader<number>();
  const slow = later<number>();
  const first = loader.load(() => slow.promise);
  await loader.load(async () => 2);
  slow.fail(new Error('late'));
  await first;
  expect([loader.value, loader.wrong]).toEqual([2, '']);
});

test('what was cleared does not come back', async () => {
  const loader = new Loader<number>();
  const slow = later<number>();
  const first = loader.load(() => slow.promise);
  loader.clear();
  slow.answer(1);
  await first;
  expect([loader.value, loader.waiting]).toEqual([null, false]);
});
