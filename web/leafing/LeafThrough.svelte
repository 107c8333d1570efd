<!-- The planned book turned like the real one, months and all: by arrows, click, drag or the fore-edge; and against the light. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book } from '../api/client';
  import { isLeft } from '../parts/leaf';
  import { BOX, RIM } from '../parts/marks';
  import NextTime from '../parts/NextTime.svelte';
  import Screen from '../parts/Screen.svelte';
  import { keys } from '../state/keys.svelte';
  import { route } from '../state/route.svelte';
  import Face from './Face.svelte';
  import Here from './Here.svelte';
  import { theme } from '../state/theme.svelte';
  import { LeafingState, TURN } from './leafing.svelte';
  import { FOOT, lookOf } from './paint';

  let { book }: { book: Book } = $props();

  const leafing = new LeafingState(() => book);
  const { across, down } = $derived(book.stock);
  /** Width by height of a page with its rim and its number. */
  const ratio = $derived((across * BOX + 2 * RIM) / (down * BOX + 2 * RIM + FOOT));
  const all = $derived(book.stock.pages / 2);
  const turned = $derived(leafing.left / 2);
  const shown = $derived([leafing.left, leafing.left + 1].filter((page) => page >= 1 && page <= book.stock.pages));

  $effect(() => {
    void book.version;
    untrack(() => leafing.renew());
  });
  $effect(() => {
    const page = route.page;
    untrack(() => leafing.open(page));
  });

  function go(left: number, replace = true) {
    const to = Math.max(0, Math.min(leafing.last, left));
    route.go(route.to('leaf', Math.max(1, to)), replace);
    leafing.open(to);
  }
  const turn = (way: -1 | 1) => go(leafing.left + 2 * way);

  $effect(() =>
    keys.use([
      { on: ['ArrowLeft', 'ArrowRight'], shown: '← →', says: 'turn a leaf back or on', press: (key) => turn(key === 'ArrowLeft' ? -1 : 1) },
      { on: [' '], shown: 'Space', says: 'turn a leaf on', press: () => turn(1) },
      {
        on: ['Home', 'End'],
        shown: 'Home, End',
        says: 'the first or the last opening',
        press: (key) => go(key === 'Home' ? 0 : leafing.last),
      },
      { on: ['o'], shown: 'o', says: 'fold out what is taped on, and in again', press: () => (leafing.unfolded = !leafing.unfolded) },
      { on: ['l'], shown: 'l', says: 'hold it against the light', press: () => (leafing.light = !leafing.light) },
    ]),
  );

  /** A leaf that is held between the fingers, and how far it is turned, in degrees. */
  let held: { leaf: HTMLElement; from: number; start: number; way: -1 | 1 } | null = null;
  let spine: HTMLElement | null = $state(null);
  let spread = $state(0);
  let tall = $state(0);
  /** Pixels of a page. */
  const width = $derived(Math.floor(spread / 2));
  const look = $derived(spine && theme.name ? lookOf(spine) : null);
  /** Until the letters are there, nothing is painted in others. */
  let lettered = $state(false);
  document.fonts.ready.then(() => (lettered = true));

  function take(event: PointerEvent) {
    if (event.button !== 0 || !spine) return;
    const box = spine.getBoundingClientRect();
    const way = event.clientX > box.left + box.width / 2 ? 1 : -1;
    const leaf = spine.querySelector<HTMLElement>(`[data-leaf="${way === 1 ? turned + 1 : turned}"]`);
    if (!leaf) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    held = { leaf, from: event.clientX, start: way === 1 ? 0 : 180, way };
  }

  function angle(event: PointerEvent): number {
    if (!held || !spine) return 0;
    const wide = spine.getBoundingClientRect().width;
    return Math.max(0, Math.min(180, held.start + ((held.from - event.clientX) / wide) * 180));
  }

  function drag(event: PointerEvent) {
    if (!held) return;
    held.leaf.style.transition = 'none';
    held.leaf.style.zIndex = '2000';
    held.leaf.style.transform = `rotateY(${-angle(event)}deg)`;
  }

  function letGo(event: PointerEvent) {
    if (!held) return;
    const { leaf, from, way } = held;
    const at = angle(event);
    const clicked = Math.abs(event.clientX - from) < 4;
    held = null;
    leaf.style.transition = leaf.style.zIndex = leaf.style.transform = '';
    if (event.type === 'pointerup' && (clicked || (way === 1 ? at > 60 : at < 120))) turn(way);
  }

  /** Where sections begin, for the tabs at the edges. */
  const sections = $derived.by(() => {
    const tabs: { name: string; page: number }[] = [];
    for (const one of [...book.spreads].filter((spread) => spread.page !== null).sort((a, b) => (a.page ?? 0) - (b.page ?? 0))) {
      const name = book.sections.find((section) => section.id === one.section)?.words ?? one.section;
      if (!tabs.some((tab) => tab.name === name)) tabs.push({ name, page: one.page ?? 1 });
    }
    const month = book.months[0];
    if (month) tabs.push({ name: 'Months', page: month.page });
    return tabs.sort((a, b) => a.page - b.page);
  });
</script>

{#snippet flips(page: number)}
  {#each leafing.page(page)?.flips ?? [] as flip, i (i)}
    {@const hinge = flip.hinge === 'outer' ? (isLeft(page) ? 'left' : 'right') : flip.hinge === 'head' ? 'top' : 'bottom'}
    <button
      class="flip {hinge}"
      class:out={leafing.unfolded}
      aria-expanded={leafing.unfolded}
      aria-label="Folded leaf on page {page}, {flip.wide} × {flip.tall} boxes"
      style:left="{(100 * (flip.x * BOX + RIM)) / (across * BOX + 2 * RIM)}%"
      style:top="{(100 * (flip.y * BOX + RIM)) / (down * BOX + 2 * RIM + FOOT)}%"
      style:width="{(100 * flip.wide * BOX) / (across * BOX + 2 * RIM)}%"
      style:height="{(100 * flip.tall * BOX) / (down * BOX + 2 * RIM + FOOT)}%"
      onpointerdown={(event) => event.stopPropagation()}
      onclick={() => (leafing.unfolded = !leafing.unfolded)}
    ></button>
  {/each}
{/snippet}

{#snippet tabs(passed: boolean)}
  <div class="tabs" class:passed>
    {#each sections as tab (tab.name)}
      {@const isPassed = tab.page <= leafing.left + 1}
      <button
        class="tab"
        class:away={isPassed !== passed}
        tabindex={isPassed === passed ? undefined : -1}
        aria-hidden={isPassed === passed ? undefined : 'true'}
        onclick={() => go(2 * Math.floor(tab.page / 2))}>{tab.name}</button
      >
    {/each}
  </div>
{/snippet}

<Screen title="Leaf through" handle="What is here">
  {#snippet margin()}
    <Here {book} {leafing} {shown} />
    <NextTime {book} />
  {/snippet}

  <div
    class="table"
    class:small={leafing.unfolded && shown.some((page) => (leafing.page(page)?.flips.length ?? 0) > 0)}
    style:--ratio={ratio}
    style:--step="{2 * (across + 1)}px"
  >
    {@render tabs(true)}
    <div class="stack before" style:--leaves={turned / all} style:height="{0.985 * tall}px" aria-hidden="true"></div>
    <!-- Turning by mouse and touch; keys and buttons do the same. -->
    <!-- svelte-ignore a11y_no_static_element_interactions -->
    <div
      class="book"
      class:lit={leafing.light}
      style:--turn="{TURN}ms"
      bind:this={spine}
      bind:clientWidth={spread}
      bind:clientHeight={tall}
      onpointerdown={take}
      onpointermove={drag}
      onpointerup={letGo}
      onpointercancel={letGo}
    >
      <div class="board" class:left={leafing.left === 0} class:right={leafing.left === leafing.last}></div>
      {#each look && lettered && width > 0 ? leafing.leaves : [] as leaf (leaf)}
        {@const isTurned = leafing.isTurned(leaf)}
        {@const shown = look!}
        {@const near = Math.abs(leaf - turned - (isTurned ? 0 : 1)) < 1}
        <div
          class="leaf"
          class:turned={isTurned}
          data-leaf={leaf}
          style:z-index={isTurned ? leaf : 1000 - leaf}
          aria-hidden={near ? undefined : 'true'}
        >
          <div class="face front" aria-hidden={isTurned ? 'true' : undefined}>
            <Face
              {across}
              {down}
              number={2 * leaf - 1}
              page={leafing.drawn(2 * leaf - 1)}
              reverse={leafing.light ? leafing.page(2 * leaf) : null}
              left={false}
              {width}
              look={shown}
              now={() => leafing.isInSight(2 * leaf - 1)}
            />
            {#if !isTurned && near}{@render flips(2 * leaf - 1)}{/if}
          </div>
          <div class="face back" aria-hidden={isTurned ? undefined : 'true'}>
            <Face
              {across}
              {down}
              number={2 * leaf}
              page={leafing.drawn(2 * leaf)}
              reverse={leafing.light ? leafing.page(2 * leaf - 1) : null}
              left
              {width}
              look={shown}
              now={() => leafing.isInSight(2 * leaf)}
            />
            {#if isTurned && near}{@render flips(2 * leaf)}{/if}
          </div>
        </div>
      {/each}
    </div>
    <div class="stack behind" style:--leaves={(all - turned) / all} style:height="{0.985 * tall}px" aria-hidden="true"></div>
    {@render tabs(false)}
  </div>
  <div class="hands">
    <button class="btn" disabled={leafing.left === 0} onclick={() => turn(-1)}>Back a leaf</button>
    <output class="figures" aria-live="polite">{shown.join(' · ')} of {book.stock.pages}</output>
    <button class="btn" disabled={leafing.left >= leafing.last} onclick={() => turn(1)}>On a leaf</button>
  </div>
</Screen>

<style>
  .table {
    display: flex;
    justify-content: center;
    align-items: center;
    height: calc(100% - 4rem);
    min-height: 18rem;
    container-type: size;
    transition: scale 190ms ease-in-out;
  }
  /* Room beside it for what is folded out. */
  .table.small {
    scale: 0.62;
  }
  .book {
    /* A box is whole pixels wide, so that lines are sharp. */
    --wide: round(down, min((100cqh - 0.4rem) * 2 * var(--ratio), 100cqw - 7.2rem), var(--step));
    position: relative;
    flex: none;
    width: var(--wide);
    height: round(down, var(--wide) / 2 / var(--ratio), 1px);
    perspective: 6000px;
    touch-action: pan-y;
    user-select: none;
    cursor: grab;
  }
  .board {
    position: absolute;
    inset: 0;
    background: color-mix(in srgb, var(--ink) 12%, var(--color-base-200));
    border: 1px solid color-mix(in srgb, var(--ink) 35%, transparent);
  }
  .leaf {
    position: absolute;
    top: 0;
    bottom: 0;
    left: 50%;
    width: 50%;
    transform-origin: left center;
    transform-style: preserve-3d;
    transform: rotateY(0deg);
    /* Half-way over it changes stacks: above those it leaves until then, above those it comes to after. */
    transition:
      transform var(--turn) ease-in-out,
      z-index 0s linear calc(var(--turn) / 2);
  }
  .leaf.turned {
    transform: rotateY(-180deg);
  }
  .face {
    position: absolute;
    inset: 0;
    backface-visibility: hidden;
    pointer-events: none;
  }
  .flip {
    position: absolute;
    pointer-events: auto;
    cursor: pointer;
    background-color: color-mix(in srgb, var(--sheet) 92%, var(--ink));
    border: 1px solid color-mix(in srgb, var(--ink) 55%, transparent);
    box-shadow: 0 1px 3px color-mix(in srgb, var(--ink) 25%, transparent);
    transform-style: preserve-3d;
    transition: transform calc(2 * var(--turn)) ease-in-out;
    z-index: 1;
  }
  .flip.right {
    transform-origin: right center;
  }
  .flip.left {
    transform-origin: left center;
  }
  .flip.top {
    transform-origin: center top;
  }
  .flip.bottom {
    transform-origin: center bottom;
  }
  .flip.right.out,
  .flip.left.out {
    transform: rotateY(180deg);
  }
  .flip.top.out,
  .flip.bottom.out {
    transform: rotateX(180deg);
  }
  .face.back {
    transform: rotateY(180deg);
  }
  .lit .face {
    filter: brightness(1.03);
  }
  .stack {
    flex: none;
    width: calc(3px + 26px * var(--leaves));
    background: repeating-linear-gradient(90deg, var(--sheet) 0 2px, color-mix(in srgb, var(--ink) 30%, var(--sheet)) 2px 3px);
    border-block: 1px solid color-mix(in srgb, var(--ink) 35%, transparent);
    transition: width var(--turn, 190ms);
  }
  .tabs {
    flex: none;
    display: flex;
    flex-direction: column;
    gap: 0.3rem;
    width: 1.9rem;
    max-height: 100%;
  }
  .tab {
    writing-mode: vertical-rl;
    min-height: 3.6rem;
    padding: 0.5rem 0.3rem;
    font-size: 0.78rem;
    background: var(--color-base-100);
    border: 1px solid color-mix(in srgb, var(--ink) 40%, transparent);
    border-left: 0;
    border-radius: 0 3px 3px 0;
    cursor: pointer;
  }
  .passed .tab {
    transform: rotate(180deg);
  }
  .tab.away {
    visibility: hidden;
  }
  .hands {
    display: flex;
    justify-content: center;
    align-items: center;
    gap: 1.2rem;
    height: 3.4rem;
    flex-wrap: wrap;
  }
  .hands output {
    min-width: 9rem;
    text-align: center;
  }
  @media (prefers-reduced-motion: reduce) {
    .leaf,
    .flip,
    .table,
    .stack {
      transition: none;
    }
  }
  @media (max-width: 700px) {
    .table {
      height: 58svh;
    }
    .tabs {
      display: none;
    }
    .book {
      --wide: round(down, min((100cqh - 0.4rem) * 2 * var(--ratio), 100cqw - 1.2rem), var(--step));
    }
    .stack {
      width: calc(2px + 6px * var(--leaves));
    }
  }
</style>
