<!-- Every screen: one margin rule, reasons to its left, the work to its right. On a phone the margin slides up. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import { open } from '../state/book.svelte';

  interface Props {
    title: string;
    margin: Snippet;
    children: Snippet;
    /** What the handle of the sliding margin says. */
    handle?: string;
    /** Whether the margin has slid up, where it slides. */
    up?: boolean;
  }
  // What was moved before on another screen is no news here.
  open.moved = '';
  let { title, margin, children, handle = 'Reasons', up = $bindable(false) }: Props = $props();
</script>

<div class="screen">
  <aside class="margin" class:up aria-label="Margin">
    <button class="handle" aria-expanded={up} onclick={() => (up = !up)}>{up ? 'Slide down' : handle}</button>
    <div class="notes">
      {@render margin()}
    </div>
    <!-- At the margin's foot, so that nothing moves under the pointer. -->
    <div class="moved" class:sr-only={open.moved === ''}>
      <p aria-live="polite">{open.moved}</p>
      {#if open.moved}<button class="btn small plain" onclick={() => (open.moved = '')}>Seen</button>{/if}
    </div>
  </aside>
  <main class="work">
    <h1 class="sr-only">{title}</h1>
    {@render children()}
  </main>
</div>

<style>
  .screen {
    display: grid;
    grid-template-columns: 20rem minmax(0, 1fr);
    min-height: 0;
    height: 100%;
  }
  .margin,
  .work {
    scroll-padding-block: 3rem 5rem;
  }
  .margin {
    border-right: 2px solid var(--rule);
    overflow-y: auto;
    padding: 1rem 1.1rem 0;
    min-height: 0;
    display: flex;
    flex-direction: column;
  }
  .notes {
    flex: 1 0 auto;
    padding-bottom: 1.5rem;
  }
  .work {
    overflow-y: auto;
    padding: 1rem 1.4rem 1.5rem;
    min-height: 0;
  }
  .handle {
    display: none;
  }
  .moved:not(.sr-only) {
    position: sticky;
    bottom: 0;
    z-index: 10;
    display: flex;
    align-items: baseline;
    gap: 0.5rem;
    justify-content: space-between;
    margin: 1rem -1.1rem 0;
    padding: 0.5rem 1.1rem;
    background: var(--color-base-100);
    border-top: 2px solid var(--rule);
  }
  @media (max-width: 1000px) {
    .screen {
      grid-template-columns: 16rem minmax(0, 1fr);
    }
    .margin {
      padding-inline: 0.8rem;
    }
    .work {
      padding-inline: 1rem;
    }
  }
  @media (max-width: 700px) {
    .screen {
      display: block;
      padding-left: 10px;
      position: relative;
      background: linear-gradient(var(--rule), var(--rule)) 6px 0 / 2px 100% no-repeat local;
    }
    .work {
      overflow: visible;
      padding: 0.8rem 0.8rem 5rem;
    }
    .margin {
      position: fixed;
      inset: auto 0 0 0;
      z-index: 30;
      border-right: 0;
      border-top: 2px solid var(--rule);
      background: var(--color-base-200);
      padding: 0;
      max-height: 72dvh;
      display: flex;
      flex-direction: column;
    }
    .handle {
      display: block;
      min-height: 46px;
      width: 100%;
      font-weight: 600;
    }
    .notes {
      display: none;
      overflow-y: auto;
      padding: 0 1rem 1rem;
    }
    .up .notes {
      display: block;
    }
    .moved:not(.sr-only) {
      position: fixed;
      inset: auto 0 7rem 0;
      margin: 0;
    }
  }
</style>
