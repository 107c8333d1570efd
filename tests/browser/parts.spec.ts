// A page divided and filled by somebody who never read a manual: by mouse, by keyboard, and from an empty page.
import { expect, test, type Page } from '@playwright/test';
import { complaints, edit, isAccessible, isLegible, make } from './support';

/** A page of parts, open in the parting editor: a title of 3 boxes, and lines below. */
async function open(page: Page) {
  const made = await edit(page, await make(page), { type: 'add-spread', kind: 'page-of-parts', title: 'The boat in spring' });
  await page.goto(`/notebooks/${made.id}/parts/page-of-parts`);
  await expect(page.getByRole('button', { name: 'Lines, 26 × 35 boxes' })).toHaveAttribute('aria-pressed', 'true');
  return made;
}
const saved = (page: Page) => expect(page.getByText('All edits saved.')).toBeVisible();
const part = (page: Page, name: string | RegExp) => page.getByRole('group', { name: 'Parts of the page' }).getByRole('button', { name });

test('a quote in the upper third, four goals below, a legend at the foot, by mouse', async ({ page }) => {
  const said = complaints(page);
  await open(page);
  await page.getByRole('button', { name: 'Divide into 3: 11, skip 1, 11, skip 1, 11' }).click();
  await expect(page.getByText('4 parts', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Words', exact: true }).click();
  await page.getByLabel('Words, one line each').fill('A dry boat floats\nwhatever the tide says');
  await page.getByLabel('Words, one line each').blur();
  await expect(part(page, 'Words, 26 × 11 boxes')).toBeVisible();
  await part(page, 'Lines, 26 × 11 boxes').first().click();
  await page.getByRole('button', { name: 'side by side' }).click();
  await page.getByRole('button', { name: 'Divide into 2: 12, skip 2, 12' }).click();
  await part(page, 'Lines, 12 × 11 boxes').nth(1).click();
  await page.getByRole('button', { name: 'Divide into 2: 5, skip 1, 5' }).click();
  await expect(part(page, 'Lines, 12 × 5 boxes')).toHaveCount(2);
  await part(page, 'Lines, 12 × 11 boxes').click();
  await page.getByRole('button', { name: 'Divide into 2: 5, skip 1, 5' }).click();
  await expect(part(page, 'Lines, 12 × 5 boxes')).toHaveCount(4);
  await part(page, 'Lines, 26 × 11 boxes').click();
  await page.getByRole('button', { name: 'Legend', exact: true }).click();
  await expect(part(page, 'Legend, 26 × 11 boxes')).toBeVisible();

  // The line above the legend is drawn down by four boxes; the goals grow, and nothing else moves.
  const line = page.getByRole('separator', { name: 'Line down at 26, between parts 2 and 3' });
  const [at, whole] = [await line.boundingBox(), await page.getByRole('img', { name: 'The page as it is divided' }).boundingBox()];
  if (!at || !whole) throw new Error('There is no line.');
  const box = whole.height / (38 + 2250 / 840);
  await page.mouse.move(at.x + 20, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + 20, at.y + at.height / 2 + 4 * box, { steps: 6 });
  await page.mouse.up();
  await expect(part(page, 'Legend, 26 × 7 boxes')).toBeVisible();
  await expect(part(page, 'Lines, 12 × 7 boxes')).toHaveCount(4);
  await expect(part(page, 'Words, 26 × 11 boxes')).toBeVisible();
  await saved(page);
  await isAccessible(page);
  await page.getByRole('button', { name: 'Lamp' }).click();
  await isLegible(page);

  // On the bench it is one page: all pencil first, then the bands, ink and writing.
  await page.getByRole('link', { name: 'To the bench' }).click();
  await expect(page.getByRole('heading', { name: 'The boat in spring' })).toBeVisible();
  const tasks = await page.getByRole('heading', { name: 'The boat in spring' }).locator('xpath=following-sibling::ol[1]').locator('.task').allTextContents();
  const order = ['pencil', 'band', 'ink', 'write', 'wait', 'erase', 'check'];
  const places = tasks.map((task) => order.indexOf(/[a-z]+/.exec(task)?.[0] ?? ''));
  expect(places.length).toBeGreaterThan(5);
  expect(places).toEqual([...places].sort((a, b) => a - b));
  expect(said).toEqual([]);
});

test('the same by keyboard alone, joined and swapped and taken back', async ({ page }) => {
  const said = complaints(page);
  await open(page);
  await page.keyboard.press('3');
  await page.keyboard.press('d');
  await expect(part(page, 'Lines, 26 × 11 boxes')).toHaveCount(3);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('a');
  await expect(part(page, 'Lines, 12 × 11 boxes')).toHaveCount(2);
  await page.keyboard.press('d');
  await expect(part(page, 'Lines, 12 × 5 boxes')).toHaveCount(2);
  const line = page.getByRole('separator', { name: 'Line down at 26, between parts 2 and 3' });
  await line.focus();
  await page.keyboard.press('ArrowDown');
  await expect(part(page, 'Lines, 26 × 10 boxes')).toBeVisible();
  await page.keyboard.press('z');
  await expect(part(page, 'Lines, 26 × 11 boxes')).toHaveCount(2);
  // Escape goes outwards: from the part to the division around it, and on.
  await part(page, 'Lines, 12 × 5 boxes').first().focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: '2 parts one below another' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: '2 parts side by side' })).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByRole('group', { name: 'Parts of the page' }).getByRole('button')).toHaveCount(5);
  expect(said).toEqual([]);
});

test('a part too small for what fills it says so at its place, and the rest of the page is drawn', async ({ page }) => {
  await open(page);
  await page.getByRole('button', { name: 'side by side' }).click();
  await page.getByRole('button', { name: /^Divide into 6: / }).first().click();
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await expect(page.getByText('The log needs 6 boxes across; its part has', { exact: false })).toBeVisible();
  await expect(part(page, /^Lines, \d × 35 boxes$/)).toHaveCount(5);
});

test('an empty page is divided from the bench, and a kind of the catalogue becomes a page of one’s own', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'add-spread', kind: 'action-plan' });
  const spread = (made as unknown as { spreads: { id: string; page: number }[] }).spreads.find((one) => one.id === 'action-plan');
  await page.goto(`/notebooks/${made.id}/bench/${spread?.page}`);
  await page.getByRole('link', { name: 'Part this page' }).click();
  await part(page, /^What done looks like/).click();
  await page.getByLabel('Name of this part').fill('How I know that it is done');
  await page.getByLabel('Name of this part').blur();
  await expect(part(page, /^How I know that it is done: Lines/)).toBeVisible();
  const spare = (made as unknown as { pages: { page: number; is: string }[] }).pages.findLast((one) => one.is === 'spare')?.page;
  await page.goto(`/notebooks/${made.id}/bench/${spare}`);
  await page.getByRole('button', { name: `Part page ${spare}` }).click();
  await expect(page.getByRole('heading', { name: 'A page of parts' })).toBeVisible();
  await page.getByRole('link', { name: 'To the bench' }).click();
  await expect(page).toHaveURL(new RegExp(`bench/${spare}$`));
});
