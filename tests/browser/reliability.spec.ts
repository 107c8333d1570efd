import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { address, clearShelf, complaints, edit, isAccessible, make, sample } from './support';

test('the lamp that was lit is lit again after a reload', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Lamp' }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'lamp');
  await expect(page.getByRole('button', { name: 'Daylight' })).toBeVisible();
});

test('with site data blocked every screen is there, and the lamp can be lit', async ({ page }) => {
  test.setTimeout(90_000);
  const said = complaints(page);
  await page.addInitScript(() => {
    for (const kept of ['localStorage', 'sessionStorage', 'indexedDB'])
      Object.defineProperty(window, kept, {
        get() {
          throw new DOMException('The operation is insecure.', 'SecurityError');
        },
      });
  });
  const made = await sample(page);
  for (const at of 'stock old pens key/key spreads months dates dress leaf/8 transfer/2027-12 compare/future-log sittings bench/8 desk/8 copy/7 tray printer'.split(
    ' ',
  )) {
    await page.goto(`/notebooks/${made.id}/${at}`);
    await expect(page.getByRole('main'), at).toBeVisible();
    await page.waitForLoadState('networkidle');
    expect(said, at).toEqual([]);
  }
  await page.getByRole('textbox', { name: 'Printer' }).fill('kitchen');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Notebooks on the shelf' })).toBeVisible();
  await page.getByRole('button', { name: 'Lamp' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'lamp');
  expect(said).toEqual([]);
});

test('a notebook that cannot be opened stands on the shelf with its plan and a way back, and the others open', async ({ page }) => {
  await clearShelf(page);
  const whole = await make(page);
  const spoilt = await edit(page, await sample(page), { type: 'set-title', title: 'Spoilt' });
  execFileSync('php', [
    '-r',
    `(new PDO('sqlite:var/browser-test-${new URL(address()).port}.sqlite'))->prepare('UPDATE notebook SET plan = ? WHERE id = ?')->execute(['{"title": "Half a plan"}', $argv[1]]);`,
    spoilt.id,
  ]);
  await page.goto('/');
  const broken = page.getByRole('list', { name: 'Notebooks that cannot be opened' });
  await expect(broken.getByRole('heading', { name: 'Half a plan' })).toBeVisible();
  await isAccessible(page);
  const download = page.waitForEvent('download');
  await broken.getByRole('link', { name: 'Download its plan' }).click();
  expect((await download).suggestedFilename()).toBe('unreadable.plan.json');
  await page.goto(`/notebooks/${spoilt.id}/spreads`);
  await expect(page.getByRole('heading', { name: 'This notebook cannot be opened' })).toBeVisible();
  await page.goto('/');
  await broken.getByRole('button', { name: 'Take back: Title changed' }).click();
  await expect(page.getByRole('link', { name: 'Tram, choir and boat 2027', exact: true })).toBeVisible();
  await expect(broken).toHaveCount(0);
  await page.getByRole('link', { name: 'Harbour book', exact: true }).click();
  await expect(page).toHaveURL(new RegExp(whole.id));
});

test('a slow answer about one notebook does not take the place of the one opened since', async ({ page }) => {
  await clearShelf(page);
  const slow = await sample(page);
  await make(page);
  await page.route(`**/api/notebooks/${slow.id}`, async (route) => {
    await new Promise((wait) => setTimeout(wait, 1_500));
    await route.continue().catch(() => {});
  });
  await page.goto('/');
  await page.getByRole('link', { name: 'Tram, choir and boat 2027', exact: true }).click();
  await page.goBack();
  await page.getByRole('link', { name: 'Harbour book', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Harbour book' })).toBeVisible();
  await page.waitForTimeout(2_000);
  await expect(page.getByRole('heading', { name: 'Harbour book' })).toBeVisible();
});

test('what cannot be looked up says so', async ({ page }) => {
  const made = await edit(page, await edit(page, await make(page), { type: 'use-pattern', pattern: 'rich' }), {
    type: 'set-weeks',
    weeks: { first: 1, school: 'split', pages: '2' },
  });
  const refused = { status: 503, contentType: 'application/problem+json', body: JSON.stringify({ detail: 'The disk does not answer.' }) };
  await page.route('**/ways*', (route) => route.fulfill(refused));
  await page.route('**/drawings*', (route) => route.fulfill(refused));
  await page.goto(`/notebooks/${made.id}/months`);
  await expect(page.getByRole('alert')).toHaveText('The disk does not answer.');
  await page.goto(`/notebooks/${made.id}/spreads`);
  await expect(page.getByRole('alert')).toHaveText('The pages could not be drawn. The disk does not answer.');
});

test('a spread without a page is listed, and can be chosen and left out', async ({ page }) => {
  let made = await make(page, 8);
  for (let i = 0; i < 2; i++) made = await edit(page, made, { type: 'add-spread', kind: 'notes', section: 'year' });
  await page.goto(`/notebooks/${made.id}/spreads`);
  const without = page.getByRole('region', { name: 'Without a page' });
  await without.getByRole('button', { name: 'Goals by area' }).click();
  await expect(page.getByText(/^Goals by area has no page: the book has 8 pages/).first()).toBeVisible();
  await isAccessible(page);
  await page.getByRole('button', { name: 'Leave Goals by area out' }).first().click();
  await expect(without.getByRole('button', { name: 'Goals by area' })).toHaveCount(0);
});

test('a pair is made a rule, and a month part has settings of its own', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Key, page 3/ }).click();
  await page.getByText('Where it should stand, and what it is drawn with').click();
  await page.getByLabel('Should face').selectOption({ label: 'Quote' });
  await expect(page.getByText(/they do not face each other/)).toBeVisible();
  await page.getByRole('button', { name: 'Let them face each other all the same' }).click();
  await expect(page.getByText('Faces Quote, as it should.')).toBeVisible();
  await expect(page.getByLabel('It must, even if more spreads move for it')).toBeChecked();
  await page.goto(`/notebooks/${made.id}/months`);
  await page.getByText('How Calendar is drawn').click();
  await page.getByLabel('Weeks begin on').last().selectOption({ label: 'Sunday' });
  await expect(page.getByRole('status').first()).toHaveText('All edits saved.');
  await page.goto(`/notebooks/${made.id}/bench/12`);
  await expect(page.getByText('the 1st stands in column 6').first()).toBeVisible();
});

test('two changes of one pattern, made faster than they are answered, are both kept', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/months`);
  await expect(page.getByRole('region', { name: 'Pattern' })).toBeVisible();
  // A slow way to the program: neither is answered before both are made.
  await page.route('**/edits', async (route) => {
    await new Promise((go) => setTimeout(go, 400));
    await route.continue();
  });
  const pages = async () => {
    const book = (await (await page.request.get(`/api/notebooks/${made.id}`)).json()) as { patterns: { parts: { pages: number }[] }[] };
    return book.patterns.flatMap((one) => one.parts).reduce((sum, part) => sum + part.pages, 0);
  };
  const before = await pages();
  const more = page.getByRole('region', { name: 'Pattern' }).getByRole('button', { name: /^One page more for/ });
  const count = await more.count();
  await more.first().click({ noWaitAfter: true });
  await more.nth(count - 1).click({ noWaitAfter: true });
  await expect(page.getByText('All edits saved.')).toBeVisible();
  await expect.poll(pages).toBe(before + 2);
});
