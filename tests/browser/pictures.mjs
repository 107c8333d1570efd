// One picture of each main view, from the sample notebook: node pictures.mjs ADDRESS FOLDER (bin/pictures).
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const [, , address, folder] = process.argv;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const context = await browser.newContext({ reducedMotion: 'reduce' });
const page = await context.newPage();
const { id } = await (await page.request.post(`${address}/api/notebooks/sample`, { headers: { Origin: address } })).json();

async function take(name, path, { width = 1280, height = 800, theme = 'paper', act } = {}) {
  await page.setViewportSize({ width, height });
  await page.goto(`${address}/`);
  await page.evaluate((chosen) => localStorage.setItem('theme', chosen), theme);
  await page.goto(address + path.replace(':id', id), { waitUntil: 'networkidle' });
  await act?.();
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${folder}/${name}.png` });
}

const choose = (name) => () => page.getByRole('button', { name }).first().click();
await take('shelf', '/');
await take('new-notebook', '/new');
await take('spreads', '/notebooks/:id/spreads', { act: choose(/^Future log, pages/) });
await take('spreads-lamp', '/notebooks/:id/spreads', { theme: 'lamp' });
await take('months', '/notebooks/:id/months', { act: choose('January 2027') });
await take('bench', '/notebooks/:id/bench/7');
await take('desk-phone', '/notebooks/:id/desk/8', { width: 390, height: 844, act: async () => page.keyboard.press('ArrowRight') });
await take('desk-tablet', '/notebooks/:id/desk/7', { width: 820, height: 1180 });
await take('sheets', '/notebooks/:id/sheets');
await take('stock', '/notebooks/:id/stock');
writeFileSync(`${folder}/guide.pdf`, await (await page.request.get(`${address}/api/notebooks/${id}/sheets/pages.pdf?pages=9`)).body());
execFileSync('pdftoppm', ['-r', '60', '-png', '-singlefile', `${folder}/guide.pdf`, `${folder}/page-guide`]);
execFileSync('rm', [`${folder}/guide.pdf`]);
await browser.close();
