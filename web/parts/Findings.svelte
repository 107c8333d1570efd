<!-- Findings as notes in the margin: where, what, each offer an edit ready to be made, and where else it is decided. -->
<script lang="ts">
  import type { Finding } from '../api/client';
  import { open } from '../state/book.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { route } from '../state/route.svelte';

  interface Props {
    findings: Finding[];
    /** Whether each says what it speaks of: not where only one thing is spoken of. */
    placed?: boolean;
  }
  let { findings, placed = false }: Props = $props();

  interface Place {
    name: string;
    href: string;
  }
  function place({ about }: Finding): Place | null {
    const book = open.book;
    const spread = book?.spreads.find((one) => one.id === about);
    if (spread) return { name: spread.title, href: route.to('spreads', about) };
    const month = book?.months.find((one) => one.month === about);
    if (month) return { name: month.name, href: route.to('months') };
    const page = /^page-(\d+)$/.exec(about)?.[1];
    return page ? { name: `Page ${page}`, href: route.to('bench', page) } : null;
  }

  /** The screen where it is decided; where that designs a spread, for that one. */
  function decided({ see }: Finding): Place | null {
    const book = open.book;
    if (see === '' || see === 'undo' || see === route.screen) return null;
    if (see === 'pens' || see === 'dress') return { name: `To the ${see}`, href: route.to(see) };
    const spread = book?.spreads.find((one) => catalogue.kind(book, one.kind)?.designer === see);
    return spread ? { name: `To the ${spread.kind_name.toLowerCase()}`, href: route.to(see, spread.id) } : null;
  }
</script>

{#each findings as finding, i (i)}
  {@const at = placed ? place(finding) : null}
  {@const there = decided(finding)}
  <!-- Its words name it already. -->
  {@const says = at !== null && finding.says.includes(at.name)}
  {@const back = finding.see === 'undo' ? (open.book?.undo ?? null) : null}
  <div class="note" class:broken={finding.broken}>
    <p>
      {#if at && !says}<a class="at" href={at.href}>{at.name}</a>{/if}{finding.says}
    </p>
    {#if finding.offers.length > 0 || there || back || (at && says)}
      <div class="mt-1 flex flex-wrap gap-1.5">
        {#each finding.offers as offer (offer.say)}
          <button class="btn small offer" onclick={() => open.edit(offer.edit)}>{offer.say}</button>
        {/each}
        {#if back}<button class="btn small offer" onclick={() => open.undo()}>Take back: {back}</button>{/if}
        {#if at && says}<a class="btn small" href={at.href}>{at.name}</a>{/if}
        {#if there}<a class="btn small" href={there.href}>{there.name}</a>{/if}
      </div>
    {/if}
  </div>
{/each}

<style>
  .at {
    font-weight: 600;
    margin-right: 0.3em;
  }
  .at::after {
    content: ':';
  }
</style>
