import { expect, test } from '@playwright/test';
import { complaints, isAccessible, sample } from './support';

test('a second book goes on in July, with its own stock, and the index of each refers to the other', async ({ page }) => {
  const said = complaints(page);
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  const books = page.getByRole('region', { name: 'Books' });
  await books.getByLabel('Another book, from').selectOption('2027-07');
  await books.getByRole('button', { name: 'Add a book' }).click();
  await books.getByRole('link', { name: /^Book 2/ }).click();
  await expect(page.getByRole('heading', { name: 'Stock of book 2' })).toBeVisible();
  await page.getByLabel('Pages', { exact: true }).fill('120');
  await page.getByRole('button', { name: 'Plan the book anew' }).click();
  await expect(
    page.getByRole('list', { name: /^Fore-edge of .*book 2/ }).getByRole('link', { name: /^July 2027, pages 1–/ }),
  ).toBeVisible();

  await page.getByRole('link', { name: 'Months', exact: true }).click();
  await expect(page.getByRole('button', { name: 'July 2027' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'June 2027' })).toHaveCount(0);
  await isAccessible(page);

  await page.getByRole('link', { name: 'Book 1', exact: true }).click();
  await expect(page.getByRole('button', { name: 'June 2027' })).toBeVisible();
  await page.getByRole('link', { name: 'Spreads', exact: true }).click();
  await page.getByRole('button', { name: /^The choir’s year, page/ }).click();
  await page.getByText('Where it should stand, and what it is drawn with').click();
  await page.getByLabel('In book').selectOption('2');
  await expect(page.getByRole('button', { name: /^The choir’s year/ })).toHaveCount(0);
  await page.goto(`/notebooks/${made.id}/bench/5`);
  await expect(page.getByRole('img', { name: 'Page 5: Index' })).toContainText('book 2, 1');
  await page.getByRole('link', { name: 'Book 2', exact: true }).click();
  await page.goto(`/notebooks/${made.id}/bench/1?book=2`);
  await expect(page.getByRole('img', { name: 'Page 1: The choir’s year' })).toBeVisible();
  expect(said).toEqual([]);
});

test('taking back the second book while it is open leads to the first', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  await page.getByRole('button', { name: 'Add a book' }).click();
  await page.getByRole('link', { name: /^Book 2:/ }).click();
  await expect(page.getByRole('heading', { name: 'Stock of book 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page).toHaveURL(/stock$/);
  await expect(page.getByRole('heading', { name: 'Stock', exact: true, level: 2 })).toBeVisible();
});
