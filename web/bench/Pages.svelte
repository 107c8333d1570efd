<!-- The two pages of an opening, large, with rulers; one page alone on a narrow screen. -->
<script lang="ts">
  import type { Book, Mark } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import { ratio } from '../parts/marks';
  import type { BenchState } from './bench.svelte';

  interface Props {
    book: Book;
    bench: BenchState;
    /** Shows only the page of the step at hand. */
    single?: boolean;
    /** Where the pen stands, and who is told when it is pointed out. */
    picked?: { page: number; x: number; y: number } | null;
    pick?: (page: number, x: number, y: number) => void;
    /** Told the very spot. */
    press?: (page: number, x: number, y: number, at: { x: number; y: number }) => void;
  }
  let { book, bench, single = false, picked = null, pick, press }: Props = $props();

  const opening = $derived(bench.opening!);
  const shown = $derived(
    single
      ? opening.pages.filter(
          (page) => page !== null && page.page === (bench.current?.step.page ?? opening.pages.find((one) => one !== null)?.page),
        )
      : opening.pages,
  );
</script>

<div
  class="opening"
  class:single
  style:--ratio={single && shown[0]?.turned ? ratio(opening.down, opening.across) : ratio(opening.across, opening.down)}
>
  {#each shown as page, i (i)}
    {#if page}
      {@const lit = bench.lit(page)}
      <figure class="page">
        <Drawing
          across={opening.across}
          down={opening.down}
          marks={page.marks as Mark[]}
          label="Page {page.page}: {page.title}"
          large
          counting={book.counting}
          removed={page.removed}
          behind={page.behind as { marks: Mark[]; removed: { x: number; y: number; wide: number; tall: number }[] }[]}
          turned={page.turned}
          lying={single && page.turned}
          note={lit.note}
          step={lit.step}
          layers={bench.layers}
          region={picked?.page === page.page ? { x: picked.x, y: picked.y, wide: 1, tall: 1 } : null}
          pick={pick ? (x, y) => pick(page.page, x, y) : undefined}
          press={press ? (x, y, at) => press(page.page, x, y, at) : undefined}
          point={(note) => (bench.note = note ? { drawing: page.drawing, note } : null)}
        />
        <figcaption><span class="figures">{page.page}</span> {page.title}</figcaption>
      </figure>
    {:else}
      <div class="cover">inside of the cover</div>
    {/if}
  {/each}
</div>

<style>
  .opening {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    max-width: calc((100cqh - 2.2rem) * 2 * var(--ratio));
    margin-inline: auto;
  }
  .opening.single {
    grid-template-columns: minmax(0, 1fr);
    max-width: calc((100cqh - 2.9rem) * var(--ratio));
  }
  .page {
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
    background: var(--sheet);
    forced-color-adjust: none;
    min-width: 0;
  }
  .page + .page {
    border-left-width: 2px;
  }
  figcaption {
    background: var(--color-base-200);
    padding: 0.25rem 0.1rem;
    font-size: 0.85rem;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .figures {
    font-weight: 700;
  }
  .cover {
    display: grid;
    place-items: center;
    color: var(--color-neutral);
    font-size: 0.85rem;
    border: 1px dashed var(--color-base-300);
  }
</style>
