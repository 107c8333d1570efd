<!-- Said at the head of every screen while the program is not reached, or while something waits on this device to be sent. -->
<script lang="ts">
  import { reach } from '../offline/reach.svelte';
</script>

<div class="reached" aria-live="polite">
  {#if reach.says}<p class="figures">{reach.says}</p>{/if}
  {#if reach.refused}<p class="stop">
      {reach.refused} <button class="btn small plain" onclick={() => (reach.refused = '')}>Close</button>
    </p>{/if}
</div>

<style>
  p {
    padding: 0.35rem 1.1rem;
    border-left: 4px solid var(--caution);
    background: var(--color-base-200);
  }
  .stop {
    border-color: var(--color-error);
  }
</style>
