// The program on a port and database of its own, so that a test can stop it, start it again or share it.
import { spawn, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import { createConnection } from 'node:net';
import { expect } from '@playwright/test';

export interface Asked {
  port: number;
  /** The name of its database in var/. */
  database: string;
  /** An empty one, made anew. */
  fresh: boolean;
  /** What it listens on; this machine's own address where nothing is said. */
  listens?: string;
  workers?: number;
  env?: Record<string, string>;
}

export async function start({ port, database, fresh, listens = '127.0.0.1', workers = 1, env: more = {} }: Asked): Promise<ChildProcess> {
  const file = `${process.cwd()}/var/${database}.sqlite`;
  if (fresh) for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  const env = {
    ...process.env,
    APP_ENV: 'prod',
    AMPLE_DATABASE: file,
    // Stopped and started again many times: that takes longer than answers gain.
    AMPLE_PRELOAD: '',
    ...(workers > 1 ? { PHP_CLI_SERVER_WORKERS: String(workers) } : {}),
    ...more,
  };
  if (fresh) await new Promise((done) => spawn('bin/console', ['doctrine:migrations:migrate', '-n', '-q'], { env }).on('exit', done));
  // A group of its own: PHP's workers go with it, and what stands in front where it is shared.
  const begin = `. bin/prepare; server "${listens}:${port}" "var/${database}.log"`;
  const server = spawn('bash', ['-c', begin], { env, stdio: 'ignore', detached: true });
  await expect.poll(() => answers(port), { timeout: 20_000 }).toBe(true);
  return server;
}

export async function stop(server: ChildProcess) {
  if (server.exitCode !== null || server.signalCode !== null) return;
  const gone = new Promise((done) => server.on('exit', done));
  process.kill(-server.pid!, 'SIGKILL');
  await gone;
}

const answers = (port: number) =>
  new Promise<boolean>((said) => {
    const socket = createConnection(port, '127.0.0.1');
    socket.on('connect', () => (socket.destroy(), said(true))).on('error', () => said(false));
  });
