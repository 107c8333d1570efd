import { expect, test } from '@playwright/test';
import { isAccessible, make } from './support';

test('a kind is found by what somebody wants and added in three actions; what nobody means begins as a divided page', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  const wish = page.getByRole('searchbox', { name: 'Find a kind of spread' });
  await wish.click();
  await wish.pressSequentially('who has a birthday', { delay: 25 });
  const names = page.getByRole('button', { name: /^Look at / });
  await expect(names.first()).toHaveAccessibleName('Look at Birthdays');
  await page.getByRole('button', { name: 'Add Birthdays' }).click();
  await expect(page.getByRole('button', { name: /^Birthdays/ }).first()).toBeVisible();
  await expect(wish).toHaveValue('who has a birthday');

  // A letter wrong, another form, a word that means the same.
  for (const [said, meant] of [
    ['birthdais', 'Look at Birthdays'],
    ['thankfulness', 'Look at Something good of every month'],
    ['movies', 'Look at Films and series'],
  ] as const) {
    await wish.fill(said);
    await expect(names.and(page.getByRole('button', { name: meant })).first()).toBeVisible();
  }
  await wish.fill('my passwords');
  await expect(page.getByText('Write no password into a notebook', { exact: false })).toBeVisible();

  await wish.fill('xyzzyq');
  await expect(page.getByText('Nothing in the drawer is called so.')).toBeVisible();
  await isAccessible(page);
  await page.getByRole('button', { name: 'Begin with a page of parts' }).click();
  await expect(page.getByRole('button', { name: /^A page of parts/ }).first()).toBeVisible();
});

test('an address that names no spread takes the likeliest', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/key`);
  await expect(page.getByRole('button', { name: 'Use this key' })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Symbols' }).getByRole('button').first()).toBeVisible();
  await page.goto(`/notebooks/${made.id}/compare`);
  await expect(page.getByText(/^Recommended: /)).toBeVisible();
});
