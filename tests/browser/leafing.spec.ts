// Leafing through the planned book: doors that open, what lies behind a cut, the light, the fore-edge.
import { expect, test } from '@playwright/test';
import { complaints, edit, isAccessible, isLegible, make } from './support';

test('a budget with doors over six months is added, leafed through and held against the light', async ({ page }) => {
  const said = complaints(page);
  const made = await make(page, 120);
  await edit(page, made, { type: 'set-period', period: { start: '2027-07', end: '2027-12' } });
  await page.goto(`/notebooks/${made.id}/spreads`);
  await page.getByRole('searchbox', { name: 'Find a kind of spread' }).fill('budget');
  await page.getByRole('button', { name: 'Add Items behind doors' }).click();
  // Six months need three leaves: 2 + 2 × 3 pages from a left page.
  const doors = page.getByRole('button', { name: /^Items behind doors, pages \d+–\d+$/ });
  const [first, last] = /pages (\d+)–(\d+)/
    .exec((await doors.getAttribute('aria-label')) ?? '')!
    .slice(1)
    .map(Number) as [number, number];
  expect([first % 2, last - first + 1]).toEqual([0, 8]);

  await page.keyboard.press('Escape');
  await page.goto(`/notebooks/${made.id}/leaf/${first}`);
  const face = (number: number) => page.getByRole('img', { name: new RegExp(`^Page ${number}: Items`) });
  await expect(face(first)).toBeVisible();
  await expect(face(first + 1)).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('status')).toHaveText(`${first + 2} · ${first + 3} of 120`);
  // Where the leaf is cut its picture is clear, so the strip of the page below is seen beside the face: 8 of 26 boxes, and the rim.
  const paper = (number: number, across: number) =>
    page
      .getByRole('img', { name: new RegExp(`^Page ${number}: Items`), includeHidden: true })
      .locator('canvas')
      .evaluate(
        (canvas: HTMLCanvasElement, at) =>
          canvas.getContext('2d')!.getImageData(Math.round(at * canvas.width), canvas.height / 2, 1, 1).data[3],
        across,
      );
  for (const [number, inStrip, onFace] of [
    [first + 2, 0.15, 0.45],
    [first + 3, 0.85, 0.55],
  ] as const) {
    await expect.poll(() => paper(number, onFace)).toBe(255);
    await expect.poll(() => paper(number, inStrip)).toBe(0);
  }
  await expect.poll(() => paper(first, 0.15)).toBe(255);
  await expect.poll(() => paper(last, 0.85)).toBe(255);
  await isAccessible(page);

  // By a click on the page, by the fore-edge, by a tab, back by the key.
  const book = (await page.locator('.book').boundingBox())!;
  await page.mouse.click(book.x + book.width * 0.9, book.y + book.height / 2);
  await expect(page.getByRole('status')).toHaveText(`${first + 4} · ${first + 5} of 120`);
  await page.keyboard.press('Home');
  await expect(page.getByRole('status')).toHaveText('1 of 120');
  await page.getByRole('button', { name: 'Months' }).click();
  await expect(page.getByRole('img', { name: /^Page \d+: July 2027/ }).first()).toBeVisible();
  const edge = (await page.locator('footer .edge ol').first().boundingBox())!;
  await page.mouse.click(edge.x + edge.width - 2, edge.y + edge.height / 2);
  await expect(page.getByRole('status')).toHaveText('120 of 120');

  await page.goto(`/notebooks/${made.id}/leaf/${first}`);
  await expect(face(first + 1)).toBeVisible();
  const plain = await face(first + 1)
    .locator('canvas')
    .evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
  await page.keyboard.press('l');
  await expect(page.getByRole('checkbox', { name: 'Hold it against the light' })).toBeChecked();
  await expect
    .poll(() =>
      face(first + 1)
        .locator('canvas')
        .evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL()),
    )
    .not.toBe(plain);
  await expect(page.getByText(`Behind ${first + 1}: Items behind doors, 18 of 100`)).toBeVisible();
  await page.getByRole('button', { name: 'Lamp' }).click();
  await isLegible(page);
  expect(said).toEqual([]);
});

test('a leaf is drawn over with the finger, and the shelf opens a book to leaf through with one key', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/leaf/4`);
  const book = (await page.locator('.book').boundingBox())!;
  const status = page.getByRole('status');
  await expect(status).toHaveText('4 · 5 of 192');
  await page.mouse.move(book.x + book.width * 0.95, book.y + 200);
  await page.mouse.down();
  await page.mouse.move(book.x + book.width * 0.9, book.y + 200);
  await page.mouse.up();
  // Not far enough: it falls back.
  await expect(status).toHaveText('4 · 5 of 192');
  await page.mouse.move(book.x + book.width * 0.95, book.y + 200);
  await page.mouse.down();
  await page.mouse.move(book.x + book.width * 0.4, book.y + 200, { steps: 5 });
  await page.mouse.up();
  await expect(status).toHaveText('6 · 7 of 192');

  // On a phone the opening takes the width there is.
  await page.setViewportSize({ width: 390, height: 844 });
  await expect.poll(async () => (await page.locator('.book').boundingBox())!.width).toBeGreaterThan(300);
  await page.setViewportSize({ width: 1280, height: 800 });

  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Notebooks on the shelf' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Leaf through/ }).first()).toBeVisible();
  await page.keyboard.press('l');
  await expect(page).toHaveURL(/\/leaf$/);
  await expect(page.getByRole('status')).toHaveText(/^1 of/);
});

test('a leaf that is taped on folds out, and in again', async ({ page }) => {
  const made = await edit(page, await make(page), { type: 'add-spread', kind: 'folded-out' });
  const at = (made as unknown as { spreads: { kind: string; page: number }[] }).spreads.find((one) => one.kind === 'folded-out')!.page;
  await page.goto(`/notebooks/${made.id}/leaf/${at}`);
  const leaf = page.getByRole('button', { name: new RegExp(`^Folded leaf on page ${at}, 26 × \\d+ boxes$`) });
  const folded = (await leaf.boundingBox())!;
  await page.keyboard.press('o');
  await expect(leaf).toHaveAttribute('aria-expanded', 'true');
  // It lies beside the page now, not on it: beyond its outer edge.
  const left = at % 2 === 0;
  await expect
    .poll(async () => (left ? folded.x - (await leaf.boundingBox())!.x : (await leaf.boundingBox())!.x - folded.x))
    .toBeGreaterThan(50);
  await page.getByRole('button', { name: /^Fold it in/ }).click();
  await expect(leaf).toHaveAttribute('aria-expanded', 'false');
});
