<!-- What the book in use says against its plan: entries of the inked index to correct, pages passed over. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import Findings from '../parts/Findings.svelte';

  let { book }: { book: Book } = $props();
  const lost = $derived(book.findings.filter((finding) => book.in_use.lost.some((page) => finding.about === `page-${page}`)));
</script>

<Findings findings={lost} />
{#if book.in_use.corrections.length > 0}
  <section aria-label="Index corrections" class="my-3">
    <h2>Index corrections</h2>
    <p class="quiet">If the index is inked already, these entries no longer say the truth.</p>
    <table class="w-full">
      <thead><tr><th scope="col">Entry</th><th scope="col">was</th><th scope="col">now</th></tr></thead>
      <tbody>
        {#each book.in_use.corrections as one (one.name + one.was)}
          <tr><th scope="row">{one.name}</th><td><s>{one.was}</s></td><td>{one.now}</td></tr>
        {/each}
      </tbody>
    </table>
  </section>
{/if}

<style>
  th {
    text-align: left;
    font-weight: 500;
  }
  thead th {
    color: var(--color-neutral);
    font-size: 0.82rem;
  }
  td {
    white-space: nowrap;
  }
</style>
