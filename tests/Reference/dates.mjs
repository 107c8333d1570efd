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
// Every language the ICU of Node.js has: full and short names of months, names and initials of weekdays.
const names = {};
const languages = new Set();
for (let a = 97; a < 123; a++)
  for (let b = 97; b < 123; b++) for (const c of ['', ...'abcdefghijklmnopqrstuvwxyz']) languages.add(String.fromCharCode(a, b) + c);
for (const locale of Intl.DateTimeFormat.supportedLocalesOf([...languages])) {
  const how = { locale, numberingSystem: 'latn', outputCalendar: 'gregory' };
  names[locale] = {
    months: Info.months('long', how),
    short: Info.months('short', how),
    weekdays: Info.weekdays('long', how),
    initials: Info.weekdays('narrow', how),
  };
}
writeFileSync(process.argv[2], JSON.stringify({ months, names }));
