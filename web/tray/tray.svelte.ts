// What is in the tray, on which paper it is printed, and how that is remembered on this device.
import { about, api, now, type Book, type Printers, type Tray } from '../api/client';
import { open } from '../state/book.svelte';
import { Loader } from '../state/loader.svelte';
import { local } from '../state/local';
import { Sent } from '../state/sent.svelte';

const KEPT = 'ample-margin-print';

interface Chosen {
  paper: string;
  /** "" for none; null where nobody has chosen: the first that was calibrated with the paper. */
  printer: string | null;
  labels: string;
  dates: boolean;
}

function kept(): Chosen {
  const usual: Chosen = { paper: 'A4', printer: null, labels: '', dates: true };
  try {
    return { ...usual, ...(JSON.parse(local.get(KEPT) ?? '{}') as Partial<Chosen>) };
  } catch {
    return usual;
  }
}

const sent = new Sent<string[]>();

/** What is in the tray, with one thing more; what is in it already stays once. */
export async function putInTray(book: Book, print: string): Promise<boolean> {
  const tray = sent.now(book.id, book.tray);
  if (tray.includes(print)) return true;
  return sent.send(book.id, [...tray, print], () => open.edit({ type: 'set-tray', tray: [...tray, print] }));
}

export async function takeFromTray(book: Book, print: string): Promise<void> {
  const tray = sent.now(book.id, book.tray).filter((one) => one !== print);
  await sent.send(book.id, tray, () => open.edit({ type: 'set-tray', tray }));
}

/** A printer that was calibrated just now is the one that prints next. */
export function printWith(printer: string, paper: string) {
  local.set(KEPT, JSON.stringify({ ...kept(), printer, paper }));
}

export class TrayState {
  chosen = $state<Chosen>(kept());
  private readonly fetched = new Loader<Tray>();
  private readonly known = new Loader<Printers>();
  /** What is being fetched to be saved; "" for nothing. */
  busy = $state('');
  wrong = $state('');

  get tray(): Tray | null {
    return this.fetched.value;
  }

  get why(): string {
    return this.wrong || this.fetched.wrong;
  }

  /** Printers that were calibrated with the paper that is chosen. */
  get printers(): string[] {
    return this.known.value?.printers.filter((one) => one.paper === this.chosen.paper).map((one) => one.name) ?? [];
  }

  async load(book: Book) {
    if (!this.known.value) await this.known.load(api.printers);
    if (this.chosen.printer && !this.printers.includes(this.chosen.printer)) this.chosen.printer = null;
    this.chosen.printer ??= this.printers[0] ?? null;
    await this.fetched.load(() => api.tray(book, this.query()));
  }

  choose(changes: Partial<Chosen>) {
    Object.assign(this.chosen, changes);
    this.wrong = '';
    local.set(KEPT, JSON.stringify(this.chosen));
  }

  query(more: Record<string, string> = {}): Record<string, string> {
    const { paper, printer, labels, dates } = this.chosen;
    return {
      paper,
      now: now(),
      ...(printer ? { printer } : {}),
      ...(labels ? { labels } : {}),
      ...(dates ? {} : { dates: 'off' }),
      ...more,
    };
  }

  address(book: Book, name: string, more: Record<string, string> = {}): string {
    return `/api${about(book, `/tray${name}?${new URLSearchParams(this.query(more))}`)}`;
  }

  /** Fetched first, so that a refusal is said here and not in a broken file. */
  async save(book: Book, name: string, more: Record<string, string> = {}) {
    this.wrong = '';
    this.busy = name + (more.print ?? '');
    try {
      const answer = await fetch(this.address(book, name, more));
      if (!answer.ok) {
        this.wrong = ((await answer.json()) as { detail?: string }).detail ?? 'This sheet could not be made.';
        return;
      }
      const missing = decodeURIComponent(answer.headers.get('Letters-Missing') ?? '');
      if (missing)
        this.wrong = `The print face has no ${[...missing].join(' ')}. Their places show a box on the sheet; copy those words from the screen.`;
      const link = document.createElement('a');
      link.href = URL.createObjectURL(await answer.blob());
      link.download = /filename="?([^";]+)/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1] ?? 'sheets.pdf';
      link.click();
      URL.revokeObjectURL(link.href);
    } catch {
      this.wrong = 'The program does not answer. Start it again with bin/demo.';
    } finally {
      this.busy = '';
    }
  }
}
