<!-- One entry in the margin: everything that can be said of it. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type DateEntry } from '../api/client';
  import { Loader } from '../state/loader.svelte';
  import { SORTS, type DatesState } from './dates.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    book: Book;
    state: DatesState;
    entry: DateEntry;
  }
  let { book, state, entry }: Props = $props();

  const repeats = new Loader<{ repeats: { rule: string; words: string }[] }>();
  $effect(() => {
    const day = entry.day.split('/')[0] ?? '';
    untrack(() => (day.length > 7 && !day.startsWith('--') ? repeats.load(() => api.repeats(book, day, '')) : repeats.clear()));
  });
  const choices = $derived(repeats.value?.repeats ?? []);
  const known = $derived(choices.some((one) => one.rule === entry.repeat));
  const categories = $derived(state.dates.value?.categories ?? []);
</script>

<section aria-label="The date chosen" class="grid gap-2">
  <h2>{entry.words}</h2>
  <label class="field"
    ><span>When</span><input
      class="input"
      value={entry.day}
      {@attach kept}
      onchange={(event) => state.set({ day: event.currentTarget.value })}
    /></label
  >
  <label class="field"
    ><span>What</span><input
      class="input"
      maxlength="200"
      value={entry.words}
      {@attach kept}
      onchange={(event) => state.set({ words: event.currentTarget.value })}
    /></label
  >
  <div class="two">
    <label class="field">
      <span>Sort</span>
      <select class="select" value={entry.is ?? 'date'} onchange={(event) => state.set({ is: event.currentTarget.value })}>
        {#each SORTS as [sort, words] (sort)}<option value={sort}>{words}</option>{/each}
      </select>
    </label>
    <label class="field">
      <span>Colour</span>
      <select class="select" value={entry.category ?? ''} onchange={(event) => state.set({ category: event.currentTarget.value || null })}>
        <option value="">none</option>
        {#each categories as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
      </select>
    </label>
  </div>
  {#if entry.is !== 'birthday'}
    <div class="two">
      <label class="field"
        ><span>Time</span><input
          class="input figures"
          placeholder="18:30"
          value={entry.time ?? ''}
          {@attach kept}
          onchange={(event) => state.set({ time: event.currentTarget.value || null })}
        /></label
      >
      <label class="field"
        ><span>Ends</span><input
          class="input figures"
          disabled={!entry.time}
          value={entry.ends ?? ''}
          {@attach kept}
          onchange={(event) => state.set({ ends: event.currentTarget.value || null })}
        /></label
      >
    </div>
    {#if choices.length > 0}
      <label class="field">
        <span>Comes again</span>
        <select class="select" value={entry.repeat ?? ''} onchange={(event) => state.set({ repeat: event.currentTarget.value || null })}>
          <option value="">once</option>
          {#if entry.repeat && !known}<option value={entry.repeat}>{entry.repeats}</option>{/if}
          {#each choices as one (one.rule)}<option value={one.rule}>{one.words}</option>{/each}
        </select>
      </label>
    {/if}
  {/if}
  {#if entry.repeat}
    <label class="field"
      ><span>Up to, where it ends</span><input
        class="input"
        placeholder="it goes on"
        value={entry.ends_on ?? ''}
        {@attach kept}
        onchange={(event) => state.set({ until: event.currentTarget.value || null })}
      /></label
    >
    {#if state.once}
      {@const day = state.once}
      <button class="btn small justify-self-start" onclick={() => state.leaveOut(day)}>Leave it out on {day}</button>
    {/if}
    {#if entry.except && entry.except.length > 0}<p class="quiet">
        Left out on {entry.except.join(', ')}. <button class="btn small plain" onclick={() => state.set({ except: [] })}>Put back</button>
      </p>{/if}
  {/if}
  {#if entry.is === 'duty'}
    <label class="field"
      ><span>Thought of so many days before</span><input
        class="input figures"
        type="number"
        min="0"
        max="366"
        value={entry.lead ?? 0}
        {@attach kept}
        onchange={(event) => state.set({ lead: event.currentTarget.valueAsNumber })}
      /></label
    >
  {/if}
  {#if entry.leapday}
    <label class="field">
      <span>In years without 29 February</span>
      <select class="select" value={entry.leap ?? 'before'} onchange={(event) => state.set({ leap: event.currentTarget.value })}>
        <option value="before">on 28 February</option>
        <option value="after">on 1 March</option>
      </select>
    </label>
  {/if}
  <div class="flex gap-2">
    <button class="btn small" onclick={() => state.remove()}>Take it out</button>
    <button class="btn small plain" onclick={() => (state.chosen = null)}>Close</button>
  </div>
</section>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
</style>
