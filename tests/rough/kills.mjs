// The program killed while it writes: node tests/rough/kills.mjs [KILLS] [PORT] [SEED]
// Edits, ticks, undo and whole imports go out all the time; at a chance moment the program and its workers are killed (SIGKILL) and
// started again. Whatever was answered must be there afterwards, nothing twice, nothing in half, and every notebook opens.
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';

const [, , kills = '500', port = '8195', seed = '1'] = process.argv;
const database = `${process.cwd()}/var/rough-${port}.sqlite`;
const address = `http://127.0.0.1:${port}`;
const headers = { Origin: address, 'Content-Type': 'application/json' };
const env = { ...process.env, APP_ENV: 'prod', AMPLE_DATABASE: database, PHP_CLI_SERVER_WORKERS: '4' };
let state = Number(seed) >>> 0 || 1;
const chance = () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;

for (const end of ['', '-wal', '-shm']) rmSync(database + end, { force: true });
rmSync(database.replace('.sqlite', '-copies'), { recursive: true, force: true });
spawnSync('bin/console', ['doctrine:migrations:migrate', '-n', '-q'], { env, stdio: 'inherit' });

let server;
async function start() {
  const begin = () => {
    server = spawn('php', ['-d', 'opcache.enable_cli=1', '-S', `127.0.0.1:${port}`, '-t', 'public', 'public/index.php'], {
      env,
      stdio: 'ignore',
      detached: true,
    });
  };
  begin();
  for (;;) {
    if (
      await fetch(`${address}/api/empty`).then(
        (answer) => answer.ok,
        () => false,
      )
    )
      return;
    await new Promise((go) => setTimeout(go, 20));
    // The port of the one that was killed may be held a moment longer.
    if (server.exitCode !== null) begin();
  }
}
async function kill() {
  const gone = server.exitCode === null ? new Promise((done) => server.on('exit', done)) : null;
  process.kill(-server.pid, 'SIGKILL');
  await gone;
  // Nobody answers any more: a worker may take a moment to die.
  while (
    await fetch(`${address}/api/empty`).then(
      () => true,
      () => false,
    )
  )
    await new Promise((go) => setTimeout(go, 5));
}
const json = async (path, method = 'GET', body) => {
  const answer = await fetch(address + path, { method, headers, body: body === undefined ? undefined : JSON.stringify(body) });
  return { status: answer.status, body: answer.status === 204 ? null : await answer.json() };
};

await start();
const plan = JSON.parse(readFileSync('app/Plan/samples/full-year-2027.plan.json', 'utf8'));
const first = (await json('/api/notebooks/import', 'POST', plan)).body;
/** What was answered, and so must be there. */
const known = { version: first.version, title: first.title, ticks: new Set(), books: new Map([[first.id, true]]) };
const wrong = [];
const isWrong = (...what) => {
  wrong.push(what);
  console.log(JSON.stringify(what));
};
let answered = 0;
let edits = 0;

async function check(nth) {
  const book = (await json(`/api/notebooks/${first.id}`)).body;
  // What was on its way when it was killed may be there or not: one version more at most.
  if (book.version < known.version || book.version > known.version + 1)
    isWrong(nth, `version ${book.version}, ${known.version} was answered`);
  const kept = (await json(`/api/notebooks/${first.id}/plan.json`)).body;
  if (book.version === known.version && kept.title !== known.title) isWrong(nth, `title ${kept.title}, ${known.title} was answered`);
  if (book.version === known.version + 1 && known.sent !== null && kept.title !== known.title && kept.title !== known.sent)
    isWrong(nth, `title ${kept.title} was never sent`);
  known.version = book.version;
  known.title = kept.title;
  const list = (kept.ticked ?? []).map((one) => `${one.drawing}/${one.step}`);
  const ticked = new Set(list);
  if (list.length !== ticked.size) isWrong(nth, 'a tick is there twice');
  for (const one of known.ticks) if (!ticked.has(one)) isWrong(nth, `tick ${one} is lost`);
  const shelf = (await json('/api/notebooks')).body;
  if (shelf.unreadable.length > 0)
    isWrong(
      nth,
      'unreadable',
      shelf.unreadable.map((one) => one.says),
    );
  const there = new Set();
  for (let page = shelf; ; page = (await json(`/api/notebooks?from=${page.next}`)).body) {
    for (const one of page.notebooks) there.add(one.id);
    if (page.next === null) break;
  }
  for (const id of known.books.keys()) if (!there.has(id)) isWrong(nth, `notebook ${id} is lost`);
}

async function work(until) {
  while (!until.over) {
    const roll = chance();
    try {
      if (roll < 0.6) {
        known.sent = `Book ${++edits}`;
        const { status, body } = await json(`/api/notebooks/${first.id}/edits`, 'POST', {
          version: known.version,
          edit: { type: 'set-title', title: known.sent },
        });
        if (status === 200 || status === 201) [known.version, known.title] = [body.version, known.sent];
        else if (!until.over) isWrong('edit', status, JSON.stringify(body).slice(0, 200));
      } else if (roll < 0.85) {
        const step = `s${Math.floor(chance() * 1e9)}`;
        const { status } = await json(`/api/notebooks/${first.id}/ticks`, 'POST', { changes: [{ drawing: 'key', step, done: true }] });
        if (status === 200) known.ticks.add(`key/${step}`);
      } else if (roll < 0.95) {
        // What an undo brings back was sent before; only that it was is known.
        known.sent = null;
        const { status, body } = await json(`/api/notebooks/${first.id}/undo`, 'POST', { version: known.version });
        if (status === 200) {
          known.version = body.version;
          known.title = body.title;
        }
      } else if (known.books.size < 40) {
        const { status, body } = await json('/api/notebooks/import', 'POST', plan);
        if (status === 201 || status === 200) known.books.set(body.id, true);
      }
      answered++;
    } catch {
      // Killed under it.
      if (!until.over) await new Promise((go) => setTimeout(go, 5));
    }
  }
}

const began = Date.now();
for (let nth = 1; nth <= Number(kills); nth++) {
  const until = { over: false };
  const working = work(until);
  await new Promise((go) => setTimeout(go, 20 + chance() * 350));
  until.over = true;
  await kill();
  await working;
  await start();
  await check(nth);
  if (nth % 50 === 0)
    console.log(`${nth} kills, ${answered} answers, ${((Date.now() - began) / 1000).toFixed(0)} s, ${wrong.length} wrong`);
}
await kill();
const whole = spawnSync('php', [
  '-r',
  `echo (new PDO('sqlite:${database}'))->query('PRAGMA integrity_check')->fetchColumn();`,
]).stdout.toString();
console.log(
  `${kills} kills among ${answered} answers, ${known.ticks.size} ticks, ${known.books.size} notebooks; the database: ${whole}; ${wrong.length} wrong`,
);
process.exit(wrong.length > 0 || whole !== 'ok' ? 1 : 0);
