// Every screen once: its address, its name, the room it is in, its key, and the component that is fetched when it is opened.
import type { Component } from 'svelte';
import type { Book } from './api/client';
import type { Screen } from './state/route.svelte';

export type Room = 'Shelf' | 'Paper' | 'Plan' | 'Draw' | 'Print';

/** A component asks for the open book, or for none. */
type View = Component<{ book: Book }> | Component<{ book: Book | null }> | Component<Record<string, never>>;

export interface ScreenEntry {
  screen: Screen;
  name: string;
  room: Room;
  /** After g; a letter of its name. None for screens that are reached from another. */
  key?: string;
  /** Beside the open book everything else is gone. */
  alone?: boolean;
  /** Needs no notebook. */
  free?: boolean;
  load: () => Promise<{ default: View }>;
}

export const SCREENS: ScreenEntry[] = [
  { screen: 'shelf', name: 'Shelf', room: 'Shelf', key: 'h', free: true, load: () => import('./shelf/Shelf.svelte') },
  { screen: 'new', name: 'New notebook', room: 'Shelf', free: true, load: () => import('./stock/NewNotebook.svelte') },
  { screen: 'count', name: 'Counting bench', room: 'Draw', free: true, load: () => import('./counting/Counting.svelte') },
  { screen: 'stock', name: 'Stock', room: 'Paper', key: 's', load: () => import('./stock/Stock.svelte') },
  { screen: 'old', name: 'Old book', room: 'Paper', key: 'o', load: () => import('./old/OldBook.svelte') },
  { screen: 'pens', name: 'Pens', room: 'Paper', key: 'n', load: () => import('./pens/Pens.svelte') },
  { screen: 'spreads', name: 'Spreads', room: 'Plan', key: 'p', load: () => import('./spreads/Spreads.svelte') },
  { screen: 'months', name: 'Months', room: 'Plan', key: 'm', load: () => import('./months/Months.svelte') },
  { screen: 'dates', name: 'Dates', room: 'Plan', key: 'a', load: () => import('./dates/Dates.svelte') },
  { screen: 'dress', name: 'Dress', room: 'Plan', key: 'd', load: () => import('./dress/Dress.svelte') },
  { screen: 'leaf', name: 'Leaf through', room: 'Plan', key: 'l', load: () => import('./leafing/LeafThrough.svelte') },
  { screen: 'transfer', name: 'Transfer', room: 'Draw', alone: true, load: () => import('./dates/Transfer.svelte') },
  { screen: 'compare', name: 'Compare layouts', room: 'Plan', load: () => import('./compare/Compare.svelte') },
  { screen: 'key', name: 'Key designer', room: 'Plan', load: () => import('./key/KeyDesigner.svelte') },
  { screen: 'parts', name: 'Part this page', room: 'Draw', load: () => import('./parting/Parting.svelte') },
  { screen: 'sittings', name: 'Sittings', room: 'Draw', key: 't', load: () => import('./sittings/Sittings.svelte') },
  { screen: 'bench', name: 'Bench', room: 'Draw', key: 'b', load: () => import('./bench/Bench.svelte') },
  { screen: 'desk', name: 'Desk', room: 'Draw', alone: true, load: () => import('./bench/Desk.svelte') },
  { screen: 'copy', name: 'Copying view', room: 'Draw', alone: true, load: () => import('./copying/Copy.svelte') },
  { screen: 'tray', name: 'Tray', room: 'Print', key: 'y', load: () => import('./tray/Tray.svelte') },
  { screen: 'printer', name: 'Printer', room: 'Print', key: 'r', load: () => import('./printer/Printer.svelte') },
];

/** The screens a person goes to by name, room by room. */
export const ROOMS: [Room, ScreenEntry[]][] = (['Shelf', 'Paper', 'Plan', 'Draw', 'Print'] as const).map((room) => [
  room,
  SCREENS.filter((one) => one.room === room && one.key !== undefined),
]);

export function entryOf(screen: Screen): ScreenEntry {
  const found = SCREENS.find((one) => one.screen === screen);
  if (!found) throw new Error(`There is no screen ${screen}.`);
  return found;
}

/** The name with its key marked: what stands before it, the letter, what stands after it. */
export function marked({ name, key }: ScreenEntry): [string, string, string] {
  const at = key === undefined ? -1 : name.toLowerCase().indexOf(key);
  return at < 0 ? [name, '', ''] : [name.slice(0, at), name.slice(at, at + 1), name.slice(at + 1)];
}
