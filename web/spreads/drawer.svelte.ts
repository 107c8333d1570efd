// The drawer of kinds: what is found by a word, which one is looked at.
import type { Book, Catalogue, Drawer, Edit, Kind } from '../api/client';
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
    const found = this.kinds.filter((kind) => {
      const said = [kind.name, kind.purpose, ...kind.names].join(' ').toLowerCase();
      return asked.every((word) => said.includes(word));
    });
    return this.book()
      .sections.map((section) => ({ ...section, kinds: found.filter((kind) => kind.section === section.id) }))
      .filter((section) => section.kinds.length > 0);
  }

  /** Those of the program, the plan's own, and those kept from other notebooks. */
  private get kinds(): Kind[] {
    return [...(this.catalogue()?.spreads ?? []), ...this.book().kinds, ...this.kept.map((one) => one.kind)];
  }

  private get kept(): Drawer['kept'] {
    const here = new Set(this.book().kinds.map((kind) => kind.kind));
    return (this.drawn.value?.kept ?? []).filter((one) => !here.has(one.kind.kind));
  }

  get kind(): Kind | null {
    return this.kinds.find((kind) => kind.kind === this.looked) ?? null;
  }

  /** Whether the person made it. */
  isOwn(kind: string): boolean {
    return this.book().kinds.some((one) => one.kind === kind) || this.kept.some((one) => one.kind.kind === kind);
  }

  /** What has to be taken into the plan before it can be added; null where it is there. */
  toTakeIn(kind: string): Edit | null {
    const own = this.kept.find((one) => one.kind.kind === kind)?.own;
    return own ? { type: 'add-kind', own } : null;
  }

  /** Out of the plan, and out of the drawer of every notebook. */
  async takeOut(kind: string, edit: (edit: Edit) => Promise<boolean>, forget: (kind: string) => Promise<void>) {
    if (this.book().kinds.some((one) => one.kind === kind) && !(await edit({ type: 'remove-kind', kind }))) return;
    await forget(kind);
    this.looked = null;
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
