// Jobs as somebody does them who reads only what the screen says: each with a bound on what is pressed and typed, and an end that is read.
import { expect, test, type Locator, type Page } from '@playwright/test';
import { Hand } from './hand';
import { address, edit, make, readOld, sample } from './support';

const button = (page: Page | Locator, name: string | RegExp) => page.getByRole('button', { name, exact: typeof name === 'string' });
const margin = (page: Page) => page.getByRole('complementary', { name: 'Margin' });

/** What the program keeps of the notebook that is open, or of a screen of it. */
async function kept<T>(page: Page, of = ''): Promise<T> {
  const id = /notebooks\/([^/]+)/.exec(page.url())![1];
  return (await (await page.request.get(`/api/notebooks/${id}${of}`, { headers: { Origin: address() } })).json()) as T;
}
const saved = (page: Page) => expect(page.getByText('All edits saved.').first()).toBeVisible();

/** A job takes so many acts at most. */
function within(hand: Hand, most: number, job: string) {
  hand.says(job);
  expect(hand.actions, job).toBeLessThanOrEqual(most);
}

test('a half-year with one page a week is planned in six acts', async ({ page }) => {
  await page.goto('/');
  const hand = new Hand(page);
  await hand.click(page.getByRole('link', { name: 'New notebook' }).first());
  await hand.click(button(page, /^July–December/));
  await hand.click(button(page, 'Make the plan'));
  await expect(page.getByRole('heading', { level: 1, name: 'Spreads' })).toBeAttached();
  await hand.go('m', 'Months');
  await hand.choose(page.getByLabel('Pages a week'), '1 page');
  await saved(page);
  within(hand, 6, 'a half-year, one page a week');
  const book = await kept<{ period: { months: number }; weeks: { pages: string }; fit: { fits: boolean }; months: { pages: number }[] }>(
    page,
  );
  expect([book.period.months, book.weeks.pages, book.fit.fits, book.months.length]).toEqual([6, '1', true, 6]);
});

test('six months beside a list of 24, kept as a kind and used twice, in 25 acts', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  const hand = new Hand(page);
  const find = page.getByRole('searchbox', { name: 'Find a kind of spread' });
  await hand.fill(find, 'page of parts');
  await hand.click(button(page, 'Add A page of parts'));
  await expect(page.getByRole('heading', { level: 2, name: 'A page of parts' })).toBeVisible();
  await hand.click(page.getByRole('link', { name: 'Part this page' }));
  await hand.click(button(page, 'side by side'));
  await hand.click(button(page, 'Divide into 2: 12, skip 2, 12'));
  const filled = page.getByRole('list', { name: 'Filled with' });
  await hand.click(button(filled, 'Cells'));
  await hand.choose(margin(page).getByRole('combobox', { name: 'Cells for' }), 'the months of the book');
  await hand.fill(margin(page).getByRole('textbox', { name: 'How many months' }), '6');
  await hand.key('Tab');
  await hand.click(button(page.getByRole('group', { name: 'Parts of the page' }), /^Lines, 12 × 35/));
  await hand.fill(margin(page).getByRole('textbox', { name: 'Rows in all' }), '24');
  await hand.key('Tab');
  await saved(page);
  await hand.click(page.getByText('Keep as a kind of my own'));
  await hand.fill(page.getByLabel('Name of the kind'), 'Half a year and a list');
  await hand.click(button(page, 'Keep it'));
  await saved(page);
  await hand.go('p', 'Spreads');
  await hand.fill(find, 'half a year and');
  for (let times = 0; times < 2; times++) await hand.click(button(page, 'Add Half a year and a list'));
  await expect
    .poll(
      async () =>
        (await kept<{ spreads: { kind_name: string }[] }>(page)).spreads.filter((one) => one.kind_name === 'Half a year and a list').length,
    )
    .toBe(3);
  within(hand, 25, 'a page of one’s own, twice');
  const words = (await kept<{ pages: { title: string; page: number }[] }>(page)).pages.filter(
    (one) => one.title === 'Half a year and a list',
  );
  const opening = await kept<{ groups: { steps: { text: string }[] }[] }>(page, `/openings/${words[0]!.page}`);
  const steps = opening.groups.flatMap((group) => group.steps.map((step) => step.text)).join(' ');
  expect(steps).toMatch(/6 cells/);
  expect(steps).toMatch(/24 rows/);
});

test('forty dates, a repeat and a lead among them: three acts a date and ten', async ({ page }) => {
  test.slow();
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/dates`);
  const hand = new Hand(page);
  await hand.click(page.getByLabel('Day', { exact: true }));
  const days = Array.from(
    { length: 38 },
    (_, nth) => [`${(nth % 27) + 1} ${['December', 'May', 'June'][nth % 3]}`, `Thing ${nth + 1}`] as const,
  );
  for (const [day, words] of [...days, ['every second Tuesday', 'Choir 19:30'], ['first Monday of May', 'Boat yard opens']] as const) {
    hand.actions += 3;
    await page.keyboard.type(day, { delay: 5 });
    await page.keyboard.press('Tab');
    await page.keyboard.type(words, { delay: 5 });
    await page.keyboard.press('Enter');
  }
  await hand.choose(page.getByLabel('Sort'), 'Duty');
  await hand.click(page.getByLabel('Day', { exact: true }));
  hand.actions += 3;
  await page.keyboard.type('1 October');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Harbour fee');
  await page.keyboard.press('Enter');
  await saved(page);
  // December has more than the future log holds there; one of the offers mends it.
  await hand.click(
    margin(page)
      .getByRole('button', { name: /everything fits/ })
      .first(),
  );
  await saved(page);
  within(hand, 3 * 41 + 10, 'forty dates');
  const dates = await kept<{ count: number; findings: { says: string }[]; duties: unknown[] }>(page, '/dates?month=');
  expect(dates.count).toBe(41);
  expect(dates.duties).toHaveLength(1);
  expect(dates.findings.filter((one) => /too little room/.test(one.says))).toEqual([]);
});

test('a book that runs out: a way taken, taken back, another taken, in eight acts', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'use-pattern', pattern: 'rich' });
  await page.goto(`/notebooks/${made.id}/months`);
  const hand = new Hand(page);
  const offers = page.getByRole('region', { name: 'Ways to make it fit' });
  await hand.click(button(offers, 'Make it fit'));
  await expect(
    page
      .getByText(/^Fits, /)
      .locator('visible=true')
      .first(),
  ).toBeVisible();
  const first = (await kept<{ weeks: { pages: string } }>(page)).weeks.pages;
  await hand.key('z');
  await expect(offers).toBeVisible();
  await expect.poll(async () => (await kept<{ fit: { fits: boolean } }>(page)).fit.fits).toBe(false);
  const others = offers.getByRole('button').filter({ hasNotText: 'Make it fit' });
  await hand.click(others.last());
  await saved(page);
  within(hand, 8, 'one way and another');
  const now = await kept<{ fit: { fits: boolean }; weeks: { pages: string }; undo: string | null }>(page);
  expect(now.undo).not.toBeNull();
  expect(first).not.toBe('');
});

test('a spread goes from page 16 to page 6 by keys, by mouse, by “Move to page”', async ({ page }) => {
  const made = await sample(page);
  const at = (title: string) =>
    kept<{ spreads: { title: string; page: number }[] }>(page).then((book) => book.spreads.find((one) => one.title === title)?.page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await button(page, /^For the new mast, page 16$/).click();
  const hand = new Hand(page);
  await hand.fill(page.getByLabel('Move to page'), '6');
  await hand.key('Enter');
  await expect.poll(() => at('For the new mast')).toBe(6);
  within(hand, 4, 'by its number');

  // By mouse, dropped on what stands there; by keys, place by place.
  const mouse = new Hand(page);
  mouse.actions++;
  await button(page, /^Motto, page/).dragTo(button(page, /^Name page, page 1$/));
  await expect.poll(() => at('Motto')).toBe(1);
  within(mouse, 1, 'by mouse');
  await button(page, /^Index, page/).focus();
  const keys = new Hand(page);
  await keys.key('Enter', 'Shift+ArrowLeft', 'Shift+ArrowLeft', 'Shift+ArrowLeft');
  const before = await at('Index');
  await expect.poll(() => at('Index')).toBeLessThanOrEqual(before!);
  within(keys, 7, 'by keys');
});

test('other paper, other months and another first day of the week after planning; what is lost is said before', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/stock`);
  const hand = new Hand(page);
  await hand.fill(page.getByLabel('Boxes across'), '20');
  await hand.fill(page.getByLabel('Boxes down'), '28');
  await hand.click(button(page, 'January–June 2027'));
  await expect(page.getByText('This is not planned yet.', { exact: false })).toBeVisible();
  await expect(page.locator('.draft p').nth(1)).toBeVisible();
  expect((await page.locator('.draft p').allTextContents()).join(' ')).toMatch(/\d/);
  await hand.click(button(page, 'Plan the book anew'));
  await saved(page);
  await hand.choose(page.getByLabel('Weeks begin on'), 'Sunday');
  await saved(page);
  within(hand, 12, 'other paper and months');
  const book = await kept<{ stock: { across: number; down: number }; period: { months: number }; weeks: { first: number } }>(page);
  expect([book.stock.across, book.stock.down, book.period.months, book.weeks.first]).toEqual([20, 28, 6, 7]);
});

test('five months’ last pages and two ruined pages, and the corrections are read', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/months`);
  const hand = new Hand(page);
  for (const [month, last] of [
    ['January', 31],
    ['February', 44],
    ['March', 57],
    ['April', 69],
    ['May', 82],
  ] as const) {
    await hand.fill(page.getByLabel(`Last page ${month} 2027 took`), String(last));
    await hand.key('Enter');
    await saved(page);
  }
  for (const nth of [90, 96]) {
    await page.goto(`/notebooks/${made.id}/bench/${nth}`);
    await hand.click(button(page, 'What now?'));
    await hand.choose(page.getByLabel('What happened'), 'The page is ruined');
    await hand.click(button(page, /Pass the page over$/));
    await saved(page);
  }
  await page.goto(`/notebooks/${made.id}/months`);
  const corrections = page.getByRole('region', { name: 'Index corrections' });
  await expect(corrections.getByRole('row', { name: /^January 2027 17–29 17–31/ })).toBeVisible();
  await expect(corrections.getByRole('row').nth(6)).toBeVisible();
  within(hand, 20, 'in use');
  const book = await kept<{ in_use: { lost: number[] } }>(page);
  expect(book.in_use.lost.length).toBeGreaterThan(0);
});

test('an old book of twenty spreads, typed with its pages and reviewed by keyboard', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/old`);
  const hand = new Hand(page);
  const spreads = Array.from({ length: 20 }, (_, nth) => `List ${nth + 1} ${2 * nth + 1}`).join('\n');
  await hand.choose(page.getByLabel('A figure behind a spread is'), 'the page it begins on');
  // Line by line: a title, its page, Enter.
  hand.actions += 20;
  await page.getByLabel(/^Its spreads in order/).fill(spreads);
  await hand.fill(page.getByLabel('The last page of each month'), 'January 60\nSept 180');
  await hand.click(button(page, 'Take this book'));
  const status = page.getByRole('main').getByRole('status');
  await expect(status).toHaveText('0 of 20 judged');
  await page.getByRole('main').click({ position: { x: 3, y: 3 } });
  for (let nth = 1; nth <= 20; nth++) {
    if (nth === 4) {
      await hand.key('2');
      hand.actions++;
      await page.keyboard.type('shorter');
      await hand.key('Enter');
    } else await hand.key(nth % 5 === 0 ? '3' : '1');
    await expect(status).toHaveText(`${nth} of 20 judged`);
  }
  within(hand, 80, 'typed and reviewed');
  const old = await kept<{ old: { spreads: { title: string; pages: number; verdict: string; how: string }[] } }>(page, '/old');
  expect(old.old.spreads.map((one) => one.pages)).toEqual(Array.from({ length: 20 }, (_, nth) => (nth === 19 ? 1 : 2)));
  expect(old.old.spreads[3]).toMatchObject({ verdict: 'change', how: 'shorter' });
});

test('an evening of fifty minutes: one page ticked, a slip, closed and gone on with', async ({ page }) => {
  await page.clock.setFixedTime(new Date('2026-12-07T19:00:00'));
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/sittings`);
  const hand = new Hand(page);
  await hand.fill(page.getByLabel('Free evenings'), '50 minutes');
  await hand.click(button(page, 'Add them'));
  await hand.click(page.getByRole('link', { name: /^Sit down/ }));
  await hand.click(button(page, 'Begin'));
  const step = page.getByText(/^step \d+ of \d+/);
  // The first page is easy: done in a few steps, the next one is led to.
  const first = page.url();
  await expect(page.getByRole('complementary', { name: 'At first use: box' })).toBeVisible();
  for (let steps = 0; steps < 12 && page.url() === first; steps++) {
    await hand.click(button(page, 'Done'));
    await expect(step.or(page.getByRole('button', { name: 'Go on' }))).toBeVisible();
    if (await page.getByRole('button', { name: 'Go on', exact: true }).isVisible()) break;
  }
  if (await page.getByRole('button', { name: 'Go on', exact: true }).isVisible()) await hand.click(button(page, 'Go on'));
  await hand.click(button(page, 'Done'));
  // Whoever has done a step with it knows what a box is.
  await expect(page.getByRole('complementary', { name: 'At first use: box' })).toHaveCount(0);
  await hand.click(button(page, 'What now?'));
  await hand.choose(page.getByLabel('What happened'), (await page.getByLabel('What happened').getByRole('option').allTextContents())[1]!);
  await expect(page.getByRole('region', { name: 'What now?' })).toBeVisible();
  const stopped = page.url();
  await page.goto('/');
  await hand.click(page.locator(`[data-notebook="${made.id}"]`).getByRole('link', { name: /^Go on drawing in/ }));
  await expect(page).toHaveURL(stopped);
  within(hand, 30, 'fifty minutes');
});

test('the first evening is printed on A4 in six acts', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'set-evenings', evenings: [{ day: '2026-12-20', from: '19:00', minutes: 50 }] });
  await page.goto(`/notebooks/${made.id}/sittings`);
  const hand = new Hand(page);
  await hand.click(button(page, /Put .*the steps of the next evening.* in the tray|Put in the tray/));
  await hand.go('y', 'Tray');
  await hand.choose(page.getByLabel('Paper in the printer'), 'A4');
  const [download] = await Promise.all([page.waitForEvent('download'), hand.click(button(page, 'Download all as PDF'))]);
  within(hand, 6, 'printed');
  expect(download.suggestedFilename()).toMatch(/\.pdf$/);
});

test('a practice page is put at the back, and done at the desk with its checks', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/sittings`);
  const hand = new Hand(page);
  await hand.click(button(page, 'Put a practice page at the back'));
  await hand.click(page.getByRole('link', { name: /^Practise on page \d+$/ }));
  within(hand, 2, 'a practice page');
  await expect(page.getByText(/^step 1 of \d+/)).toBeVisible();
  const at = Number(page.url().split('/').at(-1));
  const opening = await kept<{ groups: { steps: { task: string; text: string; page: number }[] }[] }>(page, `/openings/${at}`);
  const steps = opening.groups.flatMap((group) => group.steps).filter((step) => step.page === at);
  expect(steps.map((step) => step.text).join(' ')).toMatch(/5, skip 2, 5, skip 2, 5, skip 2, 5.* 31 must land in row 5, column 7/);
  expect(steps.filter((step) => step.task === 'check').length).toBeGreaterThanOrEqual(4);
});

test('a kind is found by a word and added in three acts', async ({ page }) => {
  const made = await make(page);
  await readOld(page, made);
  await page.goto(`/notebooks/${made.id}/spreads`);
  const hand = new Hand(page);
  await hand.fill(page.getByRole('searchbox', { name: 'Find a kind of spread' }), 'wedding');
  await expect(page.getByRole('button', { name: /^Look at / }).first()).toBeVisible();
  await hand.click(page.getByRole('button', { name: /^Add / }).first());
  await saved(page);
  within(hand, 3, 'found and added');
  expect((await kept<{ spreads: { kind: string }[] }>(page)).spreads.at(-1)?.kind).toBe('feast');
});
