import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { edit, isAccessible, make, type Made } from './support';

const KIND = 'own-the-boat';

test('a kind of one’s own is renamed, changed in both its spreads, handed on as a file and taken in again', async ({ page }) => {
  let book: Made = await make(page);
  book = await edit(page, book, { type: 'add-spread', kind: 'page-of-parts', title: 'The boat' });
  book = await edit(page, book, {
    type: 'part-page',
    spread: 'page-of-parts',
    do: 'divide',
    at: '1',
    way: 'down',
    parts: 2,
  });
  book = await edit(page, book, { type: 'keep-kind', spread: 'page-of-parts', name: 'The boat', section: 'goals' });
  book = await edit(page, book, { type: 'add-spread', kind: KIND, title: 'The dinghy' });

  await page.goto(`/notebooks/${book.id}/spreads`);
  await page.getByRole('searchbox', { name: 'Find a kind of spread' }).fill('boat');
  await page.getByRole('button', { name: 'Look at The boat' }).click();
  const name = page.getByRole('textbox', { name: 'Name of the kind' });
  await name.fill('Ashore');
  await name.press('Tab');
  await expect(page.getByRole('heading', { name: 'Ashore', level: 2 })).toBeVisible();
  await isAccessible(page);
  const [handed] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Hand it on as a file' }).click()]);
  expect(handed.suggestedFilename()).toBe(`${KIND}.kind.json`);
  const file = (await handed.path())!;
  expect(readFileSync(file, 'utf8')).toContain('"Ashore"');

  // Divided otherwise, the page stands alone; then the kind changes, and the dinghy with it.
  const parts = async (spread: string) =>
    ((await (await page.request.get(`/api/notebooks/${book.id}/parts/${spread}`)).json()) as { parts: { fill: string }[] }).parts.map(
      (one) => one.fill,
    );
  const before = await parts(KIND);
  const now = (await (await page.request.get(`/api/notebooks/${book.id}`)).json()) as Made;
  await edit(page, now, { type: 'part-page', spread: 'page-of-parts', do: 'fill', at: '1.0', fill: 'cells' });
  expect(await parts(KIND)).toEqual(before);
  await page.goto(`/notebooks/${book.id}/parts/page-of-parts`);
  await expect(page.getByText('it stands only here, until you change the kind')).toBeVisible();
  await page.getByRole('button', { name: 'Change the kind: 2 spreads' }).click();
  await expect.poll(() => parts(KIND)).toContain('cells');

  await page.goto(`/notebooks/${book.id}/spreads`);
  const take = page.getByLabel('Take in a kind from a file');
  await take.setInputFiles(file);
  await expect(page.getByText('“Ashore” is in the drawer.')).toBeVisible();
  await take.setInputFiles({ name: 'plan.json', mimeType: 'application/json', buffer: Buffer.from('{"title":"A plan"}') });
  await expect(page.getByRole('alert')).toContainText('This is no file of a kind');
});
