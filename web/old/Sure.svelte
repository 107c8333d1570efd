<!-- What the old book measures, when to begin the new one, and how sure that lasts. -->
<script lang="ts">
  import type { OldReview } from '../api/client';
  import { dates } from '../parts/said';

  let { review }: { review: OldReview } = $props();
  const measured = $derived(review.measured);
</script>

<h3 class="mt-3">Measured</h3>
<p class="figures">
  {measured.front} pages in front{#if measured.median !== null}; a month took {measured.median} in the middle, {measured.most} at most{/if}.
</p>
{#if measured.over.length > 0}<p class="quiet">{measured.over.map((one) => `${one.name} ran over by ${one.more}`).join(', ')}.</p>{/if}
{#if measured.last_day}<p class="quiet figures">Used to page {measured.last_page}, {dates(measured.last_day)}.</p>{/if}
{#if measured.half.length > 0}<p class="quiet">Given up half-way: {measured.half.join(', ')}.</p>{/if}
{#each measured.made as one (one)}<p class="quiet figures">{one}</p>{/each}
{#if measured.never > 0}<p class="quiet figures">
    {measured.never}
    {measured.never === 1 ? 'page was' : 'pages were'} never looked at.
  </p>{/if}

{#if review.switch}
  <h3 class="mt-3">When to begin the new one</h3>
  <p class="figures">
    With {review.switch.name}. The old one then ends on page {review.switch.ends}, {review.switch.wasted}
    {review.switch.wasted === 1 ? 'page' : 'pages'} unused.
  </p>
  {#if review.switch.undone.length > 0}<p class="quiet">Do not set up in it any more: {review.switch.undone.join(', ')}.</p>{/if}
{/if}
{#each review.between as one (one)}<p class="note broken">{one}</p>{/each}

<h3 class="mt-3">How sure</h3>
{#if review.after.sure}<p>{review.after.sure}</p>{:else}<p class="quiet">It has no months to come.</p>{/if}
{#if review.after.counts.length > 0}
  <table class="figures">
    <thead><tr><th scope="col">Pages to buy</th><th scope="col">Lasts, of 100 years</th></tr></thead>
    <tbody>
      {#each review.after.counts as one (one.pages)}<tr aria-current={one.pages === review.after.pages ? 'true' : undefined}
          ><td>{one.pages}</td><td>{one.of_hundred}</td></tr
        >{/each}
      {#if review.after.two !== null}<tr><td>two of {review.after.pages}</td><td>{review.after.two}</td></tr>{/if}
    </tbody>
  </table>
{/if}
{#each review.after.tight as finding, i (i)}<p class="note broken">{finding.says}</p>{/each}

<style>
  table {
    margin-top: 0.4rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.1rem 0.9rem 0.1rem 0;
    font-weight: 400;
  }
  th {
    color: var(--color-neutral);
    font-size: 0.82rem;
  }
  [aria-current] td {
    font-weight: 700;
  }
</style>
