import { expect, test } from '@playwright/test';
import { complaints, edit, isAccessible, make, sample } from './support';

test('a kind the program does not know is kept, shown as unknown, and comes out of the file as it went in', async ({ page }) => {
  const made = await make(page);
  const plan = await (await page.request.get(`/api/notebooks/${made.id}/plan.json`)).json();
  plan.spreads.push({ id: 'tides', kind: 'tide-table', section: 'year', title: 'Gezeiten', settings: { harbour: 'Skerrow' } });
  await page.goto('/');
  await page
    .getByLabel('Upload a plan or a shelf')
    .setInputFiles({ name: 'p.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(plan)) });
  await page.getByRole('button', { name: /^Gezeiten, page/ }).click();
  await expect(page.getByText('Unknown kind, page')).toBeVisible();
  await expect(page.getByText('This program does not know the kind “tide-table”.')).toBeVisible();
  const id = page.url().split('/')[4];
  const again = await (await page.request.get(`/api/notebooks/${id}/plan.json`)).json();
  expect(again.spreads.at(-1)).toEqual(plan.spreads.at(-1));
});

for (const [script, title] of [
  ['ten thousand letters', 'ab '.repeat(3333)],
  ['Arabic', 'أهداف السنة الجديدة'],
  ['Japanese', '今年の予定'],
] as const) {
  test(`a title of ${script} breaks no screen`, async ({ page }) => {
    const said = complaints(page);
    const made = await edit(page, await make(page), { type: 'set-spread', spread: 'goals-by-area', title });
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: 844 });
      for (const screen of ['spreads', 'bench/10', 'tray', 'desk/10']) {
        await page.goto(`/notebooks/${made.id}/${screen}`, { waitUntil: 'networkidle' });
        expect(await page.evaluate(() => document.documentElement.scrollWidth), `${screen} at ${width}`).toBeLessThanOrEqual(width);
      }
    }
    const sheet = await page.request.get(`/api/notebooks/${made.id}/tray.pdf?print=guides:10`);
    expect(sheet.headers()['content-type']).toBe('application/pdf');
    expect(said).toEqual([]);
  });
}

test('two halves share a page, and each is chosen by its name', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  for (const name of [/^Goals by area, page/, /^The choir’s year, page/]) {
    await page.getByRole('button', { name }).click();
    await page.getByLabel('Half a page, shared').check();
    await expect(page.getByRole('status').first()).toHaveText('All edits saved.');
  }
  const lower = page.getByRole('button', { name: 'The choir’s year, lower half of page 10' });
  await page.getByRole('button', { name: /^Motto, page/ }).click();
  await lower.click();
  await expect(page.getByRole('heading', { name: 'The choir’s year' })).toBeVisible();
  await isAccessible(page);
  await page.goto(`/notebooks/${made.id}/bench/10`);
  await expect(page.getByText(/Lower half, counted from 20 boxes down: Tick/).first()).toBeVisible();
});

test('a door group starts left and says how to cut, with the knife’s rules beside the act', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: 'Add Items behind doors' }).click();
  const doors = page.getByRole('button', { name: /^Items behind doors, pages \d+–\d+$/ });
  await expect(doors).toBeVisible();
  const first = Number(/pages (\d+)/.exec((await doors.getAttribute('aria-label'))!)![1]);
  expect(first % 2).toBe(0);
  await page.goto(`/notebooks/${made.id}/bench/${first + 1}`);
  await expect(
    page
      .getByText(
        /Cut along the line on a mat along a steel ruler, in light passes, fingers behind the blade’s path. Stop 3 mm before the binding/,
      )
      .first(),
  ).toBeVisible();
});

test('a refused sheet says what would fit, and a page list that is none says how to write one', async ({ page }) => {
  const made = await edit(page, await make(page), {
    type: 'set-stock',
    stock: { width: 210, height: 297, pitch: 5, across: 42, down: 59, pages: 192, first_leaf: 'ordinary' },
  });
  await page.goto(`/notebooks/${made.id}/tray`);
  await page.getByLabel('Put in').selectOption('Page guides');
  await page.getByLabel('Which').selectOption('other …');
  await page.getByLabel(/^Said as/).fill('9');
  await page.getByRole('button', { name: 'Put in the tray' }).click();
  await expect(
    page.getByText('Page guides: 9: The grid is 210 × 295 mm; on A4 there is room for 200 × 277 mm at true size. Print on a larger paper.'),
  ).toBeVisible();
  await page.getByLabel(/^Said as/).fill('7-7000');
  await page.getByRole('button', { name: 'Put in the tray' }).click();
  await expect(page.getByText(/7-7000 is not in the book: its pages are 1 to 192/)).toBeVisible();
});

test('who counts dots sees dots on the ruler and in the steps', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  await page.getByLabel('You count').selectOption('dots');
  await expect(page.getByRole('button', { name: 'Take back' })).toBeEnabled();
  await page.goto(`/notebooks/${made.id}/bench/9`);
  await expect(page.getByText('Tick on dots 13, 15 along the top').first()).toBeVisible();
  await expect(page.getByRole('img', { name: 'Page 8: Future log' })).toContainText('27');
});

test('on a grid of 10 × 14 every screen stands, and what does not fit says what would', async ({ page }) => {
  const said = complaints(page);
  const made = await edit(page, await make(page), {
    type: 'set-stock',
    stock: { width: 60, height: 80, pitch: 5, across: 10, down: 14, pages: 192, first_leaf: 'ordinary' },
  });
  for (const screen of [
    'spreads',
    'bench/7',
    'count/7',
    'compare/future-log',
    'compare/spacing-sheet',
    'key/key',
    'copy/7',
    'desk/7',
    'tray',
    'printer',
  ]) {
    await page.goto(`/notebooks/${made.id}/${screen}`, { waitUntil: 'networkidle' });
    await expect(page.getByRole('main')).toBeVisible();
  }
  await page.goto(`/notebooks/${made.id}/compare/future-log`);
  await expect(page.getByRole('heading', { name: 'Not on this paper' })).toBeVisible();
  await expect(
    page
      .getByText(
        /months a page .*do not fit on 10 × 13 boxes with a line each|A column per month|Half a page of 10 boxes|categories of at least 4 boxes/,
      )
      .first(),
  ).toBeVisible();
  expect(said).toEqual([]);
});

test('an offer in the margin is taken with one press, and the spread fits', async ({ page }) => {
  const made = await edit(page, await make(page), {
    type: 'set-spread',
    spread: 'year-at-a-glance',
    settings: { way: 'split', day: '2', pages: 1 },
  });
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Year at a glance, page/ }).click();
  const words = page.getByText(
    'A month is 14 boxes wide and 14 to 16 tall; 26 × 32 boxes are left on this page, and one page is asked for.',
  );
  await expect(words).toBeVisible();
  await page.getByRole('button', { name: 'Let it take the pages it needs' }).click();
  await expect(words).toHaveCount(0);
  await expect(page.getByText(/12 months take 6 pages this way, more than an opening shows at once. On one opening: /)).toBeVisible();
  await page.getByRole('button', { name: 'Use 1 box a day' }).click();
  await expect(page.getByRole('button', { name: /^Year at a glance, pages? / }).first()).toBeVisible();
  await expect(page.getByText(/more than an opening/)).toHaveCount(0);
});

for (const [months, start, end] of [
  [1, '2027-08', '2027-08'],
  [24, '2027-03', '2029-02'],
] as const) {
  test(`a period of ${months} months is drawn, compared and copied`, async ({ page }) => {
    const said = complaints(page);
    const made = await edit(page, await make(page), { type: 'set-period', period: { start, end } });
    const book = await (await page.request.get(`/api/notebooks/${made.id}`)).json();
    const year = book.spreads.find((one: { id: string }) => one.id === 'year-at-a-glance');
    await page.goto(`/notebooks/${made.id}/copy/${year.page}`);
    await expect(page.getByText(new RegExp(`^0 of ${months === 1 ? 1 : '\\d+'} months copied$`))).toBeVisible();
    await page.goto(`/notebooks/${made.id}/compare/year-at-a-glance`);
    await expect(page.getByRole('columnheader').first()).toBeVisible();
    await expect(page.getByText(/^Recommended: /)).toBeVisible();
    expect(said).toEqual([]);
  });
}

test('a pen of the palette changes the colours of the spacing sheet, and its divisors are chosen', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/key/key`);
  await page.getByLabel('Colour 1', { exact: true }).fill('#114477');
  await page.getByRole('button', { name: 'Use this key' }).click();
  await expect(page.getByText('The key you used is on its page now.')).toBeVisible();
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Grid spacing sheet, page/ }).click();
  await page.getByLabel('Divided across by').fill('2, 6');
  await page.getByLabel('Divided across by').press('Enter');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await page.getByLabel('Divided down by').fill('2, many');
  await page.getByLabel('Divided down by').press('Enter');
  await expect(page.getByText('Divided down by: whole numbers from 2 to 12, with commas between.')).toBeVisible();
  await page.getByRole('link', { name: 'Open on the bench' }).click();
  const drawing = page.getByRole('img', { name: 'Page 6: Grid spacing sheet' });
  await expect(drawing).toContainText('6 of 4, 2 left');
  await expect(drawing.locator('path[style*="rgb(17, 68, 119)"]').first()).toBeAttached();
});
