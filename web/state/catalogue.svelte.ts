// What there is to choose from, fetched once.
import { api, type Book, type Catalogue, type Kind, type Spread } from '../api/client';

class Choices {
  all = $state.raw<Catalogue | null>(null);

  /** A kind of the catalogue, a part of a month, or one of the person's own that the plan has. */
  kind(book: Book, kind: string | undefined): Kind | undefined {
    return [...(this.all?.spreads ?? []), ...(this.all?.month_parts ?? []), ...book.kinds].find((one) => one.kind === kind);
  }

  /** What a spread holds: its kind, or the one it was before somebody divided it. */
  holds(book: Book, spread: Spread): Kind | undefined {
    const was = spread.settings['was'];
    return (typeof was === 'string' ? this.kind(book, was) : undefined) ?? this.kind(book, spread.kind);
  }

  async load() {
    this.all ??= await api.catalogue();
  }
}

export const catalogue = new Choices();
