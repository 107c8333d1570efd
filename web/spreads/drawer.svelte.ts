// The drawer of kinds: what is found by a word, which one is looked at.
import type { Book, Catalogue, Drawer, Kind } from '../api/client';
import { Loader } from '../state/loader.svelte';

export class DrawerState {
  readonly drawn = new Loader<Drawer>();
  words = $state('');
  /** The kind looked at large. */
  looked = $state<string | null>(null);

  constructor(
    private readonly catalogue: () => Catalogue | null,
    private readonly book: () => Book,
  ) {}

  /** Kinds by section, those of which any word, name or purpose holds every word asked for. */
  get sections(): { id: string; words: string; kinds: Kind[] }[] {
    const asked = this.words.toLowerCase().split(/\s+/).filter(Boolean);
    const found = (this.catalogue()?.spreads ?? []).filter((kind) => {
      const said = [kind.name, kind.purpose, ...kind.names].join(' ').toLowerCase();
      return asked.every((word) => said.includes(word));
    });
    return this.book()
      .sections.map((section) => ({ ...section, kinds: found.filter((kind) => kind.section === section.id) }))
      .filter((section) => section.kinds.length > 0);
  }

  get kind(): Kind | null {
    return this.catalogue()?.spreads.find((kind) => kind.kind === this.looked) ?? null;
  }

  sample(kind: string): Drawer['kinds'][number] | null {
    return this.drawn.value?.kinds.find((one) => one.kind === kind) ?? null;
  }

  /** How often it is in the book already. */
  times(kind: string): number {
    return this.book().spreads.filter((spread) => spread.kind === kind).length;
  }

  look(kind: string) {
    this.looked = this.looked === kind ? null : kind;
  }
}
