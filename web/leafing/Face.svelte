<!-- One side of a leaf: its paper without what is cut away, what is drawn on it, and against the light what is on its back. -->
<script lang="ts">
  import { type Look, paint, type Side } from './paint';

  interface Props extends Side {
    /** Pixels of the screen it is wide. */
    width: number;
    look: Look;
  }
  let { across, down, number, page, reverse, left, width, look }: Props = $props();

  function painted(canvas: HTMLCanvasElement) {
    paint(canvas, { across, down, number, page, reverse, left }, look, width * devicePixelRatio);
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
