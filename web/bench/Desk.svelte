<!-- Beside the open book, a pencil in hand: one step, one drawing, one big control; the screen stays awake. -->
<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { reach } from '../offline/reach.svelte';
  import { watch } from '../offline/watch.svelte';
  import type { Book } from '../api/client';
  import { open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import { explained } from '../state/explained.svelte';
  import { hand } from '../state/hand.svelte';
  import { keys } from '../state/keys.svelte';
  import { SlipState } from '../slips/slips.svelte';
  import WhatNow from '../slips/WhatNow.svelte';
  import { BenchState } from './bench.svelte';
  import { SittingState } from './sitting.svelte';
  import FirstUse from './FirstUse.svelte';
  import Pages from './Pages.svelte';
  import { Wait } from './wait.svelte';

  let { book }: { book: Book } = $props();
  const bench = new BenchState();
  const sitting = new SittingState();
  const slip = new SlipState(
    () => book,
    (edit) => open.edit(edit),
  );
  let helping = $state(false);
  /** Pixels of height up to which words of the trade are not explained. */
  const LOW = 560;
  /** Acts that pass by themselves. */
  const WAITS = ['dry', 'pause'];
  /** Whether the browser lets a page keep the screen awake: on this machine, or over an encrypted way. */
  const wakes = 'wakeLock' in navigator;

  $effect(() => {
    if (watch.ticks > 0) untrack(() => bench.look(book));
  });
  $effect(() => {
    const [page, current] = [route.page, book];
    untrack(() => bench.load(current, page));
  });
  $effect(() => {
    const [page, id] = [route.page, book.id];
    untrack(() => {
      // A page chosen by hand is looked for in the evening; one the evening led to is there already.
      if (id && sitting.act?.page !== page) sitting.load(book, page);
    });
  });

  const current = $derived(bench.current);
  const isDone = $derived(current !== null && bench.isTicked(current.group.drawing, current.step.key));
  const nth = $derived(current ? bench.steps.findIndex(({ group, step }) => group === current.group && step === current.step) + 1 : 0);
  const timing = $derived(bench.timing.find((one) => one.page === current?.step.page));
  const pages = $derived((bench.opening?.pages ?? []).flatMap((page) => (page ? [page.page] : [])));

  /** Before the first page of an evening: what is laid out and what to mind, once and in full. */
  let begun = $state(false);
  const started = $derived(
    bench.steps.some(({ group, step }) => step.page === sitting.act?.page && bench.isTicked(group.drawing, step.key)),
  );
  const beginning = $derived(!begun && !helping && sitting.at === 0 && !started);

  /** What the evening asks for between two pages: drying, a pause, the knife. */
  const between = $derived(sitting.act !== null && sitting.act.is !== 'draw' && sitting.act.is !== 'finish' ? sitting.act : null);

  function help() {
    helping = !helping;
    if (helping) slip.begin(current?.step ?? null);
  }

  const wait = new Wait();
  $effect(() => {
    const [act, evening] = [between, sitting.evening];
    if (!act || !evening || !WAITS.includes(act.is)) return;
    untrack(() => wait.begin(`${book.id} ${evening.key} ${act.at}`));
    return wait.watch();
  });
  const waiting = $derived(between && WAITS.includes(between.is) ? wait.left(between.minutes) : null);

  /** Whether what this evening asks of the page is done: until it dries, or to its end. */
  function isThrough(page: number, is: string): boolean {
    const steps = bench.steps.filter(({ step }) => step.page === page);
    const dries = steps.findIndex(({ step }) => step.task === 'wait');
    const asked = is === 'draw' && dries > 0 ? steps.slice(0, dries) : steps;
    return asked.every(({ group, step }) => bench.isTicked(group.drawing, step.key));
  }

  /** A hand rests after 25 minutes on a page of figures. */
  const REST_AFTER = 25 * 60_000;
  const MANY_FIGURES = 60;
  let rested = Date.now();
  let resting = $state(false);

  /** Everything this evening asked for is done. */
  let over = $state(false);

  function onward() {
    const next = sitting.go();
    over = next === null;
    if (next?.page) route.go(route.to('desk', next.page));
  }

  /** A word of the trade that this step uses for the first time. */
  const term = $derived(current ? explained.at(current.step.task) : null);

  async function done() {
    // Whoever did it knows what it was.
    if (term && innerHeight > LOW) explained.understood(term);
    await bench.done(book.id);
    const act = sitting.act;
    if (act?.page && (act.is === 'draw' || act.is === 'finish') && isThrough(act.page, act.is)) {
      sitting.through(act.page);
      rested = Date.now();
      onward();
    } else if (Date.now() - rested > REST_AFTER && Number(timing?.work.figures ?? 0) > MANY_FIGURES) {
      resting = true;
    }
  }

  function begin() {
    begun = true;
    rested = Date.now();
  }

  function goOn() {
    rested = Date.now();
    if (resting) resting = false;
    else onward();
  }

  onMount(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const wake = () => {
      if (!document.hidden) {
        navigator.wakeLock
          ?.request('screen')
          .then((got) => {
            if (gone) got.release();
            else lock = got;
          })
          .catch(() => {});
      }
    };
    wake();
    document.addEventListener('visibilitychange', wake);
    return () => {
      gone = true;
      lock?.release();
      document.removeEventListener('visibilitychange', wake);
    };
  });

  $effect(() =>
    keys.use([
      {
        on: ['ArrowLeft', 'ArrowRight'],
        shown: '← →',
        says: 'the step before or after',
        press: (key) => bench.turn(key === 'ArrowLeft' ? -1 : 1),
      },
      { on: [' '], shown: 'Space', says: 'tick the step', press: () => (beginning ? begin() : between || resting ? goOn() : done()) },
    ]),
  );
</script>

<main class="desk {hand.size} {hand.side}" class:helping>
  <h1 class="sr-only">Desk</h1>
  <header>
    <a class="btn" href={route.to('bench', route.page)}>Bench</a>
    <span class="figures">
      {#if nth}step {nth} of {bench.steps.length}{/if}
      {#if timing}<span class="quiet time"
          >{timing.estimate.says} for this page, {timing.took === null ? `${timing.running} so far` : `${timing.took} taken`}</span
        >{/if}
    </span>
    <button class="btn" aria-label="Letters: {hand.size}, make them larger" onclick={() => hand.larger()}
      ><span aria-hidden="true">A<span class="text-xl">A</span></span></button
    >
    <button class="btn" aria-label="For the {hand.side} hand, change sides" onclick={() => hand.other()}
      >{hand.side === 'right' ? '⇤' : '⇥'}</button
    >
    <button class="btn" aria-expanded={helping} onclick={help}>{helping ? 'Go on' : 'What now?'}</button>
  </header>
  {#if bench.wrong}<p role="alert" class="note stop">{bench.wrong}</p>{/if}
  {#if bench.changed.length > 0}
    <div class="note broken changed" role="alert">
      <p>The plan was edited on another device. On this opening:</p>
      <ul>
        {#each bench.changed as one (one)}<li>{one}</li>{/each}
      </ul>
      <button class="btn" onclick={() => (bench.changed = [])}>I have seen it</button>
    </div>
  {/if}
  {#if bench.opening}
    {#if over && sitting.evening}
      <p class="step" role="status">
        <span class="task">This evening is done.</span>Leave the book lying open until the ink is dry.
        <a href={route.to('sittings')}>Sittings</a>
      </p>
    {:else if beginning && sitting.evening}
      <div class="step begin">
        <span class="task figures"
          >{sitting.evening.weekday}, {sitting.evening.from}: {sitting.evening.pages.length === 1
            ? '1 page'
            : `${sitting.evening.pages.length} pages`}, {sitting.evening.minutes_range.says}</span
        >
        <p>Lay out {[...sitting.evening.tools, ...sitting.evening.pens].join(', ')}.</p>
        {#if sitting.evening.sheets.length > 0}<p>Print first: {sitting.evening.sheets.join('; ')}.</p>{/if}
        {#each sitting.evening.cautions as one (one)}<p class="caution">{one}</p>{/each}
        {#if reach.ahead}<p>This evening’s pages are kept on this device: it goes on without the network too.</p>{/if}
        {#if !wakes}<p class="caution">This browser lets the screen go dark here: set it to stay on for longer.</p>{/if}
      </div>
    {:else if helping}
      <div class="help"><WhatNow {book} {slip} {pages} /></div>
    {:else if resting}
      <p class="step" role="status">
        <span class="task">pause</span>Put the pen down for five minutes: shake the hand out, change your grip, stop when it hurts.
      </p>
    {:else if between}
      <p class="step" aria-live="polite">
        <span class="task figures">{between.clock}</span>{between.says}{#if waiting !== null}
          <strong class="figures left" role="timer">{waiting === 0 ? 'It is over.' : `${waiting} min left.`}</strong>{/if}
      </p>
    {:else if current}
      <div>
        <p class="step" aria-live="polite"><span class="task">{current.step.task}, page {current.step.page}</span>{current.step.text}</p>
        {#if term}<FirstUse {term} counting={book.counting} />{/if}
      </div>
    {:else}
      <p class="step">Nothing is drawn on this opening.</p>
    {/if}
    <div class="drawing">
      <Pages
        {book}
        {bench}
        single
        picked={helping && slip.kind !== '' ? slip.at : null}
        pick={helping && slip.kind !== '' ? (page, x, y) => slip.pick(page, x, y) : undefined}
      />
    </div>
    <div class="controls">
      {#if beginning}
        <span></span>
        <button class="btn chief big" onclick={begin}>Begin</button>
        <span></span>
      {:else if between || resting}
        <span></span>
        <button class="btn chief big" onclick={goOn}>Go on</button>
        <span></span>
      {:else}
        <button class="btn before" aria-label="Step before" disabled={nth <= 1} onclick={() => bench.turn(-1)}>←</button>
        <button class="btn chief big" disabled={!current} onclick={done}>{isDone ? 'Not done after all' : 'Done'}</button>
        <button class="btn after" aria-label="Step after" disabled={nth >= bench.steps.length} onclick={() => bench.turn(1)}>→</button>
      {/if}
    </div>
  {/if}
</main>

<style>
  .desk {
    height: 100%;
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    gap: 0.6rem;
    padding: 0.6rem 0.8rem 0.8rem;
    max-width: 60rem;
    margin-inline: auto;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
  }
  header .figures {
    flex: 1 1 7rem;
    text-align: center;
  }
  @media (max-width: 480px) {
    header {
      justify-content: space-between;
    }
    header .figures {
      order: 5;
      flex-basis: 100%;
      text-align: start;
    }
    header .time {
      display: inline;
      margin-left: 0.6rem;
    }
    header .btn {
      min-width: 48px;
    }
  }
  .desk .btn {
    min-height: 48px;
    min-width: 56px;
    font-size: 1.05rem;
  }
  .step {
    font-size: clamp(1.1rem, 0.9rem + 1.2vw, 1.6rem);
    line-height: 1.3;
    font-variant-numeric: tabular-nums;
    border-left: 3px solid var(--rule);
    padding-left: 0.8rem;
    max-height: 32dvh;
    overflow-y: auto;
  }
  .task {
    display: block;
    font-size: 0.95rem;
    font-weight: 700;
  }
  .help {
    max-height: 46dvh;
    overflow-y: auto;
  }
  .begin p {
    margin-top: 0.3rem;
    font-size: 1.05rem;
  }
  .time {
    display: block;
    font-size: 0.85rem;
    text-align: center;
  }
  .drawing {
    min-height: 0;
    container-type: size;
  }
  .controls {
    display: grid;
    grid-template-columns: auto auto 1fr;
    gap: 0.6rem;
  }
  .left .controls {
    grid-template-columns: 1fr auto auto;
  }
  /* The big control is nearest the hand. */
  .right .big {
    order: 3;
  }
  .left .big {
    order: -1;
  }
  .large .step {
    font-size: clamp(1.45rem, 1.1rem + 1.8vw, 2.1rem);
  }
  .largest .step {
    font-size: clamp(1.9rem, 1.4rem + 2.4vw, 2.9rem);
    max-height: 44dvh;
  }
  .changed {
    max-height: 40dvh;
    overflow-y: auto;
    font-size: 1.05rem;
  }
  .changed li {
    margin-top: 0.3rem;
  }
  /* A phone that lies on its side beside a book stand: the page on one side, words and control on the other. */
  @media (orientation: landscape) and (max-height: 600px) {
    .desk {
      grid-template-columns: minmax(0, 1fr) minmax(16rem, 24rem);
      grid-template-rows: auto auto minmax(0, 1fr) auto;
      max-width: none;
    }
    .desk.left {
      grid-template-columns: minmax(16rem, 24rem) minmax(0, 1fr);
    }
    .desk > :global(*) {
      grid-column: 2;
    }
    .desk.left > :global(*) {
      grid-column: 1;
    }
    .drawing {
      grid-row: 1 / -1;
    }
    .right .drawing {
      grid-column: 1;
    }
    .left .drawing {
      grid-column: 2;
    }
    .step,
    .large .step,
    .largest .step {
      max-height: none;
    }
  }
  .controls .btn {
    height: 60px;
  }
  .big {
    font-size: 1.3rem;
  }
</style>
