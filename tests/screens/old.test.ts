import { expect, test } from 'vitest';
import type { Book, Edit, OldReview } from '../../web/api/client';
import { OldState } from '../../web/old/old.svelte';

const spread = (id: string, verdict: string | null = null, items: string[] = []) => ({
  id,
  title: id,
  verdict,
  items: items.map((words) => ({ words, as: null, reworded: null, head: false, became: '' })),
});

/** Three spreads of which the first is judged; every edit is written down, and none is answered. */
function state() {
  const sent: Edit[] = [];
  const old = new OldState(
    () => ({}) as Book,
    (edit) => {
      sent.push(edit);
      return new Promise(() => {});
    },
  );
  old.review.value = {
    version: 1,
    old: { spreads: [spread('key', 'keep'), spread('goals', null, ['Sail', 'Row']), spread('mood')] } as unknown as OldReview,
  };
  return { old, sent };
}

test('the first spread that is not judged stands there, and turning stops at both covers', () => {
  const { old } = state();
  expect(old.spread?.id).toBe('goals');
  old.turn(-5);
  expect([old.spread?.id, old.at]).toEqual(['key', 0]);
  old.turn(9);
  expect([old.spread?.id, old.at]).toEqual(['mood', 2]);
});

test('a key a spread: what is kept turns up the next at once, what is changed waits for how', () => {
  const { old, sent } = state();
  old.judge('keep');
  expect(old.spread?.id).toBe('mood');
  old.judge('change');
  expect(old.spread?.id).toBe('mood');
  expect(sent).toEqual([
    { type: 'judge', spread: 'goals', verdict: 'keep' },
    { type: 'judge', spread: 'mood', verdict: 'change' },
  ]);
});

test('the same key again takes the verdict back and stays', () => {
  const { old, sent } = state();
  old.chosen = 'key';
  old.judge('keep');
  expect(sent).toEqual([{ type: 'judge', spread: 'key', verdict: null }]);
  expect(old.spread?.id).toBe('key');
});

test('two things of a list changed one after the other are both kept, though the first is not answered yet', () => {
  const { old, sent } = state();
  old.item(0, { as: 'reached' });
  old.item(1, { reworded: 'Row round the mole' });
  expect(sent.at(-1)).toEqual({
    type: 'judge',
    spread: 'goals',
    items: [
      { words: 'Sail', as: 'reached', reworded: null },
      { words: 'Row', as: null, reworded: 'Row round the mole' },
    ],
  });
});

test('lines that are added go on, each once, and empty ones are none', () => {
  const { old, sent } = state();
  old.add(' Sail \n\nMend the oars\n');
  expect((sent[0] as { items: { words: string; as: string | null }[] }).items.map(({ words, as }) => [words, as])).toEqual([
    ['Sail', null],
    ['Row', null],
    ['Mend the oars', 'carry'],
  ]);
  old.add('Row');
  expect(sent).toHaveLength(1);
});
