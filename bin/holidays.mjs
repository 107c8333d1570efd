// Writes the public holidays of every country and region from the open data of date-holidays (npm): node bin/holidays.mjs FOLDER.
// Run it anew when the data changes; the files it writes are kept with the program, which never needs a network.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);
const Holidays = require('date-holidays');
const [from, to] = [2025, 2036];
const folder = process.argv[2];
mkdirSync(folder, { recursive: true });

const day = 86_400_000;
const all = new Holidays();
const countries = all.getCountries('en');

/** Every part of a country that has holidays of its own: code → name. */
function parts(country) {
  const found = { '': countries[country] };
  for (const [state, name] of Object.entries(all.getStates(country, 'en') ?? {})) {
    found[state] = name;
    for (const [region, of] of Object.entries(all.getRegions(country, state, 'en') ?? {})) found[`${state}-${region}`] = `${name}, ${of}`;
  }
  return found;
}

/** The holidays of one part: "date|days|rule" → names by language. */
function of(country, part) {
  const holidays = new Holidays(country, ...part.split('-').filter(Boolean), { types: ['public'] });
  const languages = [...holidays.getLanguages().filter((one) => one !== 'en').slice(0, 5), 'en'];
  const found = new Map();
  for (let year = from; year <= to; year++) {
    const names = languages.map((language) => new Map(holidays.getHolidays(year, language).map((one) => [`${one.date}|${one.rule}`, one.name])));
    for (const one of holidays.getHolidays(year)) {
      const key = `${one.date}|${one.rule}`;
      const days = Math.max(1, Math.round((one.end - one.start) / day));
      found.set(`${one.date.slice(0, 10)}|${days}`, Object.fromEntries(languages.map((language, i) => [language, names[i].get(key) ?? one.name])));
    }
  }
  return found;
}

const index = {};
for (const country of Object.keys(countries).sort()) {
  const named = parts(country);
  const names = [];
  const days = new Map();
  for (const part of Object.keys(named)) {
    for (const [when, said] of of(country, part)) {
      const written = JSON.stringify(said);
      let at = names.indexOf(written);
      if (at < 0) at = names.push(written) - 1;
      const key = `${when}|${at}`;
      days.set(key, [...(days.get(key) ?? []), part]);
    }
  }
  if (days.size === 0) continue;
  const whole = Object.keys(named).length;
  const rows = [...days].map(([key, where]) => {
    const [date, length, at] = key.split('|');
    return [date, Number(length), Number(at), where.length === whole ? null : where];
  });
  rows.sort((one, other) => (one[0] < other[0] ? -1 : one[0] > other[0] ? 1 : one[2] - other[2]));
  writeFileSync(`${folder}/${country}.json`, `{"names":[${names.join(',')}],\n"days":[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]}\n`);
  index[country] = named;
}
writeFileSync(`${folder}/countries.json`, `${JSON.stringify({ from, to, countries: index }, null, 1)}\n`);
writeFileSync(`${folder}/LICENSE`, readFileSync(require.resolve('date-holidays/package.json').replace('package.json', 'LICENSE')));
