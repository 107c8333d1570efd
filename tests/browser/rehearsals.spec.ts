// The three rehearsals of docs/rehearsals, played through the interface alone, their figures read from the screen and from what is printed.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test, type Download, type Locator, type Page } from '@playwright/test';
import { Hand } from './hand';
import { address, clearShelf, complaints, edit, type Made } from './support';

/** A notebook that stands on the shelf before the rehearsal begins. */
async function made(page: Page, asked: Record<string, unknown>): Promise<Made> {
  const answer = await page.request.post('/api/notebooks', { headers: { Origin: address() }, data: asked });
  expect(answer.ok()).toBe(true);
  return (await answer.json()) as Made;
}

const button = (page: Page | Locator, name: string | RegExp, exact = true) =>
  page.getByRole('button', typeof name === 'string' ? { name, exact } : { name });
const margin = (page: Page) => page.getByRole('complementary', { name: 'Margin' });
/** The pages a spread stands on, from its name in the book: "pages 18–25". */
async function pagesOf(page: Page, title: string): Promise<[number, number]> {
  const name = await button(page.getByRole('main'), new RegExp(`^${title}, pages? \\d+(–\\d+)?$`))
    .first()
    .getAttribute('aria-label');
  const [, from, to] = /pages? (\d+)(?:–(\d+))?$/.exec(name!)!;
  return [Number(from), Number(to ?? from)];
}
/** Opens a page on the bench: the words drawn on it. */
async function drawn(page: Page, nth: number, title: string): Promise<string[]> {
  await page.goto(page.url().replace(/(notebooks\/[^/]+)\/.*/, `$1/bench/${nth}`));
  const sheet = page.getByRole('img', { name: new RegExp(`^Page ${nth}: ${title}`) });
  await expect(sheet).toBeVisible();
  return (await sheet.locator('text').allTextContents()).map((word) => word.trim());
}
const textOf = async (download: Download) => execFileSync('pdftotext', ['-layout', (await download.path())!, '-']).toString();
/** Where each word of a printed page stands, in mm from the left and from the top. */
async function printed(download: Download): Promise<{ page: number; word: string; x: number; y: number }[]> {
  const html = execFileSync('pdftotext', ['-bbox', (await download.path())!, '-']).toString();
  const mm = (points: string) => (Number(points) / 72) * 25.4;
  return html.split('<page ').flatMap((part, page) =>
    [...part.matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)"[^>]*>([^<]*)<\/word>/g)].map(([, x, y, word]) => ({
      page,
      word: word!,
      x: mm(x!),
      y: mm(y!),
    })),
  );
}

test('a first book: on a phone, forty minutes, from an empty shelf to a drawn half-year', async ({ page }) => {
  test.setTimeout(120_000);
  const said = complaints(page);
  const hand = new Hand(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install({ time: new Date('2026-11-26T19:00:00') });
  await clearShelf(page);
  await page.goto('/');

  // What it is for is said once, and goes.
  const purpose = page.getByRole('region', { name: 'What this is for' });
  await expect(purpose).toContainText('Start a new one');
  await hand.click(button(purpose, 'Understood'));
  await expect(purpose).toBeHidden();
  await hand.click(page.getByRole('link', { name: 'New notebook' }));
  await expect(purpose).toContainText('a whole plan follows');
  await hand.fill(page.getByLabel('Pages', { exact: true }), '160');
  await hand.click(button(page, 'January–June 2027'));
  await expect(page.getByText(/^Usual: fits, \d+ pages spare\.$/)).toBeVisible();
  await hand.click(button(page, 'Make the plan'));
  await expect(page.getByRole('heading', { level: 1, name: 'Spreads' })).toBeAttached();
  hand.says('an empty shelf to a whole plan');

  // Page 1 takes what may be spoilt, and says what not to write.
  await hand.click(button(page, 'Name page, page 1'));
  await hand.click(button(page, 'Why Name page stands there'));
  await expect(margin(page).getByText('Private: write only what a finder needs.')).toBeVisible();
  await hand.click(button(page, 'Slide down'));

  // 181 days, from a Friday; the months and what is left come to 160 pages.
  await hand.click(page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Months', exact: true }));
  const edge = page.getByRole('list', { name: /^Fore-edge of/ }).first();
  const stretches = await edge.getByRole('listitem').allTextContents();
  const names = await edge
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => link.getAttribute('aria-label') ?? link.textContent ?? ''));
  const counted = (names.length > 0 ? names : stretches).map((name) => /pages? (\d+)(?:–(\d+))?/.exec(name)!);
  expect(counted.reduce((sum, [, from, to]) => sum + Number(to ?? from) - Number(from) + 1, 0)).toBe(160);
  expect(names.filter((name) => / 2027/.test(name))).toHaveLength(6);
  const fits = page.getByRole('button', { name: /^Fits, \d+ pages spare\.$/ });
  await expect(fits).toBeVisible();
  await hand.choose(page.getByRole('combobox', { name: 'Begin on', exact: true }), 'Sunday');
  await expect(button(page, 'Take back')).toBeEnabled();
  await hand.click(button(page, 'Take back'));
  await expect(page.getByRole('combobox', { name: 'Begin on', exact: true })).toHaveValue('1');
  await hand.click(button(page, 'Put again'));
  await expect(page.getByRole('combobox', { name: 'Begin on', exact: true })).toHaveValue('7');
  await hand.click(button(page, 'Take back'));
  await expect(page.getByRole('combobox', { name: 'Begin on', exact: true })).toHaveValue('1');

  // One thing out, one in; no opening is torn apart.
  await hand.click(page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Spreads', exact: true }));
  await hand.fill(page.getByLabel('Find a kind of spread'), 'read');
  await hand.click(button(page, 'Add Books read'));
  await expect(button(page, /^Books read, pages \d+–\d+$/)).toBeVisible();
  await hand.click(button(page, /^Quote, page \d+$/));
  await hand.click(button(page, 'Why Quote stands there'));
  await hand.click(button(margin(page), 'Remove'));
  await expect(button(page, /^Quote, page \d+$/)).toHaveCount(0);
  await hand.click(button(page, 'Slide down'));
  const [year] = await pagesOf(page, 'Half-year at a glance');
  expect(year % 2, 'an opening starts on a left page').toBe(0);

  // Leafed through on the phone.
  await hand.click(page.getByRole('navigation', { name: 'Screens' }).getByRole('link', { name: 'Leaf through', exact: true }));
  await expect(page.getByText('1 of 160')).toBeVisible();
  await hand.click(button(page, 'On a leaf'));
  await expect(page.getByText('2 · 3 of 160')).toBeVisible();

  // Forty minutes this evening: what is opened first is drawn first.
  await hand.click(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Draw' }));
  await hand.fill(page.getByLabel('Free evenings'), 'this evening, 40 minutes');
  await hand.click(button(page, 'Add them'));
  const evening = page.getByRole('list', { name: 'Evenings' }).getByRole('listitem', { name: 'Thursday 26 November 2026' });
  await expect(evening).toContainText(/19:00, 40 min; (3\d|40) planned/);
  await expect(evening).not.toContainText('Books read');
  await hand.click(evening.getByRole('link', { name: /^Sit down/ }));
  await hand.click(button(page, 'Begin'));
  const step = page.getByText(/^step \d+ of \d+/);
  const first = await step.textContent();
  for (let i = 0; i < 3; i++) await hand.click(button(page, 'Done'));
  await expect(step).not.toHaveText(first!);
  const stopped = await step.textContent();

  // The next day it stands where it was left.
  await page.goto('/');
  await hand.click(page.getByRole('link', { name: 'January to June 2027', exact: true }));
  await hand.click(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Draw' }));
  await hand.click(page.getByRole('link', { name: /^Sit down/ }));
  await expect(step).toHaveText(stopped!);

  // The half-year closes month by month: 181 days, from a Friday to a Wednesday.
  await page.goto(page.url().replace(/desk\/.*/, `bench/${year}`));
  await hand.click(margin(page).getByRole('button').first());
  await expect(margin(page).getByRole('checkbox').first()).toBeVisible();
  const steps = (await margin(page).getByRole('listitem').allTextContents()).join(' ');
  const months = [...steps.matchAll(/(\w+) 2027: the 1st is a (\w+), column (\d); (\d+) days\. \4 must land in row (\d), column (\d)/g)];
  expect(months).toHaveLength(6);
  months.forEach(([, , weekday, column, days, row, last], nth) => {
    const first = new Date(Date.UTC(2027, nth, 1));
    const end = new Date(Date.UTC(2027, nth + 1, 0));
    expect(weekday).toBe(first.toLocaleDateString('en', { weekday: 'long', timeZone: 'UTC' }));
    expect(Number(column)).toBe(((first.getUTCDay() + 6) % 7) + 1);
    expect(Number(days)).toBe(end.getUTCDate());
    expect(Number(last)).toBe(((end.getUTCDay() + 6) % 7) + 1);
    expect(Number(row)).toBe(Math.ceil((Number(column) - 1 + Number(days)) / 7));
  });
  expect(months.reduce((sum, month) => sum + Number(month[4]), 0)).toBe(181);
  expect(steps).toContain('35 boxes: skip 2, 8, skip 3, 8, skip 3, 8');
  // One box wrong: what now says how to go on.
  await hand.click(button(page, 'Slide down'));
  await hand.click(button(page, 'What now?'));
  const help = page.getByRole('region', { name: 'What now?' });
  await hand.choose(help.getByLabel('What happened'), 'A count was off from here');
  await hand.choose(help.getByLabel('On page'), String(year));
  await hand.fill(help.getByLabel('Boxes across'), '1');
  await hand.fill(help.getByLabel('Boxes down'), '14');
  await expect(help.getByText('The line at 13 down the side, drawn at 14.')).toBeVisible();
  await hand.click(help.getByRole('button', { name: /This is how I save it/ }).first());
  await expect(help.getByRole('status')).toContainText('as they stand on paper now');
  hand.says('a first book');
  expect(said).toEqual([]);
});

/** Sixty dates of a calendar and thirty birthdays of cards, as other programs write them out. */
function filesOfDates(): [string, string] {
  const day = (nth: number) => new Date(Date.UTC(2027, 6, 1 + nth * 3)).toISOString().slice(0, 10).replaceAll('-', '');
  const events = Array.from(
    { length: 60 },
    (_, i) =>
      `BEGIN:VEVENT\r\nUID:e${i}@harbour\r\nDTSTAMP:20270601T000000Z\r\nDTSTART;VALUE=DATE:${day(i)}\r\nSUMMARY:Tide ${i}\r\nEND:VEVENT\r\n`,
  );
  const cards = Array.from(
    { length: 30 },
    (_, i) =>
      `BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Mate ${i}\r\nBDAY:19${60 + i}${String(7 + (i % 6)).padStart(2, '0')}${String(1 + ((i * 7) % 28)).padStart(2, '0')}\r\nEND:VCARD\r\n`,
  );
  const [ics, vcf] = [test.info().outputPath('harbour.ics'), test.info().outputPath('mates.vcf')];
  writeFileSync(ics, `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//harbour//EN\r\n${events.join('')}END:VCALENDAR\r\n`);
  writeFileSync(vcf, cards.join(''));
  return [ics, vcf];
}

test('the thirtieth set-up: a half-year that carries on, from the review to a slip in ink', async ({ page }) => {
  test.setTimeout(180_000);
  const said = complaints(page);
  await clearShelf(page);
  await page.clock.install({ time: new Date('2027-06-18T19:00:00') });
  // The worn book, as it stands on the shelf in June.
  let worn = await made(page, {
    title: 'Ferry bells, spring',
    as: 'rich',
    stock: { width: 148, height: 210, pitch: 5, across: 26, down: 38, pages: 192, first_leaf: 'ordinary' },
    period: { start: '2027-01', end: '2027-06' },
    weeks: { first: 1 },
  });
  const within = [
    'January to March:',
    'Strip the deck',
    'Learn the bass line',
    'Swim a mile',
    'April to June:',
    'Oil the oars',
    'Write to Alda',
  ];
  worn = await edit(page, worn, { type: 'set-spread', spread: 'goals-by-quarter', settings: { within } });
  for (const [month, last] of [
    ['01', 56],
    ['02', 74],
    ['03', 93],
    ['04', 112],
    ['05', 131],
  ] as const)
    worn = await edit(page, worn, { type: 'set-used', month: `2027-${month}`, page: last });

  // A new one begun as it.
  const hand = new Hand(page);
  await page.goto('/');
  await hand.click(page.getByRole('link', { name: 'New notebook' }));
  await hand.choose(page.getByLabel('Page size'), 'B5, 176 × 250 mm');
  await expect(page.getByLabel('Boxes across')).toHaveValue('31');
  await expect(page.getByLabel('Boxes down')).toHaveValue('46');
  await hand.fill(page.getByLabel('Pages', { exact: true }), '200');
  await hand.click(button(page, 'July–December 2027'));
  await hand.click(page.getByRole('radio', { name: /^As “Ferry bells, spring”/ }));
  await hand.click(button(page, 'Make the plan'));

  // Reviewed by keyboard: one spread, one key.
  const card = page.getByRole('region', { name: 'The spread to judge' });
  const status = page.getByRole('main').getByRole('status');
  await expect(status).toHaveText('0 of 28 judged');
  for (let nth = 1; nth <= 28; nth++) {
    const title = await card.getByRole('heading').first().textContent();
    if (title === 'Goals by quarter') {
      await hand.choose(card.getByLabel('What becomes of “Strip the deck”'), 'reached');
      await hand.choose(card.getByLabel('What becomes of “Learn the bass line”'), 'drop it');
      await hand.choose(card.getByLabel('What becomes of “Swim a mile”'), 'drop it');
      await hand.fill(card.getByRole('textbox', { name: 'Write to Alda' }), 'Write to Alda and Berno');
      await hand.key('Tab');
      await page.getByRole('main').click({ position: { x: 3, y: 3 } });
    }
    if (title === 'Books read') {
      await hand.fill(card.getByLabel(/^Filled up to number/), '19');
      await hand.key('Enter');
      await expect(card.getByLabel(/^Filled up to number/)).toHaveValue('19');
      await page.getByRole('main').click({ position: { x: 3, y: 3 } });
    }
    await hand.key(['Quote', 'Wish list', 'Gifts'].includes(title ?? '') ? '3' : '1');
    await expect(status).toHaveText(`${nth} of 28 judged`);
  }
  await expect(margin(page).getByText(/pages won/)).toBeVisible();
  await expect(margin(page).getByText('a month took 19 in the middle, 21 at most', { exact: false })).toBeVisible();
  await hand.click(button(page, 'Carry over'));
  await hand.click(page.getByRole('link', { name: 'To its spreads' }));
  hand.says('reviewed and carried over');

  // The goals stand under the quarters of the new half-year, in other words where they were given.
  await hand.click(button(page, /^Goals by quarter, page \d+$/));
  const goals = margin(page).getByLabel(/^Written in the cells/);
  await expect(goals).toHaveValue('July to September:\nOil the oars\nWrite to Alda and Berno');
  await hand.fill(
    goals,
    'July to September:\nOil the oars\nWrite to Alda and Berno\nOctober to December:\nSing at the harbour mass\nSew the sail cover',
  );
  await hand.key('Tab');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await hand.click(button(page, /^A challenge for every month, page \d+$/));
  const challenges = margin(page)
    .getByRole('textbox', { name: /challenge/i })
    .last();
  await hand.fill(challenges, 'An oar a week → Oil the oars\n…\n…\nSing at dawn → Sing at the harbour mass');
  await hand.key('Tab');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await expect(margin(page).getByText(/serves “Oil the oars”, which is no goal/)).toHaveCount(0);

  // Three leaves, six faces, eight pages, from a left page.
  const [from, to] = await pagesOf(page, 'Items behind doors');
  expect([from % 2, to - from + 1]).toEqual([0, 8]);

  // Trackers with legends of their own; too few pens for seven entries is said, with the way to the key.
  await hand.click(button(page, /^Mood of every day, page \d+$/));
  await hand.fill(margin(page).getByLabel(/^Names, one for each colour/), 'bright\ncalm\neven\nrestless\nlow\nstormy\nill');
  await hand.key('Tab');
  await expect(margin(page).getByText('The legend has 7 entries and the book 5 pens', { exact: false })).toBeVisible();
  await expect(margin(page).getByRole('link', { name: 'To the key' })).toBeVisible();
  await hand.click(button(page, /^One thing every day, page \d+$/));
  await hand.fill(margin(page).getByLabel('Title', { exact: true }), 'Sleep');
  await hand.fill(margin(page).getByLabel(/^Names, one for each colour/), 'deep\nenough\nbroken\nnone');
  await hand.key('Tab');
  await expect(button(page, /^Sleep, page \d+$/)).toBeVisible();

  // Ninety dates, looked over before anything is taken.
  await page.getByRole('main').click({ position: { x: 3, y: 3 } });
  await hand.go('a', 'Dates');
  hand.actions++;
  await page.locator('input[type=file]').setInputFiles(filesOfDates());
  const coming = page.getByRole('region', { name: 'What would come in' });
  await expect(coming.getByRole('status')).toContainText('90 new');
  await hand.click(button(coming, 'Take 90 dates'));
  await expect(margin(page).getByText('90 dates in all.')).toBeVisible();
  const overflow = margin(page).getByText(/^The future log has too little room/);
  if (await overflow.isVisible())
    await hand.click(
      margin(page)
        .getByRole('button', { name: /everything fits/ })
        .last(),
    );
  await expect(overflow).toHaveCount(0);
  await hand.fill(page.getByLabel('Day', { exact: true }), '20 July');
  await hand.fill(page.getByLabel('What, and when'), 'Mast inspection');
  await hand.choose(page.getByLabel('Sort'), 'Duty');
  await hand.fill(page.getByLabel('Days ahead'), '60');
  await hand.click(button(page, 'Write down'));
  // Sixty days before the 20th of July.
  const due = new Date(Date.UTC(2027, 6, 20 - 60)).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });
  await expect(margin(page).getByText(`must be thought of on ${due}, before this book begins`, { exact: false })).toBeVisible();

  // A marker that bleeds.
  await page.getByRole('main').click({ position: { x: 3, y: 3 } });
  await hand.go('n', 'Pens and paper');
  await hand.fill(page.getByLabel('Pen', { exact: true }), 'Harbour marker');
  await hand.choose(page.getByLabel('Sort'), 'alcohol marker');
  await hand.click(button(page, 'Add the pen'));
  await hand.choose(page.getByLabel('Bleeds'), 'comes through');
  await hand.choose(page.getByLabel('Of the palette'), 'Home');
  await expect(margin(page).getByText(/\(Harbour marker\) bleeds on this paper/)).toBeVisible();

  // A week of evenings.
  await page.getByRole('main').click({ position: { x: 3, y: 3 } });
  await hand.go('t', 'Sittings');
  await hand.fill(page.getByLabel('Free evenings'), '21 to 27 June at 20:00, 60 minutes');
  await hand.click(button(page, 'Add them'));
  const evenings = page.getByRole('list', { name: 'Evenings' });
  await expect(evenings.getByRole('heading', { level: 2 })).toHaveCount(7);
  await expect(evenings.getByRole('heading', { level: 2 }).first()).toHaveText('Monday 21 June 2027');
  await expect(margin(page).getByText(/^\d+ minutes have no room/)).toBeVisible();
  await expect(button(margin(page), /^Another evening, \w+day \d+ June, \d+ minutes$/)).toBeVisible();

  // Six months on one sheet of labels; the goals as a guide beside them.
  await page.getByRole('main').click({ position: { x: 3, y: 3 } });
  await hand.go('y', 'Tray');
  await hand.choose(page.getByLabel('Put in'), 'Mini months');
  await hand.choose(page.getByLabel('Which'), '1 box a day');
  await hand.click(button(page, 'Put in the tray'));
  await hand.choose(page.getByLabel('Put in'), 'Page guides');
  await hand.choose(page.getByLabel('Which'), 'Goals by quarter');
  await hand.click(button(page, 'Put in the tray'));
  await hand.fill(page.getByLabel(/^Label sheets/), '38x42 4x6 gap 2');
  await hand.key('Tab');
  await expect(page.getByRole('heading', { name: '2 sheets of A4' })).toBeVisible();
  await expect(page.getByText('1 label sheet first; one side each')).toBeVisible();
  const waiting = page.waitForEvent('download');
  await hand.click(button(page, 'Download all as PDF'));
  const sheets = await waiting;
  const text = await textOf(sheets);
  for (const month of ['July', 'August', 'September', 'October', 'November', 'December']) expect(text).toContain(`${month} 2027`);
  for (const goal of ['Oil the oars', 'Write to Alda and Berno', 'Sing at the harbour mass']) expect(text).toContain(goal);
  // On the labels: 184 days, each under its weekday, 5 mm from the next.
  const words = (await printed(sheets)).filter(
    // Above stands which sheet it is.
    ({ page: nth, word, y }) => nth === 1 && y > 10 && /^\d{1,2}$/.test(word),
  );
  expect(words).toHaveLength(184);
  const ones = words.filter(({ word }) => word === '1').sort((a, b) => a.y - b.y || a.x - b.x);
  const twos = words.filter(({ word }) => word === '2');
  expect(ones).toHaveLength(6);
  // July begins on a Thursday: its second day stands a box to the right.
  const [july] = ones;
  expect(twos.some(({ x, y }) => Math.abs(x - july!.x - 5) < 0.3 && Math.abs(y - july!.y) < 0.3)).toBe(true);

  // A slip in ink on a page of cells: divided again from where the pen stands, and in the steps.
  const [area] = await (async () => {
    await page.getByRole('main').click({ position: { x: 3, y: 3 } });
    await hand.go('p', 'Spreads');
    return pagesOf(page, 'Goals by area');
  })();
  await page.goto(page.url().replace(/spreads.*/, `bench/${area}`));
  await hand.click(button(page, 'What now?'));
  const help = page.getByRole('region', { name: 'What now?' });
  await hand.choose(help.getByLabel('What happened'), 'A count was off from here');
  await hand.choose(help.getByLabel('On page'), String(area));
  // The first line down the side was drawn a box too low.
  const ticks = (await margin(page).getByRole('listitem').allTextContents()).filter(
    (step) => step.includes(`page ${area}`) || /quarters|boxes: /.test(step),
  );
  const tick = Number(/Tick at (\d+)(?:, \d+)* down/.exec(ticks.join(' '))![1]);
  await hand.fill(help.getByLabel('Boxes across'), '1');
  await hand.fill(help.getByLabel('Boxes down'), String(tick + 1));
  await expect(help.getByText(`The line at ${tick} down the side, drawn at ${tick + 1}.`)).toBeVisible();
  const ways = help.getByRole('listitem');
  await expect(ways.first()).toContainText('pencil');
  // What is left, in two with the gap the rest makes.
  const left = 46 - (tick + 1);
  const part = Math.floor((left - 1) / 2);
  await expect(
    help.getByText(`${left} boxes = 2 × ${part} + 1 × ${left - 2 * part}: ${part}, skip ${left - 2 * part}, ${part}.`, { exact: false }),
  ).toBeVisible();
  await hand.click(help.getByRole('button', { name: /Divide again, left over into the gaps$/ }));
  await expect(help.getByRole('status')).toBeVisible();
  await expect(page.getByText(/divided again from/).first()).toBeVisible();
  hand.says('the thirtieth set-up');

  // The index in ink: what it says of the months is what the fore-edge shows.
  const stretches = await page
    .getByRole('list', { name: /^Fore-edge of/ })
    .getByRole('link')
    .evaluateAll((links) => links.map((link) => link.getAttribute('aria-label') ?? link.textContent ?? ''));
  const months = stretches.map((name) => /^(\w+ 2027), pages (\d+–\d+)$/.exec(name)).filter((found) => found !== null);
  expect(months).toHaveLength(6);
  await hand.go('p', 'Spreads');
  const [index] = await pagesOf(page, 'Index');
  const written = await drawn(page, index, 'Index');
  for (const [, month, range] of months) {
    expect(written).toContain(month);
    expect(written).toContain(range);
  }
  expect(said).toEqual([]);
});

test('the collector: a book without months on small paper, kept whole as a file', async ({ page }) => {
  test.setTimeout(180_000);
  const said = complaints(page);
  await clearShelf(page);
  const days = await made(page, {
    title: 'Days',
    as: 'spare',
    stock: { width: 148, height: 210, pitch: 5, across: 26, down: 38, pages: 192, first_leaf: 'ordinary' },
    period: { start: '2027-01', end: '2027-06' },
    weeks: { first: 1 },
  });
  expect(days.version).toBe(1);
  const hand = new Hand(page);
  await page.goto('/new');
  await hand.choose(page.getByLabel('Page size'), 'B6, 125 × 176 mm');
  await hand.fill(page.getByLabel('Distance of dots, mm'), '6');
  await hand.fill(page.getByLabel('Boxes across'), '17');
  await hand.fill(page.getByLabel('Boxes down'), '28');
  await hand.fill(page.getByLabel('Pages', { exact: true }), '240');
  await hand.click(page.getByText('First leaf, page numbers, thickness, other margins'));
  await hand.choose(page.getByLabel('First leaf'), 'glued to the cover: the plan starts on page 2');
  await hand.click(page.getByLabel('Pages have printed numbers'));
  await hand.click(page.getByRole('radio', { name: /^Collections, no months/ }));
  await hand.fill(page.getByLabel('Title on the shelf, if you like'), 'Harbour collections');
  await expect(page.getByText(/^Collections, no months: fits, \d+ pages spare\.$/)).toBeVisible();
  await hand.click(button(page, 'Make the plan'));
  await expect(page.getByRole('heading', { level: 1, name: 'Spreads' })).toBeAttached();
  // Nothing to begin with that does not fit this paper.
  await expect(margin(page).getByRole('button', { name: /reasons$/ })).toBeHidden();
  await expect(margin(page).locator('.note')).toHaveCount(0);
  expect(await pagesOf(page, 'Cover of the year')).toEqual([2, 2]);

  // A log of 52, turned: as many rows as are numbered, over the pages it takes.
  const [from, to] = await pagesOf(page, 'Books read');
  await hand.click(button(page, new RegExp(`^Books read, pages ${from}–${to}$`)));
  await expect(margin(page).getByLabel('On the page turned sideways')).toBeChecked();
  await hand.click(margin(page).getByRole('link', { name: 'Open on the bench' }));
  const rows: number[] = [];
  for (let nth = from; nth <= to; nth++) {
    await drawn(page, nth, 'Books read');
    const steps = (await margin(page).getByRole('listitem').allTextContents()).join(' ');
    for (const [, first, last] of steps.matchAll(/Number the rows from (\d+) to (\d+)/g))
      for (let row = Number(first); row <= Number(last); row++) if (!rows.includes(row)) rows.push(row);
  }
  expect(rows.sort((a, b) => a - b)).toEqual(Array.from({ length: 52 }, (_, i) => i + 1));

  // A hundred and twenty swatches, and room for twelve more.
  await hand.go('p', 'Spreads');
  await hand.click(button(page, /^Swatches by name, page/).first());
  await hand.fill(margin(page).getByLabel(/^Names/), Array.from({ length: 132 }, (_, i) => (i < 120 ? `Ink ${i + 1}` : '–')).join('\n'));
  await hand.key('Tab');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  const [swatch, last] = await pagesOf(page, 'Swatches by name');
  const cells: string[] = [];
  for (let nth = swatch; nth <= last; nth++) cells.push(...(await drawn(page, nth, 'Swatches by name')));
  expect(cells.filter((word) => /^Ink \d+$/.test(word))).toEqual(Array.from({ length: 120 }, (_, i) => `Ink ${i + 1}`));
  expect(cells.filter((word) => word === '–')).toHaveLength(12);

  // Frames for an instant print: 54 mm are 9 boxes of 6 mm, 86 mm are 14⅓ and so 15.
  await hand.go('p', 'Spreads');
  const [photo] = await pagesOf(page, 'A photo of every month');
  await page.goto(page.url().replace(/spreads.*/, `bench/${photo}`));
  await expect(
    margin(page)
      .getByText(/9 × 15|15 boxes/)
      .first(),
  ).toBeVisible();
  // One stands on a page of 17 × 28; on the page turned, without captions, two do: twelve months on six pages.
  await hand.click(margin(page).getByRole('link', { name: 'Compare layouts' }));
  await hand.click(button(page, 'Use this: Page turned, no captions'));
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await hand.go('p', 'Spreads');
  await expect.poll(() => pagesOf(page, 'A photo of every month').then(([first, last]) => last - first + 1)).toBe(6);

  // 1,200 in 26 payments of whole units, that meet it exactly.
  await hand.go('p', 'Spreads');
  await hand.click(button(page, /^Savings by payday, pages?/).first());
  await hand.fill(margin(page).getByLabel('To be saved, in whole units'), '1200');
  await hand.choose(margin(page).getByLabel('Something is put aside'), 'every second week');
  await hand.key('Tab');
  await expect(page.getByText('All edits saved.')).toBeVisible();
  const [savings, savingsTo] = await pagesOf(page, 'Savings by payday');
  let final = 0;
  for (let nth = savings; nth <= savingsTo; nth++) {
    for (const word of await drawn(page, nth, 'Savings')) if (/^[\d,]+$/.test(word)) final = Math.max(final, Number(word.replace(',', '')));
  }
  expect(final).toBe(1200);

  // A page of one's own, divided, filled, kept under a name, and used three times.
  await hand.go('p', 'Spreads');
  await hand.fill(page.getByLabel('Find a kind of spread'), 'page of parts');
  await hand.click(button(page, 'Add A page of parts'));
  await hand.click(margin(page).getByRole('link', { name: 'Part this page' }));
  await expect(page.getByRole('heading', { level: 1, name: 'Part this page' })).toBeAttached();
  await hand.key('3', 'd');
  await hand.click(page.getByText('Keep as a kind of my own'));
  await hand.fill(page.getByLabel('Name of the kind'), 'Three of mine');
  await hand.click(page.getByRole('button', { name: /^Keep/ }).last());
  await expect(page.getByText('This is your kind “Three of mine”.', { exact: false })).toBeVisible();
  await hand.go('p', 'Spreads');
  await hand.fill(page.getByLabel('Find a kind of spread'), 'three of mine');
  for (let more = 2; more <= 3; more++) {
    await hand.click(button(page, 'Add Three of mine'));
    await expect(page.getByRole('main').getByRole('button', { name: /^Three of mine, page \d+$/ })).toHaveCount(more - 1);
  }

  // Leafed through, against the light.
  await page.getByRole('main').click({ position: { x: 3, y: 3 } });
  await hand.go('l', 'Leaf through');
  await expect(page.getByText(/of 240$/)).toBeVisible();
  await hand.key('ArrowRight');

  // Photo templates and a dummy: how many sheets is said before, and that many come.
  await hand.go('y', 'Tray');
  for (const [what, which] of [
    ['Photo templates', ''],
    ['Dummy of the book', 'a quarter as large'],
  ] as const) {
    await hand.choose(page.getByLabel('Put in'), what);
    if (which) await hand.choose(page.getByLabel('Which'), which);
    await hand.click(button(page, 'Put in the tray'));
  }
  const heading = page.getByRole('heading', { name: /^\d+ sheets of A4$/ });
  await expect(heading).toBeVisible();
  await expect(page.getByText('Dummy of the book: a quarter as large')).toBeVisible();
  const sides = page.getByText(/^\d+ sides; /);
  await expect(sides).toBeVisible();
  const waiting = page.waitForEvent('download');
  await hand.click(button(page, 'Download all as PDF'));
  const info = execFileSync('pdfinfo', [(await (await waiting).path())!]).toString();
  expect(/^Pages: +(\d+)$/m.exec(info)![1]).toBe(/^\d+/.exec((await sides.textContent())!)![0]);
  // A4, in points.
  expect(info).toMatch(/^Page size: +595\.\d+ x 841\.\d+ pts/m);

  // Kept as a file, and opened again: the same plan.
  await hand.go('p', 'Spreads');
  const kept = page.waitForEvent('download');
  await hand.click(page.getByRole('link', { name: 'Download the plan file' }));
  const file = (await (await kept).path())!;
  const first = page.url().split('/')[4];
  await hand.key('g', 'h');
  await expect(page.getByRole('heading', { name: 'Notebooks on the shelf' })).toBeVisible();
  hand.actions++;
  await page.getByLabel('Upload a plan or a shelf').setInputFiles(file);
  await expect(page.getByRole('heading', { level: 1, name: 'Spreads' })).toBeAttached();
  await expect(page.getByRole('main').getByRole('button', { name: /^Three of mine, page \d+$/ })).toHaveCount(2);
  const again = await (await page.request.get(`/api/notebooks/${page.url().split('/')[4]}/plan.json`)).text();
  expect(page.url()).not.toContain(first!);
  expect(again).toBe(readFileSync(file, 'utf8'));
  hand.says('the collector');
  expect(said).toEqual([]);
});
