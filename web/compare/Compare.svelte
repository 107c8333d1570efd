<!-- The layouts a spread could have on this paper, side by side as true drawings, with what decides between them. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Candidate, type Mark } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import Small from '../parts/Small.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { route } from '../state/route.svelte';
  import SettingField from '../spreads/SettingField.svelte';
  import { CompareState } from './compare.svelte';

  let { book }: { book: Book } = $props();

  const state = new CompareState();
  const found = $derived(state.found);
  const best = $derived(state.best);
  const close = $derived(state.close);
  /** Where no spread is named, the first that has more than one layout. */
  const id = $derived(route.spread || (book.spreads.find((one) => catalogue.kind(book, one.kind)?.layouts)?.id ?? ''));
  const spread = $derived(book.spreads.find((one) => one.id === id) ?? null);
  const line = $derived(catalogue.kind(book, spread?.kind)?.fields.find((field) => field.name === 'line') ?? null);

  $effect(() => {
    const [ref, spread] = [book, id];
    untrack(() => state.layouts.load(() => api.layouts(ref, spread)));
  });

  const use = (one: Candidate) => open.edit({ type: 'set-spread', spread: id, settings: one.settings });
</script>

<Screen title="Compare layouts" handle="What decides">
  {#snippet margin()}
    <h2>{found?.title ?? 'Layouts'}</h2>
    {#if state.layouts.wrong}<p class="note stop" role="alert">{state.layouts.wrong}</p>{/if}
    {#if best}
      <p class="note"><strong>Recommended: {best.name}.</strong> {found?.reason}</p>
    {/if}
    {#if line && spread}
      <div class="my-3">
        <SettingField
          field={line}
          value={spread.settings.line}
          change={(value) => open.edit({ type: 'set-spread', spread: id, settings: { line: value } })}
        />
      </div>
    {/if}
    <p class="quiet">
      On {book.stock.across} × {book.stock.down} boxes of {book.stock.pitch} mm. Another paper ranks them anew. Choose a row’s name to sort by
      it.
    </p>
    <p class="quiet mt-2">
      Minutes are reckoned from what is drawn, at the pace of practised hands; common practice. Decoration is your own and not among them:
      it can take several times as long. Under a box a figure, or under 1½ boxes a line, handwriting gets cramped.
    </p>
    {#if found && found.refused.length > 0}
      <h3 class="mt-4">Not on this paper</h3>
      <ul>
        {#each found.refused as one (one.name)}<li class="note">
            <strong>{one.name}</strong><br /><span class="quiet">{one.says}</span>
          </li>{/each}
      </ul>
    {/if}
    <NextTime {book} />
    <Saving />
    {#if spread?.page}<p class="mt-3"><a href={route.to('bench', spread.page)}>Back to the bench</a></p>{/if}
  {/snippet}

  {#if found}
    {#if state.shown.length === 0}<p>No layout of this spread fits on this paper. The margin says why, and what would.</p>{/if}
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <td></td>
            {#each state.shown as one (one.name)}
              <th scope="col" class:current={one.current}>
                <button
                  class="look"
                  aria-pressed={state.looked === one.name}
                  aria-label="Look at all pages of {one.name}"
                  onclick={() => (state.looked = state.looked === one.name ? '' : one.name)}
                  style:aspect-ratio="{found.across + 1} / {found.down + 1}"
                >
                  <Small across={found.across} down={found.down} marks={(one.drawings[0] ?? []) as Mark[]} />
                </button>
                <span class="name">{one.name}</span>
                {#if one === best}<span class="tag">recommended</span>{/if}
                {#if one.current}<span class="now">as it is now</span>{:else}<button
                    class="btn small"
                    aria-label="Use this: {one.name}"
                    onclick={() => use(one)}>Use this</button
                  >{/if}
              </th>
            {/each}
          </tr>
        </thead>
        <tbody>
          {#each state.rows as measure (measure.id)}
            <tr>
              <th scope="row" aria-sort={state.order(measure)}>
                <button
                  class="sort"
                  class:by={state.by === measure.id}
                  onclick={() => (state.by = state.by === measure.id ? '' : measure.id)}>{measure.name}</button
                >
                {#if measure.id === 'at'}
                  <select
                    class="select small"
                    aria-label="Lines where"
                    value={state.at}
                    onchange={(event) => (state.place = event.currentTarget.value)}
                  >
                    {#each state.places as [value, name] (value)}<option {value}>{name}</option>{/each}
                  </select>
                {/if}
              </th>
              {#each state.shown as one (one.name)}<td class="figures" class:best={one === best} class:limits={measure.id === 'limits'}
                  >{measure.id === 'limits'
                    ? one.limits.join(', ') || 'none'
                    : (measure.says?.(one) ??
                      measure.value(one, state.at) ??
                      '–')}{#if measure.id === 'at' && measure.value(one, state.at) !== null}<small
                      >{one.rooms.find((room) => room.for === state.at)?.wide} boxes long</small
                    >{/if}</td
                >{/each}
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    {#if close}
      <h2 class="mt-4">{close.name}: {close.pages === 1 ? 'its page' : `all ${close.pages} pages`}</h2>
      <div class="all">
        {#each close.drawings as marks, i (i)}
          <div style:aspect-ratio="{found.across + 1} / {found.down + 1}">
            <Drawing across={found.across} down={found.down} marks={marks as Mark[]} label="{close.name}, its page {i + 1}" />
          </div>
        {/each}
      </div>
    {/if}
  {/if}
</Screen>

<style>
  .scroll {
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    table-layout: fixed;
    width: 100%;
    min-width: 46rem;
  }
  thead td {
    width: 8.5rem;
  }
  /* What is measured stays in sight while candidates pass under it. */
  tbody th {
    position: sticky;
    left: 0;
    z-index: 1;
    background: var(--color-base-200);
  }
  thead th {
    vertical-align: top;
    padding: 0.2rem 0.35rem 0.6rem;
    font-weight: 500;
    font-size: 0.85rem;
    line-height: 1.25;
    text-align: left;
  }
  .look {
    display: block;
    width: 100%;
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
    cursor: pointer;
    overflow: hidden;
    font-weight: 400;
  }
  .look[aria-pressed='true'] {
    outline: 3px solid var(--rule);
    outline-offset: 1px;
  }
  .current .look {
    border-width: 2px;
    border-color: var(--color-base-content);
  }
  .name {
    display: block;
    font-weight: 600;
    margin: 0.35rem 0 0.25rem;
    min-height: 2.2rem;
  }
  .tag,
  .now {
    display: block;
    color: var(--color-accent);
    font-weight: 600;
    margin-bottom: 0.25rem;
  }
  .now {
    color: var(--color-neutral);
  }
  tbody th {
    text-align: left;
    font-weight: 500;
    font-size: 0.87rem;
    padding: 0.3rem 0.4rem 0.3rem 0;
    vertical-align: top;
  }
  tbody tr {
    border-top: 1px solid var(--color-base-300);
  }
  tbody td {
    padding: 0.3rem 0.35rem;
    font-size: 1.02rem;
    vertical-align: top;
  }
  .best {
    font-weight: 700;
  }
  small {
    display: block;
    color: var(--color-neutral);
    font-weight: 400;
    font-size: 0.78rem;
  }
  .limits {
    font-size: 0.8rem;
  }
  .sort {
    cursor: pointer;
    text-align: left;
    text-decoration: underline dotted;
    text-underline-offset: 3px;
  }
  .sort.by {
    font-weight: 700;
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-decoration-thickness: 2px;
  }
  .select.small {
    height: 1.8rem;
    min-height: 0;
    font-size: 0.82rem;
    padding-inline: 0.4rem 1.4rem;
    margin-top: 0.2rem;
  }
  .all {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
    gap: 0.6rem;
    margin-top: 0.5rem;
  }
  .all > div {
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
  }
</style>
