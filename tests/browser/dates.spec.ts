// What is known of the year: typed fast, pasted, read from files, seen to overflow before any ink, and transferred into its month on a phone.
import { expect, test } from '@playwright/test';
import { complaints, edit, isAccessible, make } from './support';

const bar = /^December 2027: (\d+) dates?, (\d+) lines?, room for 10/;

test('dates are typed one after another with no hand off the keys, and a day that cannot be is said so at its place', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.keyboard.press('g');
  await page.keyboard.press('a');
  await page.getByRole('button', { name: /^March 2027:/ }).click();
  await page.getByLabel('Day', { exact: true }).click();
  for (const [day, words] of [
    ['12', 'Dentist 10:30'],
    ['3-9 July', 'Sailing week'],
    ['March', 'Order larch'],
  ] as const) {
    await page.keyboard.type(day);
    await page.keyboard.press('Tab');
    await page.keyboard.type(words);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Day', { exact: true })).toBeFocused();
    await expect(page.getByLabel('Day', { exact: true })).toHaveValue('');
  }
  const march = page.getByRole('list', { name: 'Dates of March 2027' });
  await expect(march.getByRole('button')).toHaveText([/Fri 12 Dentist 10:30/, /Order larch/]);
  await page.keyboard.type('31 April');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Nothing');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main').getByRole('alert')).toHaveText('April 2027 has 30 days, not 31.');
  await expect(page.getByLabel('What, and when')).toHaveValue('Nothing');

  // It is written into the future log, in the pen of its category, and taken back.
  await march.getByRole('button', { name: /Dentist/ }).click();
  await page.getByRole('region', { name: 'The date chosen' }).getByLabel('Colour').selectOption('Appointments');
  await expect(march.getByText('Appointments')).toBeVisible();
  await isAccessible(page);
  await page.getByRole('link', { name: 'Future log' }).click();
  await expect(page.getByText('Write what is known, each in its place: 2 dates.').first()).toBeVisible();
  expect(said).toEqual([]);
});

test('ten lines are pasted, a file with two bad entries is read, December overflows and is mended with one click', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/dates`);
  await page.getByRole('button', { name: /^December 2027/ }).click();
  const lines = [
    '1.12. Advent market',
    '4.12. Mulled wine stall',
    '6.12. Stockings',
    '7.12. Tamsin',
    '11.12. Dress rehearsal 14:00',
    '12.12. Advent concert 17:00',
    '13.12. Parcels abroad',
    '17.12. Depot dinner',
    '24.12. Carols on the tram',
    '31.12. Bonfire on the quay',
  ];
  await page.getByLabel('Lines with a day and words').fill(lines.join('\n'));
  await page.getByRole('button', { name: 'Look at them' }).first().click();
  await expect(page.getByText('10 new')).toBeVisible();
  await page.getByRole('button', { name: 'Take 10 dates' }).click();
  await expect(page.getByRole('list', { name: 'Dates of December 2027' }).getByRole('listitem')).toHaveCount(10);

  const event = (n: number, lines: string) => `BEGIN:VEVENT\r\nUID:${n}\r\n${lines}\r\nEND:VEVENT\r\n`;
  const calendar = [
    'BEGIN:VCALENDAR\r\nVERSION:2.0\r\n',
    event(1, 'DTSTART;VALUE=DATE:20271218\r\nSUMMARY:Net mending'),
    event(2, 'DTSTART;VALUE=DATE:20271231\r\nDTEND;VALUE=DATE:20271201\r\nSUMMARY:Backwards'),
    event(3, 'DTSTART:20271219T100000\r\nRRULE:FREQ=SECONDLY\r\nSUMMARY:Ticking'),
    event(4, 'DTSTART;VALUE=DATE:20271220\r\nSUMMARY:Boat cover'),
    'END:VCALENDAR\r\n',
  ].join('');
  await page.getByLabel('Choose files …').setInputFiles({ name: 'quay.ics', mimeType: 'text/calendar', buffer: Buffer.from(calendar) });
  const preview = page.getByRole('region', { name: 'What would come in' });
  await expect(preview.getByRole('status')).toContainText('2 new, 2 skipped');
  await expect(preview.getByText('skipped: It ends before it begins.')).toBeVisible();
  await expect(preview.getByText(/skipped: This comes again every second/)).toBeVisible();
  await expect(preview.getByRole('checkbox', { name: /^Take quay\.ics, line \d+: Backwards/ })).toBeDisabled();
  await preview.getByRole('button', { name: 'Take 2 dates' }).click();

  await expect(page.getByRole('button', { name: bar })).toHaveAccessibleName(/too many$/);
  await expect(
    page.getByText('The future log has too little room for what is known already: December 2027 needs 16 lines and has 10.'),
  ).toBeVisible();
  await page
    .getByRole('button', { name: /everything fits/ })
    .first()
    .click();
  await expect(page.getByText('Nothing is seen too late, and everything has room.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^December 2027/ })).not.toHaveAccessibleName(/too many/);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByRole('button', { name: /^December 2027/ })).toHaveAccessibleName(/too many$/);
  expect(said).toEqual([]);
});

test('March is transferred on a phone, one date after another', async ({ page }) => {
  const said = complaints(page);
  await page.setViewportSize({ width: 390, height: 844 });
  let made = await make(page);
  made = await edit(page, made, { type: 'add-date', day: '12 March', words: 'Dentist' });
  made = await edit(page, made, { type: 'add-date', day: 'March', words: 'Order larch' });
  made = await edit(page, made, { type: 'add-date', day: '1 April', words: 'Harbour fee', is: 'duty', lead: 14 });
  await page.goto(`/notebooks/${made.id}/months`);
  await page.getByRole('button', { name: 'March 2027' }).click();
  await page.getByRole('button', { name: /^Fits/ }).click();
  await page.getByRole('link', { name: 'Transfer its dates' }).click();
  const one = page.getByRole('region', { name: 'The date to copy' });
  await expect(one.getByText('12 Dentist')).toBeVisible();
  await expect(page.getByText('0 of 3')).toBeVisible();
  await one.getByRole('button', { name: 'Copied' }).click();
  await expect(one.getByText('Order larch')).toBeVisible();
  await one.getByRole('button', { name: 'Next month' }).click();
  await expect(one.getByText('18 Harbour fee for 1 Apr')).toBeVisible();
  await page.keyboard.press(' ');
  await expect(page.getByText('Everything is copied.')).toBeVisible();
  await isAccessible(page);
  const box = await page.getByRole('link', { name: 'Dates' }).boundingBox();
  expect(box?.height).toBeGreaterThanOrEqual(44);

  await page.goto(`/notebooks/${made.id}/transfer/2027-04`);
  await expect(page.getByRole('list').getByText('Order larch')).toBeVisible();
  expect(said).toEqual([]);
});
