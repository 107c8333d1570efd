<!-- Every month's block to scale on the page axis, the pattern editor beside it, and the fit always in sight. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import InUse from './InUse.svelte';
  import { MonthsState } from './months.svelte';
  import PageAxis from './PageAxis.svelte';
  import PatternEditor from './PatternEditor.svelte';
  import WaysToFit from './WaysToFit.svelte';
  import SpareSettings from './SpareSettings.svelte';
  import WeekSettings from './WeekSettings.svelte';
  import { kept } from '../parts/kept';

  let { book }: { book: Book } = $props();

  const state = new MonthsState(() => book);
  const month = $derived(state.month);

  /** The last page a month really took; what is no page goes back to what stood there. */
  // Without the heads of the columns the field says itself what it is for.
  const narrow = matchMedia('(max-width: 700px)').matches;

  async function used(month: string, input: HTMLInputElement) {
    // What cannot be stays in its field, and is marked; the margin says why.
    const made = await open.edit({ type: 'set-used', month, page: MonthsState.page(input.value) });
    if (made) input.removeAttribute('aria-invalid');
    else input.setAttribute('aria-invalid', 'true');
  }
</script>

<Screen title="Months" handle={book.fit.sentence}>
  {#snippet margin()}
    <p class="fit" class:short={!book.fit.fits}>{book.fit.sentence}</p>
    {#if !book.fit.fits}<WaysToFit {book} />{/if}
    {#if book.in_use.sure}<p class="note">{book.in_use.sure.says} <a href={route.to('stock')}>Pages of the book</a></p>{/if}
    {#if book.in_use.forecast}<p class="note">{book.in_use.forecast}</p>{/if}
    <InUse {book} />
    {#if month}
      <h2>{month.name}</h2>
      <p>Pages {month.range}</p>
      <p class="note">{month.working}</p>
      <h3>Weeks</h3>
      <table class="w-full">
        <tbody>
          {#each month.weeks as week (week.number)}
            <tr
              ><th scope="row">{week.number}</th><td>{week.from} to {week.to}</td><td class="quiet"
                >{week.folded ? 'folded' : week.days < 7 ? `${week.days} days` : ''}</td
              ></tr
            >
          {/each}
        </tbody>
      </table>
      <h3 class="mt-3">Parts</h3>
      <table class="w-full">
        <tbody>
          {#each month.parts as part (part.page)}
            <tr><th scope="row">{part.pages > 1 ? `${part.page}–${part.page + part.pages - 1}` : part.page}</th><td>{part.name}</td></tr>
          {/each}
        </tbody>
      </table>
      <p class="mt-2"><a class="btn small" href={route.to('transfer', month.month)}>Transfer its dates</a></p>
      <button class="btn small plain mt-2" onclick={() => (state.chosen = null)}>Close</button>
    {:else}
      <p class="quiet">Choose a month to see its weeks and the sum of its pages.</p>
    {/if}
    <NextTime {book} />
    <Saving />
  {/snippet}

  <PageAxis {book} chosen={state.chosen} choose={(id) => (state.chosen = state.chosen === id ? null : id)} />
  <div class="desk">
    <table class="axis">
      <caption class="sr-only">Months with their reserved ranges</caption>
      <thead>
        <tr
          ><th scope="col">Month</th><th scope="col">Pages</th><th scope="col">Range</th><th scope="col" class="wide">Parts, to scale</th
          ><th scope="col">Pattern</th><th scope="col">Ended on</th></tr
        >
      </thead>
      <tbody>
        {#each book.months as one (one.month)}
          <tr class:chosen={one.month === state.chosen} class:beyond={one.beyond}>
            <th scope="row"
              ><button
                class="name"
                aria-pressed={one.month === state.chosen}
                onclick={() => (state.chosen = state.chosen === one.month ? null : one.month)}>{one.name}</button
              ></th
            >
            <td>{one.pages}</td>
            <td class="whitespace-nowrap">{one.range}</td>
            <td class="wide">
              <div class="bar" style:width="{(100 * one.pages) / state.longest}%">
                {#each one.parts as part (part.page)}
                  <span
                    class="part {part.kind}"
                    class:other={state.isOther(part.kind)}
                    style:flex-grow={part.pages}
                    title="{part.name}, page {part.page}"
                  ></span>
                {/each}
              </div>
            </td>
            <td>
              <select
                class="select select-sm"
                aria-label="Pattern of {one.name}"
                value={one.pattern}
                onchange={(event) => open.edit({ type: 'use-pattern', month: one.month, pattern: event.currentTarget.value })}
              >
                {#each book.patterns as choice (choice.id)}<option value={choice.id}>{choice.name}</option>{/each}
              </select>
            </td>
            <td>
              <input
                class="input input-sm figures used"
                inputmode="numeric"
                aria-label="Last page {one.name} took"
                placeholder={narrow ? 'ended on page' : 'page'}
                value={one.used ?? ''}
                {@attach kept}
                onchange={(event) => used(one.month, event.currentTarget)}
              />
            </td>
          </tr>
        {/each}
      </tbody>
      <tfoot>
        <tr
          ><th scope="row">All months</th><td>{book.fit.reserved}</td><td colspan="4" class="legend">
            {#each state.legend(catalogue) as [kind, name] (kind)}
              <span><i class="part {kind}" class:other={state.isOther(kind)}></i>{name}</span>
            {/each}
          </td></tr
        >
      </tfoot>
    </table>
    <div class="grid content-start gap-6">
      <WeekSettings {book} />
      <SpareSettings {book} />
      <PatternEditor {book} pattern={state.pattern} choose={(id) => (state.edited = id)} />
    </div>
  </div>
</Screen>

<style>
  .fit {
    font-family: var(--font-head);
    font-weight: 600;
    font-size: 1.1rem;
    margin-bottom: 0.8rem;
    position: sticky;
    top: -1rem;
    padding-block: 0.3rem;
    background: var(--color-base-200);
    z-index: 1;
  }
  .short {
    color: var(--color-error);
  }
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 15.5rem;
    gap: 1.2rem;
    align-items: start;
  }
  th {
    text-align: left;
    font-weight: 600;
    padding-right: 0.7rem;
  }
  thead th {
    font-size: 0.82rem;
    color: var(--color-neutral);
    font-weight: 500;
    padding-bottom: 0.3rem;
  }
  .axis {
    width: 100%;
  }
  .axis td {
    padding: 0.2rem 0.7rem 0.2rem 0;
  }
  .axis td:nth-child(5) .select {
    min-width: 8.4rem;
  }
  .axis td:last-child {
    padding-right: 0;
  }
  .used {
    width: 4rem;
  }
  .wide {
    width: 31%;
  }
  .name {
    text-align: left;
    font-weight: 600;
    cursor: pointer;
    min-height: 2rem;
    white-space: nowrap;
  }
  .name:hover {
    text-decoration: underline;
  }
  .chosen {
    box-shadow: inset 3px 0 0 var(--rule);
  }
  .chosen .name {
    padding-left: 0.6rem;
  }
  .beyond td,
  .beyond .name {
    color: var(--color-error);
  }
  .bar {
    display: flex;
    height: 20px;
    border: 1px solid color-mix(in srgb, var(--color-base-content) 50%, transparent);
  }
  :global(.part) {
    flex-basis: 0;
    box-shadow: inset -1px 0 0 var(--stroke);
    background: var(--tint, var(--spare));
    background-image: var(--hatch, none);
  }
  :global(.part.month-divider) {
    --tint: var(--year);
    --hatch: repeating-linear-gradient(45deg, transparent 0 4px, var(--stroke) 4px 5px);
  }
  :global(.part.month-calendar) {
    --tint: var(--months-a);
    --hatch: repeating-linear-gradient(0deg, transparent 0 5px, var(--stroke) 5px 6px);
  }
  :global(.part.month-goals) {
    --tint: var(--goals);
    --hatch: repeating-linear-gradient(-45deg, transparent 0 4px, var(--stroke) 4px 5px);
  }
  :global(.part.weeks) {
    --tint: var(--months-b);
  }
  :global(.part.month-notes) {
    --tint: var(--back);
    --hatch: repeating-linear-gradient(0deg, transparent 0 2px, var(--stroke) 2px 3px);
  }
  :global(.part.other) {
    --tint: var(--trackers);
    --hatch: radial-gradient(var(--stroke) 1px, transparent 1.5px) 0 0 / 5px 5px;
  }
  :global(.part.spare) {
    --hatch: repeating-linear-gradient(45deg, transparent 0 7px, var(--stroke) 7px 8px);
  }
  :global(.part.more) {
    --tint: var(--trackers);
    --hatch: repeating-linear-gradient(90deg, transparent 0 3px, var(--stroke) 3px 4px);
  }
  :global(.part.taken) {
    --tint: var(--pencil);
  }
  .legend {
    font-size: 0.82rem;
  }
  .legend span {
    margin-right: 0.8rem;
    white-space: nowrap;
  }
  .legend i {
    display: inline-block;
    width: 16px;
    height: 12px;
    margin-right: 0.3rem;
    border: 1px solid var(--stroke);
    vertical-align: -1px;
  }
  tfoot th,
  tfoot td {
    padding-top: 0.6rem;
  }
  @media (max-width: 1100px) {
    .desk {
      grid-template-columns: 1fr;
    }
  }
  @media (max-width: 700px) {
    .axis thead,
    .legend {
      display: none;
    }
    .axis tr {
      display: grid;
      grid-template-columns: 1fr auto auto;
      gap: 0 0.5rem;
      align-items: center;
      padding: 0.3rem 0;
    }
    .wide {
      grid-column: 1 / 3;
      grid-row: 2;
      width: auto;
    }
    .name {
      min-height: 44px;
    }
    .used {
      width: 7rem;
    }
  }
</style>
