<!-- The side, and the parts people use most, one press each. -->
<script lang="ts">
  import type { CountingState } from './counting.svelte';

  let { bench }: { bench: CountingState } = $props();
</script>

<div class="sides" role="group" aria-label="Which side">
  <button class="btn" aria-pressed={bench.edge === 'top'} onclick={() => (bench.edge = 'top')}>Across</button>
  <button class="btn" aria-pressed={bench.edge === 'side'} onclick={() => (bench.edge = 'side')}>Down</button>
</div>
<div class="quick" role="group" aria-label="Usual parts">
  {#each [2, 3, 4, 5, 6, 7] as parts (parts)}
    <button
      class="btn small"
      aria-pressed={!bench.shared && bench.parts === parts}
      onclick={() => ((bench.ratio = ''), (bench.parts = parts))}>{parts}</button
    >
  {/each}
  <button class="btn small" aria-pressed={bench.gap === null} onclick={() => (bench.gap = bench.gap === null ? 0 : null)}>best gap</button>
</div>

<style>
  .sides {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  .quick {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  [aria-pressed='true'] {
    border-color: var(--rule);
    box-shadow: inset 0 -3px 0 var(--rule);
  }
  @media (max-width: 700px) {
    .quick .btn {
      min-height: 44px;
      min-width: 42px;
    }
  }
</style>
