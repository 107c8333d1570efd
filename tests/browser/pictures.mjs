// One picture of each main view, from the sample notebook: node pictures.mjs ADDRESS FOLDER (bin/pictures).
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromium as asStarted } from './chromium.mjs';

const [, , address, folder] = process.argv;
const browser = await chromium.launch(asStarted);
const context = await browser.newContext({ reducedMotion: 'reduce' });
const page = await context.newPage();
for (const name of ['last-year-2026', 'half-year-2027']) {
  await page.request.post(`${address}/api/notebooks/import`, {
    headers: { Origin: address, 'Content-Type': 'application/json' },
    data: readFileSync(`app/Plan/samples/${name}.plan.json`, 'utf8'),
  });
}
const { id } = await (await page.request.post(`${address}/api/notebooks/sample`, { headers: { Origin: address } })).json();

const screens = [...readFileSync('web/screens.ts', 'utf8').matchAll(/screen: '(\w+)'/g)].map((found) => found[1]);
const understood = Object.fromEntries(screens.map((screen) => [screen, 9]));

async function take(name, path, { width = 1280, height = 800, theme = 'paper', act } = {}) {
  await page.setViewportSize({ width, height });
  await page.goto(`${address}/`);
  await page.evaluate(
    ([chosen, shown]) => {
      localStorage.setItem('theme', chosen);
      // What a screen is for is said on one picture.
      localStorage.setItem('said', shown);
    },
    [theme, JSON.stringify(name === 'shelf' ? {} : understood)],
  );
  await page.goto(address + path.replace(':id', id), { waitUntil: 'networkidle' });
  await act?.();
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${folder}/${name}.png` });
}

const choose = (name) => () => page.getByRole('button', { name }).first().click();
await take('shelf', '/');
await take('spreads', '/notebooks/:id/spreads', { act: choose(/^Future log, pages/) });
await take('dates', '/notebooks/:id/dates', { act: choose(/^December 2027/) });
await take('months', '/notebooks/:id/months', { act: choose('January 2027') });
const edit = async (change) => {
  const { version } = await (await page.request.get(`${address}/api/notebooks/${id}`)).json();
  await page.request.post(`${address}/api/notebooks/${id}/edits`, { headers: { Origin: address }, data: { version, edit: change } });
};
const undo = async () => {
  const { version } = await (await page.request.get(`${address}/api/notebooks/${id}`)).json();
  await page.request.post(`${address}/api/notebooks/${id}/undo`, { headers: { Origin: address }, data: { version } });
};
const post = async (path, data) =>
  (await page.request.post(`${address}/api/notebooks/${id}${path}`, { headers: { Origin: address }, data })).json();
const { old } = await post('/old/read', { plan: readFileSync('app/Plan/samples/last-year-2026.plan.json', 'utf8') });
await edit({ type: 'set-old', old });
const said = ['keep', 'keep', 'keep', 'keep', 'drop', 'refer', 'keep', 'keep', 'keep', 'keep', 'drop', 'keep', 'change'];
for (const [i, verdict] of said.entries()) await edit({ type: 'judge', spread: old.spreads[i].id, verdict });
await edit({ type: 'judge', spread: old.spreads[said.length].id, looked: 'often', filled: 31 });
await take('old-book', '/notebooks/:id/old');
for (let i = 0; i < said.length + 2; i++) await undo();
await take('drawer', '/notebooks/:id/spreads', {
  act: async () => {
    await page.getByLabel('Find a kind of spread').fill('read');
    await choose('Look at Books read')();
    await page.getByText('Page turned, 1 box a row', { exact: false }).scrollIntoViewIfNeeded();
    await page.getByRole('button', { name: /^1½ boxes a row/ }).click();
  },
});
const lines = (name, settings = {}) => ({ fill: 'lines', name, settings });
const goal = (name) => ({ share: 1, ...lines(name, { framed: true, look: 'plain' }) });
const two = (a, b) => ({ share: 1, divide: 'across', parts: [goal(a), goal(b)] });
await edit({
  type: 'add-spread',
  kind: 'page-of-parts',
  title: 'The boat in spring',
  section: 'goals',
  settings: {
    parts: {
      divide: 'down',
      gap: 1,
      parts: [
        { boxes: 10, fill: 'words', settings: { words: ['A dry boat floats', 'whatever the tide says'] } },
        { share: 1, divide: 'down', parts: [two('Planks', 'Ribs'), two('Varnish', 'Engine')] },
        { boxes: 3, fill: 'legend', settings: { of: 'own', entries: ['begun', 'done', 'waits'] } },
      ],
    },
  },
});
await take('parting', '/notebooks/:id/parts/page-of-parts', {
  act: async () =>
    page
      .getByRole('group', { name: 'Parts of the page' })
      .getByRole('button', { name: /^Varnish/ })
      .click(),
});
await undo();
await edit({ type: 'add-spread', kind: 'items-by-month', title: 'Money by month' });
{
  const { spreads } = await (await page.request.get(`${address}/api/notebooks/${id}`)).json();
  await take('leaf-through', `/notebooks/:id/leaf/${spreads.find((one) => one.kind === 'items-by-month').page + 4}`, {
    act: async () => page.waitForTimeout(800),
  });
}
await undo();
await take('counting', '/count', { act: choose('5') });
await take('compare', '/notebooks/:id/compare/future-log', { act: choose('Lines in') });
await take('key', '/notebooks/:id/key/key', { act: choose('task moved on') });
await take('bench', '/notebooks/:id/bench/7');
await take('desk-phone', '/notebooks/:id/desk/8', { width: 390, height: 844, act: async () => page.keyboard.press('ArrowRight') });
await take('sittings', '/notebooks/:id/sittings', {
  act: async () =>
    page
      .getByText(/^\d+ pages?, \d+ to \d+ min\./)
      .nth(1)
      .click(),
});
await take('pens', '/notebooks/:id/pens');
await take('what-now', '/notebooks/:id/bench/22', {
  act: async () => {
    await choose('What now?')();
    await page.getByLabel('What happened').selectOption('count');
    await page.getByLabel('Boxes down').fill('18');
    await page.getByLabel('Boxes across').fill('2');
    await page.getByRole('button', { name: /Divide again, left over into the gaps$/ }).waitFor();
    await page.locator('aside').evaluate((margin) => margin.scrollTo(0, 190));
  },
});
await edit({ type: 'set-tray', tray: ['guides:7', 'card', 'months', 'letters:2027', 'cuts'] });
await take('tray', '/notebooks/:id/tray');
await page.request.put(`${address}/api/printers`, {
  headers: { Origin: address },
  data: {
    name: 'kitchen',
    paper: 'A4',
    read: { across: '150.8', down: '149.5', left: '20.6', top: '19.4', back_left: '22.1', back_top: '19.4' },
  },
});
await take('printer', '/notebooks/:id/printer');
writeFileSync(`${folder}/guide.pdf`, await (await page.request.get(`${address}/api/notebooks/${id}/tray.pdf?print=guides:9`)).body());
execFileSync('pdftoppm', ['-r', '60', '-png', '-singlefile', `${folder}/guide.pdf`, `${folder}/page-guide`]);
execFileSync('rm', [`${folder}/guide.pdf`]);
await browser.close();
