<!-- The page with its parts over it: choose one by clicking, draw a line between two along, by mouse, touch or arrow keys. -->
<script lang="ts">
  import type { Filling, Mark } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import { AIR, BOX, EDGE, ratio } from '../parts/marks';
  import type { Line, Part, PartingState } from './parting.svelte';

  interface Props {
    parting: PartingState;
    fillings: Filling[];
    counting: string;
  }
  let { parting, fillings, counting }: Props = $props();

  const page = $derived(parting.page!);
  const wide = $derived(page.across * BOX + EDGE + AIR);
  const tall = $derived(page.down * BOX + EDGE + AIR);
  const division = $derived(parting.division);
  /** Where the way of dividing that is looked at would draw its lines. */
  const looked = $derived.by(() => {
    const [part, one] = [parting.part, parting.looked];
    if (!part || !one) return [];
    return one.ticks.map((tick) =>
      one.way === 'across'
        ? { x1: part.x + tick, y1: part.y, x2: part.x + tick, y2: part.y + part.tall }
        : { x1: part.x, y1: part.y + tick, x2: part.x + part.wide, y2: part.y + tick },
    );
  });
  /** Between the chosen part's frame and the focus within it. */
  const INSET = 0.25 * BOX;
  /** The part that has the keyboard's focus. */
  let focused = $state<string | null>(null);
  let overlay: SVGSVGElement | null = $state(null);
  /** Where a line that is drawn along was taken hold of, in boxes. */
  let held = $state<{ line: Line; at: number } | null>(null);

  const called = (part: Part) => fillings.find((one) => one.fill === part.fill)?.name ?? part.fill;
  const label = (part: Part) => `${part.name ? `${part.name}: ` : ''}${called(part)}, ${part.wide} × ${part.tall} boxes`;
  const lineLabel = (line: Line) =>
    `Line ${line.division.way === 'across' ? 'across' : 'down'} at ${line.from}, between parts ${line.part + 1} and ${line.part + 2}`;

  function boxes(event: PointerEvent, line: Line): number {
    const rect = overlay!.getBoundingClientRect();
    return line.division.way === 'across'
      ? (((event.clientX - rect.left) / rect.width) * wide - EDGE) / BOX
      : (((event.clientY - rect.top) / rect.height) * tall - EDGE) / BOX;
  }

  function take(event: PointerEvent, line: Line) {
    event.preventDefault();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    (event.currentTarget as SVGElement).focus();
    held = { line, at: boxes(event, line) };
  }

  function along(event: PointerEvent) {
    if (!held) return;
    const [least, most] = parting.bounds(held.line);
    parting.draw(held.line, Math.max(least, Math.min(most, Math.round(boxes(event, held.line) - held.at))));
  }

  function letGo() {
    if (!held) return;
    held = null;
    parting.drop();
  }

  function key(event: KeyboardEvent, line: Line) {
    const way = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    const [least, most] = parting.bounds(line);
    if (way >= least && way <= most) parting.move(line, way);
  }

  function press(event: KeyboardEvent, path: string) {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    event.stopPropagation();
    parting.choose(path);
  }
</script>

<div class="page" style:--ratio={ratio(page.across, page.down)}>
  <Drawing
    across={page.across}
    down={page.down}
    marks={(page.drawn[parting.sheet] ?? []) as Mark[]}
    label="The page as it is divided"
    large
    {counting}
  />
  <svg bind:this={overlay} class="over" viewBox="{-EDGE} {-EDGE} {wide} {tall}" role="group" aria-label="Parts of the page">
    {#each parting.parts as part (part.path)}
      <rect
        class="part"
        class:small={part.says !== null}
        x={part.x * BOX}
        y={part.y * BOX}
        width={part.wide * BOX}
        height={part.tall * BOX}
        role="button"
        tabindex="0"
        aria-label={label(part)}
        aria-pressed={parting.at === part.path}
        onclick={() => parting.choose(part.path)}
        onkeydown={(event) => press(event, part.path)}
        onfocus={(event) => (focused = event.currentTarget.matches(':focus-visible') ? part.path : null)}
        onblur={() => (focused = null)}
      />
    {/each}
    {#each parting.parts.filter((one) => one.path === focused) as part (part.path)}
      <rect
        class="focus"
        x={part.x * BOX + INSET}
        y={part.y * BOX + INSET}
        width={part.wide * BOX - 2 * INSET}
        height={part.tall * BOX - 2 * INSET}
      />
    {/each}
    {#if division}<rect
        class="around"
        x={division.x * BOX}
        y={division.y * BOX}
        width={division.wide * BOX}
        height={division.tall * BOX}
      />{/if}
    {#each looked as one, i (i)}<path class="looked" d="M{one.x1 * BOX} {one.y1 * BOX}L{one.x2 * BOX} {one.y2 * BOX}" />{/each}
    {#each parting.lines as line (`${line.division.path}/${line.part}`)}
      {@const across = line.division.way === 'across'}
      {@const middle = ((line.from + line.to) / 2) * BOX}
      {@const thick = Math.max(0.9, line.to - line.from + 0.4) * BOX}
      <!-- A line between parts is what ARIA calls a splitter: a separator that takes the focus and moves. -->
      <!-- svelte-ignore a11y_no_noninteractive_element_interactions, a11y_no_noninteractive_tabindex -->
      <rect
        class="line"
        class:across
        class:held={held?.line.division.path === line.division.path && held.line.part === line.part}
        x={across ? middle - thick / 2 : line.division.x * BOX}
        y={across ? line.division.y * BOX : middle - thick / 2}
        width={across ? thick : line.division.wide * BOX}
        height={across ? line.division.tall * BOX : thick}
        role="separator"
        tabindex="0"
        aria-label={lineLabel(line)}
        aria-orientation={across ? 'vertical' : 'horizontal'}
        aria-valuenow={line.from}
        aria-valuemin={line.from + parting.bounds(line)[0]}
        aria-valuemax={line.from + parting.bounds(line)[1]}
        onpointerdown={(event) => take(event, line)}
        onpointermove={along}
        onpointerup={letGo}
        onpointercancel={letGo}
        onkeydown={(event) => key(event, line)}
      />
      <circle
        class="grip"
        cx={across ? middle : (line.division.x + line.division.wide / 2) * BOX}
        cy={across ? (line.division.y + line.division.tall / 2) * BOX : middle}
        r="260"
      />
    {/each}
  </svg>
</div>

<style>
  .page {
    position: relative;
    width: min(100cqw, calc(100cqh * (var(--ratio))));
    aspect-ratio: var(--ratio);
    margin-inline: auto;
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
    background: var(--sheet);
    forced-color-adjust: none;
  }
  .over {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
  .part {
    fill: transparent;
    stroke: color-mix(in srgb, var(--pencil) 45%, transparent);
    stroke-width: 1px;
    stroke-dasharray: 3 3;
    vector-effect: non-scaling-stroke;
    cursor: pointer;
    outline: none;
  }
  .part:hover {
    fill: color-mix(in srgb, var(--band) 30%, transparent);
  }
  .part[aria-pressed='true'] {
    fill: color-mix(in srgb, var(--band) 16%, transparent);
    stroke: var(--caution);
    stroke-width: 2.5px;
    stroke-dasharray: none;
  }
  /* The keyboard's focus is another frame than the chosen part's, within it. */
  .focus {
    fill: none;
    stroke: var(--lit);
    stroke-width: 3px;
    stroke-dasharray: 8 4;
    vector-effect: non-scaling-stroke;
    pointer-events: none;
  }
  .part.small {
    stroke: var(--rule);
    stroke-width: 2px;
  }
  .around {
    fill: none;
    stroke: var(--caution);
    stroke-width: 2.5px;
    vector-effect: non-scaling-stroke;
    pointer-events: none;
  }
  .looked {
    stroke: var(--lit);
    stroke-width: 2px;
    stroke-dasharray: 6 3;
    vector-effect: non-scaling-stroke;
    pointer-events: none;
  }
  .line {
    fill: transparent;
    cursor: row-resize;
    outline: none;
    touch-action: none;
  }
  .line.across {
    cursor: col-resize;
  }
  .line:hover,
  .line:focus-visible,
  .line.held {
    fill: color-mix(in srgb, var(--lit) 35%, transparent);
  }
  .grip {
    fill: var(--sheet);
    stroke: var(--pencil);
    stroke-width: 1.2px;
    vector-effect: non-scaling-stroke;
    pointer-events: none;
  }
</style>
