// One side of a leaf painted as a picture: hundreds of words take a moment so, where as many elements would hold a turn up.
import type { LeafPage, Mark } from '../api/client';
import { BOX, gather, paper, RIM } from '../parts/marks';

/** Paper below the grid for the page's number. */
export const FOOT = 700;

const QUIET: Record<string, string> = { spare: 'spare', empty: 'empty', closed: 'not used', lost: 'passed over' };

export interface Side {
  across: number;
  down: number;
  number: number;
  /** Null until it is fetched, or its turn to be painted comes. */
  page: LeafPage | null;
  /** What is on the other side, where the leaf is held against the light. */
  reverse: LeafPage | null;
  left: boolean;
}

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

/** Paints a side when there is time. @returns what takes it back */
export function paintLater(...side: Parameters<typeof painting>): () => void {
  const one = painting(...side);
  waiting.push(one);
  wake();
  return () => {
    const at = waiting.indexOf(one);
    if (at >= 0) waiting.splice(at, 1);
  };
}

/** Paints a side at once. */
export function paint(...side: Parameters<typeof painting>) {
  for (const step of painting(...side)) void step;
}

/**
 * Paints a side as wide as the canvas is; what is cut away stays clear, so that the leaves below are seen. @param width in pixels of the
 * device
 */
function* painting(canvas: HTMLCanvasElement, side: Side, look: Look, width: number): Generator<void> {
  const { across, down, page, reverse, number, left } = side;
  const [wide, tall] = [across * BOX, down * BOX];
  const scale = width / (wide + 2 * RIM);
  canvas.width = Math.round(width);
  canvas.height = Math.round((tall + 2 * RIM + FOOT) * scale);
  const to = canvas.getContext('2d');
  if (!to || width < 1) return;
  const thin = 1 / scale;
  // Lines lie on pixels, not between two.
  const rim = Math.round(RIM * scale) + 0.5;
  to.setTransform(scale, 0, 0, scale, rim, rim);
  const sheet = new Path2D(paper(across, down, page?.removed ?? [], FOOT));
  to.fillStyle = look.sheet;
  to.fill(sheet, 'evenodd');
  to.save();
  to.clip(sheet, 'evenodd');
  dots(to, across, down, look.dot, scale);
  if (reverse && page) {
    to.save();
    to.globalAlpha = page.through / 100;
    to.transform(-1, 0, 0, 1, wide, 0);
    yield* marks(to, reverse.marks as Mark[], look, thin);
    to.restore();
  }
  yield;
  if (page) yield* marks(to, page.marks as Mark[], look, thin);
  const quiet = page && page.marks.length === 0 ? QUIET[page.is] : undefined;
  if (quiet) words(to, quiet, wide / 2, tall / 2, 900, 'center', look.pencil, look);
  words(to, String(number), left ? 0 : wide, tall + FOOT + 60, 620, left ? 'left' : 'right', look.pencil, look);
  // The paper bends down into the fold.
  const fold = left ? to.createLinearGradient(wide + RIM, 0, wide * 0.9, 0) : to.createLinearGradient(-RIM, 0, wide * 0.1, 0);
  fold.addColorStop(0, 'rgb(34 48 74 / 0.17)');
  fold.addColorStop(1, 'rgb(34 48 74 / 0)');
  to.fillStyle = fold;
  to.fillRect(-RIM, -RIM, wide + 2 * RIM, tall + 2 * RIM + FOOT);
  to.restore();
  to.strokeStyle = look.ink;
  to.globalAlpha = 0.4;
  // Half of it lies beyond the paper.
  to.lineWidth = 2 * thin;
  to.stroke(sheet);
  to.globalAlpha = 1;
}

/** One dot, for each colour and size, as a pattern: a thousand of them are painted at a stroke. */
const patterns = new Map<string, CanvasPattern | null>();

function dots(to: CanvasRenderingContext2D, across: number, down: number, colour: string, scale: number) {
  const key = `${colour} ${scale}`;
  if (!patterns.has(key)) {
    const one = document.createElement('canvas');
    // Four times as fine as the page, so that dots keep their places over its whole width.
    const fine = 4 * scale * BOX;
    one.width = one.height = Math.max(1, Math.round(fine));
    const on = one.getContext('2d');
    if (on) {
      on.fillStyle = colour;
      const size = Math.max(4, 0.1 * fine);
      on.fillRect(one.width / 2 - size / 2, one.height / 2 - size / 2, size, size);
    }
    const pattern = to.createPattern(one, 'repeat');
    pattern?.setTransform(new DOMMatrix().translate(-BOX / 2, -BOX / 2).scale(BOX / one.width));
    if (patterns.size > 8) patterns.clear();
    patterns.set(key, pattern);
  }
  to.fillStyle = patterns.get(key) ?? colour;
  to.fillRect(-BOX / 4, -BOX / 4, (across + 0.5) * BOX, (down + 0.5) * BOX);
}

function* marks(to: CanvasRenderingContext2D, all: Mark[], look: Look, thin: number): Generator<void> {
  const drawn = gather(all);
  yield;
  for (const one of drawn.bands) {
    to.fillStyle = one.colour ?? look.band;
    to.fill(new Path2D(one.path));
  }
  yield;
  to.lineWidth = 1.1 * thin;
  for (const one of drawn.strokes) {
    if (one.layer === 'pencil') continue;
    to.strokeStyle = one.colour ?? look.ink;
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

function words(
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
