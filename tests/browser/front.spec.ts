// The front of the book through the real interface: layouts chosen by what they leave, a year copied, a key designed.
import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { complaints, edit, make, sample } from './support';

test('a future log is chosen by the lines it leaves in December', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Future log, pages [\d–]+$/ }).click();
  await page.getByRole('link', { name: 'Compare layouts' }).click();
  await expect(page.getByLabel('Lines where')).toHaveValue('2027-12');
  await expect(page.getByText('Recommended: 6 months a page.')).toBeVisible();
  await page.getByRole('button', { name: 'Lines in', exact: true }).click();
  const row = page.getByRole('row', { name: /^Lines in\b.*boxes long/ });
  const lines = await row.getByRole('cell').evaluateAll((cells) => cells.map((cell) => Number(cell.firstChild?.textContent)));
  expect(lines.length).toBeGreaterThanOrEqual(3);
  expect(lines).toEqual([...lines].sort((a, b) => b - a));
  // By category leaves most, on short lines; the door leaves most on lines of 12 boxes.
  await expect(page.getByRole('columnheader').first()).toContainText('By category');
  await page.getByRole('button', { name: 'Use this: With a door' }).click();
  await expect(page.getByRole('columnheader', { name: /With a door/ })).toContainText('as it is now');
  await page.getByRole('link', { name: 'Back to the bench' }).click();
  await expect(page.getByText('draw the line to cut along', { exact: false }).first()).toBeAttached();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText('Count the lines below a month’s name: 10.').first()).toBeAttached();
  expect(said).toEqual([]);
});

test('a line of one and a half boxes leaves fewer lines and breaks no limit', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/compare/future-log`);
  await expect(page.getByRole('cell', { name: 'lines of less than 1½ boxes' }).first()).toBeVisible();
  await page.getByLabel('Boxes a line').selectOption('1.5');
  await expect(page.getByRole('row', { name: /^Limits broken none/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Fewest lines in one 6/ })).toBeVisible();
});

test('changing the paper ranks the layouts anew and says which do not fit on it', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  await page.getByLabel('Boxes across').fill('17');
  await page.getByLabel('Boxes down').fill('26');
  await page.getByRole('button', { name: 'Plan the book anew' }).click();
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await page.goto(`/notebooks/${made.id}/compare/year-at-a-glance`);
  await expect(page.getByRole('heading', { name: 'Not on this paper' })).toBeVisible();
  await expect(
    page.getByText('A day matrix needs 31 rows and one for the months, or 33 boxes across; 17 × 24 boxes are left below the title.'),
  ).toBeVisible();
});

test('a year is copied month by month by keyboard, and stays ticked off', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/bench/7`);
  await page.getByRole('link', { name: 'Copying view' }).click();
  await expect(page.getByRole('heading', { name: 'January 2027' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('tr.here')).toHaveText(/^\s*4\s*5\s*6\s*7\s*8\s*9\s*10\s*$/);
  for (let month = 1; month <= 12; month++) await page.keyboard.press('Space');
  await expect(page.getByText('12 of 12 months copied')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'December 2027' })).toContainText('copied');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Space');
  await expect(page.getByText('11 of 12 months copied')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'November 2027' })).toBeVisible();
  await expect(page.getByText('30 must land in row 5, column 2; the last column reads 7, 14, 21, 28.')).toBeVisible();
  expect(said).toEqual([]);
});

test('a month ticked off in the moment the page is left stays ticked off', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/copy/7`);
  await expect(page.getByRole('heading', { name: 'January 2027' })).toBeVisible();
  // The browser's database does not come to it before the page is gone.
  await page.evaluate(
    () => (IDBObjectStore.prototype.add = (() => new Promise(() => {})) as unknown as typeof IDBObjectStore.prototype.add),
  );
  await page.keyboard.press('Space');
  await expect(page.getByText('1 of 12 months copied')).toBeVisible();
  await page.reload();
  await expect(page.getByText('1 of 12 months copied')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'February 2027' })).toBeVisible();
  // It has come to the program too, and waits no more.
  await expect
    .poll(
      async () => ((await (await page.request.get(`/api/notebooks/${made.id}/openings/7`)).json()) as { ticked: unknown[] }).ticked.length,
    )
    .toBe(1);
  expect(await page.evaluate(() => Object.keys(localStorage).filter((name) => name.includes('jotted')))).toEqual([]);
});

test('a key is designed by keyboard, and an ambiguous one is stopped with nothing lost', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/bench/3`);
  await page.getByRole('link', { name: 'Design the key' }).click();
  await expect(page.getByText('Every mark can be drawn, reached in ink and told from the others.')).toBeVisible();
  await page.getByRole('button', { name: 'Add a symbol' }).click();
  await page.getByLabel('Symbol for').fill('rehearsal');
  const grid = page.getByRole('application', { name: 'Strokes of this symbol' });
  await grid.focus();
  // From the middle up to the top, down to the bottom: an upright stroke, the task's own.
  for (const key of ['ArrowUp', 'ArrowUp', 'ArrowLeft', 'Enter', 'ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown', 'Enter'])
    await page.keyboard.press(key);
  await expect(
    page.getByText('“rehearsal” and “task” look alike: at writing size they stray 0 mm from one another, and 0.7 mm are needed.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Use this key' }).click();
  await expect(page.getByRole('alert').first()).toContainText('look alike');
  await page.reload();
  await expect(page.getByText('A draft: kept in this browser until it is used.')).toBeVisible();
  await page.getByRole('button', { name: 'rehearsal', exact: true }).click();
  await grid.focus();
  // A second stroke across the foot, and another across the head.
  for (const key of [
    'ArrowUp',
    'ArrowUp',
    'ArrowLeft',
    'Enter',
    'ArrowRight',
    'ArrowRight',
    'Enter',
    'ArrowDown',
    'ArrowDown',
    'ArrowDown',
    'ArrowDown',
    'ArrowLeft',
    'ArrowLeft',
    'Enter',
    'ArrowRight',
    'ArrowRight',
    'Enter',
  ])
    await page.keyboard.press(key);
  await expect(page.getByText(/look alike/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Add a state to rehearsal' }).click();
  await page.getByRole('textbox', { name: 'State' }).fill('sung');
  await expect(page.getByText('“rehearsal sung” adds no stroke: in ink it cannot be told that anything changed.')).toBeVisible();
  const added = page.getByRole('application', { name: 'Strokes this state adds' });
  await added.focus();
  for (const key of [
    'ArrowRight',
    'ArrowRight',
    'ArrowUp',
    'ArrowUp',
    'Enter',
    'ArrowLeft',
    'ArrowLeft',
    'ArrowLeft',
    'ArrowDown',
    'ArrowDown',
    'ArrowDown',
    'ArrowDown',
    'Enter',
  ])
    await page.keyboard.press(key);
  await expect(
    page.getByText(/^10 shapes to remember, symbols and additions together: more than 9 are looked up rather than known/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Use this key' }).click();
  await expect(page.getByText('The key you used is on its page now.')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the bench' }).click();
  await expect(page.getByRole('img', { name: 'Page 3: Key' })).toContainText('rehearsal sung');
  expect(said).toEqual([]);
});

test('two pens that some eyes cannot tell apart are named', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/key/key`);
  await page.getByLabel('Colour 1', { exact: true }).fill('#c0504d');
  await page.getByLabel('Colour 2', { exact: true }).fill('#7f8033');
  await expect(page.getByText(/“Work” and “Dates” are taken for one another by eyes without the (red|green) cone/)).toBeVisible();
});

test('a layer is shown alone, and then all again', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/bench/8`);
  const drawing = page.getByRole('img', { name: 'Page 8: Future log' });
  await expect(drawing.locator('path.ink').first()).toBeAttached();
  await page.getByRole('button', { name: 'pencil', exact: true }).click();
  await expect(drawing.locator('path.ink')).toHaveCount(0);
  await expect(drawing.locator('path.pencil').first()).toBeAttached();
  await page.getByRole('button', { name: 'all', exact: true }).click();
  await expect(drawing.locator('path.ink').first()).toBeAttached();
});

test('a language is chosen, and the place that writes it in its own way', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  await page.getByLabel('Months and weekdays on paper in').selectOption('de');
  await expect(page.getByLabel('As written in')).toHaveValue('de');
  await page.getByLabel('As written in').selectOption({ label: 'Austria' });
  await expect(page.getByLabel('As written in')).toHaveValue('de_AT');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await page.goto(`/notebooks/${made.id}/bench/7`);
  await expect(page.getByRole('img', { name: 'Page 7: Year at a glance' })).toContainText('Jänner');
  await page.goto(`/notebooks/${made.id}/stock`);
  await expect(page.getByLabel('As written in')).toHaveValue('de_AT');
  await page.getByLabel('Months and weekdays on paper in').selectOption('eo');
  await expect(page.getByRole('button', { name: 'Take back' })).toHaveAttribute('title', /Language on paper changed/);
});

test('a list of languages that does not come is asked for again', async ({ page }) => {
  const made = await sample(page);
  await page.route('**/api/languages', (route) => route.abort(), { times: 1 });
  await page.goto(`/notebooks/${made.id}/stock`);
  const said = page.getByRole('alert');
  await expect(said).toContainText('The list of languages did not come.');
  await expect(page.getByLabel('Months and weekdays on paper in')).toHaveValue('en');
  // By key: what comes in above it may push the button from under the pointer.
  await said.getByRole('button', { name: 'Ask again' }).press('Enter');
  await page.getByLabel('Months and weekdays on paper in').selectOption('hi');
  await expect(said).toHaveCount(0);
});

test('a year in Hindi is printed with all its letters', async ({ page }) => {
  const made = await edit(page, await sample(page), { type: 'set-language', language: 'hi' });
  await page.goto(`/notebooks/${made.id}/bench/7`);
  await expect(page.getByText('जनवरी', { exact: true })).toBeVisible();
  const answer = await page.request.get(`/api/notebooks/${made.id}/tray.pdf?print=guides:7`);
  expect(answer.headers()['letters-missing']).toBe('');
  const words = execFileSync('pdftotext', ['-', '-'], { input: await answer.body() }).toString();
  for (const month of ['जनवरी', 'अप्रैल', 'सितंबर', 'दिसंबर']) expect(words).toContain(month);
});

test('the year in another way of drawing and another language, with its months to cut out', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  await page.getByLabel('Months and weekdays on paper in').selectOption('fi');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Year at a glance, page/ }).click();
  await page.getByLabel('Drawn as').selectOption('printed');
  await page.getByRole('link', { name: 'Open on the bench' }).click();
  await expect(page.getByRole('img', { name: 'Page 7: Year at a glance' })).toContainText('toukokuu');
  await page.getByRole('link', { name: 'Tray', exact: true }).click();
  for (const what of ['Mini months', 'Pocket of the card']) {
    await page.getByLabel('Put in').selectOption(what);
    await page.getByRole('button', { name: 'Put in the tray' }).click();
  }
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF of it alone: Mini months' }).click();
  expect((await waiting).suggestedFilename()).toBe('Harbour book - months.pdf');
  const both = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download all as PDF' }).click();
  expect((await both).suggestedFilename()).toBe('Harbour book - sheets.pdf');
});

test('a state taken out of a key leaves no other state hanging on it, and a starter set can be begun with', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/key/key`);
  await page.getByRole('button', { name: 'task moved on' }).click();
  await page.getByLabel('Reached from').selectOption({ label: 'done' });
  await page.getByRole('button', { name: 'task done' }).click();
  await page.getByRole('button', { name: 'Remove this state' }).click();
  await page.getByRole('button', { name: 'task moved on' }).click();
  await expect(page.getByLabel('Reached from')).toHaveValue('');
  await expect(page.getByText('Every mark can be drawn, reached in ink and told from the others.')).toBeVisible();
  await page.getByRole('button', { name: 'An outline for each kind' }).click();
  await expect(page.getByRole('list', { name: 'Symbols' }).getByRole('button', { name: 'birthday', exact: true })).toBeVisible();
  await page.getByLabel('Explain the colours on the key page').check();
  await page.getByRole('button', { name: 'Use this key' }).click();
  await expect(page.getByText('The key you used is on its page now.')).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).click();
  await page.getByRole('link', { name: 'Back to the bench' }).click();
  await expect(page.getByRole('img', { name: 'Page 3: Key' })).toContainText('event cancelled');
});

test('a stroke is drawn by dragging, and taken away by a double click', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/key/key`);
  await page.getByRole('button', { name: 'Add a symbol' }).click();
  await page.getByLabel('Symbol for').fill('tide');
  const grid = page.getByRole('application', { name: 'Strokes of this symbol' });
  const box = (await grid.boundingBox())!;
  const dot = (x: number, y: number) => [box.x + ((x + 0.5) / 5) * box.width, box.y + ((y + 0.5) / 5) * box.height] as const;
  await page.mouse.move(...dot(0, 3));
  await page.mouse.down();
  await page.mouse.move(...dot(4, 1), { steps: 4 });
  await page.mouse.up();
  await expect(grid.locator('path.own')).toHaveCount(1);
  await expect(page.getByText(/^Most like /)).toBeVisible();
  await page.mouse.dblclick(...dot(2, 2));
  await expect(grid.locator('path.own')).toHaveCount(0);
  await expect(page.getByText('“tide” has no stroke yet.')).toBeVisible();
});

test('all pages of a candidate are looked at before it is used', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/compare/future-log`);
  await page.getByRole('button', { name: 'Look at all pages of With a door' }).click();
  await expect(page.getByRole('heading', { name: 'With a door: all 4 pages' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'With a door, its page 2' })).toContainText('May');
  await page.getByRole('button', { name: 'Minutes, undecorated' }).click();
  await expect(page.getByRole('rowheader', { name: 'Minutes, undecorated' })).toHaveAttribute('aria-sort', 'ascending');
  const minutes = await page
    .getByRole('row', { name: /^Minutes, undecorated/ })
    .getByRole('cell')
    .allTextContents();
  expect(minutes.map(Number)).toEqual(minutes.map(Number).sort((a, b) => a - b));
});

test('the copying view by touch, on a phone', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const page = await context.newPage();
  await page.goto('/');
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/copy/7`);
  const copied = page.getByRole('button', { name: 'Copied', exact: true });
  expect((await copied.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await copied.tap();
  await expect(page.getByRole('heading', { name: 'February 2027' })).toBeVisible();
  await page.getByRole('button', { name: 'Month before' }).tap();
  await page.getByRole('button', { name: 'Not copied after all' }).tap();
  await expect(page.getByText('0 of 12 months copied')).toBeVisible();
  await context.close();
});
