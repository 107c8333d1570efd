// Sets words of any script as outlines, for letters that the printing library has no face for or cannot join.
// Reads a list of texts as JSON, answers for each its width, heights and path in thousandths of the letter size,
// y upwards, the path in PDF's own operators; and the letters no face here has.
// Order of letters: Unicode's UAX #9 (bidi-js); their shapes: OpenType (HarfBuzz).
import { readFileSync, readdirSync } from 'node:fs';
import bidiFactory from 'bidi-js';
import * as hb from 'harfbuzzjs';

const bidi = bidiFactory();
const ROOT = new URL('../../node_modules/@expo-google-fonts/', import.meta.url);
/** Letters of every script may stand beside Latin ones and figures. */
const PLAIN = 'noto-sans';
/** Script names that the names of the faces do not tell. Chinese letters are sought in this order. */
const FOREIGN = {
  'gowun-dodum': ['Hangul'],
  'biz-udgothic': ['Hiragana', 'Katakana', 'Bopomofo', 'Han'],
  'chocolate-classical-sans': ['Han'],
};

const scripts = readdirSync(ROOT)
  .filter((name) => name !== PLAIN)
  .sort()
  .flatMap((name) =>
    (FOREIGN[name] ?? [name.replace(/^noto-(sans|serif)-/, '').replace(/(^|-)[a-z]/g, (part) => part.replace('-', '_').toUpperCase())]).map(
      (script) => ({ name, letters: new RegExp(`\\p{scx=${script}}`, 'u') }),
    ),
  );

const faces = new Map();
function face(name) {
  if (!faces.has(name)) {
    const folder = new URL(`${name}/400Regular/`, ROOT);
    const font = new hb.Font(
      new hb.Face(
        new hb.Blob(
          readFileSync(
            new URL(
              readdirSync(folder).find((file) => file.endsWith('.ttf')),
              folder,
            ),
          ),
        ),
      ),
    );
    faces.set(name, { name, font, per: 1000 / font.face.upem });
  }
  return faces.get(name);
}
const has = (one, letter) => one.font.nominalGlyph(letter.codePointAt(0)) !== undefined;

const isLetter = (sign) => /\p{L}/u.test(sign);
/** Names of the faces for a letter's scripts; none are read for that. */
const ownFaces = (letter) => scripts.filter((script) => script.letters.test(letter)).map((script) => script.name);

/** Stretches of one face, one script and one direction, in the order they are written. */
function stretches(text, levels) {
  const runs = [];
  /** Figures that begin a text are written with the letters they lead to: 2027年. */
  const first = [...text].find(isLetter) ?? '';
  let at = 0;
  for (const letter of text) {
    const level = levels[at];
    at += letter.length;
    const last = runs.at(-1);
    const leads = !last && !isLetter(letter);
    const own = ownFaces(leads ? first : letter);
    // Figures and spaces go with the letters before them, where that face has them.
    if (
      last &&
      last.level === level &&
      (own.length > 0 ? own.includes(last.face.name) : !isLetter(letter) || last.face.name === PLAIN) &&
      has(last.face, letter)
    ) {
      last.text += letter;
      continue;
    }
    const name = own.find((one) => has(face(one), letter)) ?? (leads ? PLAIN : (own[0] ?? PLAIN));
    runs.push({ face: face(name), level, text: letter });
  }
  return runs;
}

/** As they stand from left to right (UAX #9, rule L2). */
function ordered(runs) {
  const seen = [...runs];
  for (let level = Math.max(0, ...runs.map((run) => run.level)); level > 0; level--) {
    for (let from = 0; from < seen.length; from++) {
      let to = from;
      while (to < seen.length && seen[to].level >= level) to++;
      if (to > from) seen.splice(from, to - from, ...seen.slice(from, to).reverse());
      from = Math.max(from, to);
    }
  }
  return seen;
}

const number = (value) => String(Math.round(value * 10) / 10);

/** A glyph's path in PDF's operators, moved to its place. */
function path({ font, per }, glyph, left, up) {
  let last = [0, 0];
  const place = (x, y) => `${number(left + x * per)} ${number(up + y * per)}`;
  return font.glyphToPath(glyph).replace(/([MLQCZ])([^MLQCZ]*)/g, (_, kind, list) => {
    const points = list.split(/[ ,]+/).filter(Boolean).map(Number);
    const from = last;
    if (points.length > 0) last = points.slice(-2);
    if (kind === 'M') return `${place(...points)} m\n`;
    if (kind === 'L') return `${place(...points)} l\n`;
    if (kind === 'C') return `${place(points[0], points[1])} ${place(points[2], points[3])} ${place(points[4], points[5])} c\n`;
    if (kind === 'Z') return 'h\n';
    // A curve with one handle is the same curve with both a third of the way from its ends.
    const [x, y, toX, toY] = points;
    const first = place(from[0] + (2 / 3) * (x - from[0]), from[1] + (2 / 3) * (y - from[1]));
    const second = place(toX + (2 / 3) * (x - toX), toY + (2 / 3) * (y - toY));
    return `${first} ${second} ${place(toX, toY)} c\n`;
  });
}

/** bidi-js reads no letters past the first plane: those of the blocks UAX #9 holds for right to left are read as a letter it knows. */
const levelsOf = (text) => bidi.getEmbeddingLevels(text.replace(/[\u{10800}-\u{10FFF}\u{1E800}-\u{1EFFF}]/gu, '\u05D0\u05D0')).levels;

function outline(text) {
  const levels = levelsOf(text);
  let width = 0;
  let drawn = '';
  let [ascent, descent] = [0, 0];
  const missing = new Set();
  for (const run of ordered(stretches(text, levels))) {
    for (const letter of run.text) if (!has(run.face, letter) && !/\p{Default_Ignorable_Code_Point}/u.test(letter)) missing.add(letter);
    const buffer = new hb.Buffer();
    buffer.addText(run.text);
    buffer.guessSegmentProperties();
    buffer.setDirection(run.level % 2 ? hb.Direction.RTL : hb.Direction.LTR);
    hb.shape(run.face.font, buffer);
    for (const glyph of buffer.getGlyphInfosAndPositions()) {
      drawn += path(run.face, glyph.codepoint, width + glyph.xOffset * run.face.per, glyph.yOffset * run.face.per);
      width += glyph.xAdvance * run.face.per;
    }
    const { ascender, descender } = run.face.font.hExtents();
    ascent = Math.max(ascent, ascender * run.face.per);
    descent = Math.min(descent, descender * run.face.per);
  }
  return { width: Math.round(width), ascent: Math.round(ascent), descent: Math.round(descent), path: drawn, missing: [...missing] };
}

process.stdout.write(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(outline)));
