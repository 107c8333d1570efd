// The key being drawn: kept as a draft in this browser until it is put into the book, so that nothing is lost.
import { api, type Book, type KeyChecked, type KeySymbol, type Pens, type Spread, type Starter } from '../api/client';
import { asProblem, open } from '../state/book.svelte';
import { local } from '../state/local';

export type Stroke = [number, number, number, number];

interface Draft {
  symbols: KeySymbol[];
  palette: Pens;
  colours: boolean;
}

export class KeyState {
  symbols = $state<KeySymbol[]>([]);
  palette = $state<Pens>([]);
  /** Whether the key page explains the pens' colours. */
  colours = $state(false);
  starters = $state.raw<Starter[]>([]);
  chosen = $state<{ symbol: number; state: number | null }>({ symbol: 0, state: null });
  checked = $state.raw<KeyChecked | null>(null);
  wrong = $state('');
  /** Whether a key was put into the book since this screen was opened. */
  isUsed = $state(false);
  isDraft = $state(false);
  private spread = '';
  private pitch = 5;
  private asked = 0;

  async load(book: Book, spread: Spread) {
    this.spread = spread.id;
    this.pitch = book.stock.pitch;
    try {
      this.starters = (await api.keyStarters()).starters;
    } catch (error) {
      this.wrong = asProblem(error).detail;
      return;
    }
    const own = spread.settings.symbols as KeySymbol[] | undefined;
    const starter = this.starters.find((one) => one.id === spread.settings.set) ?? this.starters[0];
    const stored: Draft = {
      symbols: own?.length ? own : (starter?.symbols ?? []),
      palette: book.palette,
      colours: spread.settings.colours === true,
    };
    const draft = this.draft(book.id);
    this.isDraft = draft !== null;
    this.take(draft ?? stored);
    this.book = book.id;
  }

  private book = '';

  /** What is sent to be checked and put into the book. */
  get all(): Draft {
    return { symbols: $state.snapshot(this.symbols), palette: $state.snapshot(this.palette), colours: this.colours };
  }

  take(draft: Draft) {
    const copy = structuredClone(draft);
    this.symbols = copy.symbols;
    this.palette = copy.palette;
    this.colours = copy.colours;
    this.chosen = { symbol: 0, state: null };
  }

  begin(starter: Starter) {
    this.take({ symbols: starter.symbols, palette: $state.snapshot(this.palette), colours: this.colours });
    this.changed();
  }

  /** Keeps the draft, after every change. */
  changed() {
    this.isDraft = true;
    local.set(this.place(this.book), JSON.stringify(this.all));
  }

  forget() {
    local.drop(this.place(this.book));
    this.isDraft = false;
  }

  async check() {
    const nth = ++this.asked;
    try {
      const checked = await api.checkKey({ pitch: this.pitch, symbols: this.all.symbols, palette: this.all.palette });
      if (nth === this.asked) [this.checked, this.wrong] = [checked, ''];
    } catch (error) {
      if (nth === this.asked) this.wrong = asProblem(error).detail;
    }
  }

  /** How the key drawn here stands to the one on its page; true as well while somebody goes on drawing after it was used. */
  get says(): string {
    if (!this.isUsed) return this.isDraft ? 'A draft: kept in this browser until it is used.' : 'As it is in the book.';
    const used = 'The key you used is on its page now.';
    return this.isDraft ? `${used} What you drew since is a draft: kept in this browser until it is used.` : used;
  }

  async use(): Promise<void> {
    const sent = this.all;
    this.wrong = '';
    if (await open.edit({ type: 'set-key', spread: this.spread, ...sent })) {
      // What was drawn while the answer was on its way is a draft of the next key.
      if (JSON.stringify(sent) === JSON.stringify(this.all)) this.forget();
      this.isUsed = true;
    } else {
      this.wrong = open.problem?.detail ?? '';
    }
  }

  get symbol(): KeySymbol | null {
    return this.symbols[this.chosen.symbol] ?? null;
  }

  get state() {
    return this.chosen.state === null ? null : (this.symbol?.states[this.chosen.state] ?? null);
  }

  /** Strokes that can be drawn or taken away now: the symbol's, or what a state adds. */
  get strokes(): Stroke[] {
    return ((this.state ? this.state.add : this.symbol?.strokes) ?? []) as Stroke[];
  }

  /** How many of each there may be; none more until it has been said. */
  get most() {
    return this.checked?.most ?? { symbols: 0, states: 0, colours: 0 };
  }

  /** All strokes of a mark once it is reached, as they were checked last. */
  reached(symbol: number, state: number | null): Stroke[] {
    return (this.checked?.marks.find((one) => one.symbol === symbol && one.state === state)?.strokes ?? []) as Stroke[];
  }

  /** What stands on paper before a state's strokes are added: ink, which cannot be taken away. */
  get standing(): Stroke[] {
    return this.state ? this.reached(this.chosen.symbol, this.state.after ?? null) : [];
  }

  draw(stroke: Stroke) {
    this.strokes.push(stroke);
    this.changed();
  }

  erase(nth: number) {
    this.strokes.splice(nth, 1);
    this.changed();
  }

  addSymbol() {
    this.symbols.push({ name: '', strokes: [], states: [] });
    this.chosen = { symbol: this.symbols.length - 1, state: null };
    this.changed();
  }

  addState(symbol: number) {
    this.symbols[symbol]!.states.push({ name: '', add: [] });
    this.chosen = { symbol, state: this.symbols[symbol]!.states.length - 1 };
    this.changed();
  }

  remove() {
    const { symbol, state } = this.chosen;
    if (state === null) {
      this.symbols.splice(symbol, 1);
    } else {
      const states = this.symbols[symbol]!.states;
      states.splice(state, 1);
      // States that led on from it go back to the symbol as first drawn; those behind it are counted anew.
      for (const one of states) {
        if (one.after === state) delete one.after;
        else if (one.after !== undefined && one.after > state) one.after -= 1;
      }
    }
    this.chosen = { symbol: Math.max(0, Math.min(symbol, this.symbols.length - 1)), state: null };
    this.changed();
  }

  private draft(book: string): Draft | null {
    try {
      return JSON.parse(local.get(this.place(book)) ?? 'null') as Draft | null;
    } catch {
      return null;
    }
  }

  private place(book: string) {
    return `key ${book} ${this.spread}`;
  }
}
