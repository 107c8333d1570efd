// The drawer of kinds: what is found by a word, which one is looked at, and what else it could look like.
import {
  api,
  type Book,
  type Catalogue,
  type Comparison,
  type Drawer,
  type Edit,
  type FoundKinds,
  type Kind,
  type Mark,
} from '../api/client';
import { SvelteMap } from 'svelte/reactivity';
import { Loader } from '../state/loader.svelte';

/** Pictures fetched at once. */
const MOST = 60;

/** Milliseconds without a letter more, after which somebody has said what they want. */
const SOON = 120;

export class DrawerState {
  readonly drawn = new Loader<Drawer>();
  /** The first page of each kind that was looked at, as it would stand on this paper. */
  private readonly pictures = new SvelteMap<string, Mark[]>();
  /** Kinds whose pictures were asked for, and those that wait for their turn. */
  private readonly asked = new Set<string>();
  private waiting: string[] = [];
  /** What is shown depends on this: a book that says the same needs nothing fetched. */
  private shown = '';
  /** The layouts of the kind looked at. */
  readonly variants = new Loader<Comparison>();
  /** Which of them is chosen. */
  variant = $state<number | null>(null);
  words = $state('');
  /** The kind looked at large. */
  looked = $state<string | null>(null);

  constructor(
    private readonly catalogue: () => Catalogue | null,
    private readonly book: () => Book,
    /** The parts of the pattern it is open for; null for the spreads of the book. */
    readonly parts: (() => { kind: string }[]) | null = null,
  ) {}

  /** What a wish means, and the wish. */
  private readonly wish = new Loader<{ words: string; found: FoundKinds }>();
  private soon: ReturnType<typeof setTimeout> | undefined;

  /** Somebody says what they want: shown by their words at once, and by what they mean as soon as that is known. */
  say(words: string) {
    this.words = words;
    clearTimeout(this.soon);
    if (words.trim() === '') return this.wish.clear();
    this.soon = setTimeout(() => {
      void this.wish.load(async () => ({ words, found: await api.findKinds(words.trim(), this.parts !== null) }));
    }, SOON);
  }

  /** What is known of the wish said last: null until it is. */
  get found(): FoundKinds | null {
    return this.wish.value?.words === this.words ? this.wish.value.found : null;
  }

  /** Those whose own words hold all that is said. */
  private get called(): Kind[] {
    const asked = this.words.toLowerCase().split(/\s+/).filter(Boolean);
    const holds = (said: string[]) => asked.every((word) => said.join(' ').toLowerCase().includes(word));
    const found = this.kinds.filter((kind) => holds([kind.name, kind.purpose, ...kind.names]));
    return found.sort((a, b) => Number(holds([b.name])) - Number(holds([a.name])));
  }

  /** Kinds by section; where something is said, those it means, the likeliest first and one's own before others. */
  get sections(): { id: string; words: string; kinds: Kind[] }[] {
    if (this.words.trim() !== '') {
      const called = this.called;
      const answer = this.found;
      const meant = answer?.kinds.map((id) => this.named(id)).filter((one) => one !== null) ?? called;
      const own = called.filter((one) => this.isOwn(one.kind) && !meant.includes(one));
      const kinds = [...own, ...meant];
      return kinds.length === 0 ? [] : [{ id: 'found', words: answer?.near && own.length === 0 ? 'Nearest to that' : 'Found', kinds }];
    }
    const all = this.kinds;
    const monthly = this.parts ? [{ id: 'month', words: 'Parts of a month', kinds: all.filter((kind) => kind.section === null) }] : [];
    return [
      ...monthly,
      ...this.book().sections.map((section) => ({ ...section, kinds: all.filter((kind) => kind.section === section.id) })),
    ].filter((section) => section.kinds.length > 0);
  }

  /** Those of the program, the plan's own, and those kept from other notebooks. */
  private get kinds(): Kind[] {
    const spreads = [...(this.catalogue()?.spreads ?? []), ...this.book().kinds, ...this.kept.map((one) => one.kind)];
    return this.parts ? [...(this.catalogue()?.month_parts ?? []), ...spreads.filter((kind) => kind.monthly)] : spreads;
  }

  private get kept(): Drawer['kept'] {
    const here = new Set(this.book().kinds.map((kind) => kind.kind));
    return (this.drawn.value?.kept ?? []).filter((one) => !here.has(one.kind.kind));
  }

  get kind(): Kind | null {
    return this.looked === null ? null : this.named(this.looked);
  }

  /** The page that somebody divides; null where the drawer holds parts of a month. */
  get byHand(): Kind | null {
    return this.parts ? null : (this.kinds.find((one) => one.by_hand) ?? null);
  }

  named(kind: string): Kind | null {
    return this.kinds.find((one) => one.kind === kind) ?? null;
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

  /** Fetches what the drawer holds, unless it is there already. @param again even then: a kind was taken out, or came in */
  async load(again = false) {
    const book = this.book();
    if (!again && this.shown === `${book.id} ${book.book} ${book.samples}`) return;
    this.shown = `${book.id} ${book.book} ${book.samples}`;
    const loaded = await this.drawn.load(() => api.drawer(book, this.parts !== null));
    if (loaded === null) return void (this.drawn.wrong && (this.shown = ''));
    this.asked.clear();
    this.pictures.clear();
  }

  /** A kind comes into sight: its picture is fetched, with those of others that came with it. */
  want(kind: string) {
    if (this.asked.has(kind)) return;
    this.asked.add(kind);
    if (this.waiting.push(kind) === 1) setTimeout(() => this.fetch());
  }

  private async fetch() {
    const [book, kinds, shown] = [this.book(), this.waiting.slice(0, MOST), this.shown];
    this.waiting = this.waiting.slice(MOST);
    if (this.waiting.length > 0) setTimeout(() => this.fetch());
    try {
      const { marks } = await api.samples(book, kinds, this.parts !== null);
      if (shown === this.shown) for (const [kind, page] of Object.entries(marks)) this.pictures.set(kind, page);
    } catch {
      // What is still in sight asks again when it comes back into it.
      for (const kind of kinds) this.asked.delete(kind);
    }
  }

  /** Null until it is fetched. */
  picture(kind: string): Mark[] | null {
    return this.pictures.get(kind) ?? null;
  }

  sample(kind: string): Drawer['kinds'][number] | null {
    return this.drawn.value?.kinds.find((one) => one.kind === kind) ?? null;
  }

  /** How often it is in the book, or in the pattern, already. */
  times(kind: string): number {
    return (this.parts?.() ?? this.book().spreads).filter((one) => one.kind === kind).length;
  }

  /** Where those are, in words. */
  get inside(): string {
    return this.parts ? 'in the pattern' : 'in the book';
  }

  /** Kinds that stand well on the other page of its opening, and whether the book has them. */
  opposite(kind: Kind): { kind: Kind; here: boolean }[] {
    return this.kinds.filter((one) => kind.opposite.includes(one.kind)).map((one) => ({ kind: one, here: this.times(one.kind) > 0 }));
  }

  look(kind: string) {
    this.looked = this.looked === kind ? null : kind;
    this.variant = null;
    this.variants.clear();
  }

  /** The settings a kind is added with: those of the layout chosen, or what makes it fit this paper. */
  settings(kind: string): Record<string, unknown> {
    const chosen = this.looked === kind && this.variant !== null ? this.variants.value?.candidates[this.variant]?.settings : undefined;
    return (chosen ?? this.sample(kind)?.settings ?? {}) as Record<string, unknown>;
  }
}
