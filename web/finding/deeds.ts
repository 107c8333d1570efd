// Screens and what is done on them, found by the words a person would use for it.
import { SCREENS } from '../screens';
import type { Screen } from '../state/route.svelte';

export interface Deed {
  says: string;
  screen: Screen;
  /** What else it is called. */
  words: string;
}

/** What somebody wants to do, and the screen on which it is done. */
const DEEDS: Deed[] = [
  { says: 'Add a spread', screen: 'spreads', words: 'new insert drawer kind tracker list' },
  { says: 'Move or remove a spread', screen: 'spreads', words: 'order delete swap pin page' },
  { says: 'Days on which weeks begin', screen: 'months', words: 'week start first day monday sunday saturday weekday' },
  { says: 'Pages of a week', screen: 'months', words: 'weekly half opening' },
  { says: 'Patterns of the months', screen: 'months', words: 'monthly pages parts layout' },
  { says: 'Last page used in a month', screen: 'months', words: 'in use forecast pace ran over' },
  { says: 'Skipped or ruined pages', screen: 'months', words: 'slip lost' },
  {
    says: 'Boxes, pages and size of the paper',
    screen: 'stock',
    words: 'count across down grid dots distance millimetres weight a5 b5 stock',
  },
  { says: 'First and last month of the book', screen: 'stock', words: 'period year half start end' },
  { says: 'Language of months and weekdays', screen: 'stock', words: 'names translate german french spanish' },
  { says: 'Count in boxes or in dots', screen: 'stock', words: 'counting school' },
  { says: 'Several books for one year', screen: 'stock', words: 'two volumes second book' },
  { says: 'How large my hand writes', screen: 'pens', words: 'handwriting letters size line left right' },
  { says: 'Write a date down', screen: 'dates', words: 'appointment birthday duty event entry deadline' },
  { says: 'Public holidays', screen: 'dates', words: 'free days school country region' },
  { says: 'Dates from a file', screen: 'dates', words: 'import calendar ics csv table paste' },
  { says: 'Sorts of dates and their colours', screen: 'dates', words: 'category kind pen' },
  { says: 'Titles, borders and colours of the book', screen: 'dress', words: 'theme header look decoration letters' },
  { says: 'My evenings', screen: 'sittings', words: 'free time when minutes hours drawing plan break pause' },
  { says: 'Draw, one step at a time', screen: 'desk', words: 'begin go on tick steps large' },
  { says: 'Print pages and sheets', screen: 'tray', words: 'printer pdf guide dummy spacing card true size paper' },
  { says: 'Make the printer true', screen: 'printer', words: 'calibrate calibration ruler scale shift' },
  { says: 'Split a side evenly', screen: 'count', words: 'divide thirds halves gap division counting middle' },
  { says: 'Keep a copy of the notebook', screen: 'shelf', words: 'backup download export save file' },
  { says: 'Pair a phone or tablet', screen: 'shelf', words: 'device mobile code' },
  { says: 'Start a new notebook', screen: 'new', words: 'another book next year' },
];

const parts = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
/** Words that say nothing of what is meant. */
const SAY_NOTHING = new Set(['a', 'the', 'to', 'my', 'of', 'on', 'in', 'how', 'do', 'i', 'where', 'is', 'set', 'change']);

/** Those that have every word that is said, by its beginning; the name of a screen first. */
export function deedsFor(said: string, inBook: boolean): Deed[] {
  const words = parts(said).filter((word) => !SAY_NOTHING.has(word));
  if (words.length === 0) return [];
  const screens = SCREENS.filter((one) => one.key !== undefined || one.free).map((one) => ({
    says: one.name,
    screen: one.screen,
    words: '',
  }));
  const has = (text: string) => {
    const there = parts(text);
    return words.every((word) => there.some((one) => one.startsWith(word) || (word.endsWith('s') && one === word.slice(0, -1))));
  };
  const free = new Set(SCREENS.filter((one) => one.free).map((one) => one.screen));
  return [...screens.filter((one) => has(one.says)), ...DEEDS.filter((one) => has(`${one.says} ${one.words}`))]
    .filter((one) => inBook || free.has(one.screen))
    .slice(0, 4);
}
