// What one needs is in sight: on a phone, at twice the size, on the page one comes from, and what an edit put elsewhere.
import { expect, test } from '@playwright/test';
import { SCREENS, edit, isAccessible, make, sample } from './support';

test('on phones and at twice the size the work has most of the height, and a finger finds everything', async ({ page }) => {
  test.slow();
  const made = await sample(page);
  for (const [width, height] of [
    [390, 844],
    [360, 640],
    // 1280 × 800 at 200 %.
    [640, 400],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const screen of ['spreads', ...SCREENS, 'old', 'printer', 'compare/future-log', 'count/8']) {
      await page.goto(`/notebooks/${made.id}/${screen}`);
      await expect(page.getByRole('main')).toBeVisible();
      await expect(page.locator('footer').getByRole('list').first()).toBeAttached();
      // Scrolled to its end; where there is little below the head, all of it is in sight.
      const share = () =>
        page.evaluate(() => {
          scrollTo(0, 10_000);
          const head = document.querySelector('header')!.getBoundingClientRect().bottom;
          const foot = document.querySelector('footer')!.getBoundingClientRect().top;
          const scrolls = document.documentElement.scrollHeight > innerHeight + 200;
          return scrolls ? (Math.max(0, head) + innerHeight - foot) / innerHeight : 0;
        });
      await expect.poll(share, `${screen} at ${width} × ${height}`).toBeLessThanOrEqual(0.4);
      expect(await page.evaluate(() => document.documentElement.scrollWidth), `${screen} at ${width}`).toBeLessThanOrEqual(width);
      if (width !== 390) continue;
      const handle = page.getByRole('complementary', { name: 'Margin' }).locator('> button');
      await handle.click();
      const small = await page.evaluate(() =>
        [...document.querySelectorAll('a, button, input, select, summary, [role=button]')]
          .filter((one) => {
            const within = one.closest('svg, [aria-label^="Fore-edge"], .sr-only');
            const inLine = one.matches('a') && getComputedStyle(one).display === 'inline';
            const target = (one.matches('[type=checkbox], [type=radio]') && one.closest('label')) || one;
            const { width, height } = target.getBoundingClientRect();
            return width > 0 && !within && !inLine && Math.min(width, height) < 24;
          })
          .map((one) => `${one.tagName} ${one.textContent?.trim()}`),
      );
      expect(small, screen).toEqual([]);
    }
  }
});

test('beside the open book every target is a thumb wide', async ({ page }) => {
  const made = await sample(page);
  await page.setViewportSize({ width: 390, height: 844 });
  for (const screen of ['desk/8', 'copy/7', 'transfer/2027-02']) {
    await page.goto(`/notebooks/${made.id}/${screen}`);
    await expect(page.getByRole('button').first()).toBeVisible();
    const small = await page.evaluate(() =>
      [...document.querySelectorAll('a, button, input, select')]
        .filter((one) => {
          const target = (one.matches('[type=checkbox], [type=radio]') && one.closest('label')) || one;
          const { width, height } = target.getBoundingClientRect();
          return width > 0 && !one.closest('svg') && Math.min(width, height) < 44;
        })
        .map((one) => `${one.tagName} ${one.textContent?.trim()}`),
    );
    expect(small, screen).toEqual([]);
  }
});

test('on a phone the shelf has New notebook in sight, Spreads says whether it fits, and a finger on the fore-edge sees what is under it', async ({
  browser,
}) => {
  const context = await browser.newContext({
    baseURL: test.info().project.use.baseURL,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const page = await context.newPage();
  const made = await sample(page);
  await page.goto('/');
  await expect(page.getByRole('main').getByRole('link', { name: 'New notebook' })).toBeInViewport();
  await page.goto(`/notebooks/${made.id}/spreads`);
  await expect(page.getByRole('button', { name: 'Fits, 10 pages spare; four reasons' })).toBeInViewport();

  const edge = (await page.getByRole('list', { name: /^Fore-edge of/ }).boundingBox())!;
  const touch = await context.newCDPSession(page);
  const at = (share: number) => [{ x: edge.x + share * edge.width, y: edge.y + edge.height / 2 }];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0.5) });
  await expect(page.getByText(/^Page 97 · July 2027$/)).toBeVisible();
  await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(0.52) });
  await expect(page.getByText(/^Page 100 · July 2027$/)).toBeVisible();
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect(page).toHaveURL(/\/bench\/100$/);
  await context.close();
});

test('parting a page: dividing, filling and the settings of a filling are in sight, on the page one comes from', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  let made = await make(page);
  const [left, right] = ['cells', 'lines'].map((fill) => ({ fill, name: fill }));
  made = await edit(page, made, {
    type: 'add-spread',
    kind: 'page-of-parts',
    title: 'Two pages',
    settings: { parts: { pages: [left, right] } },
  });
  const at = made.spreads.find((one) => one.id === 'page-of-parts')!.page!;
  await page.goto(`/notebooks/${made.id}/bench/${at + 1}`);
  await page.getByRole('link', { name: 'Part this page' }).click();
  await expect(page.getByRole('heading', { name: 'lines' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^lines: Lines/ })).toHaveAttribute('aria-pressed', 'true');
  for (const seen of [
    page.getByRole('button', { name: /^Divide into 2:/ }).first(),
    page.getByRole('list', { name: 'Filled with' }).getByRole('button', { name: 'Cells', exact: true }),
    page.getByLabel('Name of this part'),
    page.getByRole('complementary', { name: 'Margin' }).getByRole('combobox').first(),
  ])
    await expect(seen).toBeInViewport({ ratio: 1 });
  await isAccessible(page);
});

test('a spread goes to a page, and changes places with another; what moved is said, and the foot of the margin keeps it until it is seen', async ({
  page,
}) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/spreads/goals-by-area-3`);
  const moved = page
    .getByRole('complementary', { name: 'Margin' })
    .locator('p')
    .filter({ hasText: /moved to/ });
  await page.getByLabel('Move to page').fill('4');
  await page.getByLabel('Move to page').press('Enter');
  await expect(page.getByRole('button', { name: 'The boat by quarter, page 4' })).toBeVisible();
  await expect(moved).toHaveText('The boat by quarter moved to 4, and 6 others moved.');
  await page.getByLabel('Swap with').selectOption('Key');
  await expect(moved).toHaveText('The boat by quarter moved to 3 and Key moved to 4.');
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(moved).toHaveCount(0);
  await page.getByLabel('Move to page').fill('400');
  await page.getByLabel('Move to page').press('Enter');
  await expect(page.getByText('A page from 1 to 192.')).toBeVisible();
  // Where order does not bring it there it is pinned: among the months, say.
  await page.getByLabel('Move to page').fill('31');
  await page.getByLabel('Move to page').press('Enter');
  await expect(page.getByRole('complementary', { name: 'Margin' }).getByText('Goals by area, page 31')).toBeVisible();

  // It faces only what can face it: single pages of its section that face nothing.
  await page.getByText('Where it should stand, and what it is drawn with').click();
  await expect(page.getByLabel('Should face').getByRole('option')).toHaveText(['nothing in particular', 'Parts ordered']);
  const faced = await page.getByLabel('Should face').getByRole('option').allTextContents();
  expect(faced).not.toContain('Future log');
  expect(faced).not.toContain('The boat by quarter');
  await isAccessible(page);
});
