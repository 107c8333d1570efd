// Slips saved, a week of evenings planned, a page timed at the desk, pens tested: with what stands on the screen afterwards.
import { expect, test } from '@playwright/test';
import { complaints, edit, make, sample } from './support';

test('a row of a month that was skipped is saved, and the page stands as it is on paper', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  const added = await edit(page, made, { type: 'add-spread', kind: 'books-read' });
  const at =
    ((await (await page.request.get(`/api/notebooks/${made.id}`)).json()) as { spreads: { id: string; page: number }[] }).spreads.find(
      (one) => one.id === 'books-read',
    )?.page ?? 0;
  expect(added.version).toBeGreaterThan(0);
  await page.goto(`/notebooks/${made.id}/bench/${at}`);
  await page.getByRole('button', { name: 'What now?' }).click();
  const help = page.getByRole('region', { name: 'What now?' });
  await help.getByLabel('What happened').selectOption({ label: 'A row was skipped' });
  await help.getByLabel('On page').selectOption(String(at));
  await help.getByLabel('Boxes across').fill('6');
  await help.getByLabel('Boxes down').fill('10');
  await expect(help.getByText(/^The row that begins at/)).toBeVisible();
  const first = help.getByRole('listitem').first();
  await expect(first).toContainText('Leave the row empty and split the last box');
  await expect(first).toContainText('2.5 mm each');
  await expect(help.getByText('Cut a strip of 26 × 1 box (130 × 5 mm)', { exact: false })).toBeVisible();
  await first.getByRole('button', { name: /^This is how I save it/ }).click();
  await expect(help.getByRole('status')).toContainText('as they stand on paper now');
  await expect(page.getByText('From 10 down, everything is a row lower').first()).toBeVisible();
  await expect(help.getByText('Slips here')).toBeVisible();
  await help.getByRole('button', { name: /^Take it out/ }).click();
  await expect(help.getByText('Slips here')).toBeHidden();
  await expect(page.getByText('From 10 down, everything is a row lower')).toHaveCount(0);
  expect(said).toEqual([]);
});

test('a count that was off is pointed out on the page and divided again from there', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/bench/22`);
  await page.getByRole('button', { name: 'What now?' }).click();
  const help = page.getByRole('region', { name: 'What now?' });
  await help.getByLabel('What happened').selectOption({ label: 'A count was off from here' });
  const sheet = page.getByRole('img', { name: /^Page 22/ });
  const box = await sheet.boundingBox();
  if (!box) throw new Error('The page is not there.');
  // Of 30.5 boxes across and 42.5 down with its rulers, a little below the eighteenth line.
  await sheet.click({ position: { x: box.width * 0.3, y: box.height * 0.51 } });
  await expect(help.getByText('The line at 18 down the side, drawn at 19.')).toBeVisible();
  await help.getByRole('button', { name: /Divide again, left over into the gaps$/ }).click();
  await expect(help.getByRole('status')).toBeVisible();
  await expect(
    page.getByText(/Tick at 4, 8, 9, 13, 14, 19, 20, 23, 25, 28, 30, 33, 35 down the side \(divided again from 18\)/),
  ).toBeVisible();
  await page.keyboard.press('z');
  await expect(page.getByText(/divided again from 18/)).toHaveCount(0);
});

test('a leaf is skipped, and the corrections of the index are read before a way is taken', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/bench/11`);
  await page.getByRole('button', { name: 'What now?' }).click();
  const help = page.getByRole('region', { name: 'What now?' });
  await help.getByLabel('What happened').selectOption({ label: 'A leaf was skipped' });
  await help.getByLabel('On page').selectOption('11');
  await expect(help.getByText('The leaf of pages 11 and 12.')).toBeVisible();
  const way = help.getByRole('listitem').filter({ hasText: 'Everything moves on by a leaf' });
  await way
    .getByText(/entries of the index/)
    .last()
    .click();
  await expect(way).toContainText('The choir’s year: 11 13');
  await way.getByRole('button', { name: /^This is how I save it/ }).click();
  await expect(page.getByRole('button', { name: 'Page 11 can be used after all' })).toBeVisible();
  await page.goto(`/notebooks/${made.id}/months`);
  await expect(page.getByRole('region', { name: 'Index corrections' })).toContainText('The choir’s year');
});

test('a week of evenings is said, packed, and a page put on another one', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.clock.setFixedTime(new Date('2026-12-14T12:00:00'));
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.keyboard.press('g');
  await page.keyboard.press('t');
  await page.getByLabel('Free evenings').fill('Tuesdays and Sundays, 90 minutes');
  await page.getByRole('button', { name: 'Add them' }).click();
  const evenings = page.getByRole('list', { name: 'Evenings' });
  await expect(evenings.getByRole('heading', { level: 2 })).toHaveText([
    'Tuesday 15 December 2026',
    'Sunday 20 December 2026',
    'Tuesday 22 December 2026',
    'Sunday 27 December 2026',
    'Tuesday 29 December 2026',
  ]);
  const first = evenings.getByRole('listitem', { name: 'Tuesday 15 December 2026' });
  await expect(first).toContainText('19:00, 90 min;');
  await first.getByText(/^\d+ pages?, \d+ to \d+ min\./).click();
  await expect(first.getByRole('list', { name: 'What is done when' })).toContainText('19:00 Page');
  await first
    .getByLabel(/^Evening of page/)
    .first()
    .selectOption({ label: 'Sunday 2026-12-20, 19:00' });
  await expect(evenings.getByRole('listitem', { name: 'Sunday 20 December 2026' })).toContainText('planned');
  // Two evenings over one another are refused, and nothing is lost.
  await page.getByLabel('Free evenings').fill('2026-12-15 19:30 60');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('alert')).toContainText('Two evenings overlap on 2026-12-15');
  await page.getByLabel('Free evenings').fill('2026-12-16 18:00 4');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByRole('alert')).toContainText('An evening has 5 to 600 minutes');
  await expect(evenings.getByRole('heading', { level: 2 })).toHaveCount(5);
  expect(said).toEqual([]);
});

test('at phone size a page is ticked with one thumb and timed; the desk goes on by itself, and what the timer says is put right', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const made = await edit(page, await make(page), { type: 'set-evenings', evenings: [{ day: '2099-12-20', from: '19:00', minutes: 60 }] });
  await page.goto(`/notebooks/${made.id}/sittings`);
  await page.getByRole('link', { name: /^Sit down/ }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const done = page.getByRole('button', { name: 'Done' });
  await expect(done).toBeVisible();
  const start = page.url();
  // What is drawn before the ink must dry; then the evening asks to wait, or for the next page.
  const onward = page.getByRole('button', { name: 'Go on' });
  await expect(async () => {
    if (await done.isVisible()) await done.click({ timeout: 1_000 });
    await expect(onward).toBeVisible({ timeout: 150 });
  }).toPass({ timeout: 40_000, intervals: [10] });
  await expect(page.getByText('Let it dry before the book is turned.', { exact: false })).toBeVisible();
  await onward.click();
  await expect(done).toBeVisible();
  expect(page.url()).not.toBe(start);
  // All of a page, and its minutes are kept.
  await page.goto(`/notebooks/${made.id}/bench/1`);
  await page.setViewportSize({ width: 1280, height: 800 });
  // A page that took no second at all is none that was drawn.
  await page.waitForTimeout(1200);
  const ticks = page.getByRole('checkbox', { name: /^Step \d+ done$/ });
  for (let i = 0; i < (await ticks.count()); i++) if (!(await ticks.nth(i).isChecked())) await ticks.nth(i).check();
  await expect(page.getByText(/^Page 1: .*; took \d+/)).toBeVisible();
  await page.getByRole('button', { name: 'Put right the minutes of page 1' }).click();
  await page.getByLabel('It took, min').fill('40');
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText(/^Page 1: .*; took 40, as you say/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Page 1: .*; took 40, as you say/)).toBeVisible();
});

test('a pen that bleeds is told of, and the spreads drawn with it are placed so', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/pens`);
  await page.getByLabel('Pen', { exact: true }).fill('Shed marker');
  await page.getByLabel('Sort').selectOption({ label: 'alcohol marker' });
  await page.getByRole('button', { name: 'Add the pen' }).click();
  const pen = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Shed marker' }) });
  await expect(pen).toContainText('from memory');
  await pen.getByLabel('Bleeds').selectOption({ label: 'comes through' });
  await expect(pen).not.toContainText('from memory');
  await expect(pen).toContainText('Its reverse must be blank, glued shut or decoration.');
  await pen.getByLabel('Of the palette').selectOption({ label: 'Dates' });
  await expect(page.getByText('The pen of the palette for “Dates” (Shed marker) bleeds on this paper.')).toBeVisible();
  await page.getByText(/spreads are drawn with a pen that bleeds/).click();
  await page.getByRole('button', { name: /^Place them all as what bleeds/ }).click();
  await expect(page.getByText(/spreads are drawn with a pen that bleeds/)).toHaveCount(0);
});
