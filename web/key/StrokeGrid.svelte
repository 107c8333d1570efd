<!-- Five by five dots; a stroke is drawn from dot to dot, by pointer or by keys. What is inked already stays. -->
<script lang="ts">
  import type { Stroke } from './key.svelte';

  interface Props {
    standing: Stroke[];
    strokes: Stroke[];
    draw: (stroke: Stroke) => void;
    erase: (nth: number) => void;
    label: string;
  }
  let { standing, strokes, draw, erase, label }: Props = $props();

  const DOTS = [0, 1, 2, 3, 4];
  let from = $state<{ x: number; y: number } | null>(null);
  let pen = $state({ x: 2, y: 2 });
  let said = $state('');

  function dot(x: number, y: number) {
    pen = { x, y };
    if (!from) {
      from = { x, y };
      said = `Stroke begins at ${x + 1} across, ${y + 1} down.`;
      return;
    }
    if (from.x !== x || from.y !== y) {
      draw([from.x, from.y, x, y]);
      said = `Stroke drawn to ${x + 1} across, ${y + 1} down.`;
    } else said = 'Stroke left off.';
    from = null;
  }

  function key(event: KeyboardEvent) {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (way) {
      pen = { x: Math.max(0, Math.min(4, pen.x + way[0]!)), y: Math.max(0, Math.min(4, pen.y + way[1]!)) };
    } else if (event.key === 'Enter' || event.key === ' ') dot(pen.x, pen.y);
    else if (event.key === 'Escape') from = null;
    else if (event.key === 'Backspace' || event.key === 'Delete') {
      if (strokes.length > 0) erase(strokes.length - 1);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }

  /** The nearest dot to a pointer. */
  function at(event: PointerEvent): { x: number; y: number } {
    const box = (event.currentTarget as SVGElement).getBoundingClientRect();
    const near = (share: number) => Math.max(0, Math.min(4, Math.round(share * 5 - 0.5)));
    return { x: near((event.clientX - box.left) / box.width), y: near((event.clientY - box.top) / box.height) };
  }
  function down(event: PointerEvent) {
    if ((event.target as Element).classList.contains('own') && !from) return;
    const { x, y } = at(event);
    dot(x, y);
  }
  function up(event: PointerEvent) {
    const { x, y } = at(event);
    // A drag from dot to dot is a stroke; a click leaves the pen down for the next one.
    if (from && (from.x !== x || from.y !== y)) dot(x, y);
  }
</script>

<!-- One control with a cursor of its own, like a drawing board: the words under it say how it is used. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<svg
  viewBox="-0.5 -0.5 5 5"
  role="application"
  aria-label={label}
  aria-describedby="grid-keys"
  tabindex="0"
  onkeydown={key}
  onpointerdown={down}
  onpointerup={up}
>
  {#each DOTS as y (y)}
    {#each DOTS as x (x)}
      <circle cx={x} cy={y} r="0.07" class="dot" />
    {/each}
  {/each}
  {#each standing as [x, y, toX, toY], i (i)}<path class="standing" d="M{x} {y}L{toX} {toY}" />{/each}
  {#each strokes as [x, y, toX, toY], i (i)}
    <!-- Taking one away by pointer; by keys, the last goes with Backspace. -->
    <!-- svelte-ignore a11y_no_static_element_interactions -->
    <path class="own" d="M{x} {y}L{toX} {toY}" ondblclick={() => erase(i)} />
  {/each}
  {#if from}<circle cx={from.x} cy={from.y} r="0.2" class="from" />{/if}
  <circle cx={pen.x} cy={pen.y} r="0.14" class="pen" />
</svg>
<p class="sr-only" role="status">{said}</p>
<p id="grid-keys" class="quiet">
  Click dot after dot, or drag, to draw a stroke. With keys: arrows move the pen, Enter sets it down and lifts it, Backspace takes the last
  stroke away. A double click takes a stroke away.
</p>

<style>
  svg {
    display: block;
    width: 100%;
    max-width: 20rem;
    aspect-ratio: 1;
    background: var(--sheet);
    forced-color-adjust: none;
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
    touch-action: none;
    cursor: crosshair;
  }
  .dot {
    fill: var(--dot);
  }
  path {
    stroke: var(--ink);
    stroke-width: 0.26;
    stroke-linecap: round;
    fill: none;
  }
  .standing {
    stroke: var(--pencil);
  }
  .own:hover {
    stroke: var(--lit);
  }
  .from {
    fill: none;
    stroke: var(--lit);
    stroke-width: 0.06;
  }
  .pen {
    fill: none;
    stroke: transparent;
    stroke-width: 0.05;
  }
  svg:focus-visible .pen {
    stroke: var(--lit);
  }
</style>
