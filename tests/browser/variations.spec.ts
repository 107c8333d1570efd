import { expect, test } from '@playwright/test';
import { edit, isAccessible, make, type Made } from './support';

test('a budget of six months with the months down, in four actions from Spreads; a title upright; a page of the pattern', async ({
  page,
}) => {
  let book: Made = await make(page);
  book = await edit(page, book, { type: 'add-spread', kind: 'income-and-expenses', title: 'Money' });
  await page.goto(`/notebooks/${book.id}/spreads`);
  await page
    .getByRole('button', { name: /^Money/ })
    .first()
    .click();

  const margin = page.getByRole('complementary').first();
  await margin.getByLabel('How many months').fill('6');
  await page.keyboard.press('Tab');
  await margin.getByRole('group').filter({ hasText: 'Table' }).locator('summary').click();
  await margin.getByLabel('Rows and columns change places').check();
  await isAccessible(page);

  const at = book.spreads.find((one) => one.id === 'income-and-expenses')!.page!;
  await page.goto(`/notebooks/${book.id}/bench/${at}`);
  const words = page.locator('.sheet svg text');
  await expect(words.filter({ hasText: /^Jan$/ }).first()).toBeVisible();
  await expect(words.filter({ hasText: /^Jun$/ }).first()).toBeVisible();
  await expect(words.filter({ hasText: /^Jul$/ })).toHaveCount(0);
  const [january, june] = await Promise.all(
    ['Jan', 'Jun'].map(
      async (name) =>
        (await words
          .filter({ hasText: new RegExp(`^${name}$`) })
          .first()
          .boundingBox())!,
    ),
  );
  expect(Math.abs(january!.x - june!.x), 'one below another').toBeLessThan(12);
  expect(june!.y).toBeGreaterThan(january!.y + 20);

  await page.getByText('Words and settings of Money').click();
  await page.getByLabel('The title stands').selectOption('upright along the right edge');
  await expect(page.getByText('upright along the right edge, from the foot up')).toBeVisible();

  await page.goto(`/notebooks/${book.id}/months`);
  await page.getByText('How Calendar is drawn').click();
  await page.getByText('Month in cells', { exact: true }).click();
  await page.getByLabel('The column that is free is called').fill('Focus');
  await page.keyboard.press('Tab');
  await expect
    .poll(async () =>
      JSON.stringify(((await (await page.request.get(`/api/notebooks/${book.id}`)).json()) as { patterns: unknown }).patterns),
    )
    .toContain('Focus');
});
