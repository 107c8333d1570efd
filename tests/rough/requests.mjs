// Rough use from outside: node tests/rough/requests.mjs ADDRESS [REQUESTS] [SEED]
// Asks every address of docs/api/openapi.yaml, with what it takes, with what is nearly that, and with what is nothing of the kind.
// No answer may be an error of the program (5xx), every refusal says why, and afterwards every notebook opens and its plan reads back.
import { readFileSync } from 'node:fs';
import yaml from 'js-yaml';

const [, , address, requests = '100000', seed = '1'] = process.argv;
const ALL = Number(requests);
const AT_ONCE = 6;
const api = yaml.load(readFileSync('docs/api/openapi.yaml', 'utf8'));
const headers = { Origin: address, 'Content-Type': 'application/json' };

// The same seed asks the same.
let state = Number(seed) >>> 0 || 1;
function chance() {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 2 ** 32;
}
const below = (n) => Math.floor(chance() * n);
const one = (list) => list[below(list.length)];

const WORDS = [
  '',
  ' ',
  '0',
  '-1',
  '1½',
  '…',
  'null',
  'Ölzeug',
  'זמן',
  '時間',
  '👣',
  "'; DROP TABLE notebook; --",
  '<b>&amp;',
  '../../etc',
  '%00',
  'a'.repeat(300),
  '\u0000',
  '\ud800',
  '2027-02-30',
  '2027-13',
  '9999-12',
  '1e9',
  '12, 3–9 March',
  '#22304a',
  '{}',
  'front',
  'all',
  '1-',
  '7-7000',
];
const NUMBERS = [0, 1, 2, 5, 26, 38, 192, -1, 0.5, 1e9, -1e9, 2 ** 53, 1e308, 3.14159, 400];

/** What stands in the book, to be meant. */
let known = { id: '', ids: [], months: [], kinds: [], version: 1, patterns: [], drawings: [] };

function resolved(schema) {
  while (schema?.$ref)
    schema = schema.$ref
      .split('/')
      .slice(1)
      .reduce((at, part) => at[part], api);
  return schema ?? {};
}
function anything(depth = 0) {
  const roll = below(depth > 2 ? 5 : 8);
  if (roll === 0) return null;
  if (roll === 1) return chance() < 0.5;
  if (roll === 2) return one(NUMBERS);
  if (roll < 5) return one(WORDS);
  if (roll === 5) return Array.from({ length: below(4) }, () => anything(depth + 1));
  return Object.fromEntries(
    Array.from({ length: below(4) }, () => [one([...WORDS, 'type', 'pages', 'settings', 'rows']), anything(depth + 1)]),
  );
}
/** What a schema describes; now and then something else. */
function like(given, name = '', depth = 0) {
  const schema = resolved(given);
  if (chance() < 0.015 || depth > 6) return anything();
  if (schema.oneOf ?? schema.anyOf) return like(one(schema.oneOf ?? schema.anyOf), name, depth + 1);
  if (schema.allOf)
    return Object.assign({}, ...schema.allOf.map((part) => like(part, name, depth + 1)).filter((part) => typeof part === 'object'));
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return one(schema.enum);
  const type = Array.isArray(schema.type) ? one(schema.type) : schema.type;
  if (type === 'object' || schema.properties) {
    const made = {};
    for (const [key, value] of Object.entries(schema.properties ?? {})) {
      if (schema.required?.includes(key) || chance() < 0.35) made[key] = like(value, key, depth + 1);
    }
    if (schema.additionalProperties && typeof schema.additionalProperties === 'object' && chance() < 0.5) {
      made[one([...known.ids, ...WORDS])] = like(schema.additionalProperties, '', depth + 1);
    }
    if (name === 'settings')
      return {
        ...made,
        [one(['rows', 'pages', 'line', 'items', 'across', 'names', 'frame_width', 'layout', 'turned', 'weeks', 'parts'])]: anything(),
      };
    return made;
  }
  if (type === 'array') return Array.from({ length: below(chance() < 0.02 ? 200 : 4) }, () => like(schema.items, name, depth + 1));
  if (type === 'boolean') return chance() < 0.5;
  if (type === 'null') return null;
  if (type === 'integer' || type === 'number') {
    if (name === 'version') return chance() < 0.9 ? known.version : one(NUMBERS);
    return chance() < 0.75
      ? (schema.minimum ?? 0) + below(Math.min(300, (schema.maximum ?? 60) - (schema.minimum ?? 0) + 2))
      : one(NUMBERS);
  }
  if (chance() < 0.06) return one(WORDS);
  if (/spread|on|before|drawing|faces|about/.test(name)) return one([...known.ids, ...known.drawings, 'nothing']);
  if (/month|start|end|near|to|from/.test(name)) return one([...known.months, '2027-02', '2028-02']);
  if (/kind/.test(name)) return one([...known.kinds, 'nothing']);
  if (/pattern/.test(name)) return one([...known.patterns, 'nothing']);
  if (/day|when|date/.test(name)) return one(['12 March', '2027-03-12', '31.4.', '3–9 July', 'March']);
  return one(['Harbour', 'Varnish the hull', 'blue', ...WORDS]);
}

/** A file that was a plan, hurt. */
function hurt(text) {
  const at = below(text.length);
  const way = below(5);
  if (way === 0) return text.slice(0, at);
  if (way === 1) return text.slice(0, at) + String.fromCharCode(32 + below(90)) + text.slice(at + 1);
  if (way === 2) return text.slice(0, at) + text.slice(at, at + below(400)).repeat(2) + text.slice(at);
  if (way === 3) return text.replace(/\d+/g, (figure) => (chance() < 0.02 ? String(one(NUMBERS)) : figure));
  return text.slice(0, at) + text.slice(at + below(80));
}

const routes = Object.entries(api.paths)
  // What pairs and restores is for one person at a table; the picture of a sheet starts a program of its own.
  .filter(([path]) => !/copies|devices|\.png|shelf\.json/.test(path))
  .flatMap(([path, verbs]) =>
    Object.entries(verbs)
      .filter(([verb]) => ['get', 'post', 'put', 'delete'].includes(verb))
      .map(([verb, asked]) => ({ path, verb, asked, shared: verbs.parameters ?? [] })),
  );
const edits = routes.find((route) => route.path.endsWith('/edits'));
const schemaOf = (asked) => Object.values(asked.requestBody?.content ?? {})[0]?.schema;
const EDITS = resolved(resolved(schemaOf(edits.asked)).properties.edit).oneOf;

async function fresh(which) {
  const plan = readFileSync(`app/Plan/samples/${one(['full-year-2027', 'half-year-2027', 'last-year-2026'])}.plan.json`, 'utf8');
  const book =
    which === 'import'
      ? await (await fetch(`${address}/api/notebooks/import`, { method: 'POST', headers, body: plan })).json()
      : await (
          await fetch(`${address}/api/notebooks`, {
            method: 'POST',
            headers,
            body: JSON.stringify({
              title: 'Rough',
              as: one(['spare', 'usual', 'rich', 'collections']),
              stock: {
                width: 148,
                height: 210,
                pitch: 5,
                across: one([10, 17, 26, 31]),
                down: one([14, 28, 38, 46]),
                pages: one([64, 192, 240]),
                first_leaf: 'ordinary',
              },
              period: one([
                { start: '2027-01', end: '2027-12' },
                { start: '2027-07', end: '2027-12' },
              ]),
              weeks: { first: 1 },
            }),
          })
        ).json();
  take(book);
}
function take(book) {
  if (!book?.spreads) return;
  known = {
    id: book.id,
    version: book.version,
    ids: book.spreads.map((spread) => spread.id),
    months: book.months.map((month) => month.month),
    kinds: known.kinds,
    patterns: book.patterns.map((pattern) => pattern.id),
    drawings: [...new Set((book.pages ?? []).map((page) => page.drawing).filter(Boolean))].slice(0, 60),
  };
}

/** Half a letter cannot stand in an address. */
const encoded = (words) => encodeURIComponent(words.replace(/[\ud800-\udfff]/g, ''));

const tally = {};
const bad = [];
let slowest = [0, ''];
const times = [];
async function ask() {
  const roll = chance();
  let route = roll < 0.45 ? edits : one(routes);
  let path = route.path.replace(/\{(\w+)\}/g, (_, name) =>
    encoded(
      name === 'id'
        ? chance() < 0.97
          ? known.id
          : one(WORDS)
        : name === 'page' || name === 'side'
          ? String(chance() < 0.8 ? 1 + below(200) : one(NUMBERS))
          : name === 'spread'
            ? one([...known.ids, ...WORDS])
            : name === 'kind'
              ? one([...known.kinds, ...WORDS])
              : one(WORDS),
    ),
  );
  const query = new URLSearchParams();
  for (const parameter of [...route.shared, ...(route.asked.parameters ?? [])].map(resolved)) {
    if (parameter.in === 'query' && chance() < 0.6) {
      const value = like(parameter.schema, parameter.name);
      query.set(parameter.name, typeof value === 'object' ? JSON.stringify(value) : String(value).replace(/[\ud800-\udfff]/g, ''));
    }
  }
  if (query.size) path += `?${query}`;
  let body;
  if (route === edits) {
    const edit = like(one(EDITS), 'edit');
    body = JSON.stringify({ version: known.version, edit });
  } else if (schemaOf(route.asked) || ['post', 'put'].includes(route.verb)) {
    body = route.path.endsWith('/import')
      ? hurt(readFileSync('app/Plan/samples/full-year-2027.plan.json', 'utf8'))
      : JSON.stringify(like(schemaOf(route.asked) ?? {}));
  }
  if (body !== undefined && chance() < 0.02) body = body.slice(0, below(body.length + 1));
  // A notebook that is gone is made anew, and not each time.
  if (route.verb === 'delete' && chance() < 0.9) return;
  const began = performance.now();
  let answer, text;
  try {
    answer = await fetch(address + path, {
      method: route.verb.toUpperCase(),
      headers,
      body: route.verb === 'get' ? undefined : body,
      signal: AbortSignal.timeout(30_000),
    });
    text = /pdf|image/.test(answer.headers.get('content-type') ?? '') ? '' : await answer.text();
    if (text === '') await answer.arrayBuffer().catch(() => {});
  } catch (error) {
    bad.push([`${route.verb} ${path.slice(0, 200)}`, String(error), (body ?? '').slice(0, 600)]);
    return;
  }
  const took = performance.now() - began;
  times.push(took);
  if (took > slowest[0]) slowest = [took, `${route.verb} ${path.slice(0, 140)} ${(body ?? '').slice(0, 300)}`];
  tally[answer.status] = (tally[answer.status] ?? 0) + 1;
  if (answer.status >= 500)
    bad.push([answer.status, `${route.verb} ${path.slice(0, 300)}`, (body ?? '').slice(0, 2000), text.slice(0, 300)]);
  if (answer.status >= 400 && answer.status < 500 && ![404, 405].includes(answer.status)) {
    let says;
    try {
      says = JSON.parse(text).detail;
    } catch {
      says = null;
    }
    if (!says)
      bad.push([answer.status, 'says nothing', `${route.verb} ${path.slice(0, 200)}`, (body ?? '').slice(0, 400), text.slice(0, 200)]);
  }
  if (answer.ok && text.startsWith('{')) {
    try {
      const book = JSON.parse(text);
      if (book.id === known.id && book.spreads) take(book);
      else if (book.id === known.id && book.version) known.version = book.version;
    } catch {
      bad.push(['no JSON', path]);
    }
  } else if (answer.status === 409 || answer.status === 404) {
    const book = await fetch(`${address}/api/notebooks/${known.id}`).then(
      (found) => (found.ok ? found.json() : null),
      () => null,
    );
    if (book) take(book);
    else await fresh('new');
  }
}

const catalogue = await (await fetch(`${address}/api/catalogue`)).json();
known.kinds = (catalogue.kinds ?? []).map((kind) => kind.kind);
await fresh('import');
const made = new Set();
const began = Date.now();
for (let done = 0; done < ALL;) {
  const some = Math.min(AT_ONCE, ALL - done);
  await Promise.all(Array.from({ length: some }, ask));
  done += some;
  made.add(known.id);
  if (done % 1500 < AT_ONCE) await fresh(chance() < 0.5 ? 'import' : 'new');
  if (done % 10_000 < AT_ONCE)
    console.log(`${done} asked, ${((Date.now() - began) / 1000).toFixed(0)} s, ${bad.length} bad, slowest ${slowest[0].toFixed(0)} ms`);
}
// Every notebook still opens, and its plan reads back to the same plan.
let opened = 0;
for (let from = 0; ;) {
  const shelf = await (await fetch(`${address}/api/notebooks?from=${from}`)).json();
  if (shelf.unreadable?.length) bad.push(['unreadable', shelf.unreadable.map((one) => one.says)]);
  for (const { id } of shelf.notebooks) {
    const plan = await (await fetch(`${address}/api/notebooks/${id}/plan.json`)).text();
    const again = await fetch(`${address}/api/notebooks/import`, { method: 'POST', headers, body: plan });
    const book = await again.json();
    if (!again.ok) bad.push(['a plan that is not read back', id, book.detail]);
    else {
      const copy = await (await fetch(`${address}/api/notebooks/${book.id}/plan.json`)).text();
      if (copy !== plan) bad.push(['a plan that came back otherwise', id]);
      await fetch(`${address}/api/notebooks/${book.id}?version=${book.version}`, { method: 'DELETE', headers });
    }
    opened++;
  }
  if (shelf.next === null || shelf.next === undefined) break;
  from = shelf.next;
}
times.sort((a, b) => a - b);
const at = (share) => times[Math.floor(times.length * share)]?.toFixed(1);
console.log(`${times.length} requests in ${((Date.now() - began) / 1000).toFixed(0)} s; answers ${JSON.stringify(tally)}`);
console.log(`median ${at(0.5)} ms, 99 % ${at(0.99)} ms, slowest ${slowest[0].toFixed(0)} ms: ${slowest[1]}`);
console.log(`${opened} notebooks opened and read back; ${bad.length} bad`);
for (const [i, one] of bad.entries()) if (i < 25) console.log(JSON.stringify(one));
process.exit(bad.length > 0 ? 1 : 0);
