import { expect, test } from '@playwright/test';
import { edit, isAccessible, make, type Made } from './support';

const FAST = { delay: 30 };

test('a title across the fold: each letter on its page, changed by clicking one of them', async ({ page }) => {
  let book: Made = await make(page);
  book = await edit(page, book, { type: 'add-spread', kind: 'books-read', title: 'Read aboard' });
  const at = book.spreads.find((one) => one.id === 'books-read')!.page!;
  await page.goto(`/notebooks/${book.id}/bench/${at}`);
  await page.getByText('Words and settings of Read aboard').click();
  await page.getByLabel('The title stands').selectOption('at the head of both pages, across the fold');
  // It is an opening now, and stands where it lies open; the bench goes there with it.
  await expect(page.getByText(/Read aboard moved to \d+/)).toBeVisible();
  await expect(page.getByText(/Write the title “Read aboard” across the fold: on this page “Read/)).toBeVisible();
  await isAccessible(page);

  // The letters of both pages, from left to right as they lie open, say the title.
  const sheets = page.locator('.sheet svg');
  await expect(sheets).toHaveCount(2);
  const lettersOf = async (nth: number) => {
    const found = await sheets
      .nth(nth)
      .locator('text')
      .evaluateAll((all) => all.map((one) => ({ says: one.textContent!.trim(), box: one.getBoundingClientRect() })));
    const head = found.filter(({ says }) => /^\p{L}$/u.test(says));
    return head.sort((one, two) => one.box.x - two.box.x);
  };
  const [left, right] = [await lettersOf(0), await lettersOf(1)];
  expect([...left, ...right].map((one) => one.says).join('')).toBe('Readaboard');
  const fold = (await sheets.nth(1).boundingBox())!.x;
  for (const { box } of left) expect(box.right).toBeLessThanOrEqual(fold);
  for (const { box } of right) expect(box.left).toBeGreaterThanOrEqual(fold);

  const { box } = left[0]!;
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  const dialog = page.getByRole('dialog', { name: /Word on page/ });
  await expect(dialog.getByRole('textbox')).toHaveValue('Read aboard');
  await dialog.getByRole('textbox').fill('Heard');
  await page.keyboard.press('Enter');
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText(/Write the title “Heard” across the fold/).first()).toBeVisible();
});

test('known dates stand in a page that was parted by hand, and what finds no place is said', async ({ page }) => {
  let book: Made = await make(page);
  book = await edit(page, book, { type: 'add-spread', kind: 'future-log' });
  await page.goto(`/notebooks/${book.id}/dates`);
  const day = page.getByLabel('Day', { exact: true });
  await day.click();
  for (const [nth, what] of ['regatta', 'choir', 'dentist', 'ferry', 'lanterns', 'market', 'sauna', 'tide', 'walk', 'yawl'].entries()) {
    await page.keyboard.type(`${12 + nth} Mar`, FAST);
    await page.keyboard.press('Tab');
    await page.keyboard.type(what, FAST);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText('All edits saved.').first()).toBeVisible();

  const at = book.spreads.find((one) => one.id === 'future-log')!.page!;
  await page.goto(`/notebooks/${book.id}/bench/${at}`);
  const written = page.locator('.sheet svg text', { hasText: /regatta/ });
  await expect(written.first()).toBeVisible();
  await page.locator('a[href*="/parts/future-log"]').click();
  await page.getByRole('button', { name: 'Divide into 2: 17, skip 1, 17' }).click();
  await expect(page.getByRole('button', { name: 'Future log, 26 × 17 boxes' })).toBeVisible();
  await page.getByRole('link', { name: 'To the bench' }).click();
  await expect(written.first()).toBeVisible();
  // Half as tall, its months have room for some of them; the others are named with their number.
  await expect(page.getByText(/Write what is known, each in its place: [1-9] dates/)).toBeVisible();
  await expect(page.getByText(/do not fit|has no room|have no room|find no place/).first()).toBeVisible();
  await isAccessible(page);
});
