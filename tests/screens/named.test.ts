import { readdirSync, readFileSync } from 'node:fs';
import { parse, type AST } from 'svelte/compiler';
import { expect, test } from 'vitest';

// Who speaks to a screen says the words they see on a button: its name must hold them as they stand (WCAG 2.5.3, Label in Name).

type Node = { type: string; name?: string; attributes?: AST.BaseNode[]; fragment?: { nodes: Node[] }; data?: string };

const pressed = new Set(['button', 'a', 'summary', 'label']);

const screens = readdirSync('web', { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.svelte'));

/** Every element of a screen, whatever each, if or snippet it stands in. */
function* elements(one: unknown): Generator<Node> {
  if (Array.isArray(one)) for (const piece of one) yield* elements(piece);
  else if (one !== null && typeof one === 'object') {
    if ((one as Node).type === 'RegularElement') yield one as Node;
    for (const [key, piece] of Object.entries(one)) if (key !== 'metadata' && key !== 'parent') yield* elements(piece);
  }
}

/** Words of a text as they are heard: signs alone (arrows, a cross) are read as no word; what is computed stands as a gap. */
const words = (text: string) => text.toLowerCase().match(/[\p{L}\p{N}]+|…/gu) ?? [];

/** What is written out between an element's tags, a computed piece as a gap; not what only a screen reader hears. */
const seen = (one: Node): string =>
  (one.fragment?.nodes ?? [])
    .map((node) => {
      if (node.type === 'Text') return node.data ?? '';
      if (node.type !== 'RegularElement') return '\n';
      const hidden = (node.attributes ?? []).some((at) => /"(sr-only|aria-hidden)"/.test(JSON.stringify(at)));
      return hidden ? '' : seen(node);
    })
    .join('');

function misnamed(source: string): string[] {
  return [...elements(parse(source, { modern: true }).fragment)].flatMap((one) => {
    if (!pressed.has(one.name ?? '')) return [];
    const label = (one.attributes ?? []).find((at) => (at as AST.Attribute).name === 'aria-label') as AST.Attribute | undefined;
    if (!label) return [];
    const name = words(
      source
        .slice(label.start, label.end)
        .replace(/^aria-label=/, '')
        .replace(/\{(?:[^{}]|\{[^{}]*\})*\}/g, ' … '),
    );
    return seen(one)
      .split('\n')
      .map(words)
      .map((said) => said.filter((word) => word !== '…'))
      .filter((said) => said.length > 0 && ` ${name.join(' ')} `.indexOf(` ${said.join(' ')} `) < 0)
      .map((said) => `“${said.join(' ')}” is not in “${name.join(' ')}”`);
  });
}

test('what is written on a button is in its name', () => {
  expect(screens.length).toBeGreaterThan(60);
  expect(screens.flatMap((file) => misnamed(readFileSync(`web/${file}`, 'utf8')).map((said) => `${file}: ${said}`))).toEqual([]);
});

test('a name that turns the words round is found', () => {
  expect(misnamed('<button aria-label="Take {one} away">Take away</button>')).toEqual(['“take away” is not in “take … away”']);
  expect(misnamed('<button aria-label="Take away {one}">Take away</button>')).toEqual([]);
});
