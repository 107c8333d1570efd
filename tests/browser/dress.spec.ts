// The book is dressed, a section and a spread otherwise, and a title that is too long for its dress is named.
import { expect, test } from '@playwright/test';
import { complaints, edit, isAccessible, make } from './support';

test('titles are made taller for the whole book, and one that does not fit is named with what would', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await edit(page, made, { type: 'set-spread', spread: 'notes', title: 'Everything that did not fit anywhere' });
  await page.goto(`/notebooks/${made.id}/dress`);
  await page.getByLabel('Boxes of a title').selectOption('8');
  await expect(
    page.getByText('“Everything that did not fit anywhere” is too long for letters 7 boxes tall', { exact: false }),
  ).toBeVisible();
  await page.getByLabel('A band behind it').check();
  await page
    .getByRole('button', { name: 'Dress Notes, page 192' })
    .or(page.getByRole('button', { name: /^Dress Everything/ }))
    .click();
  await page.getByLabel('Boxes of a title').selectOption('1');
  await expect(page.getByText('“Everything that did not fit anywhere” is too long', { exact: false })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Everything that did not fit anywhere', exact: true })).toBeVisible();
  await isAccessible(page);

  await page.goto(`/notebooks/${made.id}/bench/10`);
  await expect(page.getByText('Draw a band 7 boxes tall where the title will stand, and let it dry.').first()).toBeVisible();
  await page.keyboard.press('z');
  await page.keyboard.press('z');
  await expect(page.getByText('Draw a band 7 boxes tall where the title will stand, and let it dry.')).toHaveCount(0);
  expect(said).toEqual([]);
});
