<!-- The key designer: symbols drawn by strokes, states reached by adding strokes only, checked while they are drawn. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book } from '../api/client';
  import NextTime from '../parts/NextTime.svelte';
  import Screen from '../parts/Screen.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { route } from '../state/route.svelte';
  import Colours from './Colours.svelte';
  import { KeyState, type Stroke } from './key.svelte';
  import StrokeGrid from './StrokeGrid.svelte';
  import Symbol from './Symbol.svelte';

  let { book }: { book: Book } = $props();
  const draft = new KeyState();
  const spread = $derived(
    book.spreads.find((one) => (route.spread === '' || one.id === route.spread) && catalogue.kind(book, one.kind)?.designer === 'key') ??
      null,
  );
  let loaded = '';

  $effect(() => {
    const [current, key] = [book, spread];
    if (key && loaded !== `${current.id}/${key.id}`) {
      loaded = `${current.id}/${key.id}`;
      untrack(() => draft.load(current, key));
    }
  });
  $effect(() => {
    void JSON.stringify(draft.all);
    untrack(() => draft.symbols.length > 0 && draft.check());
  });

  const stops = $derived((draft.checked?.problems ?? []).filter((one) => one.stops));
  const mark = $derived(draft.checked?.marks.find((one) => one.symbol === draft.chosen.symbol && one.state === draft.chosen.state) ?? null);
  const bad = (symbol: number, state: number | null) => stops.some((one) => one.symbol === symbol && one.state === state);
  const isChosen = (symbol: number, state: number | null) => draft.chosen.symbol === symbol && draft.chosen.state === state;
</script>

<Screen title="Key designer" handle={stops.length > 0 ? `${stops.length} to mend` : 'This key can be used'}>
  {#snippet margin()}
    <h2>Key designer</h2>
    {#if draft.wrong}<p class="note stop" role="alert">{draft.wrong}</p>{/if}
    <button class="btn chief my-2 w-full" onclick={() => draft.use()}>Use this key</button>
    <p class="quiet" role="status">{draft.says}</p>
    {#if draft.checked}
      {#each draft.checked.problems as one, i (i)}
        <p class="note" class:stop={one.stops} class:broken={!one.stops}>
          <button class="problem" onclick={() => (draft.chosen = { symbol: one.symbol, state: one.state })}>{one.says}</button>
        </p>
      {:else}
        <p class="note">Every mark can be drawn, reached in ink and told from the others.</p>
      {/each}
      <p class="figures"><strong>{draft.checked.shapes}</strong> shapes to remember, of {draft.checked.most.shapes} at most.</p>
      <p class="quiet mt-2">{draft.checked.how}</p>
    {/if}
    <h3 class="mt-4">Begin with</h3>
    {#each draft.starters as starter (starter.id)}
      <button class="btn small my-1 w-full" title={starter.says} onclick={() => draft.begin(starter)}>{starter.name}</button>
    {/each}
    {#if spread?.page}<p class="mt-3"><a href={route.to('bench', spread.page)}>Back to the bench</a></p>{/if}
    <NextTime {book} />
  {/snippet}

  {#if spread}
    <div class="designer">
      <div>
        <ol class="symbols" aria-label="Symbols">
          {#each draft.symbols as symbol, i (i)}
            <li>
              <button
                class="mark"
                class:chosen={isChosen(i, null)}
                class:bad={bad(i, null)}
                aria-pressed={isChosen(i, null)}
                aria-label={symbol.name || 'unnamed symbol'}
                onclick={() => (draft.chosen = { symbol: i, state: null })}
              >
                <Symbol strokes={symbol.strokes as Stroke[]} size="2.6rem" /><span>{symbol.name || '…'}</span>
              </button>
              {#each symbol.states as state, j (j)}
                <button
                  class="mark state"
                  class:chosen={isChosen(i, j)}
                  class:bad={bad(i, j)}
                  aria-pressed={isChosen(i, j)}
                  aria-label="{symbol.name || 'unnamed symbol'} {state.name || 'unnamed state'}"
                  onclick={() => (draft.chosen = { symbol: i, state: j })}
                >
                  <Symbol strokes={draft.reached(i, j)} size="2.6rem" /><span>{state.name || '…'}</span>
                </button>
              {/each}
              <button
                class="btn small plain"
                disabled={symbol.states.length >= draft.most.states}
                aria-label="Add a state to {symbol.name || 'this symbol'}"
                onclick={() => draft.addState(i)}>Add a state</button
              >
            </li>
          {/each}
          <li>
            <button class="btn small" disabled={draft.symbols.length >= draft.most.symbols} onclick={() => draft.addSymbol()}
              >Add a symbol</button
            >
          </li>
        </ol>
        <Colours {draft} {book} />
      </div>
      {#if draft.symbol}
        <section class="editor" aria-label="Mark being drawn">
          {#key `${draft.chosen.symbol}/${draft.chosen.state}`}
            {#if draft.state}
              <label class="field"
                ><span>State</span><input
                  class="input"
                  value={draft.state.name}
                  maxlength="60"
                  oninput={(event) => ((draft.state!.name = event.currentTarget.value), draft.changed())}
                /></label
              >
              <label class="field">
                <span>Reached from</span>
                <select
                  class="select"
                  value={draft.state.after ?? ''}
                  onchange={(event) => {
                    if (event.currentTarget.value === '') delete draft.state!.after;
                    else draft.state!.after = Number(event.currentTarget.value);
                    draft.changed();
                  }}
                >
                  <option value="">{draft.symbol.name} as first drawn</option>
                  {#each draft.symbol.states as other, j (j)}{#if j !== draft.chosen.state}<option value={j}>{other.name}</option
                      >{/if}{/each}
                </select>
              </label>
            {:else}
              <label class="field"
                ><span>Symbol for</span><input
                  class="input"
                  value={draft.symbol.name}
                  maxlength="60"
                  oninput={(event) => ((draft.symbol!.name = event.currentTarget.value), draft.changed())}
                /></label
              >
            {/if}
            <StrokeGrid
              standing={draft.standing}
              strokes={draft.strokes}
              draw={(stroke) => draft.draw(stroke)}
              erase={(nth) => draft.erase(nth)}
              label={draft.state ? 'Strokes this state adds' : 'Strokes of this symbol'}
            />
            <p class="size">
              <span>At writing size:</span>
              <Symbol strokes={[...draft.standing, ...draft.strokes]} size="{book.stock.pitch}mm" label="The mark at writing size" />
            </p>
            {#if mark?.nearest}<p class="figures">Most like “{mark.nearest.name}”: {mark.nearest.mm} mm apart.</p>{/if}
            <button class="btn small" onclick={() => draft.remove()}>Remove this {draft.state ? 'state' : 'symbol'}</button>
          {/key}
        </section>
      {/if}
    </div>
  {:else}
    <p>This key is not in the book any more. Add one among the spreads.</p>
  {/if}
</Screen>

<style>
  .designer {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 20rem;
    gap: 1.6rem;
    align-items: start;
    margin-bottom: 1.4rem;
  }
  .symbols {
    margin-bottom: 1.4rem;
  }
  .symbols li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.35rem;
    padding: 0.3rem 0;
    border-bottom: 1px solid var(--color-base-300);
  }
  .mark {
    display: grid;
    justify-items: center;
    width: 5.6rem;
    min-height: 4.4rem;
    padding: 0.2rem;
    cursor: pointer;
    border: 1px solid transparent;
    background: var(--color-base-100);
    font-size: 0.8rem;
    line-height: 1.15;
    text-align: center;
    overflow-wrap: anywhere;
  }
  .mark:hover {
    border-color: var(--color-base-content);
  }
  .mark.state {
    background: transparent;
  }
  .mark.chosen {
    border-color: var(--rule);
    box-shadow: inset 0 -3px 0 var(--rule);
  }
  .mark.bad {
    outline: 2px dashed var(--color-error);
    outline-offset: -2px;
  }
  .editor {
    display: grid;
    gap: 0.6rem;
  }
  .size {
    display: flex;
    align-items: center;
    gap: 0.7rem;
  }
  .problem {
    text-align: left;
    cursor: pointer;
  }
  @media (max-width: 1000px) {
    .designer {
      grid-template-columns: 1fr;
    }
  }
</style>
