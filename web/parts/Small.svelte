<!-- A page small, painted while it is in sight: one element, however much is drawn on it. What it shows is said beside it. -->
<script lang="ts">
  import type { Mark } from '../api/client';
  import { theme } from '../state/theme.svelte';
  import { BOX, RIM } from './marks';
  import { later, lookOf, painted } from './paint';
  import { inSight, resized } from './sight';

  interface Props {
    across: number;
    down: number;
    /** Null while they are not fetched. */
    marks: Mark[] | null;
    /** Told when it comes into sight. */
    seen?: () => void;
  }
  let { across, down, marks, seen }: Props = $props();

  function small(canvas: HTMLCanvasElement) {
    // Another theme has other colours.
    void theme.name;
    const [page, wide, tall] = [marks, across * BOX + 2 * RIM, down * BOX + 2 * RIM];
    let stop = () => {};
    let shown = 0;

    function paint() {
      const [width, height] = [canvas.clientWidth, canvas.clientHeight].map((one) => Math.round(one * devicePixelRatio)) as [
        number,
        number,
      ];
      if (!page || width < 1 || width === shown) return;
      shown = width;
      canvas.width = width;
      canvas.height = height;
      const to = canvas.getContext('2d');
      if (!to) return;
      const scale = Math.min(width / wide, height / tall);
      to.setTransform(scale, 0, 0, scale, (width - wide * scale) / 2 + RIM * scale, (height - tall * scale) / 2 + RIM * scale);
      const hair = devicePixelRatio / scale;
      const undo = later(painted(to, page, lookOf(canvas), { ink: 0.6 * hair, pencil: 0.5 * hair }));
      const before = stop;
      stop = () => (undo(), before());
    }

    const unseen = inSight(canvas, (isSeen) => {
      stop();
      stop = () => {};
      shown = 0;
      // A picture that nobody sees takes no room.
      if (!isSeen) return void (canvas.width = 1);
      seen?.();
      stop = resized(canvas, paint);
    });
    return () => (unseen(), stop());
  }
</script>

<canvas {@attach small} aria-hidden="true"></canvas>

<style>
  canvas {
    display: block;
    width: 100%;
    height: 100%;
    background: var(--sheet);
    forced-color-adjust: none;
  }
</style>
