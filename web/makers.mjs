// Who made what ships with the program, and under which licence: everything that is bundled, the faces that words are printed with, the
// packages PHP runs with, and the public holidays. Written when the interface is built, from the packages themselves.
import { existsSync, readdirSync, readFileSync } from 'node:fs';

/** What runs beside the interface: letters of every script for sheets, and what styles come from. */
const BESIDE = ['bidi-js', 'harfbuzzjs', '@resvg/resvg-wasm', 'svelte', 'tailwindcss', 'daisyui'];
const FACES = 'node_modules/@expo-google-fonts';

const json = (file) => JSON.parse(readFileSync(file, 'utf8'));
const words = (file) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .map((line) => line.trimEnd())
    .join('\n')
    .trim();
const licences = (folder) =>
  readdirSync(folder)
    .filter((file) => /^(licen[cs]e|copying|notice|ofl)/i.test(file))
    .sort()
    .map((file) => words(`${folder}/${file}`));

/** @param {Iterable<string>} bundled packages of the interface */
export function makers(bundled) {
  const faces = readdirSync(FACES).map((name) => `@expo-google-fonts/${name}`);
  const parts = [...new Set([...bundled, ...BESIDE, ...faces])].sort().map((name) => {
    const { version, license } = json(`node_modules/${name}/package.json`);
    return { name, version, licence: license, texts: licences(`node_modules/${name}`) };
  });
  const php = existsSync('vendor/composer/installed.json')
    ? json('vendor/composer/installed.json')
    : { packages: [], 'dev-package-names': [] };
  for (const { name, version, license } of php.packages.filter((one) => !php['dev-package-names'].includes(one.name))) {
    parts.push({ name, version, licence: license.join(' or '), texts: existsSync(`vendor/${name}`) ? licences(`vendor/${name}`) : [] });
  }
  parts.push({ name: 'Public holidays', version: '', licence: 'ISC and CC-BY-3.0', texts: [words('app/Import/holidays/LICENSE')] });
  // The same text is printed once, with all that stands under it.
  const texts = new Map();
  for (const { name, texts: some } of parts) for (const text of some) texts.set(text, [...(texts.get(text) ?? []), name]);
  return [
    'Ample Margin ships with the work of others. Thank you.',
    '',
    ...parts.map(({ name, version, licence }) => `${name} ${version}`.trim() + `: ${licence}`),
    ...[...texts].flatMap(([text, of]) => ['', '-'.repeat(72), of.join(', '), '', text]),
    '',
  ].join('\n');
}
