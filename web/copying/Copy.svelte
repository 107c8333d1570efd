<!-- Figures copied onto paper, one month at a time, as large as the screen takes them; each is ticked off. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { watch } from '../offline/watch.svelte';
  import type { Book } from '../api/client';
  import { BenchState } from '../bench/bench.svelte';
  import { route } from '../state/route.svelte';
  import { keys } from '../state/keys.svelte';

  let { book }: { book: Book } = $props();
  const bench = new BenchState();
  let row = $state(-1);

  $effect(() => {
    if (watch.ticks > 0) untrack(() => bench.look(book));
  });
  $effect(() => {
    const [page, current] = [route.page, book];
    untrack(() => bench.load(current, page).then(() => (at = first())));
  });

  const months = $derived(
    bench.opening?.groups.flatMap((group) => group.copying.map((month) => ({ drawing: group.drawing, month }))) ?? [],
  );
  let at = $state(0);
  const here = $derived(months[at] ?? null);
  const isDone = (i: number) => months[i] !== undefined && bench.isTicked(months[i].drawing, months[i].month.step);
  const count = $derived(months.filter((_, i) => isDone(i)).length);

  function first() {
    const open = months.findIndex((_, i) => !isDone(i));
    return open < 0 ? 0 : open;
  }
  function turn(way: -1 | 1) {
    at = Math.max(0, Math.min(months.length - 1, at + way));
    row = -1;
  }
  async function tick() {
    if (!here) return;
    const [drawing, step, was, last] = [here.drawing, here.month.step, isDone(at), at >= months.length - 1];
    if (!was && !last) turn(1);
    await bench.tick(book.id, drawing, step, !was);
  }

  function move(way: -1 | 1) {
    if (here) row = Math.max(-1, Math.min(here.month.rows.length - 1, row + way));
  }

  $effect(() =>
    keys.use([
      {
        on: ['ArrowLeft', 'ArrowRight'],
        shown: '← →',
        says: 'the month before or after',
        press: (key) => turn(key === 'ArrowLeft' ? -1 : 1),
      },
      { on: ['ArrowUp', 'ArrowDown'], shown: '↑ ↓', says: 'the row before or after', press: (key) => move(key === 'ArrowUp' ? -1 : 1) },
      { on: [' '], shown: 'Space', says: 'the month is copied', press: () => tick() },
    ]),
  );
</script>

<main class="copy">
  <header>
    <a class="btn" href={route.to('bench', route.page)}>Bench</a>
    {#if months.length > 0}<span class="figures">{count} of {months.length} months copied</span>{/if}
    <span class="keys quiet">← → month, ↓ row, space copied</span>
  </header>
  {#if bench.wrong}<p role="alert" class="note stop">{bench.wrong}</p>{/if}
  {#if here}
    <h1 aria-live="polite">
      {here.month.title}{#if isDone(at)}<span class="done">copied</span>{/if}
    </h1>
    <table class:following={row >= 0}>
      <thead>
        <tr
          >{#each here.month.headings as heading, i (i)}<th scope="col">{heading}</th>{/each}</tr
        >
      </thead>
      <tbody>
        {#each here.month.rows as figures, i (i)}
          <tr class:here={row === i}
            >{#each figures as figure, j (j)}<td>{figure ?? ''}</td>{/each}</tr
          >
        {/each}
      </tbody>
    </table>
    <p class="check">{here.month.check}</p>
    <div class="controls">
      <button class="btn" aria-label="Month before" disabled={at === 0} onclick={() => turn(-1)}>←</button>
      <button class="btn chief big" onclick={tick}>{isDone(at) ? 'Not copied after all' : 'Copied'}</button>
      <button class="btn" aria-label="Month after" disabled={at >= months.length - 1} onclick={() => turn(1)}>→</button>
    </div>
    <p class="quiet">Pause every 20 to 30 minutes, change your grip, stop when it hurts.</p>
  {:else if bench.opening}
    <h1>Copying view</h1>
    <p>There are no months to copy on this opening.</p>
  {/if}
</main>

<style>
  .copy {
    height: 100%;
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto auto auto;
    gap: 0.6rem;
    padding: 0.6rem 1rem 0.8rem;
    max-width: 64rem;
    margin-inline: auto;
  }
  header {
    display: flex;
    align-items: center;
    gap: 1rem;
  }
  .keys {
    margin-left: auto;
  }
  h1 {
    font-size: clamp(1.5rem, 4vw, 2.4rem);
    border-left: 3px solid var(--rule);
    padding-left: 0.8rem;
  }
  .done {
    font-size: 1rem;
    color: var(--color-accent);
    margin-left: 1rem;
    font-family: var(--font-sans);
  }
  table {
    width: 100%;
    height: 100%;
    min-height: 0;
    table-layout: fixed;
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
  }
  th {
    font-weight: 500;
    color: var(--color-neutral);
    font-size: clamp(1rem, 3.4vmin, 1.6rem);
  }
  td {
    text-align: center;
    font-size: clamp(1.6rem, 8.2vmin, 5rem);
    line-height: 1.05;
    border-top: 1px solid var(--color-base-300);
  }
  .following tr:not(.here) td {
    color: var(--color-neutral);
  }
  .here td {
    background: var(--color-base-100);
    font-weight: 700;
    box-shadow: inset 0 -3px 0 var(--rule);
  }
  .check {
    font-size: clamp(1rem, 2.6vmin, 1.3rem);
    font-variant-numeric: tabular-nums;
  }
  .controls {
    display: grid;
    grid-template-columns: auto 1fr auto;
    gap: 0.6rem;
  }
  .controls .btn,
  header .btn {
    min-height: 48px;
    min-width: 56px;
    font-size: 1.05rem;
  }
  .controls .btn {
    height: 60px;
  }
  .big {
    font-size: 1.3rem;
  }
  @media (max-width: 700px) {
    .keys {
      display: none;
    }
    .copy {
      padding-inline: 0.6rem;
    }
  }
</style>
