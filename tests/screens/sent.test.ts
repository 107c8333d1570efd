import { expect, test } from 'vitest';
import { Sent } from '../../web/state/sent.svelte';

const yes = async () => true;

test('the next change builds on what was sent last, of the same thing alone', async () => {
  const sent = new Sent<string[]>();
  const first = sent.send('goals', ['Sail'], yes);
  expect(sent.now('goals', [])).toEqual(['Sail']);
  expect(sent.now('mood', ['shown'])).toEqual(['shown']);
  await first;
  expect(sent.now('goals', [])).toEqual(['Sail']);
});

test('once it is shown it is remembered no more, but not while another is under way', async () => {
  const sent = new Sent<string[]>();
  let answer: (made: boolean) => void = () => {};
  const first = sent.send('goals', ['Sail'], () => new Promise((done) => (answer = done)));
  sent.shown();
  expect(sent.now('goals', [])).toEqual(['Sail']);
  answer(true);
  await first;
  sent.shown();
  expect(sent.now('goals', ['shown'])).toEqual(['shown']);
});

test('what was refused is built on no more', async () => {
  const sent = new Sent<string[]>();
  await sent.send('goals', ['too long'], async () => false);
  expect(sent.now('goals', ['shown'])).toEqual(['shown']);
});

test('two things changed in turn each build on what was sent last of them', async () => {
  const sent = new Sent<string[]>();
  const later = [] as ((made: boolean) => void)[];
  const go = () => new Promise<boolean>((answer) => later.push(answer));
  const first = sent.send('red', ['lines'], go);
  const second = sent.send('blue', ['bands'], go);
  expect(sent.now('red', [])).toEqual(['lines']);
  expect(sent.now('blue', [])).toEqual(['bands']);
  later[0](false);
  await first;
  expect(sent.now('red', [])).toEqual([]);
  expect(sent.now('blue', [])).toEqual(['bands']);
  later[1](true);
  await second;
  sent.shown();
  expect(sent.now('blue', ['bands', 'writing'])).toEqual(['bands', 'writing']);
});
