// Pages painted as pictures: hundreds of words take a moment so, where as many elements would hold everything up.
import type { Mark } from '../api/client';
import { gather } from './marks';

/** The colours and letters of the theme, read off an element. */
export interface Look {
  sheet: string;
  ink: string;
  pencil: string;
  band: string;
  dot: string;
  family: string;
}

export function lookOf(element: Element): Look {
  const style = getComputedStyle(element);
  const colour = (name: string) => style.getPropertyValue(name).trim();
  return {
    sheet: colour('--sheet'),
    ink: colour('--ink'),
    pencil: colour('--pencil'),
    band: colour('--band'),
    dot: colour('--dot'),
    family: style.fontFamily,
  };
}

/** Milliseconds of a frame that may go into painting pages that are not in sight yet. */
const SHARE = 5;
/** Marks painted before anybody looks at the clock. */
const AT_ONCE = 12;

/** What is painted bit by bit, one after another, while something else is looked at. */
const waiting: Generator<void>[] = [];
let ticking = false;

function work() {
  ticking = false;
  const until = performance.now() + SHARE;
  while (waiting.length > 0 && performance.now() < until) {
    if (waiting[0]?.next().done) waiting.shift();
  }
  wake();
}

function wake() {
  if (ticking || waiting.length === 0) return;
  ticking = true;
  setTimeout(work, 10);
}

/** Paints when there is time. @returns what takes it back */
export function later(one: Generator<void>): () => void {
  waiting.push(one);
  wake();
  return () => {
    const at = waiting.indexOf(one);
    if (at >= 0) waiting.splice(at, 1);
  };
}

/** Widths of lines, in the units of the page; pencil that is 0 wide is left out. */
export interface Widths {
  ink: number;
  pencil: number;
}

export function* painted(to: CanvasRenderingContext2D, all: Mark[], look: Look, widths: Widths): Generator<void> {
  const drawn = gather(all);
  yield;
  for (const one of drawn.bands) {
    to.fillStyle = one.colour ?? look.band;
    to.fill(new Path2D(one.path));
  }
  yield;
  for (const one of drawn.strokes) {
    const pencil = one.layer === 'pencil';
    if (pencil && widths.pencil === 0) continue;
    to.lineWidth = pencil ? widths.pencil : widths.ink;
    to.strokeStyle = one.colour ?? (pencil ? look.pencil : look.ink);
    to.stroke(new Path2D(one.path));
    yield;
  }
  for (const [i, one] of drawn.words.entries()) {
    if (i % AT_ONCE === AT_ONCE - 1) yield;
    const align = { start: 'left', middle: 'center', end: 'right' } as const;
    if (!one.upwards) {
      words(to, one.text, one.x, one.y, one.size, align[one.anchor], one.colour ?? look.ink, look);
      continue;
    }
    to.save();
    to.translate(one.x, one.y);
    to.rotate(-Math.PI / 2);
    words(to, one.text, 0, 0, one.size, align[one.anchor], one.colour ?? look.ink, look);
    to.restore();
  }
}

export function words(
  to: CanvasRenderingContext2D,
  said: string,
  x: number,
  y: number,
  size: number,
  align: CanvasTextAlign,
  colour: string,
  look: Look,
) {
  const font = `${size}px ${look.family}`;
  if (to.font !== font) to.font = font;
  to.textAlign = align;
  to.fillStyle = colour;
  to.fillText(said, x, y);
}
