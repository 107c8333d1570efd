// A page being divided: which part is chosen, what could be made of it, a line being drawn along before it is let go.
import { api, type Book, type Edit, type PartChange, type PartChoices, type Parts } from '../api/client';
import { Loader } from '../state/loader.svelte';

export type Part = Parts['parts'][number];
export type Division = Parts['divisions'][number];

/** A line between two parts of a division: where it stands, and how far it may go. */
export interface Line {
  division: Division;
  /** It stands behind this part. */
  part: number;
  /** Boxes from the page's edge: where the part ends, and where the next begins. */
  from: number;
  to: number;
}

export class PartingState {
  readonly fetched = new Loader<Parts>();
  readonly choices = new Loader<PartChoices>();
  /** As it would be while a line is drawn along. */
  private readonly tried = new Loader<Parts>();
  /** The part or the division that is chosen, by its path. */
  at = $state<string | null>(null);
  /** The line being drawn along, and by how many boxes. */
  drawn = $state<{ line: Line; by: number } | null>(null);
  /** A way of dividing that is looked at. */
  looked = $state<PartChoices['divisions'][number] | null>(null);

  /** Pressed, and not sent yet: of what. */
  private waiting: { at: string }[] = [];

  constructor(
    private readonly book: () => Book,
    private readonly spread: () => string,
    private readonly edit: (edit: () => Edit, then: () => Promise<unknown>) => Promise<boolean>,
    /** Which of its pages is looked at first, from 0. */
    private readonly first: () => number = () => 0,
  ) {}

  async load() {
    const parts = await this.fetched.load(() => api.parts(this.book(), this.spread()));
    if (!parts) return parts;
    this.tried.clear();
    this.drawn = null;
    if (this.at === null || !this.known(this.at)) {
      const there = this.at === null ? parts.parts.filter((one) => one.sheet === this.first()) : [];
      this.at = largest(there.length > 0 ? there : parts.parts)?.path ?? '';
    }
    return parts;
  }

  async loadChoices() {
    this.looked = null;
    const part = this.part;
    if (part) await this.choices.load(() => api.partChoices(this.book(), this.spread(), part.path));
    else this.choices.clear();
  }

  /** What is shown: the page as it is, or as it would be. */
  get page(): Parts | null {
    return this.drawn && this.tried.value ? this.tried.value : this.fetched.value;
  }

  /** The page that is shown, of those that are divided: the one the chosen part stands on. */
  get sheet(): number {
    return this.sheetOf(this.at);
  }

  private sheetOf(path: string | null): number {
    const page = this.page;
    return [...(page?.parts ?? []), ...(page?.divisions ?? [])].find((one) => one.path === path)?.sheet ?? 0;
  }

  get parts(): Part[] {
    return this.page?.parts.filter((one) => one.sheet === this.sheet) ?? [];
  }

  /** Shows another of the pages. */
  turn(sheet: number) {
    const first = this.page?.parts.filter((one) => one.sheet === sheet);
    const next = first && largest(first);
    if (next) this.at = next.path;
  }

  /** One page more after this one, or this one taken out. */
  addPage(): Promise<boolean> {
    return this.inTurn(this.at ?? '', { do: 'add-page' }, (at) => String(this.sheetOf(at) + 1));
  }

  removePage(): Promise<boolean> {
    return this.inTurn(this.at ?? '', { do: 'remove-page' }, (at) => String(Math.max(0, this.sheetOf(at) - 1)));
  }

  get part(): Part | null {
    return this.page?.parts.find((one) => one.path === this.at) ?? null;
  }

  get division(): Division | null {
    return this.page?.divisions.find((one) => one.path === this.at) ?? null;
  }

  /** The division the chosen one is a part of. */
  get around(): Division | null {
    const at = this.at;
    return at ? (this.page?.divisions.find((one) => one.path === parent(at)) ?? null) : null;
  }

  /** Which of its parts the chosen one is. */
  get nth(): number {
    return Number(this.at?.split('.').at(-1) ?? 0);
  }

  get lines(): Line[] {
    return (this.page?.divisions ?? [])
      .filter((one) => one.sheet === this.sheet)
      .flatMap((division) => {
        const start = division.way === 'across' ? division.x : division.y;
        return division.stretches.slice(1).map((stretch, i) => {
          const [before, long] = division.stretches[i] as [number, number];
          return { division, part: i, from: start + before + long, to: start + (stretch[0] as number) };
        });
      });
  }

  choose(path: string) {
    this.at = path;
  }

  /** From part to part, in the order they stand in. */
  step(way: -1 | 1) {
    const parts = this.parts;
    const i = parts.findIndex((one) => one.path === this.at);
    const next = parts[i < 0 ? 0 : (i + way + parts.length) % parts.length];
    if (next) this.at = next.path;
  }

  /** The division around what is chosen; from the whole page back to its first part. */
  out() {
    if (this.around) this.at = this.around.path;
  }

  /**
   * Makes a change of the part that is chosen; what is chosen then is what it became. Pressed while an older change is on its way it waits
   * for it, and is of what that part has become.
   */
  change(change: Omit<PartChange, 'at'>, at = this.at ?? ''): Promise<boolean> {
    return this.inTurn(at, change, (now) => this.made(change, now));
  }

  private inTurn(at: string, change: { do: string }, becomes: (at: string) => string): Promise<boolean> {
    const pressed = { at };
    this.waiting.push(pressed);
    let path = at;
    return this.edit(
      () => {
        this.waiting = this.waiting.filter((one) => one !== pressed);
        path = becomes(pressed.at);
        return { type: 'part-page', spread: this.spread(), at: pressed.at, ...change } as Edit;
      },
      async () => {
        // At once, so that nothing more is said of a part that is not what it was.
        this.becomes(pressed.at, path);
        await this.load();
        if (change.do === 'remove-page' && !this.part) this.turn(this.sheet);
      },
    ).finally(() => (this.waiting = this.waiting.filter((one) => one !== pressed)));
  }

  /** The path of what a change makes of a part. */
  private made(change: Omit<PartChange, 'at'>, at: string): string {
    if (change.do === 'divide') return below(at, 0);
    const around = at ? this.page?.divisions.find((one) => one.path === parent(at)) : undefined;
    if (!around) return at;
    const nth = Number(at.split('.').at(-1));
    const parts = around.sizes.length;
    if (change.do === 'swap') return below(around.path, nth + (nth + 1 < parts ? 1 : -1));
    if (change.do === 'join') return parts === 2 ? around.path : below(around.path, Math.min(nth, parts - 2));
    return at;
  }

  /** What was chosen, and what waits to be done to it, is of another path now; what was chosen since stays so. */
  private becomes(at: string, path: string) {
    if ((this.at ?? '') === at) this.at = path;
    for (const one of this.waiting) if (one.at === at) one.at = path;
  }

  /** Its leaves cut in another way, or not at all. */
  cut(change: { cut: string | null; settings?: Record<string, unknown> }): Promise<boolean> {
    return this.inTurn('', { do: 'cut', ...change }, (at) => at);
  }

  /** Draws a line along by so many boxes, without letting it go. */
  async draw(line: Line, by: number) {
    if (this.drawn?.line === line && this.drawn.by === by) return;
    this.drawn = { line, by };
    if (by !== 0)
      await this.tried.load(() =>
        api.partsChanged(this.book(), this.spread(), { do: 'move', at: line.division.path, part: line.part, by }),
      );
    else this.tried.clear();
  }

  /** Lets it go where it is. */
  async drop() {
    const drawn = this.drawn;
    if (!drawn) return;
    if (drawn.by === 0 || this.tried.wrong) {
      this.drawn = null;
      this.tried.clear();
      return;
    }
    await this.move(drawn.line, drawn.by);
  }

  move(line: Line, by: number): Promise<boolean> {
    return this.change({ do: 'move', part: line.part, by }, line.division.path);
  }

  /** How far a line may go before a part has no box left. */
  bounds(line: Line): [number, number] {
    const [before, behind] = [line.division.stretches[line.part]?.[1] ?? 1, line.division.stretches[line.part + 1]?.[1] ?? 1];
    return [1 - before, behind - 1];
  }

  private known(path: string): boolean {
    const page = this.fetched.value;
    return !!page && [...page.parts, ...page.divisions].some((one) => one.path === path);
  }
}

/** The part that is most likely meant where nobody has chosen one. */
function largest(parts: Part[]): Part | undefined {
  return [...parts].sort((a, b) => b.wide * b.tall - a.wide * a.tall)[0];
}

export function parent(path: string): string {
  return path.split('.').slice(0, -1).join('.');
}

export function below(path: string, part: number): string {
  return path === '' ? String(part) : `${path}.${part}`;
}
