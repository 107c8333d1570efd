<!-- The next evening of a notebook on the shelf: when, what is drawn, what is laid out. -->
<script lang="ts">
  import { nextSitting } from '../parts/nextSitting';
  import { api, type Sitting } from '../api/client';
  import { dates } from '../parts/said';

  let { id }: { id: string } = $props();
  let next = $state.raw<Sitting | null>(null);
  $effect(() => {
    const asked = id;
    api
      .sittings({ id: asked, book: '1' })
      .then((all) => {
        if (asked === id) next = nextSitting(all);
      })
      // The shelf shows its notebooks without it.
      .catch(() => {});
  });
</script>

{#if next}
  <p class="figures">
    <a href="/notebooks/{id}/sittings">Next sitting: {next.today ? 'today' : `${next.weekday} ${dates(next.day)}`}, {next.from}</a>, {next
      .pages.length === 1
      ? '1 page'
      : `${next.pages.length} pages`}, {next.minutes_range.says}.
    <span class="quiet">Lay out {[...next.tools, ...next.pens].join(', ')}.</span>
  </p>
{/if}
