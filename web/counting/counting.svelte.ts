// What the counting bench is asked and what it was answered. The page counts nothing itself.
import { api, type Book, type Mark, type OpeningPage, type Place, type SplitFound } from '../api/client';
import { asProblem, open } from '../state/book.svelte';

export interface Region {
  x: number;
  y: number;
  wide: number;
  tall: number;
}

export class CountingState {
  across = $state(26);
  down = $state(38);
  pitch = $state(5);
  counting = $state<'boxes' | 'dots'>('boxes');
  edge = $state<'top' | 'side'>('top');
  region = $state<Region>({ x: 0, y: 0, wide: 26, tall: 38 });
  parts = $state<number | null>(3);
  /** Null for the best gap. */
  gap = $state<number | null>(0);
  ratio = $state('');
  again = $state(1);

  found = $state.raw<SplitFound | null>(null);
  /** The school whose lines are drawn through. */
  chosen = $state<string>('outside');
  wrong = $state<{ field: string | null; says: string } | null>(null);
  page = $state.raw<OpeningPage | null>(null);
  /** A title, block or row of stamps shown on the page instead of the splits. */
  placed = $state.raw<Place | null>(null);
  private asked = 0;

  /** Shares such as "2 : 1 : 1", or none. */
  get shares(): number[] {
    return this.ratio
      .split(/[^\d]+/)
      .filter(Boolean)
      .map(Number);
  }

  /** Whether the parts are unequal, so that shares say how many there are. */
  get shared(): boolean {
    return this.shares.length > 1;
  }

  whole() {
    this.region = { x: 0, y: 0, wide: this.across, tall: this.down };
  }

  async load(book: Book, page: number) {
    this.across = book.stock.across;
    this.down = book.stock.down;
    this.pitch = book.stock.pitch;
    this.counting = book.counting;
    try {
      const opening = await api.opening(book, page);
      this.page = opening.pages.find((one) => one?.page === page) ?? null;
    } catch (error) {
      this.wrong = { field: null, says: asProblem(error).detail };
    }
  }

  get question() {
    return {
      across: this.across,
      down: this.down,
      pitch: this.pitch,
      counting: this.counting,
      edge: this.edge,
      ...this.region,
      parts: this.parts ?? 0,
      gap: this.gap,
      ratio: this.shared ? this.shares : [],
      again: this.again,
    };
  }

  async count() {
    const nth = ++this.asked;
    try {
      const found = await api.split(this.question);
      if (nth !== this.asked) return;
      this.found = found;
      this.wrong = null;
      if (!found.counted.some((one) => one.policy === this.chosen && one.run !== null)) {
        this.chosen = found.counted.find((one) => one.run !== null)?.policy ?? '';
      }
    } catch (error) {
      if (nth !== this.asked) return;
      const problem = asProblem(error);
      this.wrong = { field: problem.field, says: problem.detail };
    }
  }

  /** The region as it is shown: the whole page needs no frame. */
  get shown(): Region | null {
    const whole = this.region.x === 0 && this.region.y === 0 && this.region.wide === this.across && this.region.tall === this.down;
    return whole || this.placed ? null : this.region;
  }

  /** The page's own marks, faint, with every school's lines over them; the sizes of the chosen one only. */
  get marks(): Mark[] {
    const lines = ((this.found?.marks ?? []) as Mark[]).filter((mark) => mark[0] !== 'words' || mark[3] === this.chosen);
    const under = ((this.page?.marks ?? []) as Mark[]).map((mark) => [mark[0], 'under', 0, null, ...mark.slice(4)] as Mark);
    // The chosen school's lines last, so that no other is drawn over them.
    const order = [...lines.filter((mark) => mark[3] !== this.chosen), ...lines.filter((mark) => mark[3] === this.chosen)];
    return [...under, ...(this.placed ? this.placed.marks : order)];
  }

  async take(policy: string): Promise<boolean> {
    if (!this.page) return false;
    const { edge, x, y, wide, tall, parts, gap, ratio, again } = this.question;
    return open.edit({
      type: 'take-split',
      on: this.page.drawing,
      nth: this.page.nth,
      edge,
      x,
      y,
      wide,
      tall,
      parts: ratio.length || parts,
      gap,
      policy,
      ratio,
      again,
    });
  }
}
