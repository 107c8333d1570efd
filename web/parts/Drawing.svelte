<!-- A page as it is to be drawn. Small, it is the real drawing, only smaller; large, it has rulers that count boxes. -->
<script lang="ts">
  import type { Mark } from '../api/client';
  import { AIR, BOX, type Cut, EDGE, gather, paper, RIM } from './marks';

  interface Props {
    across: number;
    down: number;
    marks: Mark[];
    /** What it shows; empty where something else already says so. */
    label: string;
    /** Rulers along the edges, dots, and pointing at marks. */
    large?: boolean;
    counting?: string;
    /** Drawn with the book turned: counted from the lower end of the left edge. */
    turned?: boolean;
    /** Shown as it lies while it is drawn. */
    lying?: boolean;
    /** The note or step that is lit. */
    note?: string | null;
    step?: number | null;
    layers?: Set<string>;
    point?: (note: string | null) => void;
    /** What is cut away of the page, and the pages that are seen there, the nearest first. */
    removed?: Cut[];
    behind?: { marks: Mark[]; removed: Cut[] }[];
    /** A region marked on the page, in boxes. */
    region?: { x: number; y: number; wide: number; tall: number } | null;
    /** Told the box that is pointed at, from the upper left corner of the upright page. */
    pick?: (x: number, y: number) => void;
    /** Told the very spot, in the drawing's own units, and where that is on the screen. */
    press?: (x: number, y: number, at: { x: number; y: number }) => void;
  }
  let {
    across,
    down,
    marks,
    label,
    large = false,
    counting = 'boxes',
    turned = false,
    lying = false,
    note = null,
    step = null,
    layers = new Set(['pencil', 'band', 'ink', 'writing']),
    point,
    removed = [],
    behind = [],
    region = null,
    pick,
    press,
  }: Props = $props();

  const uid = $props.id();
  const drawn = $derived(gather(marks));
  /** The pages behind, the furthest first, as they are drawn over one another. */
  const seen = $derived([...behind].reverse().map((one) => ({ path: paper(across, down, one.removed), drawn: gather(one.marks) })));
  const wide = $derived(across * BOX);
  const tall = $derived(down * BOX);
  const box = $derived(
    large
      ? lying
        ? `${-tall - EDGE} ${-EDGE} ${tall + EDGE + AIR} ${wide + EDGE + AIR}`
        : `${-EDGE} ${-EDGE} ${wide + EDGE + AIR} ${tall + EDGE + AIR}`
      : `-420 -420 ${wide + 840} ${tall + 840}`,
  );
  const from = $derived(counting === 'dots' ? 1 : 0);
  /** Where the current step's pencil ticks stand, read off its marks. */
  const ticks = $derived(
    large && step !== null
      ? marks
          .filter((mark) => mark[0] === 'line' && mark[1] === 'pencil' && mark[2] === step)
          .map((mark) => ({ x: mark[4] as number, y: mark[5] as number, top: mark[6] === 0 }))
      : [],
  );

  const isLit = (one: { note: string | null; step: number }) => (step !== null ? one.step === step : note !== null && one.note === note);
  /** Every fifth, and the last; a fifth that stands too close to the last gives way. */
  const numbered = (i: number, last: number) => i === last || (i % 5 === 0 && last - i >= 2);
  let page: SVGGElement | undefined = $state();
  function picked(event: MouseEvent) {
    const matrix = page?.getScreenCTM();
    if (!matrix) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    press?.(at.x, at.y, { x: event.clientX, y: event.clientY });
    if (!pick) return;
    const box = (place: number, most: number) => Math.max(0, Math.min(most - 1, Math.floor(place / BOX)));
    pick(box(at.x, across), box(at.y, down));
  }
  const counts = (n: number) => Array.from({ length: n + 1 }, (_, i) => i);
</script>

<!-- Pointing at a box is an extra for the hand: beside the page its counts can be typed. -->
<svg
  viewBox={box}
  class:picking={pick !== undefined}
  class:pressed={press !== undefined}
  onclick={pick || press ? picked : undefined}
  role={label ? 'img' : 'presentation'}
  aria-label={label || undefined}
  aria-hidden={label ? undefined : 'true'}
  class:large
>
  <!-- A lying page is the upright one turned: its left edge comes to the top. -->
  <g bind:this={page} transform={lying ? 'rotate(90)' : undefined}>
    {#if large}
      <defs>
        <pattern id="{uid}-dots" width={BOX} height={BOX} patternUnits="userSpaceOnUse" x={-BOX / 2} y={-BOX / 2}>
          <circle cx={BOX / 2} cy={BOX / 2} r="46" class="dot" />
        </pattern>
      </defs>
      <rect x="-420" y="-420" width={wide + 840} height={tall + 840} fill="url(#{uid}-dots)" clip-path="inset(0)" />
      <g class="ruler" aria-hidden="true">
        {#each counts(across) as i (i)}
          <path d="M{i * BOX} {lying ? tall + 480 : -480}v{(lying ? 1 : -1) * (i % 5 === 0 ? 300 : 150)}" />
          {#if numbered(i, across)}
            {#if lying}<text x={i * BOX + 170} y={tall + 860} text-anchor="end" transform="rotate(-90 {i * BOX + 170} {tall + 860})"
                >{i + from}</text
              >
            {:else}<text x={i * BOX} y="-880" text-anchor="middle">{i + from}</text>{/if}
          {/if}
        {/each}
        {#each counts(down) as i (i)}
          <path d="M-480 {i * BOX}h{i % 5 === 0 ? -300 : -150}" />
          {@const n = turned ? down - i : i}
          {#if numbered(n, down)}<text
              x={lying ? -1000 : -860}
              y={i * BOX + 170}
              text-anchor={lying ? 'middle' : 'end'}
              transform={lying ? `rotate(-90 -1000 ${i * BOX})` : undefined}>{n + from}</text
            >{/if}
        {/each}
        {#each ticks as tick, i (i)}
          <path class="lit" d={tick.top ? (lying ? `M${tick.x} ${tall + 480}v420` : `M${tick.x} -480v-420`) : `M-480 ${tick.y}h-420`} />
        {/each}
      </g>
    {/if}
    {#if removed.length > 0}
      <clipPath id="{uid}-cut"
        ><path
          d={`${removed
            .map((cut) => paper(across, down, [cut]).split('M')[2])
            .map((one) => `M${one}`)
            .join('')}`}
        /></clipPath
      >
      <g class="behind" clip-path="url(#{uid}-cut)" aria-hidden="true">
        <rect x={-RIM} y={-RIM} width={wide + 2 * RIM} height={tall + 2 * RIM} class="hole" />
        {#each seen as one, i (i)}
          <path class="sheet" d={one.path} fill-rule="evenodd" />
          {#each one.drawn.bands as mark, j (j)}<path class="band" style:fill={mark.colour} d={mark.path} />{/each}
          {#each one.drawn.strokes as mark, j (j)}<path class={mark.layer} style:stroke={mark.colour} d={mark.path} />{/each}
          {#each one.drawn.words as mark, j (j)}<text
              class="words"
              style:fill={mark.colour}
              x={mark.x}
              y={mark.y}
              transform={mark.upwards ? `rotate(-90 ${mark.x} ${mark.y})` : undefined}
              font-size={mark.size}
              text-anchor={mark.anchor}>{mark.text}</text
            >{/each}
        {/each}
      </g>
      <path class="knife" d={removed.map((cut) => `M${paper(across, down, [cut]).split('M')[2]}`).join('')} />
    {/if}
    {#if region && region.wide > 0 && region.tall > 0}<rect
        class="region"
        x={region.x * BOX}
        y={region.y * BOX}
        width={region.wide * BOX}
        height={region.tall * BOX}
      />{/if}
    {#each drawn.bands as one, i (i)}
      {#if layers.has(one.layer)}<path class="band" class:lit={isLit(one)} style:fill={one.colour} d={one.path} />{/if}
    {/each}
    {#each drawn.strokes as one, i (i)}
      {#if layers.has(one.layer)}
        <!-- Pointing is an extra for the mouse: the margin lists the same notes for the keyboard. -->
        <!-- svelte-ignore a11y_no_static_element_interactions -->
        <path
          class={one.layer}
          class:lit={isLit(one)}
          style:stroke={isLit(one) ? undefined : one.colour}
          d={one.path}
          onpointerenter={() => point?.(one.note)}
          onpointerleave={() => point?.(null)}
        />
      {/if}
    {/each}
    {#each drawn.words as one, i (i)}
      {#if layers.has(one.layer)}
        <!-- svelte-ignore a11y_no_static_element_interactions -->
        <text
          class="words"
          class:faint={one.layer === 'pencil'}
          class:lit={isLit(one)}
          style:fill={isLit(one) ? undefined : one.colour}
          x={one.x}
          y={one.y}
          transform={one.upwards ? `rotate(-90 ${one.x} ${one.y})` : undefined}
          font-size={one.size}
          text-anchor={one.anchor}
          onpointerenter={() => point?.(one.note)}
          onpointerleave={() => point?.(null)}>{one.text}</text
        >
      {/if}
    {/each}
  </g>
</svg>

<style>
  svg {
    display: block;
    background: var(--sheet);
    forced-color-adjust: none;
    width: 100%;
    height: 100%;
  }
  .picking {
    cursor: crosshair;
  }
  .pressed .words {
    cursor: text;
  }
  path {
    fill: none;
    vector-effect: non-scaling-stroke;
  }
  .ink {
    stroke: var(--ink);
    stroke-width: 0.6px;
  }
  .pencil {
    stroke: var(--pencil);
    stroke-width: 0.5px;
  }
  .large .ink {
    stroke-width: 1.6px;
  }
  .large .pencil {
    stroke-width: 1.2px;
  }
  .writing {
    stroke: var(--ink);
    stroke-width: 0.8px;
  }
  .region {
    fill: color-mix(in srgb, var(--band) 55%, transparent);
    stroke: var(--caution);
    stroke-dasharray: 5 4;
    vector-effect: non-scaling-stroke;
  }
  .hole {
    fill: var(--color-base-200);
  }
  .sheet {
    fill: var(--sheet);
  }
  .behind {
    opacity: 0.85;
  }
  .knife {
    stroke: var(--ink);
    stroke-width: 0.5px;
    stroke-dasharray: 4 3;
  }
  .large .knife {
    stroke-width: 1.2px;
  }
  .under {
    stroke: var(--dot);
    stroke-width: 1px;
  }
  .band {
    fill: var(--band);
  }
  .words {
    fill: var(--ink);
    font-variant-numeric: tabular-nums;
  }
  .faint {
    fill: var(--pencil);
  }
  .dot {
    fill: var(--dot);
  }
  .lit {
    stroke: var(--lit);
    stroke-width: 2.6px;
  }
  .large .lit {
    stroke-width: 3px;
  }
  text.lit {
    fill: var(--lit);
    stroke: none;
  }
  .ruler path {
    stroke: var(--pencil);
    stroke-width: 1px;
  }
  .ruler path.lit {
    stroke: var(--lit);
    stroke-width: 3px;
  }
  .ruler text {
    font-size: 560px;
    fill: var(--ink);
    font-variant-numeric: tabular-nums;
  }
</style>
