// What was typed into Find and what is found: in the book by the program, screens and deeds by their words. The list stands until the
// answer to what is typed now is there, so that nothing moves under the pointer twice; Enter waits for it.
import { api, wholeShelf, type Book, type FoundHere } from '../api/client';
import { entryOf } from '../screens';
import { route } from '../state/route.svelte';
import { deedsFor } from './deeds';

export interface Hit {
  key: string;
  page: number | null;
  name: string;
  where: string;
  href: string;
}

export class FindState {
  /** What stands there now, and to which words. */
  shown = $state.raw<{ words: string; hits: Hit[] }>({ words: '', hits: [] });
  private asked = '';
  private answer: Promise<void> = Promise.resolve();

  constructor(private readonly book: Book | null) {}

  ask(words: string) {
    this.asked = words;
    this.answer = this.find(words);
  }

  /** The first of what is found by what is typed now. */
  async first(): Promise<Hit | null> {
    await this.answer;
    return this.shown.hits[0] ?? null;
  }

  private async find(words: string) {
    const said = words.trim();
    const [inBook, near] = said === '' ? [[], false] : this.book ? await this.inBook(this.book, said) : [await this.onShelf(said), false];
    if (this.asked !== words) return;
    const deeds = deedsFor(said, this.book !== null).map((one) => ({
      key: `deed ${one.says}`,
      page: null,
      name: one.says,
      where: entryOf(one.screen).name === one.says ? 'screen' : `on ${entryOf(one.screen).name}`,
      href: one.screen === 'new' || one.screen === 'count' ? `/${one.screen}` : route.to(one.screen),
    }));
    // Who types the name of a screen means the screen; and what is called so is meant before what is called nearly so.
    const named = deeds.filter((one) => near || one.name.toLowerCase() === said.toLowerCase());
    this.shown = { words, hits: [...named, ...inBook, ...deeds.filter((one) => !named.includes(one))] };
  }

  private async inBook(book: Book, said: string): Promise<[Hit[], boolean]> {
    try {
      const { found, near } = await api.findInBook(book, said);
      return [found.map(hit), near];
    } catch {
      // Away from the program, what the device knows of the book: its pages by their titles.
      const seen: string[] = [];
      const hits = book.pages.filter((one) => {
        if (one.drawing === '' || seen.includes(one.drawing) || !one.title.toLowerCase().includes(said.toLowerCase()))
          return String(one.page) === said;
        seen.push(one.drawing);
        return true;
      });
      const shown = hits.slice(0, 12).map(({ page, title }) => {
        return { key: `page ${page}`, page, name: title, where: '', href: route.to('bench', page) };
      });
      return [shown, false];
    }
  }

  private async onShelf(said: string): Promise<Hit[]> {
    try {
      return (await wholeShelf())
        .filter((one) => one.title.toLowerCase().includes(said.toLowerCase()))
        .slice(0, 12)
        .map((one) => ({
          key: one.id,
          page: null,
          name: one.title,
          where: one.period.words,
          href: `/notebooks/${one.id}/spreads`,
        }));
    } catch {
      // The shelf behind it says why it cannot be read.
      return [];
    }
  }
}

function hit(one: FoundHere, nth: number): Hit {
  const href =
    one.is === 'date'
      ? route.to('dates', [one.at ?? '', one.id ?? ''])
      : one.page !== null
        ? route.to('bench', one.page)
        : route.to(one.is === 'spread' || one.is === 'thing' ? 'spreads' : 'months');
  return { key: `${nth} ${one.is}`, page: one.page, name: one.says, where: one.in, href };
}
