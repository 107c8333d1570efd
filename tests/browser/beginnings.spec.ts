// A new notebook begun in another way than the usual one, and one begun as the last.
import { expect, test } from '@playwright/test';
import { complaints, isAccessible, make } from './support';

test('a rich half-year is seen before it is chosen, and the next notebook is begun as it', async ({ page }) => {
  const said = complaints(page);
  await make(page);
  await page.goto('/new');
  await page.getByRole('button', { name: 'July–December' }).click();
  const rich = page.getByRole('radio', { name: /^Full/ });
  await rich.check();
  await expect(page.getByText(/^Fits, \d+ pages? spare\.$/)).toBeVisible();
  await isAccessible(page);
  await page.getByRole('button', { name: 'Make the plan' }).click();
  await expect(page.getByRole('button', { name: /^Half-year at a glance, page/ }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Items behind doors, pages/ }).first()).toBeVisible();
  await expect(page.getByRole('heading', { name: /^July to December \d{4}$/ })).toBeVisible();

  await page.goto('/new');
  await page.getByLabel('Page size').selectOption({ label: 'B5, 176 × 250 mm' });
  // Any notebook of the shelf can be chosen, and is shown before it is.
  await page.getByLabel('As another notebook of the shelf').selectOption({
    label: await page
      .getByLabel('As another notebook of the shelf')
      .locator('option', { hasText: /^July to December \d{4}$/ })
      .first()
      .innerText(),
  });
  await expect(page.getByRole('radio', { name: /^As “July to December/, checked: true })).toBeVisible();
  await page.getByLabel('Title on the shelf, if you like').fill('The next one');
  await page.getByRole('button', { name: 'Make the plan' }).click();
  // The one before is reviewed first; its spreads are there already.
  await expect(page.getByRole('main').getByRole('status')).toHaveText(/^0 of \d+ judged$/);
  await page.keyboard.press('g');
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'The next one' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Items behind doors, pages/ }).first()).toBeVisible();
  expect(said).toEqual([]);
});
