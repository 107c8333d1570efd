import { expect, test, vi } from 'vitest';
import { Waited } from '../../web/state/waited.svelte';

test('a wait shows once it is felt, until the last answer is there', async () => {
  vi.useFakeTimers();
  const waited = new Waited();
  const answers: ((value: string) => void)[] = [];
  const ask = () => waited.for(new Promise<string>((answer) => answers.push(answer)));
  const quick = ask();
  vi.advanceTimersByTime(60);
  answers[0]!('soon');
  expect(await quick).toBe('soon');
  vi.advanceTimersByTime(1000);
  expect(waited.long).toBe(false);

  const [one, other] = [ask(), ask()];
  vi.advanceTimersByTime(120);
  expect(waited.long).toBe(true);
  answers[1]!('first');
  await one;
  expect(waited.long).toBe(true);
  answers[2]!('last');
  await other;
  expect(waited.long).toBe(false);
  vi.useRealTimers();
});

test('what fails is waited for no more', async () => {
  const waited = new Waited();
  await expect(waited.for(Promise.reject(new Error('no answer')))).rejects.toThrow('no answer');
  expect(waited.long).toBe(false);
});
