<!-- The page axis, from the front to the last page: every month's block to scale with its parts, and where months really ended. -->
<script lang="ts">
  import type { Book } from '../api/client';

  interface Props {
    book: Book;
    chosen: string | null;
    choose: (month: string) => void;
  }
  let { book, chosen, choose }: Props = $props();

  const forecast = $derived(book.in_use.forecast_end);
  const last = $derived(Math.max(book.stock.pages, forecast ?? 0, ...book.months.map((month) => month.page + month.pages - 1)));
  const at = (page: number) => `${(100 * (page - 1)) / last}%`;
  const wide = (pages: number) => `${(100 * pages) / last}%`;
  const tens = $derived(Array.from({ length: Math.floor(last / 20) + 1 }, (_, i) => Math.max(1, i * 20)));
  const others = $derived(book.fore_edge.filter((one) => one.band !== 'month' && one.band !== 'spare'));
</script>

<div class="axis" aria-hidden="true">
  <div class="strip">
    {#each others as one (one.from)}<span class="other" style:left={at(one.from)} style:width={wide(one.to - one.from + 1)}></span>{/each}
    {#each book.months as month (month.month)}
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
      <span
        class="block"
        class:chosen={month.month === chosen}
        style:left={at(month.page)}
        style:width={wide(month.pages)}
        onclick={() => choose(month.month)}
      >
        {#each month.parts as part (part.page)}<i class="part {part.kind}" style:flex-grow={part.pages}></i>{/each}
      </span>
      {#if month.used !== null}<span class="used" style:left={at(month.used + 1)}></span>{/if}
    {/each}
    {#each book.in_use.sure?.ends ?? [] as one (one.month)}
      {#if one.to > one.from}<span
          class="may"
          style:left={at(one.from + 1)}
          style:width={wide(one.to - one.from)}
          title="{one.month} ends here nine times of ten"
        ></span>{/if}
    {/each}
    {#if forecast !== null}<span class="pace" style:left={at(forecast + 1)} title="At the pace so far, the end of the last month"
      ></span>{/if}
    <span class="end" style:left={at(book.stock.pages + 1)}></span>
  </div>
  <div class="numbers">
    {#each tens as page (page)}<span style:left={at(page)}>{page}</span>{/each}
    {#each book.months as month (month.month)}<b style:left={at(month.page + month.pages / 2)}>{month.initial}</b>{/each}
  </div>
</div>

<style>
  .axis {
    margin-bottom: 1rem;
  }
  .strip {
    position: relative;
    height: 34px;
    border-bottom: 1px solid var(--color-base-content);
    background: var(--color-base-100);
  }
  .strip > span {
    position: absolute;
    top: 0;
    bottom: 0;
  }
  .other {
    background: var(--back);
  }
  .block {
    display: flex;
    cursor: pointer;
    border-left: 2px solid var(--color-base-content);
  }
  .chosen {
    outline: 2px solid var(--rule);
    z-index: 1;
  }
  /* Where a month may end: a quiet band at the foot of the strip. */
  .strip > .may {
    top: auto;
    height: 7px;
    background: repeating-linear-gradient(90deg, var(--caution) 0 2px, transparent 2px 4px);
    opacity: 0.75;
    pointer-events: none;
    z-index: 1;
  }
  .used {
    width: 4px;
    margin-left: -2px;
    background: var(--color-accent);
    z-index: 2;
  }
  .pace {
    border-left: 3px dashed var(--color-accent);
    margin-block: -6px;
    z-index: 2;
  }
  .end {
    border-left: 4px double var(--color-error);
  }
  .numbers {
    position: relative;
    height: 2.3rem;
    font-size: 0.75rem;
    font-variant-numeric: tabular-nums;
  }
  .numbers span,
  .numbers b {
    position: absolute;
    transform: translateX(-50%);
  }
  .numbers span {
    top: 1.05rem;
    color: var(--color-neutral);
  }
  .numbers span:first-child {
    transform: none;
  }
</style>
