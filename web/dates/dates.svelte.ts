// What the Dates screen holds: the month that is looked at, the line being typed, the entry that is put otherwise, what came in from files.
import { api, type Book, type DateEntry, type Dates, type DatesAsked, type DatesPreview, type Edit } from '../api/client';
import { Loader } from '../state/loader.svelte';

/** Bytes of a file the program reads. */
export const LARGEST = 3_500_000;

export type Sort = 'date' | 'birthday' | 'duty';

export const SORTS: [Sort, string][] = [
  ['date', 'Date'],
  ['birthday', 'Birthday'],
  ['duty', 'Duty'],
];

export class DatesState {
  readonly dates = new Loader<Dates>();
  readonly incoming = new Loader<DatesPreview>();
  month = $state('');
  /** The line being typed. */
  line = $state({ day: '', words: '', category: '', is: 'date' as Sort, lead: '14' });
  /** The id of the entry that is put otherwise. */
  chosen = $state<string | null>(null);
  /** Which time of it, by its key. */
  at = $state<string | null>(null);
  /** What was pasted or chosen, to be read again where it is read the other way. */
  private asked = $state.raw<DatesAsked>({});
  /** Lines of the preview that are not as it proposes. */
  otherwise = $state<Record<number, boolean>>({});

  constructor(
    private readonly book: () => Book,
    private readonly edit: (edit: Edit) => Promise<boolean>,
  ) {}

  load() {
    const [book, month] = [this.book(), this.month];
    return this.dates.load(() => api.dates(book, month));
  }

  look(month: string) {
    this.month = month;
    this.chosen = null;
  }

  /** The day of the time that was chosen, where it comes again and can be left out once. */
  get once(): string | null {
    const one = this.dates.value?.entries.find((entry) => entry.key === this.at && entry.date === this.chosen);
    return one && one.due === null && one.entry.repeat ? one.day : null;
  }

  /** Chosen, or no more where it was. */
  choose(date: string, key: string | null = null) {
    const same = this.chosen === date && (key === null || this.at === key);
    this.chosen = same ? null : date;
    this.at = key;
  }

  leaveOut(day: string) {
    this.set({ except: [...(this.entry?.except ?? []), day] });
  }

  get entry(): DateEntry | null {
    const all = this.dates.value;
    if (!all || this.chosen === null) return null;
    const found = [...all.entries, ...all.duties].find((one) => one.date === this.chosen)?.entry;
    return found ?? all.elsewhere.find((one) => one.id === this.chosen) ?? null;
  }

  /** Writes the line down; the next can be typed at once. */
  async add(): Promise<boolean> {
    const { day, words, category, is, lead } = this.line;
    const edit = {
      type: 'add-date',
      day,
      words,
      is,
      category,
      near: this.month || (this.dates.value?.month ?? ''),
      ...(is === 'duty' ? { lead: /^\s*\d+\s*$/.test(lead) ? Number(lead) : lead } : {}),
    } as Edit;
    if (!(await this.edit(edit))) return false;
    this.line = { day: '', words: '', category, is, lead };
    return true;
  }

  set(changes: Record<string, unknown>) {
    if (this.chosen !== null) this.edit({ type: 'set-date', date: this.chosen, ...changes } as Edit);
  }

  remove() {
    if (this.chosen === null) return;
    this.edit({ type: 'remove-dates', dates: [this.chosen] });
    this.chosen = null;
  }

  preview(asked: DatesAsked) {
    this.asked = { zone: Intl.DateTimeFormat().resolvedOptions().timeZone, near: this.month, ...asked };
    this.otherwise = {};
    return this.incoming.load(() => api.previewDates(this.book(), this.asked));
  }

  /** The same again, days read the other way. */
  read(monthFirst: boolean) {
    return this.preview({ ...this.asked, month_first: monthFirst });
  }

  isTaken(i: number): boolean {
    const row = this.incoming.value?.rows[i];
    return row !== undefined && row.entry !== null && (this.otherwise[i] ?? row.taken);
  }

  get taken(): DateEntry[] {
    const rows = this.incoming.value?.rows ?? [];
    // The last word counts where a thing is said twice.
    return [...new Map(rows.flatMap((row, i) => (this.isTaken(i) && row.entry ? [[row.entry.id, row.entry] as const] : []))).values()];
  }

  async take(): Promise<boolean> {
    if (!(await this.edit({ type: 'take-dates', entries: this.taken }))) return false;
    this.incoming.clear();
    return true;
  }
}

/** A file as the program takes it; null where it is larger than it reads. */
export async function fileOf(file: File): Promise<{ name: string; content: string } | null> {
  if (file.size > LARGEST) return null;
  const bytes = new Uint8Array(await file.arrayBuffer());
  let binary = '';
  for (let at = 0; at < bytes.length; at += 0x8000) binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return { name: file.name, content: btoa(binary) };
}
