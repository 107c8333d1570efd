// The sittings of the open book, fetched anew with every change of it; and how their pages are put on other evenings.
import { api, type Book, type Evening, type Sitting, type SittingPage, type Sittings } from '../api/client';
import { nextSitting } from '../parts/nextSitting';
import { asProblem, open } from '../state/book.svelte';
import { Loader } from '../state/loader.svelte';

export class SittingsState {
  private readonly fetched = new Loader<Sittings>();
  wrong = $state('');
  said = $state('');

  async load(book: Book) {
    await this.fetched.load(() => api.sittings(book));
    this.wrong = this.fetched.wrong;
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
    return (this.value?.evenings ?? []).map(({ day, from, minutes }) => ({ day, from, minutes }));
  }

  /** Evenings said in words come to those there are. */
  async add(book: Book) {
    this.wrong = '';
    open.problem = null;
    try {
      const { evenings } = await api.readEvenings(book, this.said);
      const there = new Set(this.evenings.map((one) => `${one.day}T${one.from}`));
      if (await open.edit({ type: 'set-evenings', evenings: [...this.evenings, ...evenings.filter((one) => !there.has(`${one.day}T${one.from}`))] })) this.said = '';
    } catch (error) {
      this.wrong = asProblem(error).detail;
    }
  }

  remove(evening: Sitting) {
    return open.edit({ type: 'set-evenings', evenings: this.evenings.filter((one) => `${one.day}T${one.from}` !== evening.key) });
  }

  resize(evening: Sitting, minutes: number) {
    return open.edit({ type: 'set-evenings', evenings: this.evenings.map((one) => (`${one.day}T${one.from}` === evening.key ? { ...one, minutes } : one)) });
  }

  months(count: number) {
    return open.edit({ type: 'set-evenings', evenings: this.evenings, months: count });
  }

  put(page: { drawing: string; nth: number }, evening: string | null) {
    return open.edit({ type: 'put-page', drawing: page.drawing, nth: page.nth, evening });
  }

  later(page: SittingPage, later: boolean) {
    return open.edit({ type: 'leave-for-later', drawing: page.drawing, later });
  }
}
