import { expect, test } from '@playwright/test';
import { edit, isAccessible, make, type Made } from './support';

/** The spot of a word on the page, in the middle of its letters. */
async function spotOf(page: import('@playwright/test').Page, text: string) {
  const word = page.locator('.sheet svg text', { hasText: new RegExp(`^${text}$`) }).first();
  await expect(word).toBeVisible();
  const box = (await word.boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

test('a word of a month is changed in all months of its pattern', async ({ page }) => {
  let book: Made = await make(page);
  book = await edit(page, book, {
    type: 'set-pattern',
    pattern: { id: 'one', name: 'One', parts: [{ kind: 'month-goals', pages: 1 }] },
  });
  book = await edit(page, book, { type: 'use-pattern', pattern: 'one' });
  const { months } = book as unknown as { months: { page: number }[] };
  await page.goto(`/notebooks/${book.id}/bench/${months[0]!.page}`);
  const spot = await spotOf(page, 'To keep');
  await page.mouse.click(spot.x, spot.y);
  const dialog = page.getByRole('dialog', { name: /Word on page/ });
  await expect(dialog.getByText('In all months of this pattern.')).toBeVisible();
  await dialog.getByRole('textbox').fill('To varnish');
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await page.goto(`/notebooks/${book.id}/bench/${months[7]!.page}`);
  await expect(page.locator('.sheet svg text', { hasText: /^To varnish$/ }).first()).toBeVisible();
});

test('a word changed by clicking it is the word in step, index and search', async ({ page }) => {
  let book: Made = await make(page);
  book = await edit(page, book, { type: 'add-spread', kind: 'income-and-expenses', title: 'Money' });
  const at = book.spreads.find((one) => one.id === 'income-and-expenses')!.page!;
  await page.goto(`/notebooks/${book.id}/bench/${at}`);
  await expect(page.getByRole('heading', { name: 'Money' })).toBeVisible();

  const sum = await spotOf(page, 'Sum');
  await page.mouse.click(sum.x, sum.y);
  const dialog = page.getByRole('dialog', { name: /Word on page/ });
  await expect(dialog.getByRole('textbox')).toBeFocused();
  await isAccessible(page);
  await page.keyboard.type('left');
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect(page.locator('.sheet svg text', { hasText: /^left$/ }).first()).toBeVisible();

  const title = await spotOf(page, 'Money');
  await page.mouse.click(title.x, title.y);
  await dialog.getByRole('textbox').fill('What comes and goes');
  await dialog.getByRole('button', { name: 'Change' }).click();
  await expect(page.getByRole('heading', { name: 'What comes and goes' })).toBeVisible();
  await expect(page.getByText('Write the title “What comes and goes”')).toBeVisible();

  // What is worked out says so, and Escape leaves it.
  const month = await spotOf(page, 'Jan');
  await page.mouse.click(month.x, month.y);
  await expect(dialog.getByText('is worked out or kept elsewhere')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);

  // By keyboard, one after another, as fast as a person types.
  await page.getByText('Words of What comes and goes, one by one').click();
  const first = page.getByRole('textbox', { name: /Rows, line 2,/ });
  await first.fill('Wages');
  await page.keyboard.press('Tab');
  await page.getByRole('textbox', { name: /Rows, line 3,/ }).fill('Rent of the berth');
  await page.keyboard.press('Tab');
  await expect(page.locator('.sheet svg text', { hasText: /^Wages$/ }).first()).toBeVisible();
  await expect(page.locator('.sheet svg text', { hasText: /^Rent of the berth$/ }).first()).toBeVisible();
  await isAccessible(page);

  const index = await page.request.get(`/api/notebooks/${book.id}`);
  expect(JSON.stringify(await index.json())).toContain('What comes and goes');
});
