import { expect, test } from '@playwright/test';
import { clearShelf, complaints, isAccessible, sample } from './support';

const SCREENS = ['/', '/new', '/count', 'count/8', 'compare/future-log', 'key/key', 'copy/7', 'spreads', 'months', 'bench/7', 'bench/18', 'desk/8', 'sheets', 'stock'];

for (const theme of ['paper', 'lamp']) {
  for (const screen of SCREENS) {
    test(`axe finds nothing on ${screen} in the ${theme} theme`, async ({ page }) => {
      const said = complaints(page);
      await clearShelf(page);
      const made = await sample(page);
      await page.addInitScript((name) => localStorage.setItem('theme', name), theme);
      await page.goto(screen.startsWith('/') ? screen : `/notebooks/${made.id}/${screen}`, { waitUntil: 'networkidle' });
      if (screen === 'spreads') await page.getByRole('button', { name: /^Future log, pages [\d–]+$/ }).click();
      if (screen === 'months') await page.getByRole('button', { name: 'March 2027' }).click();
      await isAccessible(page);
      expect(said).toEqual([]);
    });
  }
}

for (const width of [390, 820]) {
  for (const screen of SCREENS) {
    test(`${screen} needs no sideways scrolling at ${width} px`, async ({ page }) => {
      const made = await sample(page);
      await page.setViewportSize({ width, height: 844 });
      await page.goto(screen.startsWith('/') ? screen : `/notebooks/${made.id}/${screen}`, { waitUntil: 'networkidle' });
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
      const work = page.getByRole('main');
      expect(await work.evaluate((main) => main.scrollWidth - main.clientWidth)).toBeLessThanOrEqual(1);
    });
  }
}
