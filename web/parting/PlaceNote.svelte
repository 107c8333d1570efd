<!-- How large the chosen part is within its division, and what can be done with the one beside it. -->
<script lang="ts">
  import type { PartChange } from '../api/client';
  import type { PartingState } from './parting.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    parting: PartingState;
    change: (change: Omit<PartChange, 'at'>) => void;
  }
  let { parting, change }: Props = $props();

  const around = $derived(parting.around!);
  const size = $derived(around.sizes[parting.nth] ?? {});
  const long = $derived(around.stretches[parting.nth]?.[1] ?? 1);
  const kind = $derived(size.needed ? 'needed' : size.boxes ? 'boxes' : 'share');
  let wrong = $state('');

  function choose(said: string) {
    if (said === 'needed') change({ do: 'size', needed: true });
    else if (said === 'boxes') change({ do: 'size', boxes: long });
    else change({ do: 'size', share: 1 });
  }

  function amount(said: string) {
    const n = Number(said);
    wrong = Number.isInteger(n) && n >= 1 && n <= 200 ? '' : 'A whole number from 1 to 200.';
    if (!wrong) change(kind === 'boxes' ? { do: 'size', boxes: n } : { do: 'size', share: n });
  }
</script>

<h3 class="mt-4">Its place</h3>
<p class="quiet">
  One of {around.sizes.length}
  {around.way === 'across' ? 'side by side' : 'one below another'}: <span class="figures">{around.run}</span>
</p>
<div class="mt-1 grid grid-cols-[1fr_5rem] gap-2">
  <label class="field">
    <span>Size</span>
    <select class="select" value={kind} onchange={(event) => choose(event.currentTarget.value)}>
      <option value="share">a share of the rest</option>
      <option value="boxes">so many boxes</option>
      <option value="needed">as much as it needs</option>
    </select>
  </label>
  {#if kind !== 'needed'}
    <label class="field">
      <span>{kind === 'boxes' ? 'Boxes' : 'Share'}</span>
      <input
        class="input figures"
        inputmode="numeric"
        value={kind === 'boxes' ? size.boxes : size.share}
        {@attach kept}
        aria-invalid={wrong ? 'true' : undefined}
        onchange={(event) => amount(event.currentTarget.value)}
      />
    </label>
  {/if}
</div>
{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
<div class="mt-2 flex flex-wrap gap-1.5">
  <button class="btn small" onclick={() => change({ do: 'join' })}
    >Join with the {parting.nth + 1 < around.sizes.length ? 'next' : 'one before'}</button
  >
  <button class="btn small" onclick={() => change({ do: 'swap' })}
    >Swap with the {parting.nth + 1 < around.sizes.length ? 'next' : 'one before'}</button
  >
  <button class="btn small plain" onclick={() => parting.out()}>The division around it</button>
</div>
