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
  /** What it is for, and what to do first. */
  says: string;
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
  {
    screen: 'shelf',
    name: 'Shelf',
    room: 'Shelf',
    key: 'h',
    free: true,
    says: 'Your notebooks, seen from the side. Start a new one, or open one where you left it.',
    load: () => import('./shelf/Shelf.svelte'),
  },
  {
    screen: 'new',
    name: 'New notebook',
    room: 'Shelf',
    free: true,
    says: 'The boxes of one page, how many pages, which months: a whole plan follows. Every answer can be changed later.',
    load: () => import('./stock/NewNotebook.svelte'),
  },
  {
    screen: 'count',
    name: 'Counting bench',
    room: 'Draw',
    free: true,
    says: 'How a side is split evenly. Choose a side and how many parts.',
    load: () => import('./counting/Counting.svelte'),
  },
  {
    screen: 'stock',
    name: 'Stock',
    room: 'Paper',
    key: 's',
    says: 'The paper, from which every count follows. Count one page once more before you rely on it.',
    load: () => import('./stock/Stock.svelte'),
  },
  {
    screen: 'old',
    name: 'Old book',
    room: 'Paper',
    key: 'o',
    says: 'What becomes of your last notebook. Choose it, then judge one spread after another.',
    load: () => import('./old/OldBook.svelte'),
  },
  {
    screen: 'pens',
    name: 'Pens',
    room: 'Paper',
    key: 'n',
    says: 'How your pens behave on this paper. Try each on a back page, then say what you saw.',
    load: () => import('./pens/Pens.svelte'),
  },
  {
    screen: 'spreads',
    name: 'Spreads',
    room: 'Plan',
    key: 'p',
    says: 'What stands on which page. Choose a spread to read why; add more from the drawer.',
    load: () => import('./spreads/Spreads.svelte'),
  },
  {
    screen: 'months',
    name: 'Months',
    room: 'Plan',
    key: 'm',
    says: 'The pages held for each month to come, and whether the book lasts. Choose each month’s pattern.',
    load: () => import('./months/Months.svelte'),
  },
  {
    screen: 'dates',
    name: 'Dates',
    room: 'Plan',
    key: 'a',
    says: 'Everything already known about the months ahead. Write a line: the day, then what it is.',
    load: () => import('./dates/Dates.svelte'),
  },
  {
    screen: 'dress',
    name: 'Dress',
    room: 'Plan',
    key: 'd',
    says: 'How titles, borders and pens look. Choose once for the whole book.',
    load: () => import('./dress/Dress.svelte'),
  },
  {
    screen: 'leaf',
    name: 'Leaf through',
    room: 'Plan',
    key: 'l',
    says: 'The finished book, before any ink. Turn a leaf.',
    load: () => import('./leafing/LeafThrough.svelte'),
  },
  {
    screen: 'transfer',
    name: 'Transfer',
    room: 'Draw',
    alone: true,
    says: 'What goes into a month’s own pages. Copy an entry, then say so.',
    load: () => import('./dates/Transfer.svelte'),
  },
  {
    screen: 'compare',
    name: 'Compare layouts',
    room: 'Plan',
    says: 'One spread in several layouts. Choose the row that matters most to you, then take a layout.',
    load: () => import('./compare/Compare.svelte'),
  },
  {
    screen: 'key',
    name: 'Key designer',
    room: 'Plan',
    says: 'Your symbols, and what each turns into by more strokes. Draw on the small grid.',
    load: () => import('./key/KeyDesigner.svelte'),
  },
  {
    screen: 'parts',
    name: 'Part this page',
    room: 'Draw',
    says: 'A page divided, each part filled. Choose a part, then divide or fill it.',
    load: () => import('./parting/Parting.svelte'),
  },
  {
    screen: 'sittings',
    name: 'Sittings',
    room: 'Draw',
    key: 't',
    says: 'Your evenings, and what is drawn in each. Say when you are free; the pages pack themselves.',
    load: () => import('./sittings/Sittings.svelte'),
  },
  {
    screen: 'bench',
    name: 'Bench',
    room: 'Draw',
    key: 'b',
    says: 'What to draw on these two pages. Follow the steps in the margin, and tick them.',
    load: () => import('./bench/Bench.svelte'),
  },
  {
    screen: 'desk',
    name: 'Desk',
    room: 'Draw',
    alone: true,
    says: 'One step at a time, beside the open book. Do it, then press the large button.',
    load: () => import('./bench/Desk.svelte'),
  },
  {
    screen: 'copy',
    name: 'Copying view',
    room: 'Draw',
    alone: true,
    says: 'Figures to copy, row by row. Tick a row when it is on paper.',
    load: () => import('./copying/Copy.svelte'),
  },
  {
    screen: 'tray',
    name: 'Tray',
    room: 'Print',
    key: 'y',
    says: 'Everything there is to print, on the fewest sheets. Put something in.',
    load: () => import('./tray/Tray.svelte'),
  },
  {
    screen: 'printer',
    name: 'Printer',
    room: 'Print',
    key: 'r',
    says: 'What your printer does to a sheet. Print the sheet, lay a ruler on it, type what it reads.',
    load: () => import('./printer/Printer.svelte'),
  },
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
