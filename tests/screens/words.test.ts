// The words of an opening with two drawings, whichever of their answers comes first: neither takes the other's place.
import { afterEach, expect, test, vi } from 'vitest';
import { api, type Book } from '../../web/api/client';
import { WordsState } from '../../web/bench/words.svelte';

afterEach(() => vi.restoreAllMocks());

test.each([
  ['the first', 0, 5],
  ['the second', 5, 0],
])('a word is found where the answer about %s drawing comes first', async (_, one, other) => {
  const book = { id: 'a', book: '1', version: 1 } as Book;
  const word = (page: number) => ({ page, place: [0, 0, 100, 100], text: 'W', says: 'Word', called: 'Title', at: 'title' });
  const late = (ms: number) => new Promise((done) => setTimeout(done, ms));
  vi.spyOn(api, 'wordsOf').mockImplementation(async () => {
    await late(one);
    return { version: 1, words: [word(6)] } as Awaited<ReturnType<typeof api.wordsOf>>;
  });
  vi.spyOn(api, 'wordsOfMonth').mockImplementation(async () => {
    await late(other);
    return { version: 1, pattern: 'p', part: 0, words: [word(7)] } as Awaited<ReturnType<typeof api.wordsOfMonth>>;
  });
  for (const page of [6, 7]) {
    const words = new WordsState(
      () => book,
      () => Promise.resolve(true),
    );
    const drawn = [
      { drawing: 'goals', page: 6 },
      { drawing: '2027-01/7', page: 7 },
    ];
    await words.point(drawn, page, 50, 50, { x: 0, y: 0 });
    expect(words.chosen?.found.word.page).toBe(page);
  }
});
