<!-- The whole notebook seen from the side, a stroke a leaf: map, progress and way round the book. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Stretch } from '../api/client';

  interface Props {
    title: string;
    pages: number;
    stretches: Stretch[];
    /** Pages missing; 0 where it fits. */
    short: number;
    /** The page on the bench, marked on the edge. */
    at?: number | null;
    /** Where a stretch leads; without it the edge is only a picture. */
    href?: (page: number) => string;
    go?: (page: number) => void;
    /** It can be drawn along, and goes wherever the finger is. */
    scrub?: boolean;
    /** How far pages are, drawn below their leaves. */
    states?: { page: number; state: string }[];
  }
  let { title, pages, stretches, short, at = null, href, go, scrub = false, states = [] }: Props = $props();

  let along = false;
  function draw(event: PointerEvent) {
    if (!go) return;
    if (event.type === 'pointerdown') lifted = false;
    // A finger hides what it points at: what lies under it is shown larger above, and gone to when it is lifted.
    if (event.pointerType === 'touch' && (event.type === 'pointerdown' || under !== null)) under = pageAt(event);
    if (!scrub || (event.type === 'pointermove' && !along)) return;
    along = event.type === 'pointermove' || event.button === 0;
    if (along) go(pageAt(event));
  }

  function lift(event: PointerEvent) {
    along = false;
    const page = under;
    under = null;
    if (page === null || event.type !== 'pointerup') return;
    lifted = true;
    if (!scrub) go?.(page);
  }

  function pageAt(event: PointerEvent): number {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    const page = 1 + Math.floor(((event.clientX - box.left) / Math.max(1, box.width)) * pages);
    return Math.max(1, Math.min(pages, page));
  }

  /** A finger was lifted: the click that follows it is of where it was put down. */
  let lifted = false;
  /** The page under a finger. */
  let under = $state<number | null>(null);
  /** Pages that are seen side by side under it, so that each is as wide as a fingertip's edge. */
  const SEEN = 24;
  const larger = $derived(Math.max(1, pages / SEEN));
  const there = $derived(under === null ? undefined : stretches.find((one) => one.from <= under! && under! <= one.to));

  const percent = (n: number) => `${(100 * n) / pages}%`;
  const said = (one: Stretch) => `${one.label}, ${one.from === one.to ? `page ${one.from}` : `pages ${one.from}–${one.to}`}`;
  const months = $derived(stretches.filter((one) => one.band === 'month').map((one) => one.from));
  const odd = (one: Stretch) => months.indexOf(one.from) % 2 === 1;

  /** The mouse goes to the very page it points at; keys go to where the stretch begins. */
  function click(event: MouseEvent, one: Stretch) {
    if (lifted) {
      lifted = false;
      event.preventDefault();
      event.stopPropagation();
      return;
    }
    if (!go || event.detail === 0 || event.metaKey || event.ctrlKey) return;
    event.preventDefault();
    event.stopPropagation();
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    const share = (event.clientX - box.left) / Math.max(1, box.width);
    go(Math.min(one.to, one.from + Math.floor(share * (one.to - one.from + 1))));
  }
</script>

{#snippet links(one: Stretch)}
  {#if href}
    <a href={href(one.from)} title={said(one)} onclick={(event) => click(event, one)}><span class="sr-only">{said(one)}</span></a>
  {:else}
    <span class="sr-only">{said(one)}</span>
  {/if}
  {#if one.initial}<span class="initial" aria-hidden="true">{one.initial}</span>{/if}
{/snippet}
<!-- A stretch as long as its pages, a stroke a leaf. -->
{#snippet strip(one: Stretch, within?: Snippet<[Stretch]>)}
  <li
    class={one.band}
    class:odd={odd(one)}
    style:left={percent(one.from - 1)}
    style:width={percent(one.to - one.from + 1)}
    style:--leaves={(one.to - one.from + 1) / 2}
  >
    {@render within?.(one)}
  </li>
{/snippet}

<!-- Drawing along it is an extra for the mouse and the finger: its stretches are links for the keyboard. -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div
  class="edge"
  class:out={short > 0}
  class:scrub
  class:held={go !== undefined}
  onpointerdown={draw}
  onpointermove={draw}
  onpointerup={lift}
  onpointerleave={lift}
  onpointercancel={lift}
>
  {#if under !== null}
    <div class="lens" aria-hidden="true">
      <p><span class="figures">Page {under}</span>{there ? ` · ${there.label}` : ''}</p>
      <div class="seen">
        <ol class="larger" style:width="{100 * larger}%" style:left="{50 - 100 * larger * ((under - 0.5) / pages)}%">
          {#each stretches as one (one.from)}{@render strip(one)}
          {/each}
        </ol>
        <span class="at" style:left="50%"></span>
      </div>
    </div>
  {/if}
  <ol aria-label="Fore-edge of {title}">
    {#each stretches as one (one.from)}{@render strip(one, links)}
    {/each}
  </ol>
  {#each states as one (one.page)}<span
      class="state {one.state}"
      style:left={percent(one.page - 1)}
      style:width={percent(1)}
      aria-hidden="true"
    ></span>{/each}
  {#if at !== null}<span class="at" style:left={percent(at - 0.5)} aria-hidden="true"></span>{/if}
  {#if short > 0}<span class="cut" aria-hidden="true">{short} short</span>{/if}
</div>

<style>
  .edge {
    position: relative;
    height: 46px;
    border: 1px solid color-mix(in srgb, var(--color-base-content) 55%, transparent);
    border-radius: 1px;
    background: var(--spare);
    forced-color-adjust: none;
  }
  .edge.held {
    touch-action: pan-y;
  }
  .lens {
    position: absolute;
    z-index: 40;
    bottom: calc(100% + 0.5rem);
    left: 0;
    right: 0;
    background: var(--color-base-100);
    border: 1px solid var(--color-base-content);
    padding: 0.4rem 0.6rem 0.6rem;
  }
  .seen {
    position: relative;
    height: 64px;
    overflow: hidden;
    background: var(--spare);
  }
  .larger {
    position: absolute;
    inset-block: 0;
  }
  .edge.scrub {
    cursor: ew-resize;
    touch-action: none;
  }
  .edge.out {
    border-right: 5px double var(--color-error);
    margin-right: 4.6rem;
  }
  li {
    position: absolute;
    top: 0;
    bottom: 0;
    background-color: var(--tint);
    background-image: linear-gradient(90deg, transparent calc(100% - 1px), var(--stroke) calc(100% - 1px)), var(--hatch, none);
    background-size:
      calc(100% / var(--leaves)) 100%,
      auto;
  }
  li a {
    position: absolute;
    inset: 0;
    /* As narrow as its pages: a finger sees what is under it larger. */
    min-width: 0;
  }
  li a:focus-visible {
    outline-offset: -3px;
    z-index: 1;
  }
  li a:hover {
    background: rgb(255 255 255 / 0.28);
  }
  .front {
    --tint: var(--front);
    --hatch: repeating-linear-gradient(45deg, transparent 0 5px, var(--stroke) 5px 6px);
  }
  .year {
    --tint: var(--year);
    --hatch: repeating-linear-gradient(0deg, transparent 0 6px, var(--stroke) 6px 7px);
  }
  .goals {
    --tint: var(--goals);
    --hatch: repeating-linear-gradient(-45deg, transparent 0 5px, var(--stroke) 5px 6px);
  }
  .trackers {
    --tint: var(--trackers);
    --hatch: repeating-linear-gradient(0deg, transparent 0 3px, var(--stroke) 3px 4px);
  }
  .back {
    --tint: var(--back);
    --hatch: repeating-linear-gradient(45deg, transparent 0 3px, var(--stroke) 3px 4px);
  }
  .month {
    --tint: var(--months-a);
    border-left: 2px solid var(--on-band);
  }
  .month.odd {
    --tint: var(--months-b);
  }
  .spare,
  .empty {
    --tint: var(--spare);
  }
  .closed {
    --tint: var(--pencil);
  }
  .initial {
    position: absolute;
    inset: 50% 0 auto;
    transform: translateY(-50%);
    text-align: center;
    pointer-events: none;
    font-weight: 700;
    font-size: 0.85rem;
    color: var(--on-band);
  }
  .at {
    position: absolute;
    top: -7px;
    bottom: -7px;
    width: 3px;
    margin-left: -1px;
    background: var(--rule);
    pointer-events: none;
  }
  .state {
    position: absolute;
    bottom: 0;
    background: var(--done);
    pointer-events: none;
  }
  .pencilled {
    height: 4px;
  }
  .inked {
    height: 11px;
  }
  .done {
    height: 22px;
  }
  .cut {
    position: absolute;
    left: calc(100% + 8px);
    top: 50%;
    transform: translateY(-50%);
    white-space: nowrap;
    font-size: 0.8rem;
    font-weight: 700;
    color: var(--color-error);
  }
</style>
