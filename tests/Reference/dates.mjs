// Writes what luxon (npm) says of every month from 1900 to 2100: days, weekday of the 1st, ISO weeks. PHPUnit compares.
import { writeFileSync } from 'node:fs';
import { DateTime, Info } from 'luxon';

const months = {};
for (let year = 1900; year <= 2100; year++) {
  for (let month = 1; month <= 12; month++) {
    const first = DateTime.utc(year, month, 1);
    const weeks = [];
    for (let day = 1; day <= first.daysInMonth; day++) weeks.push(DateTime.utc(year, month, day).weekNumber);
    months[first.toFormat('yyyy-MM')] = { days: first.daysInMonth, weekday: first.weekday, weeks };
  }
}
const names = {};
for (const locale of ['en', 'de', 'fi', 'fr', 'es', 'ar', 'ja']) {
  names[locale] = { months: Info.months('long', { locale, numberingSystem: 'latn' }), weekdays: Info.weekdays('long', { locale }) };
}
writeFileSync(process.argv[2], JSON.stringify({ months, names }));
