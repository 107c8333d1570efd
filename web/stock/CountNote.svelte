<!-- Where the estimate comes from, and where the person's count differs from it. -->
<script lang="ts">
  import type { Estimate } from '../api/client';
  import type { StockAnswers } from './answers';

  let { estimate, answers }: { estimate: Estimate | null; answers: StockAnswers } = $props();
</script>

{#if estimate}
  {#each [['across', estimate.across, answers.across], ['down', estimate.down, answers.down]] as const as [way, reckoned, count] (way)}
    <div class="note">
      <p><strong>{reckoned.boxes} {way}</strong>, by estimate</p>
      <p class="quiet">{reckoned.working}</p>
      {#if count !== String(reckoned.boxes)}<p>Your count, {count}, is used.</p>{/if}
    </div>
  {/each}
{/if}
