// What the next hours beside the book need is fetched before the network goes: the next sitting's pages, and this month's transfer.
import { api, now, type Book } from '../api/client';
import { openingOf } from '../parts/leaf';
import { nextSitting } from '../parts/nextSitting';
import { SCREENS } from '../screens';
import { catalogue } from '../state/catalogue.svelte';
import { reach } from './reach.svelte';

const MOST_PAGES = 60;
let fetched = '';

export async function fetchAhead(book: Book): Promise<void> {
  const asked = `${book.id} ${book.book} ${book.version}`;
  if (asked === fetched || reach.lost) return;
  fetched = asked;
  reach.ahead = false;
  try {
    // The screens beside the book, which a page that is not kept by the browser could not fetch then.
    void Promise.all(SCREENS.filter((one) => one.alone).map((one) => one.load())).catch(() => {});
    await catalogue.load();
    const sittings = await api.sittings(book);
    const evening = nextSitting(sittings);
    const pages = new Set((evening?.pages ?? []).map((one) => openingOf(one.page)));
    for (const page of [...pages].slice(0, MOST_PAGES)) {
      if (fetched !== asked || reach.lost) return;
      await api.opening(book, Math.max(1, page));
    }
    if (evening) reach.ahead = true;
    const month = now().slice(0, 7);
    const months = book.months.map((one) => one.month);
    await api.transfer(book, months.includes(month) ? month : (months[0] ?? month));
  } catch {
    // It is fetched when it is looked at.
    fetched = '';
  }
}
