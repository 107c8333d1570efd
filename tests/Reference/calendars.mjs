// Writes calendars as ical.js (npm) makes them, and the days it says their events are on. PHPUnit reads the files with the program and compares.
import { writeFileSync } from 'node:fs';
import ICAL from 'ical.js';
import { randomFrom } from './random.mjs';

const random = randomFrom(20270101);
const pick = (list) => list[random(list.length)];
const two = (n) => String(n).padStart(2, '0');
const day = (time) => `${time.year}-${two(time.month)}-${two(time.day)}`;
const from = ICAL.Time.fromDateString('2027-01-01');
const to = ICAL.Time.fromDateString('2027-12-31');

const said = [];
for (let i = 0; i < 150; i++) {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//x//y//EN');
  const days = [];
  for (let n = 0; n < 8; n++) {
    const component = new ICAL.Component('vevent');
    const event = new ICAL.Event(component);
    event.uid = `${i}-${n}@quay`;
    event.summary = `${pick(['Choir, with; signs', 'Tram \\ test', 'Äußerst lange Worte, damit die Zeile gefaltet werden muss, wie der Standard es verlangt', 'Boat'])} ${n}`;
    const start = `2027-${two(1 + random(12))}-${two(1 + random(28))}`;
    const timed = random(2) === 1;
    event.startDate = timed
      ? ICAL.Time.fromDateTimeString(`${start}T${two(random(22))}:${pick(['00', '30'])}:00`)
      : ICAL.Time.fromDateString(start);
    if (random(3) === 0)
      event.duration = timed ? ICAL.Duration.fromSeconds(3600 * (1 + random(30))) : ICAL.Duration.fromSeconds(86400 * (1 + random(5)));
    if (random(2) === 0) {
      const rule = pick([
        'FREQ=DAILY;INTERVAL=9;COUNT=12',
        'FREQ=WEEKLY;INTERVAL=2',
        'FREQ=MONTHLY;COUNT=5',
        'FREQ=MONTHLY;BYDAY=2TU',
        'FREQ=MONTHLY;BYMONTHDAY=-1',
        'FREQ=YEARLY;INTERVAL=1',
      ]);
      component.addPropertyWithValue('rrule', ICAL.Recur.fromString(rule));
      if (random(2) === 0) {
        // One of its days is left out.
        const second = event.iterator();
        second.next();
        const left = second.next();
        if (left) component.addPropertyWithValue('exdate', left);
      }
    }
    calendar.addSubcomponent(component);
    const each = new ICAL.Event(component).iterator();
    for (let time = each.next(), count = 0; time && count < 400; time = each.next(), count++) {
      if (day(time) > day(to)) break;
      if (day(time) >= day(from)) days.push(`${day(time)} ${event.uid}`);
    }
  }
  said.push([calendar.toString(), days.sort()]);
}
writeFileSync(process.argv[2], JSON.stringify(said));
