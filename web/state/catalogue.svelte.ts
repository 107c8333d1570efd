// What there is to choose from, fetched once.
import { api, type Book, type Catalogue, type Kind } from '../api/client';

class Choices {
  all = $state.raw<Catalogue | null>(null);

  /** A kind of the catalogue, a part of a month, or one of the person's own that the plan has. */
  kind(book: Book, kind: string | undefined): Kind | undefined {
    return [...(this.all?.spreads ?? []), ...(this.all?.month_parts ?? []), ...book.kinds].find((one) => one.kind === kind);
  }

  async load() {
    this.all ??= await api.catalogue();
  }
}

export const catalogue = new Choices();
