// Writes when the sun enters each sign from 1950 to 2060, as astronomy-engine (npm) has it: the minute, in universal time. PHPUnit compares.
import { writeFileSync } from 'node:fs';
import * as Astronomy from 'astronomy-engine';

const cusps = [];
let from = Astronomy.MakeTime(new Date('1950-01-01T00:00:00Z'));
while (from.date.getUTCFullYear() < 2061) {
  const now = Astronomy.SunPosition(from).elon;
  const sign = (Math.floor(now / 30) + 1) % 12;
  const at = Astronomy.SearchSunLongitude(sign * 30, from, 40);
  if (at.date.getUTCFullYear() > 2060) break;
  cusps.push([at.date.toISOString().slice(0, 16), sign]);
  from = at.AddDays(5);
}
writeFileSync(process.argv[2], JSON.stringify(cusps));
