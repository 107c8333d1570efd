import { randomUUID } from 'node:crypto';
import { expect, test } from '@playwright/test';
import { start as program, stop } from './program';

// One port, one database: one after the other.
test.describe.configure({ mode: 'serial' });

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

test('ticks that are sent while the program is killed again and again are all there once', async ({ request }) => {
  test.setTimeout(120_000);
  const address = `http://127.0.0.1:${port}`;
  const headers = { Origin: address };
  let server = await start(true);
  try {
    const { id } = (await (await request.post(`${address}/api/notebooks/sample`, { headers })).json()) as { id: string };
    const had =
      ((await (await request.get(`${address}/api/notebooks/${id}/plan.json`)).json()) as { ticked?: unknown[] }).ticked?.length ?? 0;
    // What a device keeps until it is told that it is saved.
    let waiting = Array.from({ length: 2_000 }, (_, i) => ({
      id: randomUUID(),
      drawing: 'mood',
      step: `s${i}`,
      done: true,
      at: Date.now(),
    }));
    for (let kills = 0; waiting.length > 0;) {
      const some = waiting.slice(0, 250);
      const sending = request
        .post(`${address}/api/notebooks/${id}/ticks`, {
          headers,
          data: { changes: some.map(({ at, ...one }) => ({ ...one, ago: Date.now() - at })) },
        })
        .then((answer) => answer.status() === 200)
        .catch(() => false);
      if (kills < 12) {
        // Somewhere in the middle of it, each time a little later.
        await new Promise((go) => setTimeout(go, 3 + 4 * kills));
        await stop(server);
        kills++;
        server = await start(false);
      }
      // An answer that never came says nothing: the same is sent again.
      if (await sending) waiting = waiting.slice(some.length);
    }
    const plan = (await (await request.get(`${address}/api/notebooks/${id}/plan.json`)).json()) as {
      ticked: { drawing: string; step: string }[];
    };
    const there = plan.ticked.map((one) => `${one.drawing} ${one.step}`);
    expect(new Set(there).size).toBe(there.length);
    expect(there.length).toBe(had + 2_000);
  } finally {
    await stop(server);
  }
});
