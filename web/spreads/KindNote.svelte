<!-- A kind looked at in the margin, large, before it is added. -->
<script lang="ts">
  import type { Kind, Mark } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import { open } from '../state/book.svelte';
  import type { DrawerState } from './drawer.svelte';

  interface Props {
    drawer: DrawerState;
    kind: Kind;
    add: (kind: string) => void;
    /** Out of the drawer of every notebook. */
    forget: (kind: string) => Promise<void>;
  }
  let { drawer, kind, add, forget }: Props = $props();
  const drawn = $derived(drawer.drawn.value);
  const sample = $derived(drawer.sample(kind.kind));
</script>

<div class="flex items-start justify-between gap-2">
  <h2>{kind.name}</h2>
  <button class="btn small plain" onclick={() => (drawer.looked = null)}>Close</button>
</div>
<p>{kind.purpose}</p>
{#if drawn && sample}
  {#if sample.says}<p class="note broken">{sample.says}</p>{/if}
  <div class="sample" style:aspect-ratio="{drawn.across + 1} / {drawn.down + 1}"><Drawing across={drawn.across} down={drawn.down} marks={sample.marks as Mark[]} label="{kind.name} on this paper" /></div>
  <p class="quiet">{sample.pages === 1 ? 'One page' : `${sample.pages} pages, the first shown`}, on {drawn.across} × {drawn.down} boxes.</p>
{/if}
{#if kind.names.length > 0}<p class="quiet">Also called: {kind.names.join(', ')}.</p>{/if}
{#if drawer.isOwn(kind.kind)}<p class="quiet">You made this kind; it stands in the drawer of every notebook.</p>{/if}
<button class="btn chief mt-2" onclick={() => add(kind.kind)}>Add to the book</button>
{#if drawer.isOwn(kind.kind)}
  <button class="btn small mt-2" onclick={() => drawer.takeOut(kind.kind, (edit) => open.edit(edit), forget)}>Take it out of the drawer</button>
{/if}

<style>
  .sample {
    background: var(--color-base-100);
    border: 1px solid var(--color-base-300);
    margin: 0.6rem 0 0.3rem;
  }
</style>
