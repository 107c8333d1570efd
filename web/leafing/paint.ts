// One side of a leaf painted as a picture.
import type { LeafPage, Mark } from '../api/client';
import { BOX, paper, RIM } from '../parts/marks';
import { later, type Look, painted, words } from '../parts/paint';

export { type Look, lookOf } from '../parts/paint';

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

/** Paints a side when there is time. @returns what takes it back */
export const paintLater = (...side: Parameters<typeof painting>) => later(painting(...side));

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
  const lines = { ink: 1.1 * thin, pencil: 0 };
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
    yield* painted(to, reverse.marks as Mark[], look, lines);
    to.restore();
  }
  yield;
  if (page) yield* painted(to, page.marks as Mark[], look, lines);
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
