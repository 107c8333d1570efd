<!-- "How do I split this?": a page, a region of it, and every school's answer drawn over it. With a notebook or without. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import { AIR, BOX, EDGE, ratio } from '../parts/marks';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { route } from '../state/route.svelte';
  import Answer from './Answer.svelte';
  import { CountingState, type Region } from './counting.svelte';
  import Placing from './Placing.svelte';
  import Quick from './Quick.svelte';
  import SplitFields from './SplitFields.svelte';

  let { book }: { book: Book | null } = $props();
  const bench = new CountingState();
  let pageElement = $state<HTMLElement | null>(null);
  let start = $state.raw<{ x: number; y: number } | null>(null);
  let taken = $state('');

  $effect(() => {
    const [current, page] = [book, route.page];
    if (current) untrack(() => bench.load(current, page).then(() => bench.page && !taken && bench.whole()));
  });
  $effect(() => {
    void JSON.stringify(bench.question);
    untrack(() => bench.count());
  });

  /** The box under the pointer. */
  function boxAt(event: PointerEvent): { x: number; y: number } {
    const svg = pageElement!.querySelector('svg')!.getBoundingClientRect();
    const box = (svg.width * BOX) / (bench.across * BOX + EDGE + AIR);
    const clamp = (n: number, most: number) => Math.max(0, Math.min(most - 1, Math.floor(n)));
    return {
      x: clamp((event.clientX - svg.left) / box - EDGE / BOX, bench.across),
      y: clamp((event.clientY - svg.top) / box - EDGE / BOX, bench.down),
    };
  }
  function between(a: { x: number; y: number }, b: { x: number; y: number }): Region {
    const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
    return { x, y, wide: Math.abs(a.x - b.x) + 1, tall: Math.abs(a.y - b.y) + 1 };
  }
  function down(event: PointerEvent) {
    if (event.button !== 0) return;
    start = boxAt(event);
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  }
  function move(event: PointerEvent) {
    if (start) bench.region = between(start, boxAt(event));
  }

  async function take(policy: string) {
    if (await bench.take(policy)) {
      taken = policy;
      if (book) await bench.load(book, route.page);
    }
  }
</script>

<Screen title="Counting bench" handle="Parts and gaps">
  {#snippet margin()}
    <h2 class="mb-2">How do I split this?</h2>
    <SplitFields {bench} fixed={book !== null} />
    {#if book}
      {#if taken}<p class="note" role="status">
          Taken: the ticks are the first step of page {route.page} on the <a href={route.to('bench', route.page)}>bench</a>.
        </p>{/if}
      <Saving />
      <p class="mt-3"><a href={route.to('bench', route.page)}>Back to the bench</a></p>
    {/if}
    <p class="quiet mt-4">
      Drag over the page to choose a region, or type it. Counts are from the page’s edge; dots are one more than boxes.
    </p>
  {/snippet}

  <div class="bench">
    <div class="paper" style:--ratio={ratio(bench.across, bench.down)}>
      <!-- Dragging is a shortcut for the four fields in the margin, which the keyboard reaches. -->
      <!-- svelte-ignore a11y_no_static_element_interactions -->
      <div
        class="page"
        bind:this={pageElement}
        onpointerdown={down}
        onpointermove={move}
        onpointerup={() => (start = null)}
        onpointercancel={() => (start = null)}
      >
        <Drawing
          across={bench.across}
          down={bench.down}
          marks={bench.marks}
          label="The page with its splits"
          large
          counting={bench.counting}
          note={bench.placed ? null : bench.chosen}
          layers={new Set(['under', 'pencil', 'band', 'writing'])}
          region={bench.shown}
        />
      </div>
    </div>
    <div class="answers">
      <div class="near"><Quick {bench} /></div>
      {#if bench.wrong}<p class="note stop" role="alert">{bench.wrong.says}</p>{/if}
      {#if bench.found}
        <h2>
          {bench.found.side} boxes{bench.counting === 'dots' ? `, ${bench.found.side + 1} dots` : ''}, {bench.edge === 'top'
            ? 'across'
            : 'down'}
        </h2>
        <ol aria-label="Answers">
          {#each bench.found.counted as one (one.policy)}
            <Answer
              {one}
              counting={bench.counting}
              chosen={bench.chosen === one.policy}
              choose={() => (bench.chosen = one.policy)}
              useGap={(gap) => (bench.gap = gap)}
              take={bench.page ? () => take(one.policy) : null}
            />
          {/each}
        </ol>
      {/if}
      <Placing {bench} width={book?.stock.width ?? 148} />
    </div>
  </div>
</Screen>

<style>
  .bench {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(18rem, 24rem);
    gap: 1.4rem;
    align-items: start;
  }
  .paper {
    min-height: 24rem;
    container-type: size;
    position: sticky;
    top: 0;
    height: calc(100dvh - 9rem);
  }
  .page {
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
    aspect-ratio: var(--ratio);
    max-height: 100cqh;
    max-width: calc(100cqh * var(--ratio));
    margin-inline: auto;
    touch-action: none;
    cursor: crosshair;
  }
  /* On a phone the margin lies folded at the foot: what is pressed most stands beside the answers too. */
  .near {
    display: none;
  }
  @media (max-width: 700px) {
    .near {
      display: grid;
      gap: 0.5rem;
      margin-bottom: 0.8rem;
    }
  }
  @media (max-width: 1000px) {
    .bench {
      grid-template-columns: 1fr;
    }
    .paper {
      position: static;
      container-type: inline-size;
      height: auto;
      min-height: 0;
    }
    .page {
      max-height: none;
      max-width: min(100%, 60vw, 26rem);
    }
  }
</style>
