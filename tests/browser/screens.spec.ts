import { expect, test } from '@playwright/test';
import { clearShelf, complaints, edit, isAccessible, isLegible, readOld, sample } from './support';

const SCREENS = [
  '/',
  '/new',
  '/count',
  'count/8',
  'compare/future-log',
  'key/key',
  'copy/7',
  'spreads',
  'months',
  'bench/7',
  'bench/18',
  'desk/8',
  'parts/page-of-parts',
  'tray',
  'printer',
  'stock',
  'dress',
  'leaf/8',
  'dates',
  'transfer/2027-12',
  'old',
  'old/reviewed',
  'sittings',
  'pens',
  'bench/22/slip',
];

for (const screen of SCREENS) {
  test(`${screen}: axe finds nothing, in daylight or under the lamp, and nothing scrolls sideways on a phone or tablet`, async ({
    page,
  }) => {
    if (process.env.THOROUGH) test.setTimeout(240_000);
    const said = complaints(page);
    await clearShelf(page);
    const shelved = await sample(page);
    const made = screen.startsWith('parts/') ? await edit(page, shelved, { type: 'add-spread', kind: 'page-of-parts' }) : shelved;
    if (screen === 'old/reviewed') await edit(page, made, { type: 'set-old', old: await readOld(page, made) });
    if (screen === 'tray') await edit(page, made, { type: 'set-tray', tray: ['card', 'months', 'labels'] });
    if (screen === 'sittings')
      await edit(page, made, {
        type: 'set-evenings',
        evenings: [13, 15, 20].map((day) => ({ day: `2099-12-${day}`, from: '19:00', minutes: 90 })),
      });
    await page.goto(screen.startsWith('/') ? screen : `/notebooks/${made.id}/${screen}`, { waitUntil: 'networkidle' });
    const opened = async () => {
      if (screen === 'bench/22/slip') {
        await page.getByRole('button', { name: 'What now?' }).click();
        await page.getByLabel('What happened').selectOption('count');
        await expect(page.getByRole('button', { name: /^This is how I save it/ }).first()).toBeVisible();
      }
      if (screen === 'sittings')
        await page
          .getByText(/^\d+ pages?, \d+ to \d+ min\./)
          .first()
          .click();
      if (screen === 'spreads') await page.getByRole('button', { name: /^Future log, pages [\d–]+$/ }).click();
      if (screen === 'dates') await page.getByRole('button', { name: /^December 2027/ }).click();
      if (screen === 'months') await page.getByRole('button', { name: 'March 2027' }).click();
    };
    await opened();
    await isAccessible(page);

    // As the button "Lamp" does, which not every screen has room for.
    await page.evaluate(() => (document.documentElement.dataset.theme = 'lamp'));
    await (process.env.THOROUGH ? isAccessible(page) : isLegible(page));
    expect(said).toEqual([]);

    // A tablet, 1280 × 800 at 200 %, a phone.
    for (const [width, height] of [
      [820, 844],
      [640, 400],
      [390, 844],
    ] as const) {
      await page.setViewportSize({ width, height });
      const work = page.getByRole('main');
      await expect(work).toBeVisible();
      // Every theme at every width takes five minutes more.
      for (const theme of process.env.THOROUGH ? ['paper', 'lamp'] : []) {
        await page.evaluate((name) => (document.documentElement.dataset.theme = name), theme);
        await isAccessible(page);
      }
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
      expect(await work.evaluate((main) => main.scrollWidth - main.clientWidth)).toBeLessThanOrEqual(1);
    }
  });
}
