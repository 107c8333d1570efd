// Writes the public holidays of ten regions as date-holidays (npm) has them today. PHPUnit compares what is kept with the program.
import { createRequire } from 'node:module';
import { writeFileSync } from 'node:fs';

const Holidays = createRequire(import.meta.url)('date-holidays');
const said = {};
for (const place of ['DE-BY', 'DE-HH', 'GB-SCT', 'US-CA', 'CH-ZH', 'FR', 'FI', 'JP', 'BR-SP', 'AU-VIC']) {
  const holidays = new Holidays(...place.split('-'), { types: ['public'] });
  said[place] = {};
  for (const year of [2026, 2027, 2028, 2032])
    said[place][year] = [...new Set(holidays.getHolidays(year).map((one) => one.date.slice(0, 10)))]
      .filter((day) => day.startsWith(`${year}`))
      .sort();
}
writeFileSync(process.argv[2], JSON.stringify(said));
