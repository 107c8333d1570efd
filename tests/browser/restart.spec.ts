import { spawn, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import { createConnection } from 'node:net';
import { expect, test } from '@playwright/test';

const port = 8192;
const database = `${process.cwd()}/var/restart-test.sqlite`;

/** The program on a port and database of its own, so that it can be stopped and started in the middle of a test. */
async function start(fresh: boolean): Promise<ChildProcess> {
  if (fresh) for (const end of ['', '-wal', '-shm']) rmSync(database + end, { force: true });
  const env = { ...process.env, APP_ENV: 'prod', AMPLE_DATABASE: database };
  if (fresh) await new Promise((done) => spawn('bin/console', ['doctrine:migrations:migrate', '-n', '-q'], { env }).on('exit', done));
  const server = spawn('php', ['-d', 'opcache.enable_cli=1', '-S', `127.0.0.1:${port}`, '-t', 'public', 'public/index.php'], { env, stdio: 'ignore' });
  await expect.poll(() => listens()).toBe(true);
  return server;
}

async function stop(server: ChildProcess) {
  if (server.exitCode !== null || server.signalCode !== null) return;
  const gone = new Promise((done) => server.on('exit', done));
  server.kill('SIGKILL');
  await gone;
}

const listens = () =>
  new Promise<boolean>((said) => {
    const socket = createConnection(port, '127.0.0.1');
    socket.on('connect', () => (socket.destroy(), said(true))).on('error', () => said(false));
  });

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
    const kept = page.waitForResponse((answer) => answer.url().endsWith('/ticks') && answer.status() === 204);
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
