// Writes what rrule (npm) says of thousands of random recurrence rules: the days of each, in a stretch of some years. PHPUnit compares.
// Left out, because it departs from RFC 5545 there: "2TU" and "TU" in one rule (it wants both at once), and positions past a set's end.
import { writeFileSync } from 'node:fs';
import rrule from 'rrule';
import { randomFrom } from './random.mjs';

const { RRule } = rrule;
const random = randomFrom(20270101);
const pick = (list) => list[random(list.length)];
const some = (most, of) => [...new Set(Array.from({ length: 1 + random(most) }, of))];
const weekdays = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
const signed = (most) => (random(2) ? 1 : -1) * (1 + random(most));
const day = (date) => date.toISOString().slice(0, 10);

function rule() {
  const every = pick(['DAILY', 'WEEKLY', 'MONTHLY', 'MONTHLY', 'YEARLY', 'YEARLY']);
  const parts = [`FREQ=${every}`];
  if (random(2)) parts.push(`INTERVAL=${1 + random(6)}`);
  if (random(4) === 0) parts.push(`BYMONTH=${some(4, () => 1 + random(12)).join(',')}`);
  const nth = every === 'MONTHLY' || every === 'YEARLY';
  const by = random(6);
  const ordinal = nth && random(2);
  if (by === 0 || by === 1)
    parts.push(`BYDAY=${some(3, () => (ordinal ? signed(every === 'YEARLY' ? 20 : 5) : '') + pick(weekdays)).join(',')}`);
  if (by === 2 && every !== 'WEEKLY') parts.push(`BYMONTHDAY=${some(3, () => signed(31)).join(',')}`);
  if (by === 3 && every === 'YEARLY') parts.push(`BYYEARDAY=${some(3, () => signed(366)).join(',')}`);
  if (by === 4 && every === 'YEARLY')
    parts.push(`BYWEEKNO=${some(3, () => signed(53)).join(',')}`, `BYDAY=${some(3, () => pick(weekdays)).join(',')}`);
  if (nth && by < 2 && !ordinal && random(2) === 0) parts.push(`BYSETPOS=${some(2, () => signed(4)).join(',')}`);
  if (random(3) === 0) parts.push(`COUNT=${1 + random(60)}`);
  else if (random(3) === 0) parts.push(`UNTIL=20${20 + random(20)}${pick(['0131', '0630', '1231'])}`);
  if (random(4) === 0) parts.push(`WKST=${pick(['SU', 'SA', 'WE'])}`);
  return parts.join(';');
}

const said = [];
while (said.length < 2000) {
  // Leap days and the ends of months are begun on more often than chance has it.
  const start =
    random(6) === 0
      ? pick(['2016-02-29', '2020-02-29', '2019-01-31', '2023-12-31', '2021-01-01'])
      : day(new Date(Date.UTC(2014 + random(14), 0, 1 + random(366))));
  const written = rule();
  const from = new Date(Date.UTC(2024 + random(6), random(12), 1));
  const end = new Date(from.getTime() + 86400000 * (200 + random(1200)));
  const options = RRule.parseString(written);
  // Otherwise it looks for the days of a rule that gives none up to the year 9999.
  const asked = new RRule({ until: end, ...options, dtstart: new Date(`${start}T00:00:00Z`) });
  said.push([written, start, day(from), day(end), [...new Set(asked.between(from, end, true).map(day))]]);
}
writeFileSync(process.argv[2], JSON.stringify(said));
