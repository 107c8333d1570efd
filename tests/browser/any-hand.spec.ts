// Reached by any hand: by keys alone, without letter keys, with Back; the focus is always somewhere, and in sight.
import { expect, test, type Page } from '@playwright/test';
import { SCREENS, isAccessible, sample } from './support';

/** What has the focus, and whether it can be seen: nothing stands over its middle, and it lies within the window. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const one = document.activeElement;
    if (!one || one === document.body) return { name: '', seen: false };
    const box = one.getBoundingClientRect();
    const name = (one.getAttribute('aria-label') ?? one.textContent ?? '').trim().slice(0, 40) || one.tagName;
    const within = box.bottom > 0 && box.right > 0 && box.top < innerHeight && box.left < innerWidth;
    const [x, y] = [
      Math.min(innerWidth - 1, Math.max(0, (Math.max(box.left, 0) + Math.min(box.right, innerWidth)) / 2)),
      Math.min(innerHeight - 1, Math.max(0, (Math.max(box.top, 0) + Math.min(box.bottom, innerHeight)) / 2)),
    ];
    const top = document.elementFromPoint(x, y);
    // A label speaks for its field, a row for its links.
    const over = top !== null && !one.contains(top) && !top.contains(one) && !top.closest('label')?.contains(one);
    return { name, seen: within && !over && box.width > 0 };
  });

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const)
  for (const screen of ['', ...SCREENS, 'desk/8'])
    test(`after every Tab on ${screen || 'the shelf'} at ${width} × ${height} the focus is in sight`, async ({ page }) => {
      const made = await sample(page);
      await page.setViewportSize({ width, height });
      await page.goto(screen === '' ? '/' : `/notebooks/${made.id}/${screen}`);
      await expect(page.getByRole('main')).toBeVisible();
      const hidden: string[] = [];
      for (let presses = 0; presses < 45; presses++) {
        await page.keyboard.press('Tab');
        const at = await focused(page);
        // Past the last one the focus is the browser's.
        if (at.name !== '' && !at.seen) hidden.push(at.name);
      }
      expect(hidden).toEqual([]);
    });

test('past the head in one press; letters switched off or with Alt; what a field had begun to say is no key', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await expect(page.getByRole('heading', { name: 'Drawer' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: /^Name page, page 1/ })).toBeFocused();

  await page.keyboard.press('?');
  await page.getByLabel('Single letters and figures act').selectOption('not at all');
  await isAccessible(page);
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('f');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Drawer' })).toBeVisible();
  await page.getByRole('button', { name: 'Keys' }).click();
  await page.getByLabel('Single letters and figures act').selectOption('with Alt held');
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('f');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('Alt+f');
  await expect(page.getByRole('dialog', { name: 'Find in this book' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Alt+g');
  await page.keyboard.press('Alt+m');
  await expect(page).toHaveURL(/\/months$/);
});

test('where the system chooses the colours, pages stay paper and ink, and one sees which screen one is on', async ({ browser }) => {
  const baseURL = test.info().project.use.baseURL;
  const context = await browser.newContext({ baseURL, forcedColors: 'active', colorScheme: 'dark', reducedMotion: 'reduce' });
  const page = await context.newPage();
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/bench/8`);
  const drawing = page.getByRole('img', { name: 'Page 8: Future log' });
  await expect(drawing).toBeVisible();
  /** The colour behind it that is not clear. */
  const behind = await drawing.evaluate((one) => {
    for (let at: Element | null = one; at; at = at.parentElement) {
      const colour = getComputedStyle(at).backgroundColor;
      if (colour !== 'rgba(0, 0, 0, 0)') return colour;
    }
    return '';
  });
  expect(
    behind
      .match(/\d+/g)!
      .map(Number)
      .slice(0, 3)
      .every((part) => part > 150),
    behind,
  ).toBe(true);
  const lines = await page
    .getByRole('navigation', { name: 'Screens' })
    .getByRole('link')
    .evaluateAll((all) =>
      all.map((one) => [one.getAttribute('aria-current') === 'page', getComputedStyle(one).borderBottomColor] as const),
    );
  const colours = new Set(lines.filter(([current]) => !current).map(([, colour]) => colour));
  expect(colours.size).toBe(1);
  expect([...colours]).not.toContain(lines.find(([current]) => current)?.[1]);
  // Nothing moves by itself.
  await page.getByRole('button', { name: 'Later →' }).click();
  expect(await page.evaluate(() => document.getAnimations().filter((one) => one.playState === 'running').length)).toBe(0);
  await context.close();
});

test('what is removed hands the focus on; Back goes to the spread chosen before', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('button', { name: /^Key, page 3/ }).click();
  await page.getByRole('button', { name: /^Motto, page 4/ }).click();
  await expect(page.getByRole('heading', { name: 'Motto' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Key', exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Planks and ribs replaced, pages 13–14', exact: true }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Pieces to learn, page 13/ })).toBeFocused();

  // From the tray, thing by thing, by keys alone; with the last one gone the place has it.
  await page.goto(`/notebooks/${made.id}/tray`);
  const out = page.getByRole('button', { name: /^Take out/ });
  await out.first().focus();
  for (let left = await out.count(); left > 1; left--) {
    await page.keyboard.press('Enter');
    await expect(out).toHaveCount(left - 1);
    expect((await focused(page)).name).not.toBe('');
    await out.first().focus();
  }
  await page.keyboard.press('Enter');
  await expect(out).toHaveCount(0);
  expect((await focused(page)).name).not.toBe('');
});
