<!-- One page of an opening: its small drawing, its number, and the spread it belongs to. -->
<script lang="ts">
  import type { Book, Mark, Page, Spread } from '../api/client';
  import Small from '../parts/Small.svelte';

  interface Props {
    book: Book;
    page: Page | null;
    marks: Mark[];
    spread: Spread | null;
    /** The spread on the lower half, where two share the page. */
    lower: Spread | null;
    chosen: boolean;
    /** Where a section begins, its name. */
    heading: string;
    /** Whether that has the room of both pages: none begins on the other. */
    across: boolean;
    moved: boolean;
    choose: (id: string) => void;
    drag: (id: string) => void;
    drop: (id: string, after: boolean) => void;
  }
  let { book, page, marks, spread, lower, chosen, heading, across, moved, choose, drag, drop }: Props = $props();
  let over = $state<'' | 'before' | 'after'>('');

  function dragover(event: DragEvent) {
    if (!spread) return;
    event.preventDefault();
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    over = event.clientX < box.left + box.width / 2 ? 'before' : 'after';
  }
</script>

<div class="page" class:before={over === 'before'} class:after={over === 'after'}>
  <p class="section" class:across>{heading}</p>
  {#if page && spread}
    <button
      class="leaf"
      class:chosen
      class:moved
      class:pinned={spread.pin !== null}
      aria-pressed={chosen}
      aria-label="{spread.title}, {spread.range}{page.nth > 0 ? `, its page ${page.nth + 1}` : ''}"
      data-spread={page.nth === 0 ? spread.id : undefined}
      draggable="true"
      style:aspect-ratio="{book.stock.across + 1} / {book.stock.down + 1}"
      onclick={() => choose(spread.id)}
      ondragstart={() => drag(spread.id)}
      ondragover={dragover}
      ondragleave={() => (over = '')}
      ondrop={(event) => {
        event.preventDefault();
        drop(spread.id, over === 'after');
        over = '';
      }}
    >
      <Small across={book.stock.across} down={book.stock.down} {marks} />
    </button>
    <p class="under">
      <span class="number">{page.page}</span>
      {#if page.nth === 0}<span dir="auto">{spread.title}</span>{/if}{#if spread.pin !== null && page.nth === 0}<span class="pin">
          pinned</span
        >{/if}{#if lower}; <button
          class="lower"
          data-spread={lower.id}
          aria-label="{lower.title}, lower half of {lower.range}"
          onclick={() => choose(lower.id)}>{lower.title}</button
        >{/if}
    </p>
  {:else if page}
    <div class="leaf other {page.is}" style:aspect-ratio="{book.stock.across + 1} / {book.stock.down + 1}">
      <span>{page.is === 'month' ? page.title.split(':')[0] : page.title}</span>
    </div>
    <p class="under"><span class="number">{page.page}</span></p>
  {:else}
    <div class="leaf cover" style:aspect-ratio="{book.stock.across + 1} / {book.stock.down + 1}"><span>inside of the cover</span></div>
    <p class="under"></p>
  {/if}
</div>

<style>
  .page {
    position: relative;
    min-width: 0;
  }
  .before::before,
  .after::after {
    content: '';
    position: absolute;
    top: 1.4rem;
    bottom: 2rem;
    width: 4px;
    background: var(--rule);
    z-index: 2;
  }
  .before::before {
    left: -2px;
  }
  .after::after {
    right: -2px;
  }
  .section {
    font-size: 0.78rem;
    height: 1.3rem;
    color: var(--color-neutral);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .section.across {
    overflow: visible;
  }
  .leaf {
    display: block;
    width: 100%;
    scroll-margin-block: 3rem;
    /* In ink, so that the fold shows on dimmed paper too. */
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
    background: var(--sheet);
    forced-color-adjust: none;
    padding: 0;
    cursor: pointer;
    overflow: hidden;
  }
  .leaf:hover {
    border-color: var(--color-base-content);
  }
  .chosen {
    outline: 3px solid var(--rule);
    outline-offset: 1px;
    position: relative;
    z-index: 1;
  }
  .pinned {
    border: 2px solid var(--color-secondary);
  }
  .other,
  .cover {
    display: grid;
    place-items: center;
    font-size: 0.78rem;
    text-align: center;
    cursor: default;
    color: var(--color-neutral);
    background: transparent;
    border: 1px dashed color-mix(in srgb, var(--color-base-content) 45%, transparent);
    padding: 0.4rem;
  }
  .cover {
    border-color: transparent;
  }
  .under {
    font-size: 0.82rem;
    line-height: 1.25;
    padding: 0.25rem 0.4rem 0 0;
    min-height: 2.4rem;
    overflow: hidden;
    overflow-wrap: anywhere;
    display: -webkit-box;
    -webkit-box-orient: vertical;
    line-clamp: 3;
    -webkit-line-clamp: 3;
  }
  .number {
    font-weight: 700;
    font-variant-numeric: tabular-nums;
  }
  .lower {
    cursor: pointer;
    text-decoration: underline;
    text-underline-offset: 2px;
  }
  .pin {
    color: var(--color-secondary);
    font-weight: 600;
  }
  .moved {
    animation: moved 180ms ease-out;
  }
  @keyframes moved {
    from {
      transform: translateX(-14px);
      opacity: 0.4;
    }
  }
  @media (prefers-reduced-motion: reduce) {
    .moved {
      animation: none;
    }
  }
</style>
