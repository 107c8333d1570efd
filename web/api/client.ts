// Calls the API. A problem document becomes a Problem that carries its field and, where it is stale, the current book.
import { waited } from '../state/waited.svelte';
import { reach } from '../offline/reach.svelte';
import { store } from '../offline/store';
import type { components } from './types.gen';

type Schemas = components['schemas'];
export type Book = Schemas['Book'];
export type Head = Schemas['Head'];
export type Unreadable = Schemas['Unreadable'];
export interface Shelf {
  all: number;
  next: number | null;
  notebooks: Head[];
  unreadable: Unreadable[];
}
export type Spread = Schemas['Spread'];
export type Month = Schemas['Month'];
export type Pattern = Schemas['Pattern'];
export type Page = Schemas['Page'];
export type Finding = Schemas['Finding'];
export type Stretch = Schemas['Stretch'];
/** As it is answered: what is asked is said once, and named by its number. */
export type Listed = Schemas['Catalogue'];
export interface Catalogue extends Omit<Listed, 'spreads' | 'month_parts' | 'fillings' | 'cuts' | 'fields'> {
  spreads: Kind[];
  month_parts: Kind[];
  fillings: (Omit<Listed['fillings'][number], 'fields'> & { fields: Field[] })[];
  cuts: (Omit<Listed['cuts'][number], 'fields'> & { fields: Field[] })[];
}
export type Estimate = Schemas['Estimate'];
export type Field = Schemas['Field'];
export type Drawings = Schemas['Drawings'];
export type Leaves = Schemas['Leaves'];
export type LeafPage = Leaves['pages'][number];
export type Drawer = Schemas['Drawer'];
export type FoundKinds = Schemas['FoundKinds'];
export type FoundHere = Schemas['FoundHere'];
export type Parts = Schemas['Parts'];
export type PartChoices = Schemas['PartChoices'];
export type PartSettings = Schemas['PartSettings'];
export type WordOnPage = Schemas['WordOnPage'];
export type WordsOfSpread = Schemas['WordsOfSpread'];
export type WordsOfMonth = Schemas['WordsOfMonth'];
export type PartChange = Omit<Schemas['EditPartPage'], 'type' | 'spread'>;
export type Filling = Catalogue['fillings'][number];
export type Kind = Schemas['Kind'];
export type Opening = Schemas['Opening'];
export type OpeningPage = NonNullable<Opening['pages'][number]>;
export type Group = Opening['groups'][number];
export type Step = Schemas['Step'];
export type Working = Schemas['Working'];
export type Stock = Schemas['Stock'];
export type Weeks = Schemas['Weeks'];
export type Edit = Schemas['Edit'];
export type Ways = Schemas['Ways'];
export type Volume = Schemas['Volume'];
export type SplitAsked = Schemas['SplitAsked'];
export type SplitFound = Schemas['SplitFound'];
export type Counted = SplitFound['counted'][number];
export type PlaceAsked = Schemas['PlaceAsked'];
export type Comparison = Schemas['Comparison'];
export type Candidate = Comparison['candidates'][number];
export type KeySymbol = Schemas['Symbol'];
export type Pens = Schemas['Palette'];
export type KeyChecked = Schemas['KeyChecked'];
export type Copying = Schemas['Copying'];
export type Beginning = Schemas['Starters']['starters'][number];
export type Dates = Schemas['Dates'];
export type DateTime = Schemas['DateTime'];
export type DateEntry = Schemas['DateEntry'];
export type DateCategory = Schemas['DateCategory'];
export type OldReview = Schemas['OldReview'];
export type OldSpread = Schemas['OldSpread'];
export type DatesTransfer = Schemas['DatesTransfer'];
export type DatesPreview = Schemas['DatesPreview'];
export type SlipAsked = Schemas['SlipAsked'];
export type WhatNow = Schemas['WhatNow'];
export type Devices = Schemas['Devices'];
export type Copies = Schemas['Copies'];
export type Tray = Schemas['Tray'];
export type Printers = Schemas['Printers'];
export type Timing = Schemas['Timing'];
export type Sittings = Schemas['Sittings'];
export type Sitting = Schemas['Sitting'];
export type SittingPage = Schemas['SittingPage'];
export type Evening = Schemas['Evening'];
export type TestedPens = Schemas['Pens'];
export type TestedPen = Schemas['TestedPen'];
export interface DatesAsked {
  text?: string;
  files?: { name: string; content: string }[];
  zone?: string;
  month_first?: boolean;
  holidays?: { country: string; region: string };
  category?: string;
  near?: string;
}
export interface Starter {
  id: string;
  name: string;
  says: string;
  symbols: KeySymbol[];
}
export interface Language {
  id: string;
  name: string;
  own: string;
  place: string;
}
export type Place = { name: string; figure: string; arithmetic: string; marks: Mark[] };
export type Mark = (string | number | null)[];

export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly field: string | null,
    readonly current: Book | null,
  ) {
    super(detail);
  }
}

/** What is asked for and not answered yet, by its address: who asks for the same meanwhile waits for that answer. */
const asked = new Map<string, Promise<unknown>>();

function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  if (method !== 'GET') {
    // What is asked for from here on is asked anew.
    asked.clear();
    return sent<T>(method, path, body).finally(() => asked.clear());
  }
  const under = asked.get(path) as Promise<T> | undefined;
  if (under) return under;
  const answer = sent<T>(method, path).finally(() => {
    if (asked.get(path) === answer) asked.delete(path);
  });
  asked.set(path, answer);
  return answer;
}

async function sent<T>(method: string, path: string, body?: unknown): Promise<T> {
  let answer: Response;
  try {
    answer = await waited.for(
      fetch(`/api${path}`, {
        method,
        headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
        body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
      }),
    );
  } catch {
    reach.failed();
    const kept = method === 'GET' && store.isWanted(path) ? await store.kept(path) : undefined;
    if (kept !== undefined) return kept as T;
    const lost =
      method === 'GET'
        ? 'Start it again with bin/demo, then load this page again.'
        : 'Nothing was saved; start it again with bin/demo and repeat the last edit.';
    throw new Problem(0, `The program does not answer. ${lost}`, null, null);
  }
  reach.answered();
  if (answer.status === 204) return undefined as T;
  if (answer.status === 401) {
    await store.forget();
    throw new Problem(
      401,
      'This device is not paired any more. What it fetched is deleted. Load this page again to pair it; what waits to be sent is kept, and sent then.',
      null,
      null,
    );
  }
  const said = (await answer.json().catch(() => ({}))) as Record<string, unknown>;
  if (!answer.ok) {
    throw new Problem(
      answer.status,
      String(said.detail ?? 'The program answered in a way this page does not understand.'),
      (said.field as string | undefined) ?? null,
      (said.current as Book | undefined) ?? null,
    );
  }
  if (method === 'GET' && store.isWanted(path)) void store.keep(path, said);
  return said as T;
}

/** Which book of which notebook a call is about. A book that was answered is one. */
export interface Ref {
  id: string;
  book: string;
}

/** The address of something of a notebook, with the book it is about. */
export function about({ id, book }: Ref, of = ''): string {
  const address = `/notebooks/${id}${of}`;
  return book === '1' ? address : `${address}${address.includes('?') ? '&' : '?'}book=${book}`;
}

/** An answer that leaves out the parts that are as they were; of long lists it has only the stretches that are not. */
export type Changes = Partial<Book> & { some?: Record<string, { of: number; each: number; at: Record<string, unknown[]> }> };

/** The book after an answer that leaves something out. */
export function merged(book: Book, { some = {}, ...changes }: Changes): Book {
  const next: Book = { ...book, ...changes, parts: { ...book.parts, ...changes.parts } };
  const lists = next as unknown as Record<string, unknown[]>;
  for (const [part, { of, each, at }] of Object.entries(some)) {
    const list = (lists[part] ?? []).slice(0, of);
    for (const [i, stretch] of Object.entries(at)) list.splice(Number(i) * each, each, ...stretch);
    lists[part] = list;
  }
  // What a list has no more is forgotten: it may come back as something else.
  for (const name of Object.keys(next.parts ?? {})) {
    const [part, i] = name.split('/');
    const each = part ? some[part]?.each : undefined;
    if (part && each && Number(i) * each >= (lists[part]?.length ?? 0)) delete next.parts?.[name];
  }
  return next;
}

/** The time by the person's own clock, as 2026-12-20T19:20. */
export function now(): string {
  const date = new Date();
  return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

/** Every notebook of the shelf; it is answered some at a time. */
export async function wholeShelf(): Promise<Head[]> {
  const found: Head[] = [];
  for (let from: number | null = 0; from !== null;) {
    const answer: Shelf = await api.shelf(from);
    found.push(...answer.notebooks);
    from = answer.next;
  }
  return found;
}

/** Pages a request says it has: as many as an address holds. */
const MOST_HAD = 300;

export const api = {
  shelf: (from = 0) => call<Shelf>('GET', `/notebooks?from=${from}`),
  catalogue: () => call<Listed>('GET', '/catalogue'),
  languages: () => call<{ languages: Language[] }>('GET', '/languages'),
  estimate: (query: Record<string, string>) => call<Estimate>('GET', `/estimate?${new URLSearchParams(query)}`),
  split: (asked: SplitAsked) => call<SplitFound>('POST', '/counting/split', asked),
  place: (asked: PlaceAsked) => call<{ places: Place[] }>('POST', '/counting/place', asked),
  layouts: (ref: Ref, spread: string) => call<Comparison>('GET', about(ref, `/layouts/${encodeURIComponent(spread)}`)),
  keyStarters: () => call<{ starters: Starter[]; palette: Pens }>('GET', '/key/starters'),
  checkKey: (asked: { pitch: number; symbols: KeySymbol[]; palette: Pens }) => call<KeyChecked>('POST', '/key/check', asked),
  beginnings: (notebook: unknown) => call<{ starters: Beginning[] }>('POST', '/notebooks/starters', notebook),
  make: (notebook: unknown) => call<Book>('POST', '/notebooks', notebook),
  sample: () => call<Book>('POST', '/notebooks/sample'),
  import: (file: string) => call<Book>('POST', '/notebooks/import', file),
  book: (ref: Ref) => call<Book>('GET', about(ref)),
  remove: (id: string, version: number) => call<void>('DELETE', `/notebooks/${id}?version=${version}`),
  edit: async (book: Book, edit: Edit) =>
    merged(book, await call<Changes>('POST', about(book, '/edits'), { version: book.version, edit, have: book.parts })),
  would: (ref: Ref, edit: Edit) => call<{ version: number; says: string[] }>('POST', about(ref, '/would'), { edit }),
  undo: async (book: Book) => merged(book, await call<Changes>('POST', about(book, '/undo'), { version: book.version, have: book.parts })),
  redo: async (book: Book) => merged(book, await call<Changes>('POST', about(book, '/redo'), { version: book.version, have: book.parts })),
  /** Takes the last edit of a notebook back that cannot be opened. */
  takeBack: (id: string, version: number) => call<Partial<Book>>('POST', `/notebooks/${id}/undo`, { version }),
  ways: (ref: Ref) => call<Ways>('GET', about(ref, '/ways')),
  /** @param before those shown until now: pages that are as they were keep their marks, and are not sent again */
  drawings: async (ref: Ref, before: Drawings | null = null): Promise<Drawings> => {
    const had = new Map(before?.pages.map((one) => [one.page, one]) ?? []);
    const have = [...had.values()].slice(0, MOST_HAD).map((one) => `${one.page}.${one.mark}`);
    const now = await call<Drawings>('GET', about(ref, `/drawings${have.length > 0 ? `?have=${have.join(',')}` : ''}`));
    return { ...now, pages: now.pages.map((one) => (one.marks ? one : { ...one, marks: had.get(one.page)?.marks ?? [] })) };
  },
  drawer: (ref: Ref, month: boolean) => call<Drawer>('GET', about(ref, `/drawer${month ? '?for=month' : ''}`)),
  samples: (ref: Ref, kinds: string[], month: boolean) =>
    call<{ samples: string; marks: Record<string, Mark[]> }>(
      'GET',
      about(ref, `/samples?kinds=${kinds.map(encodeURIComponent).join(',')}${month ? '&for=month' : ''}`),
    ),
  variants: (ref: Ref, kind: string) => call<Comparison>('GET', about(ref, `/drawer/${encodeURIComponent(kind)}`)),
  parts: (ref: Ref, spread: string) => call<Parts>('GET', about(ref, `/parts/${encodeURIComponent(spread)}`)),
  partsChanged: (ref: Ref, spread: string, change: PartChange) =>
    call<Parts>('POST', about(ref, `/parts/${encodeURIComponent(spread)}`), { change }),
  facing: (ref: Ref, spread: string) => call<{ facing: string[] }>('GET', about(ref, `/facing/${encodeURIComponent(spread)}`)),
  partSettings: (ref: Ref, spread: string) => call<PartSettings>('GET', about(ref, `/parts/${encodeURIComponent(spread)}/settings`)),
  patternPartSettings: (ref: Ref, pattern: string, part: number) =>
    call<PartSettings>('GET', about(ref, `/patterns/${encodeURIComponent(pattern)}/${part}/settings`)),
  wordsOfMonth: (ref: Ref, page: number) => call<WordsOfMonth>('GET', about(ref, `/months/${page}/words`)),
  wordsOf: (ref: Ref, spread: string) => call<WordsOfSpread>('GET', about(ref, `/parts/${encodeURIComponent(spread)}/words`)),
  partChoices: (ref: Ref, spread: string, at: string) =>
    call<PartChoices>('GET', about(ref, `/parts/${encodeURIComponent(spread)}/choices?at=${at}`)),
  findKinds: (wish: string, monthly: boolean) =>
    call<FoundKinds>('GET', `/kinds/found?wish=${encodeURIComponent(wish)}${monthly ? '&monthly=1' : ''}`),
  findInBook: (ref: Ref, words: string) =>
    call<{ found: FoundHere[]; near: boolean }>('GET', about(ref, `/found?${new URLSearchParams({ words })}`)),
  takeKind: (file: string) => call<{ kind: string; name: string }>('POST', '/kinds', file),
  forgetKind: (kind: string) => call<void>('DELETE', `/kinds/${encodeURIComponent(kind)}`),
  opening: (ref: Ref, page: number) => call<Opening>('GET', about(ref, `/openings/${page}`)),
  leaves: (ref: Ref, from: number, to: number) => call<Leaves>('GET', about(ref, `/leaves?from=${from}&to=${to}`)),
  dates: (ref: Ref, month: string) => call<Dates>('GET', about(ref, `/dates?month=${month}`)),
  transfer: (ref: Ref, month: string) => call<DatesTransfer>('GET', about(ref, `/dates/transfer?month=${month}`)),
  repeats: (ref: Ref, day: string, near: string) =>
    call<{ repeats: { rule: string; words: string }[] }>('GET', about(ref, `/dates/repeats?${new URLSearchParams({ day, near })}`)),
  holidays: () => call<{ from: number; to: number; countries: Record<string, Record<string, string>> }>('GET', '/holidays'),
  previewDates: (ref: Ref, asked: DatesAsked) => call<DatesPreview>('POST', about(ref, '/dates/preview'), asked),
  old: (ref: Ref) => call<{ version: number; old: OldReview | null }>('GET', about(ref, '/old')),
  oldSpread: (ref: Ref, spread: string) =>
    call<{ spread: string; pages: { across: number; down: number; marks: Mark[] }[] }>(
      'GET',
      about(ref, `/old/spreads/${encodeURIComponent(spread)}`),
    ),
  readOld: (ref: Ref, asked: { notebook: string } | { plan: string } | { typed: Record<string, unknown> }) =>
    call<{ old: unknown }>('POST', about(ref, '/old/read'), asked),
  whatNow: (ref: Ref, asked: SlipAsked) => call<WhatNow>('POST', about(ref, '/what-now'), asked),
  sittings: (ref: Ref) => call<Sittings>('GET', about(ref, `/sittings?now=${now()}`)),
  stopped: (id: string) =>
    call<{ stopped: { book: string; page: number; title: string } | null }>('GET', `/notebooks/${id}/sittings/stopped`),
  readEvenings: (ref: Ref, say: string) => call<{ evenings: Evening[] }>('POST', about(ref, '/sittings/read'), { say, now: now() }),
  tray: (ref: Ref, query: Record<string, string>) => call<Tray>('GET', about(ref, `/tray?${new URLSearchParams(query)}`)),
  printers: () => call<Printers>('GET', '/printers'),
  keepPrinter: (printer: Record<string, unknown>) => call<Printers>('PUT', '/printers', printer),
  removePrinter: (name: string, paper: string) => call<Printers>('POST', '/printers/remove', { name, paper }),
  pens: (ref: Ref) => call<TestedPens>('GET', about(ref, '/pens')),
  copyBook: (id: string) => call<Book>('POST', `/notebooks/${id}/copy?now=${now()}`),
  putShelf: (file: string) => call<{ added: string[] }>('POST', '/shelf.json', file),
  copies: () => call<Copies>('GET', '/copies'),
  restoreCopy: (name: string) => call<Copies>('POST', `/copies/${name}/restore`),
  devices: () => call<Devices>('GET', '/devices'),
  pairingCode: () => call<{ code: string; seconds: number; tries: number }>('POST', '/devices/code'),
  removeDevice: (id: string) => call<Devices>('POST', `/devices/${id}/remove`),
};
