// Ticks and settled dates go out from here: kept on the device first, sent at once where the program answers, else when it does again.
import type { Edit } from '../api/client';
import { reach } from './reach.svelte';
import { store, type Waiting } from './store';

/** Changes that are sent at once (docs/api). */
const MOST = 500;

/** A plan that was changed meanwhile is asked for again so many times. */
const TRIES = 4;

interface Sent {
  status: number;
  body: Record<string, unknown>;
}

async function send(method: string, path: string, body?: unknown): Promise<Sent> {
  const answer = await fetch(`/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  reach.answered();
  if (answer.status === 401) await store.forget();
  return { status: answer.status, body: (await answer.json().catch(() => ({}))) as Record<string, unknown> };
}

export class Outbox {
  private busy: Promise<void> | null = null;
  private again = false;
  /** Called with what the program said after ticks were sent: the version of its ticks. */
  onTicks: (of: string, ticks: number) => void = () => {};

  async tick(of: string, drawing: string, step: string, done: boolean): Promise<void> {
    await this.add({ of, at: Date.now(), is: 'tick', id: named(), drawing, step, done });
  }

  async edit(of: string, book: string, edit: Edit): Promise<void> {
    await this.add({ of, at: Date.now(), is: 'edit', book, edit });
  }

  private async add(change: Waiting) {
    await store.wait(change);
    reach.waiting++;
    await this.flush();
  }

  /** What waits for a notebook, in the order it was made. */
  async waitingFor(of: string): Promise<Waiting[]> {
    return (await store.waiting()).map(({ change }) => change).filter((change) => change.of === of);
  }

  /** Sends what waits; one at a time, whoever asks. */
  async flush(): Promise<void> {
    if (this.busy) {
      this.again = true;
      return this.busy;
    }
    this.busy = this.all().finally(() => (this.busy = null));
    await this.busy;
    if (this.again) {
      this.again = false;
      await this.flush();
    }
  }

  private async all() {
    try {
      for (let waiting = await store.waiting(); waiting.length > 0; waiting = await store.waiting()) {
        reach.waiting = waiting.length;
        const first = waiting[0];
        if (!first) break;
        if (first.change.is === 'edit') {
          if (!(await this.sendEdit(first.change))) return;
          await store.sent([first.key]);
          continue;
        }
        const alike = waiting.slice(0, MOST).filter(({ change }) => change.is === 'tick' && change.of === first.change.of);
        if (
          !(await this.sendTicks(
            first.change.of,
            alike.map(({ change }) => change),
          ))
        )
          return;
        await store.sent(alike.map(({ key }) => key));
      }
      reach.waiting = 0;
    } catch {
      reach.failed();
      reach.waiting = (await store.waiting()).length;
    }
  }

  /** How long ago by this device's clock: one that is wrong does no harm. False where the program could not keep them now. */
  private async sendTicks(of: string, changes: Waiting[]): Promise<boolean> {
    const now = Date.now();
    const sent = await send('POST', `/notebooks/${of}/ticks`, {
      changes: changes.map((one) =>
        one.is === 'tick' ? { id: one.id, drawing: one.drawing, step: one.step, done: one.done, ago: Math.max(0, now - one.at) } : one,
      ),
    });
    if (sent.status === 200) this.onTicks(of, Number(sent.body.ticks));
    return this.isOver(sent);
  }

  private async sendEdit(change: Waiting & { is: 'edit' }): Promise<boolean> {
    const about = change.book === '1' ? '' : `?book=${change.book}`;
    let sent = await send('GET', `/notebooks/${change.of}/state`);
    for (let tries = 0; tries < TRIES && (sent.status === 200 || sent.status === 409); tries++) {
      const version = Number((sent.body.current as { version?: number } | undefined)?.version ?? sent.body.version);
      sent = await send('POST', `/notebooks/${change.of}/edits${about}`, { version, edit: change.edit, have: {} });
      if (sent.status === 200) return true;
    }
    return this.isOver(sent);
  }

  /** Kept, or refused for good, which is said; false where it may be kept later. */
  private isOver({ status, body }: Sent): boolean {
    if (status < 400) return true;
    if (status >= 500 || status === 401 || status === 409 || status === 429) {
      reach.refused =
        status === 401
          ? 'This device is not paired any more. What it fetched is deleted; what you ticked here is kept, and sent when it is paired again.'
          : String(body.detail ?? '');
      return false;
    }
    reach.refused = `Something kept on this device was refused: ${String(body.detail ?? status)}`;
    return true;
  }
}

let device = '';
let last = 0;

/** The device, and a number that rises with every change of it, whatever its clock does: so the program keeps their order. */
function named(): string {
  try {
    device ||= localStorage.getItem('ample-margin-ticks') ?? '';
    last = Math.max(last, Number(localStorage.getItem('ample-margin-tick') ?? 0));
  } catch {
    // Site data may be blocked: a name for as long as the page is open.
  }
  if (!/^[0-9a-f]{12}$/.test(device))
    device = [...crypto.getRandomValues(new Uint8Array(6))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  last = Math.max(last + 1, Date.now());
  try {
    localStorage.setItem('ample-margin-ticks', device);
    localStorage.setItem('ample-margin-tick', String(last));
  } catch {
    // As above.
  }
  return `${device}-${last}`;
}

export const outbox = new Outbox();
reach.onBack(() => void outbox.flush());
