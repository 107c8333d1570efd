// What is chosen and dragged on Spreads, in which order keys go through the book, and what moved with the last edit.
import type { Book, Edit, Spread } from '../api/client';

/** Where it is kept which spread is chosen: in the address. */
export interface Chosen {
  id: string | null;
}

export class SpreadsState {
  dragged = $state<string | null>(null);
  /** Where everything stood before the last edit, so that what moves is seen moving. */
  private before = $state.raw(new Map<string, number | null>());

  constructor(
    private readonly book: () => Book,
    private readonly send: (edit: Edit) => Promise<boolean>,
    private readonly kept: Chosen,
  ) {}

  get chosenId(): string | null {
    return this.kept.id;
  }

  set chosenId(id: string | null) {
    this.kept.id = id;
  }

  get chosen(): Spread | null {
    return this.book().spreads.find((spread) => spread.id === this.chosenId) ?? null;
  }

  /** In the order of pages; what has none comes first. */
  get inBook(): Spread[] {
    return [...this.book().spreads].sort((a, b) => (a.page ?? 0) - (b.page ?? 0));
  }

  /** The words above the first spread of each section. */
  heading(spread: Spread | null, nth: number): string {
    if (!spread || nth > 0) return '';
    const order = this.inBook;
    const before = order[order.findIndex((one) => one.id === spread.id) - 1];
    return before?.section === spread.section ? '' : (this.book().sections.find((section) => section.id === spread.section)?.words ?? '');
  }

  choose(id: string | null) {
    this.chosenId = this.chosenId === id ? null : id;
  }

  /** Chooses the spread before or after; from none, the last or the first. */
  step(way: -1 | 1): Spread | null {
    const order = this.inBook;
    const at = this.chosen ? order.findIndex((one) => one.id === this.chosenId) : way > 0 ? -1 : order.length;
    const next = order[at + way] ?? null;
    if (next) this.chosenId = next.id;
    return next;
  }

  /** What stood behind a spread before the last edit, and is there still; else what stands last. */
  nextOf(id: string | null): string | null {
    const order = [...this.before.entries()].filter(([, page]) => page !== null).sort(([, one], [, other]) => (one ?? 0) - (other ?? 0));
    const at = order.findIndex(([one]) => one === id);
    const left = new Set(this.book().spreads.map((one) => one.id));
    return (order.slice(at + 1).find(([one]) => left.has(one)) ?? order.findLast(([one]) => left.has(one)))?.[0] ?? null;
  }

  edit(edit: Edit): Promise<boolean> {
    this.before = new Map(this.book().spreads.map((spread) => [spread.id, spread.page]));
    return this.send(edit);
  }

  /** Whether the last edit moved it to another page. */
  moved(spread: Spread | null): boolean {
    return spread !== null && this.before.has(spread.id) && this.before.get(spread.id) !== spread.page;
  }

  /** What was dragged goes before what it was dropped on, or behind it. */
  drop(target: string, after: boolean) {
    const dragged = this.dragged;
    this.dragged = null;
    if (!dragged || dragged === target) return;
    const spreads = this.book().spreads;
    const goal = spreads.find((spread) => spread.id === target);
    const siblings = spreads.filter((spread) => spread.section === goal?.section && spread.id !== dragged);
    const next = after ? siblings[siblings.findIndex((spread) => spread.id === target) + 1] : goal;
    this.edit({ type: 'move-spread', spread: dragged, section: goal?.section, before: next?.id ?? null });
  }

  /** Adds a spread of a kind and chooses it. @param first what has to be made before, as one with it */
  async add(kind: string, first: Edit | null = null, settings: Record<string, unknown> = {}): Promise<Spread | null> {
    const add = { type: 'add-spread', kind, book: this.book().book, ...(Object.keys(settings).length > 0 ? { settings } : {}) } as const;
    if (!(await this.edit(first ? { type: 'several', edits: [first, add] } : add))) return null;
    const added = this.book().spreads.find((spread) => !this.before.has(spread.id)) ?? null;
    if (added) this.chosenId = added.id;
    return added;
  }
}
