// The old book reviewed by keyboard alone, carried over into the next one, and one typed in from its pages.
import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { address, clearShelf, complaints, isAccessible, type Made, make } from './support';

/** A sample notebook put on the shelf from its plan file. */
async function shelve(page: Page, name: string): Promise<Made> {
  const plan = JSON.parse(readFileSync(`app/Plan/samples/${name}.plan.json`, 'utf8')) as Record<string, unknown>;
  // Nothing is carried over into it yet.
  delete plan.old;
  const answer = await page.request.post('/api/notebooks/import', { headers: { Origin: address() }, data: plan });
  return (await answer.json()) as Made;
}

const judged = (page: Page, says: string) => expect(page.getByRole('main').getByRole('status')).toHaveText(says);

test('the book of 2026 is reviewed by keyboard, its open goals and its reading list go on in the next one, and all of it is taken back', async ({
  page,
}) => {
  const said = complaints(page);
  await clearShelf(page);
  await shelve(page, 'last-year-2026');
  const half = await shelve(page, 'half-year-2027');
  await page.goto(`/notebooks/${half.id}/spreads`);
  await page.keyboard.press('g');
  await page.keyboard.press('o');
  await page.getByRole('button', { name: 'Ferry bells 2026' }).press('Enter');
  await judged(page, '0 of 27 judged');
  await expect(page.getByText('Smaller headings: there was no room left under them')).toBeVisible();
  await expect(page.getByText('With December 2026. The old one then ends on page 155, 10 pages unused.')).toBeVisible();

  // A key a spread: the first nine are kept.
  for (let i = 0; i < 9; i++) await page.keyboard.press('1');
  await judged(page, '9 of 27 judged');
  const card = page.getByRole('region', { name: 'The spread to judge' });
  await expect(card.getByRole('heading')).toHaveText('Goals of the quarters');
  for (const [goal, becomes] of [
    ['Strip the hull', 'reached'],
    ['Steam and fit four ribs', 'reached'],
    ['Caulk the garboard seam', 'reached'],
    ['Learn the second alto part', 'drop it'],
    ['Tram licence for the hill line', 'drop it'],
    ['Sing in the winter concert', 'drop it'],
  ] as const) {
    const fate = card.getByLabel(`What becomes of “${goal}”`);
    await fate.selectOption(becomes);
    await expect(fate).toHaveValue(becomes === 'reached' ? 'reached' : 'drop');
  }
  await page.getByRole('main').press('o');
  await expect(card.getByRole('button', { name: /^often/ })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('1');
  await expect(card.getByRole('heading')).toHaveText('Challenges of the months');
  await page.keyboard.press('3');
  await page.keyboard.press('1');
  await page.keyboard.press('3');
  await expect(card.getByRole('heading')).toHaveText('Books read');
  await card.getByLabel(/^Filled up to number/).fill('31');
  await card.getByLabel(/^Filled up to number/).press('Enter');
  await expect(card.getByLabel(/^Filled up to number/)).toHaveValue('31');
  await page.getByRole('main').press('1');
  // What is changed waits for how, with the cursor in its field.
  await expect(card.getByRole('heading')).toHaveText('Films and series');
  await page.keyboard.press('2');
  await expect(card.getByLabel('How otherwise, or why')).toBeFocused();
  await page.keyboard.type('one page is enough');
  await page.keyboard.press('Enter');
  await judged(page, '15 of 27 judged');
  // Enter goes on to the next; what was said stands with the one before.
  await expect(card.getByRole('heading')).not.toHaveText('Films and series');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('complementary', { name: 'Margin' }).getByText(/changed: pages? .*, one page is enough/)).toBeVisible();
  await isAccessible(page);

  await page.getByRole('button', { name: 'Carry over' }).click();
  await expect(page.getByRole('button', { name: 'Carry over what was judged anew' })).toBeVisible();
  await page.getByRole('link', { name: 'To its spreads' }).click();
  await page.getByRole('button', { name: /^Goals of the quarters, page/ }).click();
  await page.getByRole('link', { name: 'Open on the bench' }).click();
  const drawing = page.getByRole('main');
  await expect(drawing.getByText('Save for the mast').first()).toBeVisible();
  await expect(drawing.getByText('Row round the skerries').first()).toBeVisible();
  await expect(drawing.getByText('Strip the hull')).toHaveCount(0);
  await page.goBack();
  await page.getByRole('button', { name: /^Books read, pages? / }).click();
  await page.getByRole('link', { name: 'Open on the bench' }).click();
  await expect(page.getByText('Number the rows from 32 to 52.')).toBeVisible();

  // One edit, one undo.
  await page.keyboard.press('z');
  await page.keyboard.press('g');
  await page.keyboard.press('o');
  await judged(page, '15 of 27 judged');
  await expect(page.getByRole('button', { name: 'Carry over', exact: true })).toBeVisible();
  expect(said).toEqual([]);
});

test('a book this program never saw is typed in, what cannot be is said by its line, and its months size the new ones', async ({
  page,
}) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/old`);
  await page
    .getByLabel('Its spreads in order, a line each, with their pages')
    .fill('Key\nIndex 2\nFuture log 4\nbooks 2\nThe boat in spring 3');
  await page.getByLabel('The last page of each month').fill('January 30\nSmarch 40');
  await page.getByRole('button', { name: 'Take this book' }).click();
  await expect(page.getByRole('main').getByRole('alert')).toHaveText(
    'Line 2, “Smarch 40”: write a month of the book, then its last page, such as “March 48”.',
  );
  await page.getByLabel('The last page of each month').fill('January 30\nFebruary 44\nMarch 58\nApril 72');
  await page.getByRole('button', { name: 'Take this book' }).click();
  await judged(page, '0 of 5 judged');
  await expect(page.getByText('12 pages in front; a month took 14 in the middle, 18 at most.')).toBeVisible();
  for (const key of ['1', '1', '3', '1', '1']) await page.keyboard.press(key);
  await judged(page, '5 of 5 judged');
  await page.getByRole('button', { name: 'Carry over' }).click();
  await expect(page.getByRole('button', { name: 'Carry over what was judged anew' })).toBeVisible();
  const months = page.getByRole('table').filter({ hasText: 'February 2026' });
  await expect(months.getByLabel('Pages of February 2026')).toHaveValue('14');
  await page.getByRole('link', { name: 'To its spreads' }).click();
  await expect(page.getByRole('button', { name: /^The boat in spring, page/ })).toBeVisible();
  expect(said).toEqual([]);
});

test('on a sofa: a phone, one spread at a time by touch, and a note for next time', async ({ page }) => {
  const said = complaints(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await clearShelf(page);
  await shelve(page, 'last-year-2026');
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/old`);
  await page.getByRole('button', { name: 'Ferry bells 2026' }).click();
  const card = page.getByRole('region', { name: 'The spread to judge' });
  await card.getByRole('button', { name: /^sometimes/ }).click();
  await expect(card.getByRole('button', { name: /^sometimes/ })).toHaveAttribute('aria-pressed', 'true');
  await card.getByRole('button', { name: /^Keep/ }).click();
  await expect(card.getByRole('heading')).toHaveText('Cover of the year');
  for (const button of await card.getByRole('button').all()) expect((await button.boundingBox())?.height ?? 0).toBeGreaterThanOrEqual(44);
  // Leaving and coming back loses nothing.
  await page.reload();
  await judged(page, '1 of 27 judged');
  await expect(card.getByRole('heading')).toHaveText('Cover of the year');

  await page.goto(`/notebooks/${made.id}/months`);
  await page.getByRole('complementary', { name: 'Margin' }).getByRole('button').first().click();
  await page.getByText('Next time').click();
  await page.getByLabel('What the next book should do otherwise').fill('Twelve tabs are too many');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Twelve tabs are too many')).toBeVisible();
  await expect(page.getByText('Next time: 1')).toBeVisible();
  expect(said).toEqual([]);
});
