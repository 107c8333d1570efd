<!-- The books of the plan: later volumes, or a book of its own for the year's collections. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';

  let { book }: { book: Book } = $props();
  let from = $state('');

  const months = $derived.by(() => {
    const [year = 0, month = 1] = book.period.start.split('-').map(Number);
    return Array.from({ length: book.period.months - 1 }, (_, i) => {
      const index = year * 12 + month + i;
      return `${Math.floor(index / 12)}-${String((index % 12) + 1).padStart(2, '0')}`;
    });
  });
  const add = () => open.edit({ type: 'add-book', ...(from === '' ? {} : { from }) });
</script>

<section class="grid gap-3" aria-label="Books">
  <h2>Books</h2>
  {#if book.volumes.length === 0}
    <p class="quiet">
      One book holds the whole period. A second one can go on from a month, or hold the year’s collections, so that nothing is redrawn when
      the everyday book changes.
    </p>
  {/if}
  <ul class="grid gap-2">
    {#each book.volumes as one (one.book)}
      <li class="flex flex-wrap items-center gap-2">
        <a href={route.to('stock', undefined, one.book)} aria-current={one.book === book.book ? 'true' : undefined}
          >Book {one.book}: {one.title}</a
        >
        <span class="quiet">{one.sentence}</span>
        {#if one.book !== '1'}
          <label class="flex items-center gap-1">
            <span class="quiet">from</span>
            <select
              class="select select-sm"
              aria-label="First month of book {one.book}"
              value={one.from ?? ''}
              onchange={(event) => open.edit({ type: 'set-book', book: one.book, from: event.currentTarget.value || null })}
            >
              <option value="">no months</option>
              {#each months as month (month)}<option value={month}>{month}</option>{/each}
            </select>
          </label>
          <button
            class="btn small plain"
            onclick={() => (route.go(route.to('stock', undefined, '1')), open.edit({ type: 'remove-book', book: one.book }))}
            >Remove book {one.book}</button
          >
        {/if}
      </li>
    {/each}
  </ul>
  <div class="flex flex-wrap items-end gap-2">
    <label class="field">
      <span>Another book, from</span>
      <select class="select" bind:value={from}>
        <option value="">no months: collections</option>
        {#each months as month (month)}<option value={month}>{month}</option>{/each}
      </select>
    </label>
    <button class="btn" type="button" onclick={add}>Add a book</button>
  </div>
</section>

<style>
  [aria-current] {
    font-weight: 700;
  }
</style>
