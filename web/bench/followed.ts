// A spread that an edit put on other pages is followed there: who sets it goes on looking at it.
import type { Book } from '../api/client';
import { openingOf } from '../parts/leaf';

interface Seen {
  book: string;
  page: number;
  version: number;
  /** Spreads of the opening. */
  spreads: string[];
}

export class Followed {
  private seen: Seen | null = null;
  /**
   * The page to show now; another than the one asked for where the spread that was looked at there went elsewhere.
   *
   * @param set spreads that are being set; others stay where they are drawn, and the bench where the pen is
   */
  page(book: Book, page: number, set: string[]): number {
    const before = this.seen;
    const here = book.pages.filter((one) => one.opening === openingOf(page));
    const ids = here.flatMap((one) => [one.spread, one.lower]).filter((one) => one !== null);
    const stays = before?.book === book.id && before.page === page;
    if (stays && before.version !== book.version) {
      const gone = set.find((id) => before.spreads.includes(id) && !ids.includes(id));
      const spread = book.spreads.find((one) => one.id === gone);
      if (spread?.page) {
        this.seen = { book: book.id, page: spread.page, version: book.version, spreads: [spread.id] };
        return spread.page;
      }
    }
    this.seen = { book: book.id, page, version: book.version, spreads: ids };
    return page;
  }
}
