<!-- Both books seen from the side, and lines between what became of what. -->
<script lang="ts">
  import type { OldReview, OldSpread } from '../api/client';
  import ForeEdge from '../parts/ForeEdge.svelte';
  import { foot } from '../state/foot.svelte';

  interface Props {
    review: OldReview;
    title: string;
    chosen: string | null;
    choose: (spread: string) => void;
  }
  let { review, title, chosen, choose }: Props = $props();

  // The new book's edge stands here, as it would be.
  $effect(() => {
    foot.shown = false;
    return () => (foot.shown = true);
  });

  const middle = (page: number, count: number, of: number) => (100 * (page - 1 + count / 2)) / of;
  const lines = $derived(
    review.spreads.flatMap((one: OldSpread) =>
      one.page === null || one.new_page === null
        ? []
        : [
            {
              id: one.id,
              title: one.title,
              from: middle(one.page, one.took ?? one.pages, review.pages),
              to: middle(one.new_page, one.new_pages, review.after.pages),
            },
          ],
    ),
  );
</script>

<div class="edges">
  <p class="quiet" dir="auto">{review.title}</p>
  <ForeEdge title={review.title} pages={review.pages} stretches={review.fore_edge} short={0} />
  <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
    {#each lines as line (line.id)}
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
      <path class:chosen={line.id === chosen} d="M{line.from} 0 C{line.from} 5 {line.to} 5 {line.to} 10" onclick={() => choose(line.id)}
        ><title>{line.title}</title></path
      >
    {/each}
  </svg>
  <ForeEdge {title} pages={review.after.pages} stretches={review.after.fore_edge} short={review.after.short} />
  <p class="quiet" dir="auto">{title}{review.carried ? '' : ', as it would be'}</p>
</div>

<style>
  .edges {
    display: grid;
    gap: 0.15rem;
    margin-top: 0.6rem;
    background: var(--color-base-200);
  }
  @media (min-width: 701px) and (min-height: 561px) {
    .edges {
      position: sticky;
      bottom: -1.5rem;
      padding-block: 0.4rem;
      z-index: 5;
    }
  }
  svg {
    width: 100%;
    height: 2.6rem;
  }
  path {
    fill: none;
    stroke: var(--color-neutral);
    stroke-width: 1.2px;
    vector-effect: non-scaling-stroke;
    opacity: 0.55;
    cursor: pointer;
  }
  path.chosen {
    stroke: var(--rule);
    stroke-width: 3px;
    opacity: 1;
  }
</style>
