<!-- Beside the open book, a pencil in hand: one step, one drawing, one big control; the screen stays awake. -->
<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import type { Book } from '../api/client';
  import { route } from '../state/route.svelte';
  import { keys } from '../state/keys.svelte';
  import { BenchState } from './bench.svelte';
  import Pages from './Pages.svelte';

  let { book }: { book: Book } = $props();
  const bench = new BenchState();

  $effect(() => {
    const [page, current] = [route.page, book];
    untrack(() => bench.load(current, page));
  });

  const current = $derived(bench.current);
  const isDone = $derived(current !== null && bench.isTicked(current.group.drawing, current.step.key));
  const nth = $derived(current ? bench.steps.findIndex(({ group, step }) => group === current.group && step === current.step) + 1 : 0);

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
      { on: ['ArrowLeft', 'ArrowRight'], shown: '← →', says: 'the step before or after', press: (key) => bench.turn(key === 'ArrowLeft' ? -1 : 1) },
      { on: [' '], shown: 'Space', says: 'tick the step', press: () => bench.done(book.id) },
    ]),
  );
</script>

<main class="desk">
  <h1 class="sr-only">Desk</h1>
  <header>
    <a class="btn" href={route.to('bench', route.page)}>Bench</a>
    <span class="figures">{#if nth}step {nth} of {bench.steps.length}{/if}</span>
  </header>
  {#if bench.wrong}<p role="alert" class="note stop">{bench.wrong}</p>{/if}
  {#if bench.opening}
    {#if current}
      <p class="step" aria-live="polite"><span class="task">{current.step.task}, page {current.step.page}</span>{current.step.text}</p>
    {:else}
      <p class="step">Nothing is drawn on this opening.</p>
    {/if}
    <div class="drawing"><Pages {book} {bench} single /></div>
    <div class="controls">
      <button class="btn" aria-label="Step before" disabled={nth <= 1} onclick={() => bench.turn(-1)}>←</button>
      <button class="btn chief big" disabled={!current} onclick={() => bench.done(book.id)}>{isDone ? 'Not done after all' : 'Done'}</button>
      <button class="btn" aria-label="Step after" disabled={nth >= bench.steps.length} onclick={() => bench.turn(1)}>→</button>
    </div>
  {/if}
</main>

<style>
  .desk {
    height: 100dvh;
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    gap: 0.6rem;
    padding: 0.6rem 0.8rem 0.8rem;
    max-width: 60rem;
    margin-inline: auto;
  }
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
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
  .drawing {
    min-height: 0;
    container-type: size;
  }
  .controls {
    display: grid;
    grid-template-columns: auto 1fr auto;
    gap: 0.6rem;
  }
  .controls .btn {
    height: 60px;
  }
  .big {
    font-size: 1.3rem;
  }
</style>
