import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { complaints, edit, make, sample } from './support';

const title = (page: Page, name: RegExp) => page.getByRole('button', { name });

/** The words where they can be seen: the handle of the sliding margin says some of them again on a phone. */
const shown = (page: Page, words: string | RegExp) => page.getByText(words).locator('visible=true').first();

test('from the shelf to a downloaded page guide of a self-made notebook in at most 12 actions', async ({ page }) => {
  const said = complaints(page);
  await page.goto('/');
  let actions = 0;
  const act = async (doing: Promise<unknown>) => {
    actions++;
    await doing;
  };
  await act(page.getByRole('link', { name: 'New notebook' }).click());
  await act(page.getByLabel('Page size').selectOption({ label: 'A6, 105 × 148 mm' }));
  await expect(page.getByLabel('Boxes across')).toHaveValue('17');
  await act(page.getByLabel('Boxes across').fill('18'));
  await act(page.getByLabel('Pages', { exact: true }).fill('240'));
  await act(page.getByRole('button', { name: /^July–December/ }).click());
  await act(page.getByRole('button', { name: 'Make the plan' }).click());
  await expect(shown(page, /^Fits, \d+ pages? spare\.$/)).toBeVisible();
  await act(page.getByRole('link', { name: 'Tray', exact: true }).click());
  await act(page.getByLabel('Which').selectOption('Half-year at a glance'));
  await act(page.getByRole('button', { name: 'Put in the tray' }).click());
  const waiting = page.waitForEvent('download');
  await act(page.getByRole('button', { name: 'Download all as PDF' }).click());
  const file = await waiting;
  expect(
    readFileSync((await file.path())!)
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  expect(actions).toBeLessThanOrEqual(12);
  expect(said).toEqual([]);
});

test('the sample notebook is one click from an empty shelf and planned to the last page', async ({ page }) => {
  const said = complaints(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the sample notebook' }).click();
  await expect(page).toHaveURL(/spreads$/);
  await expect(title(page, /^Future log, pages 8–9$/)).toBeVisible();
  const edge = page.getByRole('list', { name: /^Fore-edge/ });
  await expect(edge.getByRole('link', { name: 'January 2027, pages 17–29' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Tram, choir and boat 2027' }).first()).toBeVisible();
  expect(said).toEqual([]);
});

test('reordering by keyboard moves pages, index and months, and is taken back across a reload', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await expect(title(page, /^Quote, page 4$/)).toBeVisible();
  await title(page, /^Quote, page 4$/).click();
  await expect(page.getByText('Single page: takes the next free one, the left page 4.')).toBeVisible();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(title(page, /^Quote, page 5$/)).toBeFocused();
  await expect(title(page, /^Index, page 4$/)).toBeVisible();
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(title(page, /^Quote, page 3$/)).toBeFocused();

  // The index on its own page follows.
  await page.goto(`/notebooks/${made.id}/bench/5`);
  const index = page.getByRole('img', { name: 'Page 5: Index' });
  await expect(index).toContainText('Quote');
  expect(await rows(page, 'Page 5: Index')).toMatchObject({ Quote: '3', Key: '4' });

  await page.reload();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect.poll(async () => (await rows(page, 'Page 5: Index')).Quote).toBe('4');
  await page.getByRole('button', { name: 'Put again' }).click();
  await expect.poll(async () => (await rows(page, 'Page 5: Index')).Quote).toBe('3');
});

/** The rows of an index as a person reads them: name → pages, by the height they stand at. */
async function rows(page: Page, name: string): Promise<Record<string, string>> {
  return page.getByRole('img', { name }).evaluate((svg) => {
    const lines = new Map<string, string[]>();
    for (const text of svg.querySelectorAll('text.words')) {
      const at = Math.round(text.getBoundingClientRect().top / 4).toString();
      lines.set(at, [...(lines.get(at) ?? []), text.textContent ?? '']);
    }
    return Object.fromEntries([...lines.values()].filter((line) => line.length === 2).map((line) => [line[0], line[1]]));
  });
}

test('an opening is dragged to another place', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await title(page, /^Goals by area, page 10$/).waitFor();
  const target = title(page, /^Year at a glance, page 7$/);
  const box = (await target.boundingBox())!;
  await title(page, /^Future log, pages 8–9$/).dragTo(target, { targetPosition: { x: 5, y: box.height / 2 } });
  await expect(title(page, /^Future log, pages 8–9$/)).toBeVisible();
  await expect(title(page, /^Year at a glance, page/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take back' })).toHaveAttribute('title', /Future log moved/);
});

test('two windows on one notebook cannot overwrite each other', async ({ page, context }) => {
  const made = await make(page);
  const other = await context.newPage();
  // It does not look meanwhile: both edits are made at the same moment.
  await other.route('**/api/notebooks/*/state', (route) => route.fulfill({ json: { version: made.version, ticks: 0 } }));
  await page.goto(`/notebooks/${made.id}/spreads`);
  await other.goto(`/notebooks/${made.id}/spreads`);
  await title(page, /^Quote, page 4$/).click();
  await title(other, /^Key, page 3$/).click();
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(title(page, /^Quote/)).toHaveCount(0);

  await other.getByRole('button', { name: 'Remove' }).click();
  await expect(other.getByRole('alert')).toContainText('changed in another window');
  await expect(title(other, /^Quote/)).toHaveCount(0);
  await expect(title(other, /^Key, page 3$/)).toBeVisible();
  await other.getByRole('button', { name: 'Make my edit now' }).click();
  await expect(title(other, /^Key, page/)).toHaveCount(0);
  await expect(other.getByRole('status').first()).toHaveText('All edits saved.');
});

test('a spread is added from the catalogue, pinned, and an impossible pin says why with offers', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: 'Add Year at a glance' }).click();
  await expect(title(page, /^Year at a glance, page/)).toHaveCount(2);
  await title(page, /^Future log, pages [\d–]+$/).click();
  await page.getByText('Where it should stand, and what it is drawn with').click();
  await page.getByLabel('Pin to page').fill('15');
  await page.getByLabel('Pin to page').press('Enter');
  await expect(page.getByText('Future log is an opening; page 15 is a right page and would split it.')).toBeVisible();
  await page.getByRole('button', { name: 'Pin it to page 14' }).click();
  await expect(title(page, /^Future log, pages 14–15$/)).toBeVisible();
  await page.getByLabel('Pin to page').fill('left');
  await page.getByLabel('Pin to page').press('Enter');
  await expect(page.getByRole('alert')).toContainText('should be a whole number');
});

test('months: a richer December moves what follows, and a book too small says page and month', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/months`);
  await expect(shown(page, 'Fits, 3 pages spare.')).toBeVisible();
  await page.getByRole('button', { name: 'January 2027' }).click();
  await expect(page.getByText('Mon 28 Dec to Sun 3 Jan')).toBeVisible();
  await page.getByLabel('Pattern of December 2027').selectOption('Generous');
  await expect(shown(page, 'Fits, 1 page spare.')).toBeVisible();
  await page.getByLabel('Pattern of November 2027').selectOption('Generous');
  await expect(shown(page, /^Runs out on page 191, in December 2027: 1 page short\./)).toBeVisible();
  await page.getByLabel('Pages a week').selectOption('1');
  await expect(shown(page, /^Fits, \d+ pages spare\.$/)).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { name: 'Weeks' }).first().click();
  await page.keyboard.press('z');
  await expect(shown(page, /^Runs out on page 191/)).toBeVisible();
});

test('the bench: steps are ticked and remembered, and a working lights what it speaks of', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/bench/8`);
  await expect(page.getByText('Tick at 12, 14 along the top (26 boxes: 12, skip 2, 12)').first()).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText('1 of 17 steps done')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Step 1 done' })).toBeChecked();
  await expect(page.locator('[aria-current="step"]')).toContainText('2. pencil');
  const lit = page.getByRole('img', { name: 'Page 8: Future log' }).locator('.lit');
  await page
    .getByRole('button', { name: /^11 boxes tall/ })
    .first()
    .hover();
  await expect(lit.first()).toBeVisible();
  await page.getByRole('button', { name: 'ink', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Page 8: Future log' })).not.toContainText('January');
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/bench\/10$/);
});

test('desk use on a phone: one step, one drawing, one big control', async ({ page }) => {
  const made = await sample(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/notebooks/${made.id}/desk/8`);
  await expect(page.getByText('step 1 of 17')).toBeVisible();
  await expect(page.getByText(/^pencil, page 8/)).toBeVisible();
  for (const button of await page.getByRole('button').all()) {
    const box = (await button.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(44);
  }
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('step 2 of 17')).toBeVisible();
  await page.getByRole('button', { name: 'Step before' }).click();
  await expect(page.getByRole('button', { name: 'Not done after all' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a plan file is downloaded and uploaded again; a broken one says why', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'set-title', title: 'Båtbok' });
  await page.goto(`/notebooks/${made.id}/spreads`);
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download the plan file' }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toBe('batbok.plan.json');
  const plan = readFileSync((await file.path())!);
  await page.goto('/');
  await page
    .getByLabel('Upload a plan or a shelf')
    .setInputFiles({ name: 'cut.json', mimeType: 'application/json', buffer: plan.subarray(0, 900) });
  await expect(page.getByRole('alert')).toContainText('cut off');
  await page.getByLabel('Upload a plan or a shelf').setInputFiles({ name: 'plan.json', mimeType: 'application/json', buffer: plan });
  await expect(page).toHaveURL(/spreads$/);
  await expect(page.getByRole('heading', { name: 'Båtbok' })).toBeVisible();
});

test('a count that cannot be is refused at its field and nothing typed is lost', async ({ page }) => {
  await page.goto('/new');
  await expect(page.getByLabel('Boxes across')).toHaveValue('26');
  await page.getByLabel('Title on the shelf').fill('Kept');
  for (const [field, value, words] of [
    ['Boxes across', '30', '29 at most'],
    ['Boxes down', '0', 'at least 1'],
    ['Pages', '191', '190 or 192'],
    ['Boxes across', 'many', 'whole number'],
    ['Distance of dots, mm', 'wide', 'length in mm'],
  ] as const) {
    const input = page.getByLabel(field, { exact: true });
    const before = await input.inputValue();
    await input.fill(value);
    await page.getByRole('button', { name: 'Make the plan' }).click();
    await expect(page.getByRole('alert')).toContainText(words);
    await expect(input).toHaveAttribute('aria-invalid', 'true');
    await input.fill(before);
  }
  await expect(page.getByLabel('Title on the shelf')).toHaveValue('Kept');
});

test('finding a page and going to screens by keys', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await title(page, /^Index, page 5$/).waitFor();
  await page.keyboard.press('f');
  await page.getByRole('dialog', { name: 'Find in this book' }).getByRole('textbox').fill('pieces');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/bench\/15$/);
  await page.keyboard.press('g');
  await page.keyboard.press('m');
  await expect(page).toHaveURL(/months$/);
  // A spread far down in the book is in sight for who comes by its address.
  const last = made.spreads.filter((one) => one.page !== null).at(-1)!;
  await page.goto(`/notebooks/${made.id}/spreads/${last.id}`);
  await expect(page.getByRole('main').getByRole('button', { pressed: true }).first()).toBeInViewport({ ratio: 0.5 });
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  // Whose work ships with the program, and under which licence.
  const credited = await page.request.get((await page.getByRole('link', { name: 'Makers and licences' }).getAttribute('href'))!);
  expect(credited.headers()['content-type']).toContain('text/plain');
  const makers = await credited.text();
  for (const one of ['svelte', 'daisyui', 'harfbuzzjs', 'noto-sans-hebrew', 'literata', 'doctrine/orm', 'tecnickcom/tcpdf', 'CC-BY-3.0'])
    expect(makers).toContain(one);
  expect(makers.match(/SIL OPEN FONT LICENSE/gi)?.length).toBeGreaterThan(20);
});

/** What one title causes: its own page and the index are sent again, and nothing of the drawer. */
test('a new title on Spreads costs a few kB, and no sample is fetched again', async ({ page }) => {
  const said = complaints(page);
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`, { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: /^Goals by area, / }).click();
  await expect(page.getByRole('region', { name: 'Parts of the page' })).toBeVisible();
  const asked: string[] = [];
  let bytes = 0;
  page.on('response', async (answer) => {
    const path = new URL(answer.url()).pathname.replace(/^\/api\/notebooks\/[^/]+\/?/, '');
    if (path === 'state' || !answer.url().includes('/api/')) return;
    asked.push(path);
    bytes += (await answer.body()).length;
  });
  await page.getByLabel('Title').first().fill('Ebb and flow');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: /^Ebb and flow, page \d+$/ })).toBeVisible();
  await page.waitForLoadState('networkidle');
  await expect.poll(() => asked).toEqual(['edits', 'drawings']);
  await expect.poll(() => bytes).toBeGreaterThan(1_000);
  expect(bytes).toBeLessThan(15_000);
  expect(await page.evaluate(() => document.querySelectorAll('*').length)).toBeLessThan(4_000);
  expect(said).toEqual([]);
});
