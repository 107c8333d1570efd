<!-- Where drawing stopped in a notebook: the desk, on that page. -->
<script lang="ts">
  import { api } from '../api/client';

  let { id, title }: { id: string; title: string } = $props();
  let stopped = $state.raw<{ book: string; page: number; title: string } | null>(null);
  $effect(() => {
    const asked = id;
    api
      .stopped(asked)
      .then((answer) => {
        if (asked === id) stopped = answer.stopped;
      })
      // The shelf shows its notebooks without it.
      .catch(() => {});
  });
</script>

{#if stopped}
  <p class="figures">
    <a href="/notebooks/{id}/desk/{stopped.page}{stopped.book === '1' ? '' : `?book=${stopped.book}`}" aria-label="Go on drawing in {title}"
      >Go on drawing</a
    >
    <span class="quiet">on page {stopped.page}, <span dir="auto">{stopped.title}</span></span>
  </p>
{/if}
