<!-- One side of a leaf: its paper without what is cut away, what is drawn on it, and against the light what is on its back. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { type Look, paint, paintLater, type Side } from './paint';

  interface Props extends Side {
    /** Pixels of the screen it is wide. */
    width: number;
    look: Look;
    /** Whether it is looked at now; others are painted when there is time. */
    now: () => boolean;
  }
  let { across, down, number, page, reverse, left, width, look, now }: Props = $props();

  function painted(canvas: HTMLCanvasElement) {
    const side = [canvas, { across, down, number, page, reverse, left }, look, width * devicePixelRatio] as const;
    if (!untrack(now)) return paintLater(...side);
    paint(...side);
  }
</script>

<div role="img" aria-label="Page {number}: {page?.title ?? 'not fetched yet'}"><canvas {@attach painted}></canvas></div>

<style>
  div,
  canvas {
    display: block;
    width: 100%;
    height: 100%;
  }
</style>
