<!-- A title, a block or stamps: how large, and where to begin. -->
<script lang="ts">
  import { api, type Place } from '../api/client';
  import { asProblem } from '../state/book.svelte';
  import type { CountingState } from './counting.svelte';

  interface Props {
    bench: CountingState;
    /** Of the paper, mm. */
    width: number;
  }
  let { bench, width }: Props = $props();
  let title = $state('');
  let letter = $state('');
  let block = $state('');
  let firstDot = $state('');
  let stamp = $state('');
  let between = $state('');
  let count = $state('');
  let places = $state.raw<Place[]>([]);
  let open = $state(false);
  let chosen = $state('');

  $effect(() => {
    bench.placed = open ? (places.find((one) => one.name === chosen) ?? places.find((one) => one.marks.length > 0) ?? null) : null;
  });
  let wrong = $state('');

  const number = (said: string) => Number(said.trim().replace(',', '.'));
  $effect(() => {
    const { across, down, pitch } = bench;
    const asked: Record<string, unknown> = { across, down, pitch, title };
    if (letter.trim()) asked.wide = number(letter);
    if (block.trim())
      Object.assign(asked, {
        block: number(block),
        width,
        first_dot: firstDot.trim() ? number(firstDot) : Math.round((width - across * pitch) * 50) / 100,
      });
    if (stamp.trim())
      Object.assign(asked, {
        stamp: number(stamp),
        ...(between.trim() ? { between: number(between) } : {}),
        ...(count.trim() ? { count: number(count) } : {}),
      });
    if (!title.trim() && !block.trim() && !stamp.trim()) {
      places = [];
      wrong = '';
      return;
    }
    let stale = false;
    api
      .place(asked as Parameters<typeof api.place>[0])
      .then((found) => {
        if (!stale) [places, wrong] = [found.places, ''];
      })
      .catch((error) => {
        if (!stale) wrong = asProblem(error).detail;
      });
    return () => (stale = true);
  });
</script>

<details class="mt-4" bind:open>
  <summary class="cursor-pointer"><h2 class="inline">Titles, blocks and stamps</h2></summary>
  <div class="fields mt-2">
    <label class="field wide"><span>Title</span><input class="input" bind:value={title} placeholder="what is lettered" /></label>
    <label class="field"
      ><span>Boxes a letter</span><input class="input figures" inputmode="numeric" bind:value={letter} placeholder="largest" /></label
    >
    <label class="field"><span>Block to centre, boxes</span><input class="input figures" inputmode="numeric" bind:value={block} /></label>
    <label class="field"
      ><span>Edge to first dot, mm</span><input
        class="input figures"
        inputmode="decimal"
        bind:value={firstDot}
        placeholder="grid in the middle"
      /></label
    >
    <label class="field"><span>Stamp or sticker, mm</span><input class="input figures" inputmode="decimal" bind:value={stamp} /></label>
    <label class="field"
      ><span>Between them, mm</span><input class="input figures" inputmode="decimal" bind:value={between} placeholder="0" /></label
    >
    <label class="field"
      ><span>How many</span><input class="input figures" inputmode="numeric" bind:value={count} placeholder="as fit" /></label
    >
  </div>
  {#if wrong}<p class="note stop" role="alert">{wrong}</p>{/if}
  <ul aria-label="Places">
    {#each places as place (place.name)}
      <li class="note" class:lit={bench.placed === place}>
        <button
          class="answer"
          disabled={place.marks.length === 0}
          aria-pressed={bench.placed === place}
          onclick={() => (chosen = place.name)}
          onpointerenter={() => (chosen = place.name)}><strong class="figures">{place.figure}</strong></button
        >
        <span class="quiet">{place.arithmetic}</span>
      </li>
    {/each}
  </ul>
</details>

<style>
  .fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  .answer {
    display: block;
    text-align: left;
  }
  .lit {
    border-color: var(--rule);
    background: var(--color-base-100);
  }
  .wide {
    grid-column: 1 / -1;
  }
</style>
