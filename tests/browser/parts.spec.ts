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
  await page.getByRole('textbox', { name: 'Words, one a line' }).fill('A dry boat floats\nwhatever the tide says');
  await page.getByRole('textbox', { name: 'Words, one a line' }).blur();
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
  const tasks = await page
    .getByRole('heading', { name: 'The boat in spring' })
    .locator('xpath=following-sibling::ol[1]')
    .locator('.task')
    .allTextContents();
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
  await page
    .getByRole('button', { name: /^Divide into 6: / })
    .first()
    .click();
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await expect(page.getByText('The log needs 6 boxes across; the part has', { exact: false })).toBeVisible();
  await expect(part(page, /^Lines, \d × 35 boxes$/)).toHaveCount(5);
});

test('an empty page is divided from the bench, and a kind of the catalogue becomes a page of one’s own', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'add-spread', kind: 'action-plan' });
  const spread = (made as unknown as { spreads: { id: string; page: number }[] }).spreads.find((one) => one.id === 'action-plan');
  await page.goto(`/notebooks/${made.id}/bench/${spread?.page}`);
  await page.locator('a[href*="/parts/action-plan"]').click();
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

test('a divided page is kept as a kind and used in a second notebook of other paper', async ({ page }) => {
  const said = complaints(page);
  await open(page);
  await page.getByRole('button', { name: 'Divide into 2: 17, skip 1, 17' }).click();
  // It is the half that is named, not the page that was divided.
  await expect(part(page, /26 × 17 boxes/).first()).toHaveAttribute('aria-pressed', 'true');
  await page.getByLabel('Name of this part').fill('Before she floats');
  await page.getByLabel('Name of this part').blur();
  await expect(page.getByRole('button', { name: /^Before she floats/ }).first()).toBeVisible();
  await saved(page);
  await page.getByText('Keep as a kind of my own').click();
  await page.getByLabel('Name of the kind').fill('');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Give the kind a name.' }).first()).toBeVisible();
  await page.getByLabel('Name of the kind').fill('Boat work');
  await page.getByLabel('What it is for').fill('What must be done, and what was.');
  await page.getByRole('checkbox', { name: 'Boxes a row' }).check();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('This is your kind “Boat work”', { exact: false })).toBeVisible();

  const other = await edit(page, await make(page), {
    type: 'set-stock',
    stock: { width: 176, height: 250, pitch: 5, across: 31, down: 45, pages: 160, first_leaf: 'ordinary' },
  });
  await page.goto(`/notebooks/${other.id}/spreads`);
  await page.getByLabel('Find a kind of spread').fill('boat work');
  await page.getByRole('button', { name: 'Look at Boat work' }).click();
  await expect(page.getByText('on 31 × 45 boxes', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Add to the book' }).click();
  await expect(page.getByRole('button', { name: /^Boat work, page \d+$/ })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('link', { name: 'Part this page' }).click();
  await expect(part(page, 'Before she floats: Lines, 31 × 20 boxes')).toBeVisible();
  expect(said).toEqual([]);
});

test('a hand is measured on the stock screen, and a number that is none says so', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  const hand = page.getByLabel('My hand', { exact: false });
  await expect(hand).toHaveAttribute('placeholder', '24, an ordinary hand');
  await hand.fill('3');
  await hand.blur();
  await expect(page.getByRole('main').getByRole('alert')).toHaveText('By hand that sentence takes 8 to 80 boxes of this paper.');
  await hand.fill('31');
  await hand.blur();
  await saved(page);
  await page.reload();
  await expect(hand).toHaveValue('31');
});

test('an opening is parted page by page, and a list goes on over the fold', async ({ page }) => {
  const said = complaints(page);
  const made = await open(page);
  const rows = page.getByRole('textbox', { name: 'Rows in all' });
  await rows.fill('50');
  await rows.blur();
  await page.getByRole('checkbox', { name: 'Numbered' }).first().check();
  await saved(page);
  await page.getByRole('button', { name: 'Add a page' }).click();
  await expect(page.getByRole('button', { name: 'Page 2' })).toHaveAttribute('aria-pressed', 'true');
  await expect(part(page, 'Lines, 26 × 38 boxes')).toHaveCount(1);
  await expect(page.getByText('The lines are longer than the part.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'side by side' }).click();
  await page.getByRole('button', { name: 'Divide into 2: 12, skip 2, 12' }).click();
  await page.getByRole('button', { name: 'Goes on', exact: true }).click();
  await expect(part(page, 'Goes on, 12 × 38 boxes')).toBeVisible();
  await expect(page.getByText('longer than the part.', { exact: false })).toHaveCount(0);
  await isAccessible(page);

  // It begins on a left page; its numbers run on over the fold.
  await page.getByRole('link', { name: 'To the bench' }).click();
  await expect(page.getByText('Number the rows from 1 to 35.')).toBeVisible();
  await expect(page.getByText('Number the rows from 36 to 50.')).toBeVisible();
  const left = Number(page.url().split('/').at(-1));
  expect(left % 2).toBe(0);

  await page.goto(`/notebooks/${made.id}/parts/page-of-parts`);
  await page.getByRole('button', { name: 'Page 2' }).click();
  await page.getByRole('button', { name: 'Take this page out' }).click();
  await expect(page.getByRole('button', { name: 'Page 2' })).toHaveCount(0);
  await expect(part(page, 'Lines, 26 × 35 boxes')).toBeVisible();
  expect(said).toEqual([]);
});
