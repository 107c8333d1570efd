// The sittings of the open book, fetched anew with every change of it; and how their pages are put on other evenings.
import { api, type Book, type Evening, type Sitting, type SittingPage, type Sittings } from '../api/client';
import { nextSitting } from '../parts/nextSitting';
import { asProblem, open } from '../state/book.svelte';
import { type Answer, FieldLines } from '../state/lines.svelte';
import { Loader } from '../state/loader.svelte';
import { Sent } from '../state/sent.svelte';

export class SittingsState {
  private readonly fetched = new Loader<Sittings>();
  private readonly sent = new Sent<Evening[]>();
  wrong = $state('');

  async load(book: Book) {
    // An answer that a later one takes the place of shows nothing of what was sent since.
    const taken = await this.fetched.load(() => api.sittings(book));
    this.wrong = this.fetched.wrong;
    if (taken) this.sent.shown();
    if (this.fetched.value) await open.outdated(this.fetched.value.version);
  }

  get value(): Sittings | null {
    return this.fetched.value;
  }

  /** The sitting that goes on now, or the next one with something to draw. */
  get next(): Sitting | null {
    return nextSitting(this.value);
  }

  private get evenings(): Evening[] {
    const shown = (this.value?.evenings ?? []).map(({ day, from, minutes }) => ({ day, from, minutes }));
    return this.sent.now('evenings', shown);
  }

  private send(evenings: Evening[], more: { months?: number } = {}): Promise<boolean> {
    return this.sent.send('evenings', evenings, () => open.edit({ type: 'set-evenings', evenings, ...more }));
  }

  /** Evenings said in words, until they are among those there are. */
  readonly field = new FieldLines((said) => this.write(said));

  private async write(said: string): Promise<Answer> {
    const book = open.book;
    if (!book) return { made: false, says: 'No notebook is open.' };
    try {
      const { evenings } = await api.readEvenings(book, said);
      const there = new Set(this.evenings.map((one) => `${one.day}T${one.from}`));
      const more = evenings.filter((one) => !there.has(`${one.day}T${one.from}`));
      if (more.length === 0) return { made: false, says: 'These evenings are there already.' };
      const all = [...this.evenings, ...more];
      let answer: Answer = { made: false };
      await this.sent.send('evenings', all, async () => (answer = await open.write({ type: 'set-evenings', evenings: all })).made);
      return answer;
    } catch (error) {
      return { made: false, says: asProblem(error).detail };
    }
  }

  remove(evening: Sitting) {
    return this.send(this.evenings.filter((one) => `${one.day}T${one.from}` !== evening.key));
  }

  resize(evening: Sitting, minutes: number) {
    return this.send(this.evenings.map((one) => (`${one.day}T${one.from}` === evening.key ? { ...one, minutes } : one)));
  }

  months(count: number) {
    return this.send(this.evenings, { months: count });
  }

  put(page: { drawing: string; nth: number }, evening: string | null) {
    return open.edit({ type: 'put-page', drawing: page.drawing, nth: page.nth, evening });
  }

  later(page: SittingPage, later: boolean) {
    return open.edit({ type: 'leave-for-later', drawing: page.drawing, later });
  }
}
