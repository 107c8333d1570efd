import { expect, test } from '@playwright/test';
import { complaints, isAccessible, make } from './support';

test('a side is split in under five actions from the shelf', async ({ page }) => {
  const said = complaints(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'Counting bench' }).click();
  await page.getByRole('button', { name: '5', exact: true }).click();
  await page.getByRole('button', { name: 'best gap' }).click();
  await expect(
    page.getByRole('list', { name: 'Answers' }).getByText('skip 1, 4, skip 1, 4, skip 1, 4, skip 1, 4, skip 1, 4', { exact: true }),
  ).toBeVisible();
  await expect(page.getByText('at 1, 5, 6, 10, 11, 15, 16, 20, 21, 25')).toBeVisible();
  await isAccessible(page);
  expect(said).toEqual([]);
});

test('a region is dragged on the page, and a gap that cannot be says which can', async ({ page }) => {
  await page.goto('/count');
  const drawing = page.getByRole('img', { name: 'The page with its splits' });
  await expect(drawing.locator('path.pencil').first()).toBeAttached();
  const box = (await drawing.boundingBox())!;
  await page.mouse.move(box.x + box.width * 0.3, box.y + box.height * 0.3);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.8, box.y + box.height * 0.7, { steps: 4 });
  await page.mouse.up();
  const wide = async () => Number((await page.getByRole('heading', { name: /boxes, across$/ }).textContent())!.split(' ')[0]);
  // From box 6 to box 20 of 28.7 boxes of drawing, as the answers to the drag come in.
  await expect.poll(wide).toBe(15);
  await page.getByLabel('Gap, boxes').fill('40');
  await expect(page.getByText(/take 80 of the \d+ boxes/).first()).toBeVisible();
  await page
    .getByRole('button', { name: /^Use a gap of \d+ boxes$/ })
    .first()
    .click();
  await expect(page.getByText(/^1, skip \d+, 1, skip \d+, 1$/).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Parts' }).fill('0');
  await expect(page.getByRole('alert')).toHaveText('Split it into 1 to 60 parts.');
  await expect(page.getByRole('textbox', { name: 'Parts' })).toHaveAttribute('aria-invalid', 'true');
});

test('an answer is taken from the bench as pencil ticks into the page, and taken back', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/bench/10`);
  await page.getByRole('link', { name: 'Count and split' }).click();
  await page.getByRole('button', { name: '4', exact: true }).click();
  await page.getByRole('button', { name: 'Take as pencil ticks' }).click();
  await expect(page.getByText(/^Taken: the ticks are the first step/)).toBeVisible();
  await page.getByRole('link', { name: 'Back to the bench' }).click();
  await expect(page.getByText('Tick at 1, 7, 13, 19, 25 along the top').first()).toBeVisible();
  await page.getByRole('button', { name: 'Leave its ticks out' }).click();
  await expect(page.getByText('Tick at 1, 7, 13, 19, 25 along the top')).toHaveCount(0);
});

test('a ratio, parts divided again, and dots are counted as they are asked', async ({ page }) => {
  await page.goto('/count');
  await page.getByText('Region, ratio, parts divided again').click();
  await page.getByLabel('Ratio, such as 2 : 1').fill('2 : 1 : 1');
  const answers = page.getByRole('list', { name: 'Answers' });
  await expect(answers.getByText('13, 7, 6', { exact: true })).toBeVisible();
  await page.getByLabel('Ratio, such as 2 : 1').fill('');
  await page.getByRole('group', { name: 'Which side' }).first().getByRole('button', { name: 'Down' }).click();
  await page.getByRole('textbox', { name: 'Parts' }).fill('2');
  await page.getByLabel('Each again in').fill('3');
  await page.getByLabel('Gap, boxes').fill('2');
  await expect(answers.getByText('18 as 6, 6, 6, skip 2, 18 as 6, 6, 6', { exact: true })).toBeVisible();
  await expect(answers.getByText('at 6, 12, 18, 20, 26, 32')).toBeVisible();
  await page.getByLabel('I count').selectOption('dots');
  await expect(page.getByRole('heading', { name: '38 boxes, 39 dots, down' })).toBeVisible();
  await expect(answers.getByText('on dots 7, 13, 19, 21, 27, 33')).toBeVisible();
});

test('what is left is split from where the pen stands', async ({ page }) => {
  const made = await make(page);
  await page.goto(`/notebooks/${made.id}/bench/10`);
  await page.getByRole('button', { name: 'What now?' }).click();
  await page.getByLabel('What happened').selectOption('count');
  await page.getByRole('link', { name: 'Split what is left' }).click();
  await page.getByRole('group', { name: 'Which side' }).first().getByRole('button', { name: 'Down' }).click();
  await page.getByText('Region, ratio, parts divided again').click();
  await page.getByLabel('Begins after, down').fill('11');
  await expect(page.getByRole('alert')).toHaveText('26 × 38 boxes from box 0, 11 do not fit on a page of 26 × 38.');
  await page.getByLabel('Tall').fill('27');
  await page.getByRole('button', { name: '3', exact: true }).first().click();
  await expect(page.getByText('Exactly, by every school')).toBeVisible();
  await expect(page.getByText('at 11, 20, 29')).toBeVisible();
  await expect(page.getByText('11, 9, 9; 9 left at the end')).toBeVisible();
});

test('a year in block figures, stamps and a title across the fold are placed on the page', async ({ page }) => {
  await page.goto('/count');
  await page.getByText('Titles, blocks and stamps').click();
  await page.getByLabel('Title', { exact: true }).fill('2027');
  const places = page.getByRole('list', { name: 'Places' });
  await expect(places.getByText('Across the fold, letters 7 wide')).toBeVisible();
  await places.getByRole('button', { name: 'In block figures, 5 boxes before them' }).click();
  const drawing = page.getByRole('img', { name: 'The page with its splits' });
  await expect(drawing.locator('path.band')).toHaveCount(1);
  await page.getByLabel('Boxes a letter').fill('7');
  await expect(places.getByText('31 boxes are needed; the page has 26. Letters 5 wide are the largest.')).toBeVisible();
  await page.getByLabel('Stamp or sticker, mm').fill('12');
  await page.getByLabel('How many').fill('11');
  await expect(places.getByText('11 do not fit')).toBeVisible();
  await page.getByLabel('How many').fill('0');
  await expect(page.getByRole('alert')).toHaveText('Count 1 to 200 stamps.');
});
