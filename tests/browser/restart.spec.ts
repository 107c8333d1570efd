import { expect, test } from '@playwright/test';
import { start as program, stop } from './program';

const port = 8192;
const start = (fresh: boolean) => program({ port, database: 'restart-test', fresh });

test('edits, ticks and undo live through a crash and a restart of the program', async ({ page }) => {
  let server = await start(true);
  try {
    await page.goto(`http://127.0.0.1:${port}/`);
    await page.getByRole('button', { name: 'Open the sample notebook' }).click();
    await page.getByRole('button', { name: /^Motto, page 4$/ }).click();
    await page.getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByRole('button', { name: /^Motto/ })).toHaveCount(0);
    const bench = page.url().replace('/spreads', '/bench/3');
    await page.goto(bench);
    // Ticked on the screen at once; what counts is that the program has it before it is stopped.
    const kept = page.waitForResponse((answer) => answer.url().endsWith('/ticks') && answer.status() === 200);
    await page.getByRole('checkbox', { name: 'Step 1 done' }).last().check();
    await kept;
    await expect(page.getByText(/^[1-9]\d* of \d+ steps done$/)).toBeVisible();

    await stop(server);
    await page.getByRole('button', { name: 'Take back' }).click();
    await page.getByRole('link', { name: 'Spreads', exact: true }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Nothing was saved' })).toContainText('The program does not answer.');
    await expect(page.getByRole('status').first()).toHaveText('The last edit was not saved.');

    server = await start(false);
    await page.getByRole('button', { name: 'Take back' }).click();
    await expect(page.getByRole('button', { name: /^Motto, page 4$/ })).toBeVisible();
    await page.goto(bench);
    await expect(page.getByRole('checkbox', { name: 'Step 1 done' }).last()).toBeChecked();
  } finally {
    await stop(server);
  }
});
