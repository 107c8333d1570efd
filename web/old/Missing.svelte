<!-- What was missing in the old book, as kinds of the drawer; and what was dropped before. -->
<script lang="ts">
  import type { Book, Edit, OldReview } from '../api/client';
  import { catalogue } from '../state/catalogue.svelte';
  import { open } from '../state/book.svelte';
  import { Sent } from '../state/sent.svelte';

  let { book, review }: { book: Book; review: OldReview } = $props();

  const kinds = $derived(catalogue.all?.spreads.filter((one) => !review.missing.includes(one.kind)) ?? []);
  const name = (kind: string) => catalogue.kind(book, kind)?.name ?? kind;
  const sent = new Sent<string[]>();
  $effect(() => {
    if (review) sent.shown();
  });
  /** Made of what was sent last, whether that is answered or not. */
  function set(change: (missing: string[]) => string[]) {
    const missing = change(sent.now('missing', review.missing));
    void sent.send('missing', missing, () => open.edit({ type: 'set-review', missing } as Edit));
  }
</script>

<section>
  <h2>What was missing</h2>
  {#if review.missing.length > 0}
    <ul class="my-1">
      {#each review.missing as kind (kind)}
        <li>
          <span>{name(kind)}</span>
          <button class="btn small plain" onclick={() => set((missing) => missing.filter((one) => one !== kind))}
            >Not after all<span class="sr-only">: {name(kind)}</span></button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <label class="field">
    <span>A kind that the new book should have</span>
    <select
      class="select"
      value=""
      disabled={review.carried}
      onchange={(event) => {
        const kind = event.currentTarget.value;
        event.currentTarget.value = '';
        if (kind) set((missing) => [...missing.filter((one) => one !== kind), kind]);
      }}
    >
      <option value="">choose one</option>
      {#each kinds as one (one.kind)}<option value={one.kind}>{one.name}</option>{/each}
    </select>
  </label>
  {#if review.carried}<p class="quiet">It was carried over; add what is missing from the drawer of Spreads.</p>{/if}
  {#if review.gone.length > 0}
    <h2 class="mt-4">Dropped before</h2>
    <ul>
      {#each review.gone as one, i (i)}<li><span dir="auto">{one.title}</span>, <span class="quiet">{one.says}</span></li>{/each}
    </ul>
  {/if}
</section>
