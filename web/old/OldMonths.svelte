<!-- Pages the months of the old book really took, and how many of them the new months should hold. -->
<script lang="ts">
  import type { Edit, OldReview } from '../api/client';
  import { open } from '../state/book.svelte';
  import { kept } from '../parts/kept';

  const HOLDS = [6, 7, 8, 9, 10, 11, 12];
  let { review }: { review: OldReview } = $props();

  function took(month: string, event: Event) {
    const said = (event.currentTarget as HTMLInputElement).value.trim();
    const pages = said === '' ? null : Number.isInteger(Number(said)) ? Number(said) : said;
    open.edit({ type: 'set-review', months: { [month]: pages } } as Edit);
  }
</script>

<section>
  <h2>What its months took</h2>
  <table>
    <thead><tr><th scope="col">Month</th><th scope="col">Pages</th><th scope="col">Held</th></tr></thead>
    <tbody>
      {#each review.months as one (one.month)}
        <tr>
          <th scope="row">{one.name}</th>
          <td
            ><input
              class="input figures"
              inputmode="numeric"
              aria-label="Pages of {one.name}"
              value={one.took ?? ''}
              {@attach kept}
              onchange={(event) => took(one.month, event)}
            /></td
          >
          <td class:over={one.took !== null && one.planned !== null && one.took > one.planned}
            >{one.planned ?? ''}{#if one.took !== null && one.planned !== null && one.took > one.planned}<span
                >, {one.took - one.planned} over</span
              >{/if}</td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  <label class="field hold">
    <span>The new months should hold, of twelve like these</span>
    <select
      class="select"
      value={review.hold}
      onchange={(event) => open.edit({ type: 'set-review', hold: Number(event.currentTarget.value) } as Edit)}
    >
      {#each HOLDS.includes(review.hold) ? HOLDS : [review.hold, ...HOLDS] as n (n)}<option value={n}>{n}</option>{/each}
    </select>
  </label>
  {#if review.after.months_edit}
    {@const edit = review.after.months_edit as Edit}
    <button class="btn small mt-2" onclick={() => open.edit(edit)}>Size the new months by these</button>
  {:else if !review.carried}
    <p class="quiet">Months that took more get a pattern of their own when you carry over for the first time.</p>
  {/if}
</section>

<style>
  table {
    width: 100%;
    margin: 0.4rem 0;
  }
  th,
  td {
    text-align: left;
    padding: 0.1rem 0.5rem 0.1rem 0;
    font-weight: 400;
  }
  thead th {
    color: var(--color-neutral);
    font-size: 0.82rem;
  }
  .input {
    width: 4.5rem;
    height: 1.9rem;
  }
  .over {
    color: var(--caution);
  }
  :global([data-theme='lamp']) .over {
    color: var(--color-warning);
  }
  .hold {
    max-width: 20rem;
  }
</style>
