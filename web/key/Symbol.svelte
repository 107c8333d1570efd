<!-- A mark of the key, at any size. -->
<script lang="ts">
  import type { Stroke } from './key.svelte';

  interface Props {
    strokes: Stroke[];
    /** CSS length of its box; the mark fills four fifths of it, as on paper. */
    size: string;
    label?: string;
  }
  let { strokes, size, label = '' }: Props = $props();
</script>

<svg
  viewBox="-0.5 -0.5 5 5"
  style:width={size}
  style:height={size}
  role={label ? 'img' : 'presentation'}
  aria-label={label || undefined}
  aria-hidden={label ? undefined : 'true'}
>
  {#each strokes as [x, y, toX, toY], i (i)}<path d="M{x} {y}L{toX} {toY}" />{/each}
</svg>

<style>
  svg {
    display: inline-block;
    flex: none;
  }
  path {
    stroke: currentColor;
    stroke-width: 0.4;
    stroke-linecap: round;
    fill: none;
  }
</style>
