// A slip as it is told: what happened, where the pen stands, and the ways that save it.
import { api, type Book, type Edit, type SlipAsked, type WhatNow } from '../api/client';
import { Loader } from '../state/loader.svelte';

export type What = SlipAsked['kind'];

export class SlipState {
  private readonly found = new Loader<WhatNow>();
  kind = $state<What | ''>('');
  at = $state<{ page: number; x: number; y: number }>({ page: 1, x: 0, y: 0 });
  /** Boxes it is off: further on where it is more than nought. */
  by = $state(1);
  /** Which way it was counted; null for the nearest line. */
  down = $state<boolean | null>(null);
  other = $state<number | null>(null);
  wide = $state<number | null>(null);
  tall = $state<number | null>(null);
  wrong = $state('');
  /** What saved the last one, said once. */
  saved = $state('');

  /** @param edit makes an edit; false where it was refused */
  constructor(
    private readonly book: () => Book,
    private readonly edit: (edit: Edit) => Promise<boolean>,
  ) {}

  get ways(): WhatNow | null {
    return this.kind === '' ? null : this.found.value;
  }

  /** What is asked, as it is sent; null where something is missing still. */
  get asked(): SlipAsked | null {
    if (this.kind === '') return null;
    const asks = { kind: this.kind, ...this.at };
    switch (this.kind) {
      case 'count':
      case 'tabs':
        return { ...asks, by: this.by, ...(this.down === null ? {} : { down: this.down }) };
      case 'title-off':
      case 'cut-far':
        return { ...asks, by: this.by };
      case 'wrong-page':
        return this.other === null ? null : { ...asks, other: this.other };
      case 'sticker':
        return this.wide === null || this.tall === null ? null : { ...asks, wide: this.wide, tall: this.tall };
      default:
        return asks;
    }
  }

  async load() {
    const asked = this.asked;
    this.wrong = '';
    if (!asked || !Number.isFinite(this.by) || this.by === 0) return;
    await this.found.load(() => api.whatNow(this.book(), asked));
    this.wrong = this.found.wrong;
  }

  /** Where the pen is likely to stand: the first tick of the step in front of one, along its edge. */
  begin(step: { page: number; edge: string | null; ticks: string[] } | null) {
    if (!step) return;
    const tick = Math.floor(Number.parseFloat(step.ticks[0] ?? ''));
    const at = Number.isFinite(tick) ? tick : 0;
    this.at = { page: step.page, x: step.edge === 'top' ? at : 0, y: step.edge === 'side' ? at : 0 };
  }

  pick(page: number, x: number, y: number) {
    this.saved = '';
    this.at = { page, x, y };
  }

  /** Takes a way: the book is then as it stands on paper. */
  async take(way: WhatNow['ways'][number]) {
    if (await this.edit(way.edit)) {
      this.saved = way.say;
      this.kind = '';
    }
  }
}
