<!-- How long a page should take and took; what the timer says can be put right. -->
<script lang="ts">
  import type { Timing } from '../api/client';
  import { open } from '../state/book.svelte';

  let { one, short = false }: { one: Timing; /** Only the line. */ short?: boolean } = $props();

  let correcting = $state(false);
  let minutes = $state<number | null>(null);
  let decoration = $state<number | null>(null);

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    const took = minutes ?? one.took;
    const edits = [
      ...(took === null || took === one.took
        ? []
        : [{ type: 'time-page' as const, drawing: one.drawing, nth: one.nth, minutes: took, said: true, work: one.work }]),
      ...(decoration === null || decoration === one.decoration
        ? []
        : [{ type: 'decorate' as const, drawing: one.drawing, minutes: decoration > 0 ? decoration : null }]),
    ];
    for (const edit of edits) if (!(await open.edit(edit))) return;
    correcting = false;
    minutes = decoration = null;
  }
</script>

<p class="quiet figures minutes">
  Page {one.page}: {one.estimate.says}{one.decoration > 0
    ? `, ${one.decoration} of decoration among them`
    : short
      ? ''
      : ', without decoration'}{one.took !== null
    ? `; took ${one.took}${one.said ? ', as you say' : ''}`
    : one.running > 0
      ? `; ${one.running} so far`
      : ''}.
  {#if !short}<button class="btn small plain" aria-expanded={correcting} onclick={() => (correcting = !correcting)}
      >Put right<span class="sr-only"> the minutes of page {one.page}</span></button
    >{/if}
</p>
{#if correcting}
  <form class="flex flex-wrap items-end gap-2" onsubmit={keep}>
    <label class="field w-28"
      ><span>It took, min</span><input
        class="input figures"
        type="number"
        min="1"
        max="600"
        placeholder={String(one.took ?? one.running)}
        value={minutes ?? ''}
        oninput={(event) => (minutes = Number.isNaN(event.currentTarget.valueAsNumber) ? null : event.currentTarget.valueAsNumber)}
      /></label
    >
    <label class="field w-32"
      ><span>Decoration, min</span><input
        class="input figures"
        type="number"
        min="0"
        max="600"
        placeholder={String(one.decoration)}
        value={decoration ?? ''}
        oninput={(event) => (decoration = Number.isNaN(event.currentTarget.valueAsNumber) ? null : event.currentTarget.valueAsNumber)}
      /></label
    >
    <button class="btn small">Keep</button>
  </form>
{/if}

<style>
  .minutes {
    margin-top: 0.5rem;
  }
  .minutes :global(.btn) {
    display: inline-flex;
  }
</style>
