// What there is to choose from, fetched once.
import { api, type Book, type Catalogue, type Kind, type Listed, type Spread } from '../api/client';

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
    this.all ??= asked(await api.catalogue());
  }
}

/** What each of them asks, in place of its numbers. */
function asked({ fields, ...listed }: Listed): Catalogue {
  const whole = <T extends { fields: number[] }>(one: T) => ({ ...one, fields: one.fields.map((nth) => fields[nth]!) });
  return {
    ...listed,
    spreads: listed.spreads.map(whole),
    month_parts: listed.month_parts.map(whole),
    fillings: listed.fillings.map(whole),
    cuts: listed.cuts.map(whole),
  };
}

export const catalogue = new Choices();
