// The book being leafed through: which opening lies open, which leaves are there to be turned, and the pages fetched ahead.
import { api, type Book, type LeafPage, type Leaves } from '../api/client';
import { asProblem } from '../state/book.svelte';

/** Pages that are fetched at once. */
const BLOCK = 16;
/** Leaves kept ready on both sides of the opening, so that nothing is made while one is turned. */
const READY = 4;
/** Milliseconds a leaf takes to turn. */
export const TURN = 190;

export class LeafingState {
  /** The left page of the opening; 0 where page 1 faces the cover. */
  left = $state(0);
  /** Held against the light. */
  light = $state(false);
  /** What is taped on is folded out. */
  unfolded = $state(false);
  wrong = $state('');
  /** How thick the block of leaves is, and how that comes about. */
  thickness = $state.raw<Leaves['thickness'] | null>(null);
  private pages = $state.raw<Record<number, LeafPage>>({});
  /** The opening the leaves are made for; it follows when a leaf has come to rest. */
  private anchor = $state(0);
  /** Pages that are drawn already. */
  private ready = $state<Record<number, boolean>>({});
  private drawing: ReturnType<typeof setTimeout> | undefined;
  private asked = new Set<number>();
  private version = -1;
  private resting: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly book: () => Book) {}

  /** The left page of the last opening. */
  get last(): number {
    return 2 * Math.floor(this.book().stock.pages / 2);
  }

  /** Opens the book where a page is. */
  open(page: number) {
    const left = Math.max(0, Math.min(this.last, 2 * Math.floor(page / 2)));
    const far = Math.abs(left - this.anchor) > 2 * (READY - 1);
    if (left !== this.left) this.unfolded = false;
    this.left = left;
    clearTimeout(this.resting);
    const rest = () => {
      this.anchor = this.left;
      this.queue();
    };
    if (far) rest();
    else this.resting = setTimeout(rest, TURN + 60);
    this.fetch();
  }

  /** After an edit everything is fetched anew. */
  renew() {
    const { version } = this.book();
    if (version === this.version) return;
    this.version = version;
    this.asked.clear();
    this.fetch();
  }

  page(page: number): LeafPage | null {
    return this.pages[page] ?? null;
  }

  /** The same once its turn to be drawn has come: pages that are not in sight yet are drawn one after another, between frames. */
  drawn(page: number): LeafPage | null {
    return this.isInSight(page) || this.ready[page] ? this.page(page) : null;
  }

  isInSight(page: number): boolean {
    return page >= this.left - 1 && page <= this.left + 2;
  }

  private queue() {
    clearTimeout(this.drawing);
    const next = this.leaves.flatMap((leaf) => [2 * leaf - 1, 2 * leaf]).find((page) => !this.ready[page] && this.pages[page]);
    if (next === undefined) return;
    this.drawing = setTimeout(() => {
      this.ready[next] = true;
      this.queue();
    }, 24);
  }

  /** Whether a leaf lies on the left. */
  isTurned(leaf: number): boolean {
    return 2 * leaf <= this.left;
  }

  /** The leaves that are there: a few on both sides, and beyond a cut one those that are seen through it. */
  get leaves(): number[] {
    const last = Math.floor(this.book().stock.pages / 2);
    let [from, to] = [this.anchor / 2 - READY + 1, this.anchor / 2 + READY];
    while (from > 1 && this.isCut(2 * from)) from--;
    while (to < last && this.isCut(2 * to - 1)) to++;
    [from, to] = [Math.max(1, from), Math.min(last, to)];
    return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
  }

  private isCut(page: number): boolean {
    return (this.pages[page]?.removed.length ?? 0) > 0;
  }

  /** The pages round the opening, a block at a time, each asked for once. */
  private fetch() {
    const [first, last] = [Math.max(1, this.left - BLOCK / 2), Math.min(this.book().stock.pages, this.left + 2 * BLOCK)];
    for (let block = Math.floor((first - 1) / BLOCK); block * BLOCK < last; block++) {
      if (this.asked.has(block)) continue;
      this.asked.add(block);
      this.load(block);
    }
  }

  private async load(block: number) {
    const { version } = this;
    try {
      const answer = await api.leaves(this.book(), block * BLOCK + 1, (block + 1) * BLOCK);
      if (version !== this.version) return;
      this.pages = { ...this.pages, ...Object.fromEntries(answer.pages.map((page) => [page.page, page])) };
      this.thickness = answer.thickness;
      this.wrong = '';
      this.queue();
    } catch (error) {
      if (version !== this.version) return;
      this.asked.delete(block);
      this.wrong = asProblem(error).detail;
    }
  }
}
