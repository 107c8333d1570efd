// The drawer as somebody uses it who knows what they want by their own word for it: in the book, on an empty page, in a month.
import { expect, test, type Page } from '@playwright/test';
import { complaints, edit, isAccessible, isLegible, make } from './support';

const saved = (page: Page) => expect(page.getByText('All edits saved.')).toBeVisible();
interface Book {
  id: string;
  version: number;
  spreads: { id: string; page: number | null; pages: number }[];
  pages: { page: number; is: string }[];
}

test('books are found by that word, looked at in every layout, added in the one chosen, and compared', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByLabel('Find a kind of spread').fill('books');
  const found = page.getByRole('button', { name: /^Look at / });
  await expect(found.first()).toHaveAccessibleName('Look at Books read');
  await expect(page.getByRole('button', { name: 'Look at Key', exact: true })).toHaveCount(0);

  await page.getByRole('button', { name: 'Look at Books read' }).click();
  const note = page.getByRole('complementary').or(page.locator('aside'));
  await expect(note.getByText('2 pages, the first shown, on 26 × 38 boxes.')).toBeVisible();
  await page.getByRole('button', { name: /^1½ boxes a row, 3 pages/ }).click();
  await expect(note.getByText('3 pages, the first shown', { exact: false })).toBeVisible();
  await expect(note.getByText(/\d+ to \d+ min to draw\./)).toBeVisible();
  await isAccessible(page);

  // One key adds it; it stands in the book with the layout that was looked at.
  await page.keyboard.press('a');
  await expect(page.getByRole('button', { name: /^Books read, pages \d+–\d+$/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByLabel('Boxes a row')).toHaveValue('1.5');
  await saved(page);
  await page.getByRole('link', { name: 'Compare layouts' }).click();
  const upright = page.getByRole('columnheader', { name: /1½ boxes a row/ }).first();
  await expect(upright.or(page.getByText('1½ boxes a row', { exact: true })).first()).toBeVisible();
  await expect(page.getByText('Page turned, 1 box a row')).toBeVisible();
  await expect(page.getByText('as it is now')).toBeVisible();
  expect(said).toEqual([]);
});

test('a spread leads to those that stand well opposite it, and says which the book has', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByLabel('Find a kind of spread').fill('challenges');
  await page.getByRole('button', { name: 'Look at A challenge for every month' }).click();
  await page.getByRole('button', { name: 'Goals by quarter', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Goals by quarter' })).toBeVisible();
  await page.getByRole('button', { name: 'Add to the book' }).click();
  await page.getByRole('button', { name: 'Look at A challenge for every month' }).click();
  await expect(page.getByText('Goals by quarter (in the book)', { exact: false })).toBeVisible();
});

test('an empty page is filled from the drawer where it stands', async ({ page }) => {
  const made = (await make(page)) as unknown as Book;
  const spare = made.pages.findLast((one) => one.is === 'spare')?.page;
  await page.goto(`/notebooks/${made.id}/bench/${spare}`);
  await page.getByRole('button', { name: `Fill page ${spare} …` }).click();
  const drawer = page.getByRole('dialog', { name: `Fill page ${spare}` });
  await drawer.getByLabel('Find a kind of spread').fill('before a year');
  await drawer.getByRole('button', { name: 'Look at Before I am a year older' }).click();
  await drawer.getByRole('button', { name: `Add to page ${spare}` }).click();
  await expect(drawer).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Before I am a year older' })).toBeVisible();
  await expect(page.getByText(`${spare} Before I am a year older`)).toBeVisible();
});

test('a month gets habits and a line a day from its own drawer, and a starter pattern for its weeks', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page, 400);
  await page.goto(`/notebooks/${made.id}/months`);
  const pattern = page.getByRole('region', { name: 'Pattern' });
  for (const kind of ['Habits', 'A line a day']) {
    await pattern.getByRole('button', { name: 'Add a part …' }).click();
    const drawer = page.getByRole('dialog');
    await drawer.getByLabel('Find a kind of page').fill(kind.toLowerCase());
    await isAccessible(page);
    await drawer.getByRole('button', { name: `Add ${kind}`, exact: true }).click();
    await expect(drawer).toHaveCount(0);
    await expect(pattern.getByText(kind, { exact: true })).toHaveCount(1);
  }
  await saved(page);
  await page.getByRole('button', { name: 'February 2027' }).click();
  await expect(page.getByRole('row', { name: /A line a day$/ })).toBeVisible();
  const first = await page
    .getByRole('row', { name: /A line a day$/ })
    .getByRole('rowheader')
    .textContent();

  // February has 28 days: the last row of the line a day is the 28th, and no more.
  await page.goto(`/notebooks/${made.id}/bench/${first}`);
  await expect(page.getByRole('heading', { name: 'February 2027: a line a day' })).toBeVisible();
  await expect(page.getByText('Rule 29 lines across', { exact: false })).toBeVisible();

  // A book that has no such pattern yet takes one to start from.
  await page.goto(`/notebooks/${made.id}/months`);
  await pattern.getByRole('button', { name: 'Share it by default' }).or(pattern.getByLabel('Look at')).first().waitFor();
  await pattern.getByLabel('Look at').selectOption({ label: 'Rolling weeks' });
  await pattern.getByRole('button', { name: 'Share it by default' }).click();
  await page.getByRole('button', { name: 'March 2027' }).click();
  await expect(page.getByText('Weeks').first()).toBeVisible();
  const week = await page
    .getByRole('row', { name: /Weeks$/ })
    .nth(1)
    .getByRole('rowheader')
    .textContent();
  await page.goto(`/notebooks/${made.id}/bench/${week?.split('–')[0]}`);
  await expect(page.getByText('the table', { exact: false }).first()).toBeVisible();
  expect(said).toEqual([]);
});

test('a log too wide for its page says why; the page turned is offered, drawn and printed so, and taken back', async ({ page }) => {
  const narrow = {
    type: 'set-stock',
    stock: { width: 110, height: 180, pitch: 5, across: 20, down: 34, pages: 192, first_leaf: 'ordinary' },
  };
  const made = (await edit(page, await edit(page, await make(page), narrow), {
    type: 'add-spread',
    kind: 'books-read',
  })) as unknown as Book;
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Books read, page/ }).click();
  const note = page.locator('aside').or(page.getByRole('complementary'));
  await expect(note.getByText('The log needs', { exact: false }).first()).toContainText(/needs \d+ boxes across; the part has 20/);
  await page.getByRole('button', { name: 'Turn the page sideways' }).first().click();
  await expect(note.getByText('The log needs', { exact: false })).toHaveCount(0);
  await expect(page.getByRole('checkbox', { name: 'On the page turned sideways' })).toBeChecked();
  await saved(page);
  await page.getByRole('link', { name: 'Open on the bench' }).click();
  await expect(page.getByText('Turn the book until the left edge of this page is at the top.', { exact: false }).first()).toBeVisible();

  // At the desk the page lies as it lies before whoever draws it.
  await page.setViewportSize({ width: 820, height: 1100 });
  await page.getByRole('link', { name: 'Desk' }).click();
  const after = page.getByRole('button', { name: 'Step after' });
  const svg = page.getByRole('img', { name: /Books read/ });
  for (let i = 0; i < 12 && (await svg.count()) === 0; i++) await after.click();
  const box = await svg.boundingBox();
  expect(box && box.width > box.height).toBe(true);

  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: 'Take back' }).click();
  await page.getByRole('button', { name: /^Books read, page \d+$/ }).click();
  await expect(page.getByRole('checkbox', { name: 'On the page turned sideways' })).not.toBeChecked();
});

test('a table whose column is too wide for its part is made to fit by what is offered', async ({ page }) => {
  const settings = { column: 20, strip: 20 };
  const made = (await edit(page, await make(page), { type: 'add-spread', kind: 'chores-by-month', settings })) as unknown as Book;
  const id = made.spreads.find((one) => one.id === 'chores-by-month')?.id;
  await page.goto(`/notebooks/${made.id}/parts/${id}`);
  await page.getByRole('group', { name: 'Parts of the page' }).getByRole('button', { name: /Table/ }).click();
  await expect(page.getByText('The table needs 40 boxes across; the part has 26.')).toBeVisible();
  await page
    .getByRole('button', { name: /^Make the names \d+ boxes wide$/ })
    .or(page.getByRole('button', { name: 'A box a column', exact: true }))
    .first()
    .click();
  await expect(page.getByText('The table needs', { exact: false })).toHaveCount(0);
});

test('goals are checked by the person, and challenges name the goal they serve', async ({ page }) => {
  const said = complaints(page);
  const made = await edit(page, await make(page), {
    type: 'add-spread',
    kind: 'goals-by-quarter',
    settings: { within: ['Take five lessons', 'Varnish the hull twice'] },
  });
  await edit(page, made, { type: 'add-spread', kind: 'goal-checks', settings: { items: ['Take five lessons'] } });
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Seven checks of a goal, page/ }).click();
  await page.locator('summary').filter({ hasText: 'Take five lessons' }).click();
  await page.getByRole('checkbox', { name: /^Specific\./ }).check();
  await expect(page.getByText('“Take five lessons” is not answered with yes for: measured', { exact: false })).toBeVisible();
  await isAccessible(page);
  await page.getByRole('button', { name: 'Lamp' }).click();
  await isLegible(page);

  await page.getByLabel('Find a kind of spread').fill('challenges');
  await page.getByRole('button', { name: 'Add A challenge for every month' }).click();
  await page.getByLabel('Challenges', { exact: false }).fill('Scales → Take five lessons\nNo sugar');
  await page.getByLabel('Challenges', { exact: false }).blur();
  await expect(page.getByText('“No sugar” names no goal of a quarter.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: /^Goals by quarter, page/ }).click();
  await expect(page.getByText('No month’s challenge serves “Varnish the hull twice”.')).toBeVisible();
  expect(said).toEqual([]);
});

test('one part of a spread is set for this spread alone, and as the kind has it again, without any other screen', async ({ page }) => {
  const said = complaints(page);
  const first = await make(page);
  const both = await edit(page, await edit(page, first, { type: 'add-spread', kind: 'notes' }), { type: 'add-spread', kind: 'notes' });
  await page.goto(`/notebooks/${both.id}/spreads`);
  await page
    .getByRole('button', { name: /^Notes, page/ })
    .first()
    .click();
  const parts = page.getByRole('region', { name: 'Parts of the page' });
  await parts.getByText('Lines', { exact: true }).click();
  await parts.getByLabel('Numbered').check();
  await saved(page);
  await expect(parts.getByText('1 of its own')).toBeVisible();
  // On paper: its rows have numbers, and those of the other have none.
  const numbers = async (nth: number) => {
    const spread = both.spreads.filter((one) => one.id.startsWith('notes'))[nth]!;
    const at = ((await (await page.request.get(`/api/notebooks/${both.id}`)).json()) as Book).spreads.find(
      (one) => one.id === spread.id,
    )!.page;
    const opening = (await (await page.request.get(`/api/notebooks/${both.id}/openings/${at}`)).json()) as {
      pages: ({ page: number; marks: (string | number | null)[][] } | null)[];
    };
    return opening.pages.find((one) => one?.page === at)!.marks.filter((mark) => mark.some((one) => one === '12')).length;
  };
  expect(await numbers(0)).toBe(1);
  expect(await numbers(1)).toBe(0);
  await isAccessible(page);

  await parts.getByRole('button', { name: 'As the kind has it' }).click();
  await saved(page);
  await expect(parts.getByText('1 of its own')).toHaveCount(0);
  await expect(parts.getByLabel('Numbered')).not.toBeChecked();
  expect(await numbers(0)).toBe(0);

  // What makes no sense is said where it was typed, and nothing is lost.
  await parts.getByLabel('Rows in all').fill('9999');
  await parts.getByLabel('Rows in all').press('Tab');
  await expect(parts.getByRole('alert')).toContainText('Rows in all: ');
  await expect(parts.getByLabel('Rows in all')).toHaveValue('9999');
  expect(said).toEqual([]);
});
