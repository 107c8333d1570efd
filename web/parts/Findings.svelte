<!-- Findings as notes in the margin, each offer an edit ready to be made. -->
<script lang="ts">
  import type { Finding } from '../api/client';
  import { open } from '../state/book.svelte';

  let { findings }: { findings: Finding[] } = $props();
</script>

{#each findings as finding, i (i)}
  <div class="note" class:broken={finding.broken}>
    <p>{finding.says}</p>
    {#if finding.offers.length > 0}
      <div class="mt-1 flex flex-wrap gap-1.5">
        {#each finding.offers as offer (offer.say)}
          <button class="btn small offer" onclick={() => open.edit(offer.edit)}>{offer.say}</button>
        {/each}
      </div>
    {/if}
  </div>
{/each}

<style>
  /* What an offer does may take more than a line. */
  .offer {
    height: auto;
    max-width: 100%;
    min-height: 1.9rem;
    padding-block: 0.25rem;
    white-space: normal;
    text-align: left;
    line-height: 1.3;
  }
</style>
