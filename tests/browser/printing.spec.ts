// The print tray filled from where things are met, a printer told what it does, and the shelf kept.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { start, stop } from './program';
import { complaints, edit, sample } from './support';

test('an evening’s sheets from four screens on the fewest sheets of paper, for a printer that was read', async ({ page }) => {
  const said = complaints(page);
  // Of the sample's own tray nothing is wanted.
  const empty = await edit(page, await sample(page), { type: 'set-tray', tray: [] });
  const made = await edit(page, empty, {
    type: 'set-evenings',
    evenings: [{ day: '2099-12-13', from: '19:00', minutes: 90 }],
  });
  await page.goto(`/notebooks/${made.id}/bench/8`);
  await page.getByRole('button', { name: 'Put in the tray: the guide of Future log' }).click();
  await expect(page.getByRole('link', { name: 'In the print tray: the guide of Future log' })).toBeVisible();
  await page.getByRole('link', { name: 'Sittings' }).click();
  await page.getByRole('button', { name: 'Put in the tray: the steps of the next evening' }).click();
  await page.getByRole('link', { name: 'Spreads', exact: true }).click();
  await page.getByRole('button', { name: /^Year at a glance, page/ }).click();
  await page.getByRole('button', { name: 'Put in the tray: the guide of Year at a glance' }).click();

  // The printer draws 0.53 % too wide; what is no printer's doing is refused where it was typed.
  await page.getByRole('link', { name: 'Printer', exact: true }).click();
  await page.getByRole('textbox', { name: 'Printer' }).fill('kitchen');
  await page.getByLabel('Front: the line across').fill('180');
  await page.getByRole('button', { name: 'Keep this printer' }).click();
  await expect(page.getByRole('alert')).toContainText('180 mm instead of 150: 20 % too long. That is a setting, not the printer');
  await expect(page.getByLabel('Front: the line across')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('Front: the line across').fill('150,8');
  await page.getByLabel('Back: from the left edge to the frame').fill('21.5');
  await page.getByRole('button', { name: 'Keep this printer' }).click();
  await expect(page.getByText('It draws 100.53 % across and 100 % down')).toBeVisible();
  await page.getByLabel('Front: the line across').fill('150');
  await page.getByRole('button', { name: 'Keep this printer' }).click();
  await expect(page.getByText('Proved: the worst figure is 0 mm off, within a fifth of a millimetre.')).toBeVisible();

  await page.getByRole('link', { name: 'Tray', exact: true }).click();
  await page.getByRole('combobox', { name: 'Printer', exact: true }).selectOption('kitchen');
  for (const what of ['Loose spacing card', 'Mini months']) {
    await page.getByLabel('Put in').selectOption(what);
    await page.getByRole('button', { name: 'Put in the tray' }).click();
  }
  await expect(page.getByText('12 pieces')).toBeVisible();
  const heading = page.getByRole('heading', { name: /^\d+ sheets of A4$/ });
  await expect(heading).toBeVisible();
  const sheets = Number(/\d+/.exec((await heading.textContent())!)![0]);
  await expect(page.getByRole('img', { name: /^Sheet 1: / })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download all as PDF' }).click();
  const file = await (await waiting).path();
  const text = execFileSync('pdftotext', ['-layout', file!, '-']).toString();
  const pages = Number(/^Pages: +(\d+)$/m.exec(execFileSync('pdfinfo', [file!]).toString())![1]);
  expect(pages).toBeGreaterThan(sheets);
  expect(text).toContain('Set for the printer “kitchen”');
  for (const words of ['Future log', 'Year at a glance', 'Loose spacing card', 'December 2027', 'Lay out']) expect(text).toContain(words);
  expect(text).not.toContain('…');

  // One thing by itself, and as a drawing in layers.
  const svg = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Side 1 as SVG' }).click();
  const drawing = readFileSync((await (await svg).path())!, 'utf8');
  for (const layer of ['pencil', 'ink', 'writing', 'cut']) expect(drawing).toContain(`<g id="${layer}"`);
  await page.getByRole('button', { name: 'Take out: Mini months' }).click();
  await expect(page.getByText('12 pieces')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText('12 pieces')).toBeVisible();
  // Labels that cannot be are refused in words, and nothing is lost.
  await page.getByLabel('Label sheets, in mm; empty for plain paper').fill('38x42 9x9');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('alert')).toContainText('So many labels of this size do not fit on A4');
  await page.getByLabel('Label sheets, in mm; empty for plain paper').fill('38x42 4x6 gap 2');
  await page.keyboard.press('Tab');
  await expect(page.getByText('1 label sheet first', { exact: false })).toBeVisible();
  expect(said).toEqual([]);
});

test('the shelf goes out as a file and comes in again; a notebook is copied; yesterday’s copy is put back', async ({ page }) => {
  const port = 8194;
  const here = `http://127.0.0.1:${port}`;
  const server = await start({ port, database: 'keeping-test', fresh: true, env: { AMPLE_COPIES: '14' } });
  try {
    await page.goto(here);
    await page.getByRole('button', { name: 'Open the sample notebook' }).click();
    await expect(page).toHaveURL(/spreads$/);
    await page.goto(here);
    await page.getByRole('button', { name: 'Make a copy of Tram, choir and boat 2027' }).click();
    await expect(page.getByRole('heading', { name: /^Tram, choir and boat 2027, copy of \d+ \w+ \d\d:\d\d$/ })).toBeVisible();
    await page.getByText('Keeping it').click();
    const waiting = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download the shelf' }).click();
    const download = await waiting;
    expect(download.suggestedFilename()).toMatch(/^Shelf - 2 notebooks \d{4}-\d\d-\d\d\.shelf\.json$/);
    const file = readFileSync((await download.path())!);

    // One that is cut off is refused whole.
    const upload = async (name: string, buffer: Buffer) =>
      page.getByLabel('Upload a plan or a shelf').setInputFiles({ name, mimeType: 'application/json', buffer });
    await upload('cut.shelf.json', file.subarray(0, file.length - 2_000));
    await expect(page.getByRole('alert')).toContainText('Notebook 2 of 2 cannot be read');
    await expect(page.getByRole('heading', { name: /^Tram, choir and boat 2027/ })).toHaveCount(2);
    await upload('whole.shelf.json', file);
    await expect(page.getByRole('heading', { name: /^Tram, choir and boat 2027/ })).toHaveCount(4);

    await page.reload();
    await page.getByText('Keeping it').click();
    await page.getByRole('button', { name: /^Put back the copy of/ }).click();
    await page.getByRole('button', { name: 'Put it back' }).click();
    // The first request of the day found an empty shelf.
    await expect(page.getByText('The shelf is empty.', { exact: false })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Copies' }).getByText('before another was put back')).toBeVisible();
    await page.getByRole('button', { name: /^Put back the copy of .* before another was put back$/ }).click();
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(page.getByRole('heading', { name: /^Tram, choir and boat 2027/ })).toHaveCount(4);
  } finally {
    await stop(server);
    execFileSync('rm', ['-rf', 'var/keeping-test-copies']);
  }
});
