<!-- A word of the trade at its first use: what it is, in a line, with a small drawing. -->
<script lang="ts">
  import { explained, type Term } from '../state/explained.svelte';

  let { term, counting }: { term: Term; counting: string } = $props();

  const SAYS: Record<Term, string> = $derived({
    box:
      counting === 'dots'
        ? 'The squares between the dots are boxes. You count dots: the edge is not one of them, and what is 5 dots on is 5 boxes away.'
        : 'A box is the square between four dots. All counts are in boxes, from the edge of the page.',
    tick: 'A tick is a short, faint pencil mark at a count from the edge. Lines begin at it; it is erased at the end.',
    band: 'A band is a row of boxes in a light marker. It comes before ink, which it would drag along.',
    ink: 'Ink goes over the pencil, line by line. Lift the ruler straight up; what is wet smears.',
  });
  const dots = [4, 16, 28, 40];
</script>

<aside class="first" aria-label="At first use: {term}">
  <svg viewBox="0 0 44 44" aria-hidden="true">
    {#if term === 'box'}<rect class="lit" x="16" y="16" width="12" height="12" />{/if}
    {#if term === 'band'}<rect class="band" x="4" y="16" width="36" height="12" />{/if}
    {#each dots as x (x)}{#each dots as y (y)}<circle cx={x} cy={y} r="1.2" />{/each}{/each}
    {#if term === 'tick'}<path class="pencil" d="M16 0v7M28 0v7" />{/if}
    {#if term === 'ink'}<path class="pencil" d="M16 0v7M28 0v7" /><path class="ink" d="M16 4v36M28 4v24" />{/if}
  </svg>
  <p>{SAYS[term]} <button class="btn small plain" onclick={() => explained.understood(term)}>Understood</button></p>
</aside>

<style>
  .first {
    display: grid;
    grid-template-columns: 3.6rem minmax(0, 1fr);
    gap: 0.8rem;
    align-items: center;
    padding: 0.4rem 0 0.2rem;
    border-left: 3px solid var(--rule);
    padding-left: 0.8rem;
    font-size: 1rem;
  }
  .btn {
    min-height: 44px;
  }
  /* On its side a phone has no room for it: it waits until it stands. */
  @media (max-height: 560px) {
    .first {
      display: none;
    }
  }
  svg {
    width: 3.6rem;
    background: var(--sheet);
    forced-color-adjust: none;
    border: 1px solid var(--color-base-300);
  }
  circle {
    fill: var(--pencil);
  }
  .lit {
    fill: color-mix(in srgb, var(--lit) 28%, transparent);
    stroke: var(--lit);
  }
  .band {
    fill: var(--band);
  }
  .pencil {
    stroke: var(--pencil);
    stroke-width: 1.6;
  }
  .ink {
    stroke: var(--ink);
    stroke-width: 2;
  }
</style>
