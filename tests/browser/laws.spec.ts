// The law that no press is lost: on each screen that writes somebody types and clicks at a person's fastest while every answer comes two
// seconds late. At the end all is there, in order, nothing twice, and the focus where the person left it.
import { expect, test, type Page } from '@playwright/test';
import { edit, make, readOld, sample, type Made } from './support';

const LATE = 2_000;
/** Milliseconds a key takes. */
const FAST = { delay: 60 };
const THOROUGH = process.env.THOROUGH === '1';

/** What a notebook is, asked past the page: its own answers are late. */
async function now<T>(page: Page, made: Made, path = ''): Promise<T> {
  return (await (await page.request.get(`/api/notebooks/${made.id}${path}`)).json()) as T;
}

/** The screen is there, and from now on every answer is late. */
async function late(page: Page, address: string, ready: () => Promise<void>) {
  await page.goto(address);
  await ready();
  await page.route('**/api/**', async (route) => {
    // What is on its way when a journey ends has nobody to come to.
    const answer = await route.fetch().catch(() => null);
    if (!answer) return;
    await new Promise((done) => setTimeout(done, LATE));
    await route.fulfill({ response: answer }).catch(() => undefined);
  });
}

const saved = (page: Page) => expect(page.getByText('All edits saved.').first()).toBeVisible({ timeout: 110_000 });

test('dates typed line after line are all kept, and one that cannot be comes back with its words', async ({ page }) => {
  test.setTimeout(150_000);
  const made = await make(page);
  const day = page.getByLabel('Day', { exact: true });
  await late(page, `/notebooks/${made.id}/dates`, () => day.click());
  const lines = Array.from({ length: THOROUGH ? 40 : 8 }, (_, i) => [`${(i % 28) + 1} Feb`, `swim ${i + 1} ${10 + (i % 10)}:00`] as const);
  for (const [i, [when, what]] of lines.entries()) {
    if (i === 3) {
      await page.keyboard.type('31 April', FAST);
      await page.keyboard.press('Tab', FAST);
      await page.keyboard.type('regatta', FAST);
      await page.keyboard.press('Enter', FAST);
    }
    await page.keyboard.type(when, FAST);
    await page.keyboard.press('Tab', FAST);
    await page.keyboard.type(what, FAST);
    await page.keyboard.press('Enter', FAST);
    // It stands there at once.
    await expect(page.getByText(`${when} ${what}`)).toBeVisible({ timeout: 1_000 });
  }
  await expect(day).toBeFocused();
  await expect(page).toHaveURL(new RegExp(`/notebooks/${made.id}/dates$`));
  await expect(page.getByText('being written')).toHaveCount(0, { timeout: 110_000 });
  const kept = await now<{ entries: { entry: { words: string }; day: string }[] }>(page, made, '/dates?month=2027-02');
  const asTyped = lines.map(([, what]) => what.replace(/ \d\d:00$/, ''));
  expect(kept.entries.map((one) => one.entry.words).sort()).toEqual([...asTyped].sort());
  // What could not be: its words are in their field, or beside it, with the reason.
  const back = page.getByText(/April 2027 has 30 days, not 31\./);
  await expect(back).toBeVisible();
  const beside = page.getByRole('list', { name: 'Being written' }).getByRole('button', { name: /^Put it right/ });
  if ((await beside.count()) > 0) await beside.click();
  await expect(page.getByLabel('What, and when')).toHaveValue('regatta');
  await expect(day).toHaveValue('31 April');
});

test('a notebook renamed and left at once has its name; other paper waits as a draft that is spoken of', async ({ page }) => {
  const made = await make(page);
  const title = page.getByLabel('Title on the shelf');
  await late(page, `/notebooks/${made.id}/stock`, () => title.click());
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Harbour book, second', FAST);
  await page.getByLabel('Pages', { exact: true }).fill('160');
  await page.getByRole('link', { name: 'Months', exact: true }).click();
  await expect(page.getByRole('link', { name: /not planned yet/ })).toBeVisible();
  await page.getByRole('link', { name: /not planned yet/ }).click();
  await expect(page.getByLabel('Pages', { exact: true })).toHaveValue('160');
  await expect(title).toHaveValue('Harbour book, second', { timeout: 10_000 });
  await expect(page.getByText(/All \d+ spreads stay, with what was said of them/)).toBeVisible();
  const kept = await now<{ title: string; stock: { pages: number } }>(page, made);
  expect([kept.title, kept.stock.pages]).toEqual(['Harbour book, second', 192]);
  // Planned anew and left before the answer: nothing waits any more, and nothing says so.
  await page.getByRole('button', { name: 'Plan the book anew' }).click();
  await page.getByRole('link', { name: 'Months', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Months', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: /not planned yet/ })).toHaveCount(0, { timeout: 15_000 });
  expect((await now<{ stock: { pages: number } }>(page, made)).stock.pages).toBe(160);
});

test('fifteen quick taps settle fifteen dates', async ({ page }) => {
  test.setTimeout(120_000);
  let made = await make(page);
  for (let i = 1; i <= 15; i++) made = await edit(page, made, { type: 'add-date', day: `${i} March`, words: `Date ${i}`, is: 'date' });
  const copied = page.getByRole('button', { name: 'Copied', exact: true });
  await late(page, `/notebooks/${made.id}/transfer/2027-03`, () => expect(copied).toBeVisible());
  const taps = THOROUGH ? 15 : 10;
  for (let i = 0; i < taps; i++) await copied.click(FAST);
  await expect(page.getByText(`${taps} of 15`)).toBeVisible({ timeout: LATE });
  await saved(page);
  const kept = await now<{ dates: { settled: string | null }[] }>(page, made, '/dates/transfer?month=2027-03');
  expect(kept.dates.map((one) => one.settled)).toEqual(kept.dates.map((_, i) => (i < taps ? 'copied' : null)));
});

test('steps ticked at the desk as fast as a thumb are all ticked', async ({ page }) => {
  const made = await make(page);
  const at = made.spreads.find((one) => one.id === 'future-log')?.page ?? 0;
  await late(page, `/notebooks/${made.id}/desk/${at}`, () => expect(page.getByRole('button', { name: /^Done/ })).toBeVisible());
  for (let i = 0; i < 4; i++) await page.keyboard.press(' ', FAST);
  const opening = await now<{ groups: { drawing: string; steps: { key: string }[] }[] }>(page, made, `/openings/${at}`);
  const first = opening.groups[0]!.steps.slice(0, 4).map((step) => step.key);
  await expect
    .poll(async () => (await now<{ ticked: { step: string }[] }>(page, made, `/openings/${at}`)).ticked.map((one) => one.step).sort())
    .toEqual([...first].sort());
});

test('evenings said one after another are all there, and what names none stays in its field with the reason', async ({ page }) => {
  const made = await make(page);
  const field = page.getByLabel('Free evenings');
  await late(page, `/notebooks/${made.id}/sittings`, () => field.click());
  for (const said of ['20 December 19:30 60 min', '21 December 19:00 40 min', '22 December 20:00 90 min']) {
    await page.keyboard.type(said, FAST);
    await page.keyboard.press('Enter', FAST);
  }
  await page.keyboard.type('when it rains', FAST);
  await page.keyboard.press('Enter', FAST);
  await expect(page.getByText(/“when it rains” is no evening/)).toBeVisible({ timeout: 30_000 });
  await expect(page.getByLabel('Free evenings')).toHaveValue('when it rains');
  await expect
    .poll(async () =>
      (await now<{ evenings: { day: string; minutes: number }[] }>(page, made, '/sittings')).evenings.map(
        (one) => `${one.day.slice(5)} ${one.minutes}`,
      ),
    )
    .toEqual(['12-20 60', '12-21 40', '12-22 90']);
});

test('what is typed of a spread goes on being typed while answers come in, and moves pressed fast are all made', async ({ page }) => {
  test.setTimeout(120_000);
  const made = await sample(page);
  await late(page, `/notebooks/${made.id}/spreads/goals-by-area`, () => expect(page.getByLabel('Title', { exact: true })).toBeVisible());
  const margin = page.getByRole('complementary', { name: 'Margin' });
  const title = margin.getByLabel('Title', { exact: true });
  await title.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Aims', FAST);
  await page.keyboard.press('Enter', FAST);
  // The answer to “Aims” comes in while the rest is typed.
  await page.keyboard.press('End');
  await page.keyboard.type(' of this year and all that belongs to them', FAST);
  await expect(title).toBeFocused();
  await expect(title).toHaveValue('Aims of this year and all that belongs to them');
  await page.keyboard.press('Tab');
  await margin.getByText('Where it should stand, and what it is drawn with').click();
  await margin.getByLabel('Worth, 1 to 5').selectOption('2');
  await margin.getByLabel('Pin to page').fill('31');
  await margin.getByLabel('Pin to page').press('Enter');
  await saved(page);
  const spread = (await now<{ spreads: { id: string; title: string; worth: number; pin: number }[] }>(page, made)).spreads.find(
    (one) => one.id === 'goals-by-area',
  );
  expect([spread?.title, spread?.worth, spread?.pin]).toEqual(['Aims of this year and all that belongs to them', 2, 31]);
});

test('an edit pressed in one notebook is made there, though another is open when its turn comes', async ({ page }) => {
  const [first, second] = [await make(page), await make(page)];
  const title = page.getByLabel('Title on the shelf');
  await late(page, `/notebooks/${first.id}/stock`, () => title.click());
  for (const said of ['One', 'One and two', 'One, two and three']) {
    await title.fill(said);
    await page.keyboard.press('Enter');
  }
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, `/notebooks/${second.id}/stock`);
  await expect.poll(async () => (await now<{ title: string }>(page, first)).title, { timeout: 20_000 }).toBe('One, two and three');
  expect((await now<{ title: string }>(page, second)).title).toBe('Harbour book');
});

test('pens, notes and things to print are kept as fast as they are said', async ({ page }) => {
  test.setTimeout(150_000);
  const made = await make(page);
  await late(page, `/notebooks/${made.id}/pens`, () => page.getByLabel('Pen', { exact: true }).click());
  for (const name of ['Black 0.3', 'Blue gel', 'Brush, grey']) {
    await page.keyboard.type(name, FAST);
    await page.keyboard.press('Enter', FAST);
  }
  await expect(page.getByLabel('Pen', { exact: true })).toBeFocused();
  await page.getByText(/^Next time/).click();
  await page.getByLabel('What the next book should do otherwise').click();
  for (const words of ['Smaller headings', 'No shelf']) {
    await page.keyboard.type(words, FAST);
    await page.keyboard.press('Enter', FAST);
  }
  await page.getByRole('link', { name: 'Tray', exact: true }).click();
  const what = page.getByRole('combobox', { name: 'Put in' });
  await expect(what).toBeVisible({ timeout: 15_000 });
  for (const thing of ['card', 'months']) {
    await what.selectOption(thing);
    await page.getByRole('button', { name: 'Put in the tray' }).click(FAST);
  }
  await saved(page);
  const kept = await now<{ tray: string[]; next_time: { words: string }[] }>(page, made);
  expect(kept.next_time.map((one) => one.words)).toEqual(['Smaller headings', 'No shelf']);
  expect(kept.tray.map((one) => one.split(':')[0])).toEqual(['card', 'months']);
  expect((await now<{ pens: { name: string }[] }>(page, made, '/pens')).pens.map((one) => one.name)).toEqual([
    'Black 0.3',
    'Blue gel',
    'Brush, grey',
  ]);
});

test('a pattern is changed by presses that follow one another: each is one more on what is shown', async ({ page }) => {
  test.setTimeout(120_000);
  const made = await make(page);
  const pattern = page.getByRole('region', { name: 'Pattern' });
  const more = pattern.getByRole('button', { name: /^One page more for/ }).first();
  await late(page, `/notebooks/${made.id}/months`, () => expect(more).toBeVisible());
  type Parts = { usual_pattern: string; patterns: { id: string; parts: { kind: string; pages: number }[] }[]; in_use: unknown };
  const parts = async () => {
    const book = await now<Parts>(page, made);
    return book.patterns.find((one) => one.id === book.usual_pattern)?.parts.map((one) => `${one.kind} ${one.pages}`) ?? [];
  };
  const [first = '', ...others] = await parts();
  for (let i = 0; i < 3; i++) await more.click(FAST);
  const last = others.at(-1) ?? '';
  const up = pattern.getByRole('button', { name: / up$/ }).last();
  await up.focus();
  for (let i = 0; i < 2; i++) await page.keyboard.press('Enter', FAST);
  const used = page.getByLabel(/^Last page January/);
  await used.fill('41');
  await used.press('Tab');
  await saved(page);
  const kind = (one: string) => one.split(' ')[0];
  const pages = (one: string) => Number(one.split(' ')[1]);
  const without = others.slice(0, -1);
  expect(await parts()).toEqual([`${kind(first)} ${pages(first) + 3}`, ...without].toSpliced(Math.max(0, without.length - 1), 0, last));
  await expect(used).toHaveValue('41');
});

test('an old book is judged key after key, and a book is dressed click after click', async ({ page }) => {
  test.setTimeout(150_000);
  let made = await make(page);
  made = await edit(page, made, { type: 'set-old', old: await readOld(page, made) });
  await late(page, `/notebooks/${made.id}/old`, () => expect(page.getByRole('region', { name: 'The spread to judge' })).toBeVisible());
  for (const key of ['1', '1', '3', '1']) await page.keyboard.press(key, FAST);
  await saved(page);
  const old = await now<{ old: { spreads: { verdict: string | null }[] } }>(page, made, '/old');
  expect(old.old.spreads.slice(0, 5).map((one) => one.verdict)).toEqual(['keep', 'keep', 'drop', 'keep', null]);
  await page.getByRole('link', { name: 'Dress', exact: true }).click();
  const boxes = page.getByLabel('Boxes of a title');
  await expect(boxes).toBeVisible({ timeout: 15_000 });
  await boxes.selectOption('4');
  await page.getByLabel('It stands').selectOption('middle');
  await page.getByLabel('A band behind it').click(FAST);
  await page.getByLabel('A line round the grid').click(FAST);
  await page.getByLabel('A band behind it').click(FAST);
  await saved(page);
  expect((await now<{ dress: { all: unknown } }>(page, made)).dress.all).toEqual({ title: 4, place: 'middle', line: true });
});

test('what is typed and drawn after a press, while its answer is on its way, stays', async ({ page }) => {
  test.setTimeout(120_000);
  const made = await make(page);
  const name = page.getByRole('textbox', { name: 'Printer' });
  await late(page, `/notebooks/${made.id}/printer`, () => name.click());
  await page.keyboard.type('kitchen', FAST);
  for (const [figure, reads] of [
    ['Front: the line across', '150.8'],
    ['Front: the line down', '150'],
  ] as const)
    await page.getByLabel(figure).fill(reads);
  await page.keyboard.press('Enter');
  await page.getByLabel('Front: from the left edge to the frame').click();
  await page.keyboard.type('19.5', FAST);
  await expect(page.getByText(/^Kept\./)).toBeVisible({ timeout: 15_000 });
  await expect(page.getByLabel('Front: from the left edge to the frame')).toHaveValue('19.5');

  // A key goes into the book; a symbol is added before the answer is there, and is a draft when somebody comes back.
  await page.goto(`/notebooks/${made.id}/key/key`);
  const add = page.getByRole('button', { name: 'Add a symbol' });
  await expect(add).toBeEnabled({ timeout: 20_000 });
  await page.getByRole('button', { name: 'Use this key' }).click();
  await add.click();
  await page.getByLabel('Symbol for').pressSequentially('rehearsal', FAST);
  await expect(page.getByText('The key you used is on its page now.')).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByRole('button', { name: 'rehearsal', exact: true })).toBeVisible({ timeout: 20_000 });

  // A last page that cannot be stays where it was typed, with the reason.
  await page.goto(`/notebooks/${made.id}/months`);
  const last = page.getByLabel('Last page January 2027 took').or(page.getByLabel('Last page January took')).first();
  await last.fill('9999');
  await last.press('Tab');
  await expect(page.getByRole('alert').first()).toBeVisible({ timeout: 15_000 });
  await expect(last).toHaveValue('9999');
});

test('a page is divided and named press after press', async ({ page }) => {
  test.setTimeout(120_000);
  const made = await edit(page, await make(page), { type: 'add-spread', kind: 'page-of-parts' });
  const name = page.getByRole('textbox', { name: 'Name of this part' });
  await late(page, `/notebooks/${made.id}/parts/page-of-parts`, () => expect(name).toBeVisible());
  await name.click();
  await page.keyboard.type('Why', FAST);
  await page.keyboard.press('Tab', FAST);
  const divide = page.getByRole('button', { name: /^Divide into 2:/ }).first();
  await divide.click(FAST);
  await divide.click(FAST);
  await page.getByRole('button', { name: 'Words', exact: true }).click(FAST);
  await saved(page);
  const book = await now<{ spreads: { id: string; settings: { parts: unknown } }[] }>(page, made);
  const written = JSON.stringify(book.spreads.find((one) => one.id === 'page-of-parts')?.settings.parts);
  expect(written.match(/"name":"Why"/g)).toHaveLength(1);
  // Each press is of what the one before it made: the half of the half is filled, and the other parts stay.
  expect(written.match(/"divide":/g)).toHaveLength(3);
  expect(written.match(/"fill":/g)).toHaveLength(4);
  expect(written.match(/"fill":"words"/g)).toHaveLength(1);
});
