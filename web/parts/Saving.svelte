<!-- What the margin says of saving: in words, and with what to do where an edit was refused. -->
<script lang="ts">
  import { open } from '../state/book.svelte';
  import { drafts, paper } from '../state/drafts.svelte';

  const waits = $derived(open.book !== null && drafts.get(paper(open.book.id, open.book.book)) !== null);
</script>

<p class="quiet" role="status">{open.saved}{waits && open.saved ? ' The paper and the months wait to be planned.' : ''}</p>
{#if open.problem}
  <div class="note stop" role="alert">
    <p>{open.problem.detail}</p>
    {#if open.refused.length > 0}
      <div class="mt-1 flex gap-1.5">
        <button class="btn small" onclick={() => open.again()}
          >{open.refused.length === 1 ? 'Make my edit now' : `Make my ${open.refused.length} edits now`}</button
        >
        <button class="btn small plain" onclick={() => ((open.refused = []), (open.problem = null))}>Leave it</button>
      </div>
    {:else}
      <button class="btn small mt-1" onclick={() => (open.problem = null)}>Understood</button>
    {/if}
  </div>
{/if}
