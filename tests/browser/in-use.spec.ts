import { expect, test } from '@playwright/test';
import { complaints, edit, isAccessible, make, sample } from './support';

test('an overfull book is made to fit in three clicks', async ({ page }) => {
  const said = complaints(page);
  const made = await edit(page, await make(page), { type: 'use-pattern', pattern: 'rich' });
  await page.goto('/');
  await expect(page.getByText(/^Runs out on page 191/).first()).toBeVisible();
  await page.locator(`a[href="/notebooks/${made.id}/spreads"]`).click();
  await page.getByRole('link', { name: 'Months', exact: true }).click();
  const offers = page.getByRole('region', { name: 'Ways to make it fit' });
  await expect(offers.getByText('One page a week instead of two').first()).toBeVisible();
  await expect(offers).toContainText('No other set of these changes that fits is regretted less.');
  await isAccessible(page);
  await page.getByRole('button', { name: 'Make it fit' }).click();
  await expect(
    page
      .getByText(/^Fits, \d+ pages spare\.$/)
      .locator('visible=true')
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(
    page
      .getByText(/^Runs out on page 191/)
      .locator('visible=true')
      .first(),
  ).toBeVisible();
  expect(said).toEqual([]);
});

test('the pages really used move later ranges and list the index corrections', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/months`);
  const january = page.getByLabel('Last page January 2027 took');
  await january.fill('31');
  await january.press('Enter');
  const corrections = page.getByRole('region', { name: 'Index corrections' });
  await expect(corrections.getByRole('row', { name: 'January 2027 17–29 17–31' })).toBeVisible();
  await expect(corrections.getByRole('row', { name: 'February 2027 30–42 32–44' })).toBeVisible();
  await expect(
    page.getByText('So far 15 pages were taken for 13 planned. At this pace the book runs out in December 2027, 15 pages short.'),
  ).toBeVisible();
  await isAccessible(page);

  const february = page.getByLabel('Last page February 2027 took');
  await february.fill('20');
  await february.press('Enter');
  await expect(page.getByRole('alert')).toContainText('2027-01 already ends on page 31');
  await expect(february).toHaveValue('20');
  await expect(february).toHaveAttribute('aria-invalid', 'true');
  await february.fill('');
  await february.press('Enter');
  await expect(february).not.toHaveAttribute('aria-invalid');
});

test('a ruined page is passed over from the bench and taken back', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/bench/4`);
  await page.getByRole('button', { name: 'What now?' }).click();
  await page.getByLabel('What happened').selectOption({ label: 'The page is ruined' });
  await page.getByLabel('On page').selectOption('4');
  await page.getByRole('button', { name: /Pass the page over$/ }).click();
  await expect(page.getByRole('img', { name: 'Page 5: Motto' })).toBeVisible();
  await page.getByRole('button', { name: 'Page 4 can be used after all' }).click();
  await expect(page.getByRole('img', { name: 'Page 4: Motto' })).toBeVisible();
});

test('spare pages are spread over the months, and sections may mix', async ({ page }) => {
  const made = await sample(page);
  await page.goto(`/notebooks/${made.id}/months`);
  await page.getByLabel('Kept').selectOption('spread over the months');
  await page.getByRole('button', { name: 'December 2027' }).click();
  await expect(page.getByText(/\d spare = \d+ pages/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Spreads', exact: true }).click();
  await page.getByText('Sections that may mix').click();
  await page.getByLabel('The year with the next').check();
  await expect(page.getByRole('button', { name: 'Take back' })).toHaveAttribute('title', /Mixing of sections changed/);
});
