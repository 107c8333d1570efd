import { expect, test } from '@playwright/test';
import { complaints, edit, isAccessible, make, sample } from './support';

test('a kind the program does not know is kept, shown as unknown, and comes out of the file as it went in', async ({ page }) => {
  const made = await make(page);
  const plan = await (await page.request.get(`/api/notebooks/${made.id}/plan.json`)).json();
  plan.spreads.push({ id: 'tides', kind: 'tide-table', section: 'year', title: 'Gezeiten', settings: { harbour: 'Skerrow' } });
  await page.goto('/');
  await page.getByLabel('Upload a plan file').setInputFiles({ name: 'p.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(plan)) });
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
      for (const screen of ['spreads', 'bench/10', 'sheets', 'desk/10']) {
        await page.goto(`/notebooks/${made.id}/${screen}`, { waitUntil: 'networkidle' });
        expect(await page.evaluate(() => document.documentElement.scrollWidth), `${screen} at ${width}`).toBeLessThanOrEqual(width);
      }
    }
    const sheet = await page.request.get(`/api/notebooks/${made.id}/sheets/pages.pdf?pages=10`);
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
  await expect(page.getByText(/Lower half, counted from 19 boxes down: Tick/).first()).toBeVisible();
});

test('a door group starts left and says how to cut, with the knife’s rules beside the act', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: 'Add Items by month, with doors' }).click();
  const doors = page.getByRole('button', { name: /^Items by month, with doors, pages \d+–\d+$/ });
  await expect(doors).toBeVisible();
  const first = Number(/pages (\d+)/.exec((await doors.getAttribute('aria-label'))!)![1]);
  expect(first % 2).toBe(0);
  await page.goto(`/notebooks/${made.id}/bench/${first + 1}`);
  await expect(page.getByText(/cut on a mat along a steel ruler, in light passes, fingers behind the blade’s path, never into the binding/).first()).toBeVisible();
});

test('a refused sheet says what would fit, and a page list that is none says how to write one', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'set-stock', stock: { width: 210, height: 297, pitch: 5, across: 42, down: 59, pages: 192, first_leaf: 'ordinary' } });
  await page.goto(`/notebooks/${made.id}/sheets`);
  await page.getByRole('button', { name: 'Download the spacing card' }).click();
  await expect(page.getByRole('alert')).toHaveText('The grid is 210 × 295 mm; on A4 there is room for 200 × 277 mm at true size. Print on a larger paper.');
  await page.getByLabel('Any pages, such as 7, 20-21').fill('seven');
  await page.getByRole('button', { name: 'Download', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('write pages as 7, 8-9');
});

test('who counts dots sees dots on the ruler and in the steps', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  await page.getByLabel('You count').selectOption('dots');
  await page.goto(`/notebooks/${made.id}/bench/9`);
  await expect(page.getByText('Tick on dots 13, 15 along the top').first()).toBeVisible();
  await expect(page.getByRole('img', { name: 'Page 8: Future log' })).toContainText('27');
});
