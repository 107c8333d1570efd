// Writes Easter as date-easter (npm) has it, and which day each "third Monday of May" is as luxon (npm) counts. PHPUnit compares.
import { createRequire } from 'node:module';
import { writeFileSync } from 'node:fs';
import { DateTime } from 'luxon';

const require = createRequire(import.meta.url);
const { gregorianEaster } = createRequire(require.resolve('date-holidays-parser'))('date-easter');
const easter = {};
for (let year = 1583; year <= 3000; year++) easter[year] = gregorianEaster(year).toString();

const nth = {};
const advent = {};
for (let year = 2024; year <= 2040; year++) {
  for (let month = 1; month <= 12; month++) {
    const first = DateTime.utc(year, month, 1);
    const found = {};
    for (let day = first; day.month === month; day = day.plus({ days: 1 })) (found[day.weekday] ??= []).push(day.toISODate());
    nth[first.toFormat('yyyy-MM')] = found;
  }
  const sundays = [];
  for (let day = DateTime.utc(year, 12, 24); sundays.length < 4; day = day.minus({ days: 1 }))
    if (day.weekday === 7) sundays.unshift(day.toISODate());
  advent[year] = sundays;
}
writeFileSync(process.argv[2], JSON.stringify({ easter, nth, advent }));
