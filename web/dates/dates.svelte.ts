// What the Dates screen holds: the month that is looked at, the line being typed, the entry that is put otherwise, what came in from files.
import { tick } from 'svelte';
import { api, type Book, type DateEntry, type Dates, type DatesAsked, type DatesPreview, type Edit } from '../api/client';
import { type Answer, type Line, Lines } from '../state/lines.svelte';
import { Loader } from '../state/loader.svelte';

/** Bytes of a file the program reads. */
export const LARGEST = 3_500_000;

export type Sort = 'date' | 'birthday' | 'duty';

export const SORTS: [Sort, string][] = [
  ['date', 'Date'],
  ['birthday', 'Birthday'],
  ['duty', 'Duty'],
];

/** A line as it was typed, and the month it was typed in. */
export type Typed = { day: string; words: string; category: string; is: Sort; lead: string; near: string };

export class DatesState {
  readonly dates = new Loader<Dates>();
  readonly incoming = new Loader<DatesPreview>();
  month = $state('');
  /** The line being typed. */
  line = $state({ day: '', words: '', category: '', is: 'date' as Sort, lead: '14' });
  /** Those before it, until they are written. */
  readonly lines = new Lines<Typed>((typed) => this.write(typed));
  /** What is wrong with the line that came back into its fields. */
  wrong = $state<{ field: string | null; says: string } | null>(null);
  /** The id of the entry that is put otherwise. */
  chosen = $state<string | null>(null);
  /** Which time of it, by its key. */
  at = $state<string | null>(null);
  /** What was pasted or chosen, to be read again where it is read the other way. */
  private asked = $state.raw<DatesAsked>({});
  private loading: Promise<unknown> = Promise.resolve();
  /** Lines of the preview that are not as it proposes. */
  otherwise = $state<Record<number, boolean>>({});

  constructor(
    private readonly book: () => Book,
    private readonly edit: (edit: Edit) => Promise<boolean>,
    /** The same for a line, which says itself why it was refused. */
    private readonly writing: (edit: Edit) => Promise<Answer> = async (one) => ({ made: await edit(one), says: 'It was not saved.' }),
  ) {}

  load() {
    const [book, month] = [this.book(), this.month];
    return (this.loading = this.dates.load(() => api.dates(book, month)));
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

  /** Writes the line down: its fields are free for the next at once. */
  add() {
    const typed: Typed = { ...this.line, near: this.month || (this.dates.value?.month ?? '') };
    this.line = { ...this.line, day: '', words: '' };
    this.wrong = null;
    void this.lines.put(`${typed.day}  ${typed.words}`.trim(), typed).then((refused) => {
      // Nobody types the next one: it comes back to where it can be put right.
      if (refused && this.isFree && this.lines.isLast(refused)) this.again(refused);
    });
  }

  private get isFree(): boolean {
    return this.line.day === '' && this.line.words === '';
  }

  /** A line that came back is in its fields again; what stands in them is put aside. */
  again(line: Line<Typed>) {
    if (!this.isFree) this.lines.aside(`${this.line.day}  ${this.line.words}`.trim(), { ...this.line, near: this.month });
    const { near, ...typed } = line.said;
    this.line = typed;
    if (near !== '' && near !== (this.month || this.dates.value?.month)) this.look(near);
    this.wrong = { field: line.field, says: line.says };
    this.lines.drop(line.id);
  }

  private async write({ day, words, category, is, lead, near }: Typed) {
    const answer = await this.writing({
      type: 'add-date',
      day,
      words,
      is,
      category,
      near,
      ...(is === 'duty' ? { lead: /^\s*\d+\s*$/.test(lead) ? Number(lead) : lead } : {}),
    } as Edit);
    if (answer.made) {
      // It stands there as being written until the list has it.
      await tick();
      await this.loading;
    }
    return answer;
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
