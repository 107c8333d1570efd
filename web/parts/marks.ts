// Marks from the API, gathered for SVG: lines of one layer, step and note become one path.
import type { Mark } from '../api/client';

export const BOX = 840;

/**
 * What a large drawing has round its grid, in the same units: room for the counts above and to the left, a little air to the right and
 * below.
 */
export const EDGE = 1750;
export const AIR = 500;

/** Width by height of a large drawing, its counts among it. */
export function ratio(across: number, down: number): number {
  const round = (EDGE + AIR) / BOX;
  return (across + round) / (down + round);
}

export interface Stroke {
  layer: string;
  step: number;
  note: string | null;
  colour: string | undefined;
  path: string;
}

export interface Words {
  layer: string;
  step: number;
  note: string | null;
  x: number;
  y: number;
  text: string;
  size: number;
  anchor: 'start' | 'middle' | 'end';
  /** Read upwards. */
  upwards: boolean;
  colour: string | undefined;
}

export interface Gathered {
  bands: Stroke[];
  strokes: Stroke[];
  words: Words[];
}

const PLACE = { start: 0, middle: 0.5, end: 1 } as const;

export function gather(marks: Mark[]): Gathered {
  const strokes = new Map<string, Stroke>();
  const bands = new Map<string, Stroke>();
  const words: Words[] = [];
  for (const mark of marks) {
    const [kind, layer, step, note] = mark as [string, string, number, string | null];
    const [x, y, wide, tall] = mark.slice(4, 8) as [number, number, number, number];
    if (kind === 'words' || kind === 'upwards') {
      const [text, size, align] = mark.slice(8) as [string, number, 'start' | 'middle' | 'end'];
      const upwards = kind === 'upwards';
      const place = upwards
        ? { x: x + wide / 2 + size * 0.35, y: y + tall * (1 - PLACE[align]) }
        : { x: x + wide * PLACE[align], y: y + tall / 2 + size * 0.35 };
      words.push({ layer, step, note, ...place, text, size, anchor: align, upwards, colour: mark[11] as string | undefined });
      continue;
    }
    const gathered = kind === 'band' ? bands : strokes;
    const colour = mark[8] as string | undefined;
    const key = `${layer}/${step}/${note}/${colour ?? ''}`;
    const stroke = gathered.get(key) ?? { layer, step, note, colour, path: '' };
    stroke.path += path(kind, x, y, wide, tall);
    gathered.set(key, stroke);
  }
  return { bands: [...bands.values()], strokes: [...strokes.values()], words };
}

function path(kind: string, x: number, y: number, wide: number, tall: number): string {
  if (kind === 'line') return `M${x} ${y}l${wide} ${tall}`;
  if (kind === 'ring') return `M${x} ${y + tall / 2}a${wide / 2} ${tall / 2} 0 1 0 ${wide} 0a${wide / 2} ${tall / 2} 0 1 0 ${-wide} 0`;
  return `M${x} ${y}h${wide}v${tall}h${-wide}z`;
}

/** A part of a page that is cut away, in boxes. */
export interface Cut {
  x: number;
  y: number;
  wide: number;
  tall: number;
}

/** Paper beyond the grid in a small drawing: half a box on every side. */
export const RIM = 420;

/**
 * The paper of a page as a path, without what is cut away of it: a cut that meets an edge of the grid goes on to the edge of the paper.
 * `foot` is paper below its rim.
 */
export function paper(across: number, down: number, removed: Cut[], foot = 0, rim = RIM): string {
  const [wide, tall] = [across * BOX, down * BOX];
  const around = (left: number, top: number, right: number, foot: number) => `M${left} ${top}H${right}V${foot}H${left}z`;
  return [
    around(-rim, -rim, wide + rim, tall + rim + foot),
    ...removed.map((cut) =>
      around(
        cut.x === 0 ? -rim : cut.x * BOX,
        cut.y === 0 ? -rim : cut.y * BOX,
        cut.x + cut.wide === across ? wide + rim : (cut.x + cut.wide) * BOX,
        cut.y + cut.tall === down ? tall + rim + foot : (cut.y + cut.tall) * BOX,
      ),
    ),
  ].join('');
}
