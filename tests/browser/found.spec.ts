import { expect, test } from '@playwright/test';
import { isAccessible, make, sample } from './support';

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

test('f finds a page, a day, a date, a thing of a list, a screen and what to do, and leads there', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await expect(page.getByRole('heading', { name: 'Drawer' })).toBeVisible();
  const field = page.getByRole('dialog', { name: 'Find in this book' }).getByRole('textbox');
  const found = page.getByRole('list', { name: 'Found' }).getByRole('button');
  const find = async (said: string, first: RegExp) => {
    await page.keyboard.press('f');
    await field.fill(said);
    await expect(found.first()).toHaveAccessibleName(first);
  };

  await find('31', /^31 ?Page 31: /);
  await isAccessible(page);
  await field.press('Enter');
  await expect(page).toHaveURL(/\/bench\/31$/);

  await find('12 March', /Friday 12 March 2027/);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(found.nth(1)).toBeFocused();
  await expect(found.nth(1)).toHaveAccessibleName(/^Dentist/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/dates\/2027-03\//);
  await expect(page.getByRole('heading', { name: 'March 2027' })).toBeVisible();
  await expect(
    page
      .getByRole('button', { name: /Dentist/ })
      .and(page.locator('[aria-pressed=true]'))
      .first(),
  ).toBeVisible();

  await find('week start', /^Days on which weeks begin/);
  await field.press('Enter');
  await expect(page).toHaveURL(/\/months$/);

  // Enter pressed before the answer is there waits for it.
  await page.route('**/found?*', async (request) => {
    await new Promise((later) => setTimeout(later, 400));
    await request.continue();
  });
  await page.keyboard.press('f');
  await field.fill('print');
  await field.press('Enter');
  await expect(page).toHaveURL(/\/printer$/);

  // A word with a letter wrong; nothing at all.
  await page.unroute('**/found?*');
  await page.keyboard.press('f');
  await field.fill('futre log');
  await expect(found.first()).toHaveAccessibleName(/Future log/);
  await field.fill('zzyzx');
  await expect(page.getByText('Nothing in the book, and no screen, is called that.')).toBeVisible();
});

test('an address that names nothing says so and leads to what is nearest', async ({ page }) => {
  const made = await make(page);
  for (const [path, says, nearest] of [
    ['benhc', 'No screen is called “benhc”.', 'Bench'],
    ['sitings', 'No screen is called “sitings”.', 'Sittings'],
    ['bench/999', 'This book has 192 pages; there is no page 999.', 'To page 192'],
    ['desk/4000', 'This book has 192 pages; there is no page 4000.', 'To page 192'],
    ['parts/futurelog', 'No spread of this book is called “futurelog”; it may have been removed.', 'Future log'],
    ['dates/2031-01', 'Dates are kept for the months of the book, and a year after; “2031-01” is none of them.', 'To December 2028'],
  ] as const) {
    await page.goto(`/notebooks/${made.id}/${path}`);
    await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
    await expect(page.getByText(says)).toBeVisible();
    await page.getByRole('main').getByRole('link', { name: nearest }).click();
    await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toHaveCount(0);
  }
  await page.goto('/shlf');
  await expect(page.getByText('No screen is called “shlf”.')).toBeVisible();
  await isAccessible(page);
  await page.getByRole('main').getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Notebooks on the shelf' })).toBeVisible();
});
