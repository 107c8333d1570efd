<!-- What a screen is for and what to do first, in a line that goes away. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { ScreenEntry } from '../screens';
  import { purposes } from '../state/purposes.svelte';

  let { screen }: { screen: ScreenEntry } = $props();
  $effect(() => {
    const opened = screen.screen;
    untrack(() => purposes.opened(opened));
  });
</script>

{#if purposes.isSaid(screen.screen)}
  <section class="purpose" class:alone={screen.alone} aria-label="What this is for">
    <p>{screen.says}</p>
    <button class="btn small plain" onclick={() => purposes.understood(screen.screen)}>Understood</button>
  </section>
{/if}

<style>
  .purpose {
    display: flex;
    align-items: baseline;
    gap: 0.3rem 1rem;
    padding: 0.25rem 1.1rem;
    border-bottom: 1px solid var(--color-base-300);
    background: var(--color-base-100);
  }
  button {
    flex: none;
    margin-left: auto;
  }
  /* With a pencil in the hand. */
  .alone {
    align-items: center;
  }
  .alone button {
    height: 2.75rem;
  }
  /* A phone on its side has room for the page alone. */
  @media (max-height: 500px) {
    .purpose {
      display: none;
    }
  }
  @media (max-width: 700px) {
    .purpose {
      padding-inline: 0.8rem;
      font-size: 0.9rem;
      line-height: 1.35;
    }
  }
</style>
