// The opening on the bench: its drawings, its steps, which are ticked, which is lit. Bench and desk share it.
import { api, type Book, type Group, type Opening, type OpeningPage, type Step, type Timing } from '../api/client';
import { outbox } from '../offline/outbox';
import { reach } from '../offline/reach.svelte';
import type { Waiting } from '../offline/store';
import { asProblem, open } from '../state/book.svelte';
import { Loader } from '../state/loader.svelte';

export class BenchState {
  private readonly fetched = new Loader<Opening>();
  wrong = $state('');
  /** The step at hand, by its drawing and key. */
  at = $state<{ drawing: string; key: string } | null>(null);
  /** The note pointed at. */
  note = $state<{ drawing: string; note: string } | null>(null);
  /** What another device changed on this opening, until it is read. */
  changed = $state.raw<string[]>([]);
  layers = $state(new Set(['pencil', 'band', 'ink', 'writing']));
  private ticked = $state.raw(new Set<string>());
  /** What was ticked here last. */
  private mine: { of: string; done: boolean; at: number }[] = [];
  /** Minutes as they were answered after the last tick. */
  private fresh = $state.raw<Timing[] | null>(null);
  /** The page that was asked for last: its steps come first. */
  private asked = 0;

  async load(book: Book, page: number) {
    const was = this.opening;
    const before = was?.left;
    const asked = performance.now();
    let waiting: Waiting[] = [];
    const opening = await this.fetched.load(async () => {
      // Before it is fetched: what is sent meanwhile is in the one or the other.
      waiting = await outbox.waitingFor(book.id);
      return api.opening(book, Math.max(1, Math.min(page, book.stock.pages)));
    });
    this.wrong = this.fetched.wrong;
    if (!opening) return;
    this.fresh = null;
    this.ticked = this.known(opening, waiting, asked);
    // A plan that was edited on another device: what that changed on this page is said before the pen goes on.
    if (was && opening.left === was.left && opening.version > was.version && opening.version === open.foreign)
      this.changed = this.changes(was, opening);
    else if (opening.left !== before) this.changed = [];
    if (opening.left !== before || page !== this.asked || !this.current) this.at = this.firstOpen(page);
    this.asked = page;
    // Drawn from a later book than the one on the screen: that was changed elsewhere meanwhile.
    await open.outdated(opening.version);
  }

  get opening(): Opening | null {
    return this.fetched.value;
  }

  get steps(): { group: Group; step: Step }[] {
    return this.opening?.groups.flatMap((group) => group.steps.map((step) => ({ group, step }))) ?? [];
  }

  /** Minutes of each page of the opening. */
  get timing(): Timing[] {
    return this.fresh ?? this.opening?.timing ?? [];
  }

  /** The steps of a page, and whether all are ticked. */
  isDrawn(page: number): boolean {
    const steps = this.steps.filter(({ step }) => step.page === page);
    return steps.length > 0 && steps.every(({ group, step }) => this.isTicked(group.drawing, step.key));
  }

  get current(): { group: Group; step: Step } | null {
    return this.steps.find(({ group, step }) => group.drawing === this.at?.drawing && step.key === this.at.key) ?? null;
  }

  isTicked(drawing: string, key: string): boolean {
    return this.ticked.has(`${drawing} ${key}`);
  }

  /** Kept on the device first: nothing that is ticked is lost, whether the program is reached or not. */
  async tick(id: string, drawing: string, key: string, done: boolean) {
    const next = new Set(this.ticked);
    next[done ? 'add' : 'delete'](`${drawing} ${key}`);
    this.ticked = next;
    this.mine = [...this.mine.slice(-20), { of: `${drawing} ${key}`, done, at: performance.now() }];
    try {
      await outbox.tick(id, drawing, key, done);
      await this.timed(drawing, key, done);
    } catch (error) {
      const problem = asProblem(error);
      // Not reached: the tick is kept, and minutes are known later.
      if (problem.status !== 0) this.wrong = problem.detail;
    }
  }

  /** Something was ticked elsewhere: shown here, without leaving the step at hand. */
  async look(book: Book) {
    const opening = this.opening;
    if (!opening) return;
    try {
      const asked = performance.now();
      const waiting = await outbox.waitingFor(book.id);
      const now = await api.opening(book, Math.max(1, opening.left));
      if (this.opening?.left !== now.left) return;
      this.fresh = now.timing;
      this.ticked = this.known(now, waiting, asked);
    } catch (error) {
      this.wrong = asProblem(error).detail;
    }
  }

  /** What is ticked: as the program said, as it will be when what waits is sent, and what was ticked since it was asked. */
  private known(opening: Opening, waiting: Waiting[], asked: number): Set<string> {
    const ticked = new Set(opening.ticked.map((tick) => `${tick.drawing} ${tick.step}`));
    for (const one of waiting) {
      if (one.is === 'tick') ticked[one.done ? 'add' : 'delete'](`${one.drawing} ${one.step}`);
    }
    for (const one of this.mine) {
      if (one.at >= asked) ticked[one.done ? 'add' : 'delete'](one.of);
    }
    return ticked;
  }

  /** What another device changed of the steps in front of one. */
  private changes(before: Opening, now: Opening): string[] {
    const steps = (opening: Opening) =>
      opening.groups.flatMap((group) => group.steps.map((step) => ({ of: `${group.drawing} ${step.key}`, step })));
    const [old, recent] = [steps(before), steps(now)];
    const [had, has] = [new Set(old.map((one) => one.of)), new Set(recent.map((one) => one.of))];
    const gone = old.filter((one) => !has.has(one.of)).map(({ step }) => `Page ${step.page}, no more: ${step.text}`);
    const come = recent.filter((one) => !had.has(one.of)).map(({ step }) => `Page ${step.page}, new: ${step.text}`);
    return [...gone, ...come];
  }

  /** The minutes as they are after a tick. A page whose last step was ticked keeps those it took; what a person said of it stays. */
  private async timed(drawing: string, key: string, done: boolean) {
    const page = this.steps.find(({ group, step }) => group.drawing === drawing && step.key === key)?.step.page;
    const book = open.book;
    if (!done || page === undefined || !book || reach.lost) return;
    this.fresh = (await api.opening(book, page)).timing;
    const now = this.fresh.find((one) => one.page === page);
    if (!this.isDrawn(page) || !now || now.said || now.running < 1 || now.running === now.took) return;
    await open.edit({ type: 'time-page', drawing: now.drawing, nth: now.nth, minutes: now.running, work: now.work });
  }

  /** Ticks the step at hand and goes on to the next. */
  async done(id: string) {
    const current = this.current;
    if (!current) return;
    const { group, step } = current;
    const wasDone = this.isTicked(group.drawing, step.key);
    if (!wasDone) this.turn(1);
    await this.tick(id, group.drawing, step.key, !wasDone);
  }

  turn(way: -1 | 1) {
    const steps = this.steps;
    const i = steps.findIndex(({ group, step }) => group.drawing === this.at?.drawing && step.key === this.at.key);
    const next = steps[i + way];
    if (next) this.at = { drawing: next.group.drawing, key: next.step.key };
  }

  /** What a page lights: the note pointed at, or the step at hand, where they are its own. */
  lit(page: OpeningPage): { note: string | null; step: number | null } {
    if (this.note) return { note: this.note.drawing === page.drawing ? this.note.note : null, step: null };
    const current = this.current;
    return {
      note: null,
      step: current && current.group.drawing === page.drawing && current.step.page === page.page ? current.step.number : null,
    };
  }

  private firstOpen(page: number) {
    const steps = this.steps;
    const isOpen = ({ group, step }: { group: Group; step: Step }) => !this.isTicked(group.drawing, step.key);
    const open = steps.find((one) => one.step.page === page && isOpen(one)) ?? steps.find(isOpen) ?? steps[0];
    return open ? { drawing: open.group.drawing, key: open.step.key } : null;
  }
}
