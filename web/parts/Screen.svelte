<!-- Every screen: one margin rule, reasons to its left, the work to its right. On a phone the margin slides up. -->
<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    title: string;
    margin: Snippet;
    children: Snippet;
    /** What the handle of the sliding margin says. */
    handle?: string;
    /** Whether the margin has slid up, where it slides. */
    up?: boolean;
  }
  let { title, margin, children, handle = 'Reasons', up = $bindable(false) }: Props = $props();
</script>

<div class="screen">
  <aside class="margin" class:up aria-label="Margin">
    <button class="handle" aria-expanded={up} onclick={() => (up = !up)}>{up ? 'Slide down' : handle}</button>
    <div class="notes">
      {@render margin()}
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
  .margin {
    border-right: 2px solid var(--rule);
    overflow-y: auto;
    padding: 1rem 1.1rem 1.5rem;
    min-height: 0;
  }
  .work {
    overflow-y: auto;
    padding: 1rem 1.4rem 1.5rem;
    min-height: 0;
  }
  .handle {
    display: none;
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
      overflow-y: auto;
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
  }
</style>
