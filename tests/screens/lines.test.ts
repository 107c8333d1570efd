import { expect, test } from 'vitest';
import { FieldLines, Lines, type Answer } from '../../web/state/lines.svelte';

/** Answers when it is told to, in whatever order. */
function late() {
  const asked: string[] = [];
  const answers: ((answer: Answer) => void)[] = [];
  const send = (said: string) => {
    asked.push(said);
    return new Promise<Answer>((answer) => answers.push(answer));
  };
  const answer = async (nth: number, says?: string) => {
    answers[nth]!(says === undefined ? { made: true } : { made: false, says });
    await Promise.resolve();
    await Promise.resolve();
    await Promise.resolve();
  };
  return { asked, send, answer };
}

test('forty lines stand there at once, and go as they are answered', async () => {
  const { asked, send, answer } = late();
  const lines = new Lines(send);
  for (let i = 1; i <= 40; i++) void lines.put(`line ${i}`, `${i}`);
  expect(lines.shown.map((one) => one.is)).toEqual(Array(40).fill('writing'));
  for (let i = 39; i >= 0; i--) await answer(i, i % 10 === 0 ? 'It cannot be.' : undefined);
  expect(asked).toHaveLength(40);
  expect(lines.shown.map(({ text, is, says }) => [text, is, says])).toEqual(
    [1, 11, 21, 31].map((nth) => [`line ${nth}`, 'refused', 'It cannot be.']),
  );
});

test('a field is free at the key, and what is refused comes back into it only where nobody types', async () => {
  const { send, answer } = late();
  const field = new FieldLines(send);
  field.said = '50 minutes';
  field.put();
  expect(field.said).toBe('');
  await answer(0, 'No evening is said.');
  expect([field.said, field.wrong, field.lines.shown.length]).toEqual(['50 minutes', 'No evening is said.', 0]);

  field.put();
  field.said = 'Tue';
  await answer(1, 'No evening is said.');
  expect(field.said).toBe('Tue');
  expect(field.lines.shown.map(({ text, is }) => [text, is])).toEqual([['50 minutes', 'refused']]);

  // Taken up again, it changes places with what is half typed.
  field.again(field.lines.shown[0]!);
  expect(field.said).toBe('50 minutes');
  expect(field.lines.shown.map(({ text, is }) => [text, is])).toEqual([['Tue', 'aside']]);
});

test('nothing but blanks is no line', () => {
  const { asked, send } = late();
  const field = new FieldLines(send);
  field.said = '   ';
  field.put();
  expect(asked).toEqual([]);
});
