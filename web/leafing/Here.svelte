<!-- In the margin while the book is leafed through: what is here, what stands behind it, how thick the book will be. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { reverse } from '../parts/leaf';
  import { route } from '../state/route.svelte';
  import type { LeafingState } from './leafing.svelte';

  let { book, leafing, shown }: { book: Book; leafing: LeafingState; shown: number[] } = $props();
</script>

<h2>{shown.length > 1 ? `Pages ${shown[0]} and ${shown[1]}` : `Page ${shown[0]}`}</h2>
{#if leafing.wrong}<p class="note stop" role="alert">{leafing.wrong}</p>{/if}
<ul class="here">
  {#each shown as number (number)}
    {@const page = leafing.page(number)}
    <li>
      <strong class="figures">{number}</strong> <span dir="auto">{page?.title ?? '…'}</span>
      {#if page && page.removed.length > 0}<span class="quiet">cut</span>{/if}
      <a href={route.to('bench', number)} aria-label="Page {number} on the bench">bench</a>
    </li>
  {/each}
</ul>
<label class="mt-3 flex items-center gap-2"
  ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={leafing.light} /> Hold it against the light</label
>
{#if leafing.light}
  <ul class="here">
    {#each shown as number (number)}
      {@const page = leafing.page(number)}
      {@const back = leafing.page(reverse(number))}
      <li>
        {#if page && back}Behind {number}: <span dir="auto">{back.title}</span>,
          <span class="figures">{back.marks.length === 0 ? 'nothing drawn' : `${page.through} of 100`}</span>{/if}
      </li>
    {/each}
  </ul>
  <p class="quiet">
    {#if book.stock.grammage}At {book.stock.grammage} g/m², from memory.{:else}As on paper of 100 g/m²: say on <a href={route.to('stock')}
        >Stock</a
      > what yours weighs. From memory.{/if}
    A page that bleeds shows through any paper.
  </p>
{/if}
{#if leafing.thickness}<p class="mt-3">
    <strong class="figures">{leafing.thickness.figure}</strong> <span class="quiet">{leafing.thickness.arithmetic}</span>
  </p>{/if}
{#if shown.some((page) => (leafing.page(page)?.flips.length ?? 0) > 0)}<p class="mt-3">
    <button class="btn small" onclick={() => (leafing.unfolded = !leafing.unfolded)}
      >{leafing.unfolded ? 'Fold it in' : 'Fold it out'} <span class="quiet">o</span></button
    >
  </p>{/if}
<p class="quiet mt-3">Turn with ← and →, by a click, or take a leaf and draw it over. The fore-edge below opens the book anywhere.</p>

<style>
  .here {
    display: grid;
    gap: 0.35rem;
    margin-top: 0.4rem;
  }
  .here a {
    margin-left: 0.4rem;
    font-size: 0.85rem;
  }
</style>
