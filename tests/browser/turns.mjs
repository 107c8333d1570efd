// What turning costs in the real browser: node turns.mjs ADDRESS; from a trace of the browser's own, over a book of 200 pages. bin/bench calls it.
import { chromium } from '@playwright/test';
import { chromium as asStarted } from './chromium.mjs';

const [, , address] = process.argv;
const TURNS = 90;
const browser = await chromium.launch(asStarted);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const made = await (
  await page.request.post(`${address}/api/notebooks`, {
    headers: { Origin: address },
    data: {
      title: 'Turned',
      stock: { width: 148, height: 210, pitch: 5, across: 26, down: 38, pages: 200, first_leaf: 'ordinary' },
      period: { start: '2027-01', end: '2027-12' },
      weeks: { first: 1 },
    },
  })
).json();
await page.goto(`${address}/notebooks/${made.id}/leaf/2`, { waitUntil: 'networkidle' });

const client = await page.context().newCDPSession(page);
const events = [];
client.on('Tracing.dataCollected', ({ value }) => events.push(...value));
await client.send('Tracing.start', { traceConfig: { includedCategories: ['devtools.timeline', 'disabled-by-default-devtools.timeline'] } });
const reached = [];
for (let turn = 0; turn < TURNS; turn++) {
  await page.keyboard.press('ArrowRight');
  await page.waitForTimeout(320);
  // Asked for simply: looking for it by its role would be most of the script there is.
  reached.push(await page.evaluate(() => document.querySelector('main output')?.textContent ?? ''));
}
const done = new Promise((resolve) => client.once('Tracing.tracingComplete', resolve));
await client.send('Tracing.end');
await done;
await browser.close();

/** Milliseconds of script in each stretch of a thread, the longest last; what is called within a call is counted once. */
const SCRIPT = new Set(['FunctionCall', 'EvaluateScript', 'TimerFire', 'EventDispatch', 'FireAnimationFrame', 'RunMicrotasks']);
const sums = new Map();
for (const tid of new Set(events.map((event) => event.tid))) {
  const mine = events.filter((event) => event.tid === tid && event.dur).sort((a, b) => a.ts - b.ts);
  let [task, end] = [null, 0];
  for (const event of mine) {
    if (event.name === 'RunTask') task = event;
    else if (SCRIPT.has(event.name) && task && event.ts < task.ts + task.dur && event.ts >= end) {
      sums.set(task, (sums.get(task) ?? 0) + event.dur / 1000);
      end = event.ts + event.dur;
    }
  }
}
const tasks = [...sums.values()].sort((a, b) => a - b);
const at = (share) => tasks[Math.min(tasks.length - 1, Math.floor(share * tasks.length))] ?? 0;
const print = (what, ms) => console.log(`${what.padEnd(52)} ${ms.toFixed(1).padStart(8)} ms`);
print(`a turn, ${TURNS} of them: script at once, median`, at(0.5));
print('  95 of 100', at(0.95));
print('  the longest', tasks.at(-1) ?? 0);
console.log(
  `${'turns that were dropped'.padEnd(52)} ${String(reached.filter((said, i) => said !== `${4 + 2 * i} · ${5 + 2 * i} of 200`).length).padStart(8)}`,
);
