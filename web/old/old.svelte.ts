// What the Old book screen holds: the review, the spread that is judged now, its pages as they were drawn.
import { api, type Book, type Edit, type OldReview, type OldSpread } from '../api/client';
import { Loader } from '../state/loader.svelte';
import { Sent } from '../state/sent.svelte';

export type Looked = 'often' | 'sometimes' | 'never';
export type Verdict = 'keep' | 'change' | 'drop' | 'refer';

export const LOOKED: [Looked, string, string][] = [
  ['often', 'often', 'o'],
  ['sometimes', 'sometimes', 's'],
  ['never', 'never', 'n'],
];

export const VERDICTS: [Verdict, string, string][] = [
  ['keep', 'Keep', '1'],
  ['change', 'Change', '2'],
  ['drop', 'Drop', '3'],
  ['refer', 'Leave it in the old book', '4'],
];

type Item = Pick<OldSpread['items'][number], 'words' | 'as' | 'reworded'>;
type Said = Partial<Pick<OldSpread, 'looked' | 'verdict' | 'how' | 'took' | 'half' | 'filled'>>;

export class OldState {
  readonly review = new Loader<{ version: number; old: OldReview | null }>();
  readonly pages = new Loader<Awaited<ReturnType<typeof api.oldSpread>>>();
  /** The id of the spread that is looked at; null for the first that is not judged. */
  chosen = $state<string | null>(null);

  private readonly sent = new Sent<Item[]>();

  constructor(
    private readonly book: () => Book,
    private readonly edit: (edit: Edit) => Promise<boolean>,
  ) {}

  async load() {
    const book = this.book();
    if (await this.review.load(() => api.old(book))) this.sent.shown();
  }

  get old(): OldReview | null {
    return this.review.value?.old ?? null;
  }

  get spread(): OldSpread | null {
    const spreads = this.old?.spreads ?? [];
    return spreads.find((one) => one.id === this.chosen) ?? spreads.find((one) => one.verdict === null) ?? spreads[0] ?? null;
  }

  get at(): number {
    return this.old?.spreads.findIndex((one) => one.id === this.spread?.id) ?? -1;
  }

  /** Turns to the spread so many before or behind. */
  turn(by: number) {
    const spreads = this.old?.spreads ?? [];
    const next = spreads[Math.max(0, Math.min(spreads.length - 1, this.at + by))];
    if (next) this.chosen = next.id;
  }

  async look(spread: string) {
    const book = this.book();
    await this.pages.load(() => api.oldSpread(book, spread));
  }

  say(said: Said): Promise<boolean> {
    const spread = this.spread;
    return spread ? this.edit({ type: 'judge', spread: spread.id, ...said } as Edit) : Promise.resolve(false);
  }

  /** One key a spread: what is kept, dropped or left where it is needs no more, so the next is turned up. */
  async judge(verdict: Verdict): Promise<boolean> {
    const spread = this.spread;
    if (!spread) return false;
    const same = spread.verdict === verdict;
    this.chosen = spread.id;
    const said = this.edit({ type: 'judge', spread: spread.id, verdict: same ? null : verdict } as Edit);
    if (!same && verdict !== 'change') this.turn(1);
    return said;
  }

  item(i: number, change: { as?: string | null; reworded?: string | null }) {
    const items = [...this.items];
    const item = items[i];
    if (!item) return;
    items[i] = { ...item, ...change };
    this.list(items);
  }

  private get items(): Item[] {
    const shown = (this.spread?.items ?? []).map(({ words, as, reworded }) => ({ words, as, reworded }));
    return this.sent.now(this.spread?.id ?? '', shown);
  }

  private async list(items: Item[]) {
    const spread = this.spread;
    if (spread) await this.sent.send(spread.id, items, () => this.edit({ type: 'judge', spread: spread.id, items } as Edit));
  }

  /** Things of the old list that were written by hand, a line each. */
  add(lines: string) {
    const known = this.items;
    const more = lines
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '' && !known.some((one) => one.words === line))
      .map((words) => ({ words, as: 'carry', reworded: null }));
    if (more.length > 0) this.list([...known, ...more]);
  }
}
