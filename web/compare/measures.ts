// What layouts are sorted by: read off what the program counted, never counted here.
import type { Candidate } from '../api/client';

export interface Measure {
  id: string;
  name: string;
  /** Whether more is better. */
  most: boolean;
  value: (one: Candidate, at: string) => number | null;
  /** What stands in the table, where that is more than the number. */
  says?: (one: Candidate) => string;
}

export const MEASURES: Measure[] = [
  { id: 'at', name: 'Lines in', most: true, value: (one, at) => one.rooms.find((room) => room.for === at)?.lines ?? null },
  { id: 'known', name: 'Lines too few for what is known', most: false, value: (one) => one.known ?? null },
  { id: 'fewest', name: 'Fewest lines in one', most: true, value: (one) => one.fewest_lines },
  { id: 'all', name: 'Lines in all', most: true, value: (one) => (one.rooms.length > 0 ? one.all_lines : null) },
  { id: 'shown', name: 'Divisions on the page', most: true, value: (one) => one.shown || null },
  { id: 'pages', name: 'Pages', most: false, value: (one) => one.pages },
  { id: 'left', name: 'Boxes left over', most: false, value: (one) => one.left_over },
  { id: 'figures', name: 'Figures to write', most: false, value: (one) => one.figures },
  { id: 'lines', name: 'Lines to rule', most: false, value: (one) => one.lines },
  { id: 'minutes', name: 'Minutes, undecorated', most: false, value: (one) => one.minutes.likely, says: (one) => one.minutes.says },
  { id: 'limits', name: 'Limits broken', most: false, value: (one) => one.limits.length },
];

export function sorted(candidates: Candidate[], by: Measure | null, at: string): Candidate[] {
  if (!by) return candidates;
  const worst = by.most ? -Infinity : Infinity;
  return [...candidates].sort((a, b) => ((by.value(a, at) ?? worst) - (by.value(b, at) ?? worst)) * (by.most ? -1 : 1));
}
