<!-- A book that runs out: the smallest set of changes that makes it last, then each change alone, with what is lost. -->
<script lang="ts">
  import { api, type Book, type Ways } from '../api/client';
  import { untrack } from 'svelte';
  import { open } from '../state/book.svelte';
  import { Loader } from '../state/loader.svelte';

  let { book }: { book: Book } = $props();
  const found = new Loader<Ways>();
  const ways = $derived(found.value);

  $effect(() => {
    const ref = book;
    untrack(() => {
      found.clear();
      found.load(() => api.ways(ref));
    });
  });
  const pages = (n: number) => `${n} ${n === 1 ? 'page' : 'pages'}`;
</script>

<section aria-label="Ways to make it fit" class="my-3">
  <h2>Make it fit</h2>
  {#if found.wrong}
    <p class="note stop" role="alert">{found.wrong}</p>
  {:else if ways === null}
    <p class="quiet" role="status">Looking for the smallest change…</p>
  {:else}
    {#if ways.best}
      {@const best = ways.best}
      <div class="note broken">
        <p><strong>{best.say}</strong></p>
        <p class="quiet">
          Saves {pages(best.saves)}. Lost: {best.lost.join('; ')}.{ways.proven
            ? ' No other set of these changes that fits is regretted less.'
            : ` The best found in the time allowed: its changes weigh ${best.regret}, and no less than ${ways.bound} could be enough.`}
        </p>
        <button class="btn chief small mt-1" onclick={() => open.edit(best.edit)}>Make it fit</button>
      </div>
    {:else}
      <p class="note broken">No set of these changes makes the book last. Choose a book with more pages, or a shorter period.</p>
    {/if}
    <h3 class="mt-3">Each change alone</h3>
    <ul>
      {#each ways.single as way (way.say)}
        <li class="way">
          <button class="btn small" aria-label="{way.say}, saves {pages(way.saves)}" onclick={() => open.edit(way.edit)}
            >{pages(way.saves)}</button
          >
          <div>
            <span class:enough={way.fits}>{way.say}{way.fits ? ', enough' : ''}</span><br /><span class="quiet">{way.lost.join('; ')}</span>
          </div>
        </li>
      {/each}
    </ul>
    {#if !ways.complete}<p class="quiet">More changes were not tried alone, for want of time.</p>{/if}
  {/if}
</section>

<style>
  .way {
    display: grid;
    grid-template-columns: 5.2rem 1fr;
    gap: 0.6rem;
    padding: 0.3rem 0;
    line-height: 1.3;
  }
  .enough {
    font-weight: 600;
  }
</style>
