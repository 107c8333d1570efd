// Twenty devices that look at one notebook every second while a twenty-first ticks steps: node devices.mjs ADDRESS (bin/bench).
const [, , address] = process.argv;
const DEVICES = 20;
const SECONDS = 12;
const headers = { Origin: address, 'Content-Type': 'application/json' };

const { id } = await (await fetch(`${address}/api/notebooks/sample`, { method: 'POST', headers })).json();
const answers = [];
const delays = [];
let ticked = { ticks: (await (await fetch(`${address}/api/notebooks/${id}/state`)).json()).ticks, at: 0 };
const ends = Date.now() + SECONDS * 1000;

async function device(nth) {
  let seen = ticked.ticks;
  await new Promise((go) => setTimeout(go, (1000 * nth) / DEVICES));
  while (Date.now() < ends) {
    const asked = performance.now();
    const { ticks } = await (await fetch(`${address}/api/notebooks/${id}/state`)).json();
    answers.push(performance.now() - asked);
    if (ticks > seen && ticks === ticked.ticks) delays.push(performance.now() - ticked.at);
    seen = ticks;
    await new Promise((go) => setTimeout(go, 1000));
  }
}
async function ticking() {
  for (let i = 0; Date.now() < ends - 1500; i++) {
    await new Promise((go) => setTimeout(go, 1500));
    const at = performance.now();
    const changes = [{ drawing: 'key', step: `s${i}`, done: true }];
    const { ticks } = await (
      await fetch(`${address}/api/notebooks/${id}/ticks`, { method: 'POST', headers, body: JSON.stringify({ changes }) })
    ).json();
    ticked = { ticks, at };
  }
}
await Promise.all([...Array.from({ length: DEVICES }, (_, nth) => device(nth)), ticking()]);
const of = (list, share) => list.sort((a, b) => a - b)[Math.floor(list.length * share)] ?? 0;
const said = (what, list) =>
  console.log(
    `${what.padEnd(52)} ${of(list, 0.5).toFixed(1).padStart(8)} ms median, ${of(list, 0.95).toFixed(1)} at 95 %, ${of(list, 0.999).toFixed(1)} at most`,
  );
console.log(`\n${DEVICES} devices that look every second, ${answers.length} answers`);
said('what has changed?', answers);
said('from a tick to seeing it on another device', delays);
