<!-- Where the pages go that are left over. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { open } from '../state/book.svelte';
  import { kept } from '../parts/kept';

  let { book }: { book: Book } = $props();

  function weigh(month: string, input: HTMLInputElement) {
    const said = input.value.trim() === '' ? 0 : Number(input.value);
    open.edit({ type: 'set-spare', weights: { [month]: said } });
  }
</script>

<section class="grid gap-2.5" aria-label="Spare pages">
  <h2>Spare pages</h2>
  <label class="field">
    <span>Kept</span>
    <select
      class="select"
      value={book.spare}
      onchange={(event) => open.edit({ type: 'set-spare', spare: event.currentTarget.value as Book['spare'] })}
    >
      <option value="end">together, after the last month</option>
      <option value="even">spread over the months</option>
      <option value="weights">by weight, for months that overran</option>
    </select>
  </label>
  {#if book.spare === 'weights'}
    <div class="grid grid-cols-3 gap-2">
      {#each book.months as month (month.month)}
        <label class="field"
          ><span>{month.name}</span><input
            class="input input-sm figures"
            inputmode="numeric"
            value={month.weight}
            {@attach kept}
            onchange={(event) => weigh(month.month, event.currentTarget)}
          /></label
        >
      {/each}
    </div>
  {/if}
</section>
