// A notebook to test with, made through the API as the pages themselves would, and the checks every screen must pass.
import { readFileSync } from 'node:fs';
import axe from 'axe-core';
import { expect, test, type Page } from '@playwright/test';

export interface Made {
  id: string;
  version: number;
  spreads: { id: string; page: number | null }[];
}

const headers = (page: Page) => ({ Origin: new URL(base(page)).origin });
/** Where the program answers that this test has to itself. */
export const address = () => test.info().project.use.baseURL!;
const base = (page: Page) => (page.url() === 'about:blank' ? address() : page.url());

export async function sample(page: Page): Promise<Made> {
  const answer = await page.request.post('/api/notebooks/sample', { headers: headers(page) });
  return (await answer.json()) as Made;
}

/** A shelf as a person's: what other tests left on it would make it longer with every test written. */
export async function clearShelf(page: Page) {
  const some = async () => ((await (await page.request.get('/api/notebooks')).json()) as { notebooks: Made[] }).notebooks;
  for (let notebooks = await some(); notebooks.length > 0; notebooks = await some()) {
    for (const one of notebooks) {
      const gone = await page.request.delete(`/api/notebooks/${one.id}?version=${one.version}`, { headers: headers(page) });
      expect(gone.ok()).toBe(true);
    }
  }
}

export async function make(page: Page, pages = 192): Promise<Made> {
  const answer = await page.request.post('/api/notebooks', {
    headers: headers(page),
    data: {
      title: 'Harbour book',
      stock: { width: 148, height: 210, pitch: 5, across: 26, down: 38, pages, first_leaf: 'ordinary' },
      period: { start: '2027-01', end: '2027-12' },
      weeks: { first: 1 },
    },
  });
  return (await answer.json()) as Made;
}

export async function edit(page: Page, made: Made, change: Record<string, unknown>): Promise<Made> {
  const answer = await page.request.post(`/api/notebooks/${made.id}/edits`, {
    headers: headers(page),
    data: { version: made.version, edit: change },
  });
  expect(answer.ok()).toBe(true);
  return (await answer.json()) as Made;
}

/** The sample of the year before, as it is put beside a notebook to be reviewed. */
export async function readOld(page: Page, made: Made): Promise<unknown> {
  const plan = readFileSync('app/Plan/samples/last-year-2026.plan.json', 'utf8');
  const answer = await page.request.post(`/api/notebooks/${made.id}/old/read`, { headers: headers(page), data: { plan } });
  expect(answer.ok()).toBe(true);
  return ((await answer.json()) as { old: unknown }).old;
}

/** Screens of the sample that are looked at from every side. */
export const SCREENS = [
  'spreads/planks',
  'months',
  'dates',
  'bench/8',
  'leaf/8',
  'sittings',
  'tray',
  'stock',
  'pens',
  'dress',
  'parts/planks',
  'key/key',
];

/** Colours that change slowly have arrived: asking for what moves begins it, so nothing is missed. What moves for ever is left out. */
const isStill = (page: Page) =>
  page.evaluate(() => {
    // A browser that draws nothing for a while, being busy or unseen, would never end them.
    for (const one of document.getAnimations()) if (one.effect?.getComputedTiming().endTime !== Infinity) one.finish();
  });

/** axe finds nothing. @param only the rules asked, or all */
export async function isAccessible(page: Page, only: string[] = []) {
  await isStill(page);
  // Only what it finds is asked for: where all that is well stands takes longer to say than to check.
  const options: axe.RunOptions = { resultTypes: ['violations'], selectors: true, preload: false };
  if (only.length > 0) options.runOnly = only;
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const found = await page.evaluate(
    // The strokes of a drawing are one picture with one name to who cannot see them.
    (options) => (window as unknown as { axe: typeof axe }).axe.run({ exclude: ['svg > *'] }, options).then((said) => said.violations),
    options,
  );
  expect(found.map((one) => `${one.id}: ${one.nodes.map((node) => `${node.target} ${node.failureSummary}`).join(' | ')}`)).toEqual([]);
}

/** Under another theme only the colours are others. */
export const isLegible = (page: Page) => isAccessible(page, ['color-contrast', 'link-in-text-block']);

/** Collects everything the browser complains of while the test runs. */
export function complaints(page: Page): string[] {
  const said: string[] = [];
  const own = address();
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().includes('409') && !message.text().includes('422')) said.push(message.text());
  });
  page.on('pageerror', (error) => said.push(error.message));
  page.on('request', (request) => {
    if (!request.url().startsWith(own) && !/^(data|blob):/.test(request.url())) said.push(`asked ${request.url()}`);
  });
  return said;
}
