// A spread that an edit put on other pages is followed there: who sets it goes on looking at it, and reads where it stands now.
import type { Book } from '../api/client';
import { openingOf } from '../parts/leaf';

interface Seen {
  book: string;
  page: number;
  version: number;
  /** Spreads of the opening, the one that is looked at first. */
  spreads: string[];
}

export class Followed {
  private seen: Seen | null = null;
  /** What was moved, and to where; "" where nothing was. */
  says = $state('');

  /**
   * The page to show now; another than the one asked for where the spread that was looked at there went elsewhere.
   *
   * @param first spreads that are being set, which are looked at before others
   */
  page(book: Book, page: number, first: string[]): number {
    const before = this.seen;
    const here = book.pages.filter((one) => one.opening === openingOf(page));
    const own = here.find((one) => one.page === page)?.spread ?? null;
    const ids = here.flatMap((one) => [one.spread, one.lower]).filter((one) => one !== null);
    const stays = before?.book === book.id && before.page === page;
    if (stays && before.version !== book.version) {
      const gone = [...first.filter((id) => before.spreads.includes(id)), ...before.spreads.slice(0, 1)].find((id) => !ids.includes(id));
      const spread = book.spreads.find((one) => one.id === gone);
      if (spread?.page) {
        this.says = `“${spread.title}” stands on page ${spread.page} now.`;
        this.seen = { book: book.id, page: spread.page, version: book.version, spreads: [spread.id] };
        return spread.page;
      }
    }
    if (!stays) this.says = '';
    this.seen = { book: book.id, page, version: book.version, spreads: [...new Set([...(own === null ? [] : [own]), ...ids])] };
    return page;
  }
}
