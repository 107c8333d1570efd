<!-- Free evenings at their honest length, filled with the pages that are drawn in each; what is laid out, what is short. -->
<script lang="ts">
  import PutInTray from '../tray/PutInTray.svelte';
  import { untrack } from 'svelte';
  import { about, type Book, type Mark, type SittingPage } from '../api/client';
  import Small from '../parts/Small.svelte';
  import { edges } from '../parts/edges';
  import ForeEdge from '../parts/ForeEdge.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import Written from '../parts/Written.svelte';
  import { open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import EveningRow from './EveningRow.svelte';
  import { SittingsState } from './sittings.svelte';

  let { book }: { book: Book } = $props();
  const sittings = new SittingsState();
  $effect(() => {
    const now = book;
    untrack(() => sittings.load(now));
  });

  const all = $derived(sittings.value);
  /** Then they are asked for in the middle, not in the margin. */
  const isNone = $derived(all !== null && all.evenings.length === 0);
  const marks = $derived(new Map(all?.drawings.map((one) => [one.page, one.marks as Mark[]]) ?? []));
  const longest = $derived(Math.max(60, ...(all?.evenings.map((one) => Math.max(one.minutes, one.planned)) ?? [])));
  const edge = $derived(edges(book).find((one) => one.volume === book.book));
  const pages = (count: number) => (count === 1 ? '1 page' : `${count} pages`);
  const minutes = (list: SittingPage[]) => list.reduce((sum, one) => sum + one.minutes, 0);
  /** A drawing's pages together: they are left, and taken up, as one. */
  const byDrawing = (list: SittingPage[]) =>
    [...new Set(list.map((one) => one.drawing))].map((drawing) => list.filter((one) => one.drawing === drawing));
  const practise = (kind: string) => open.edit({ type: 'add-spread', kind, book: book.book });
</script>

{#snippet free()}
  <form
    class="grid gap-1.5"
    onsubmit={(event) => {
      event.preventDefault();
      sittings.field.put();
    }}
  >
    <label class="field"
      ><span>Free evenings</span><input
        class="input"
        placeholder="Tuesdays and Sundays, 90 minutes"
        bind:value={sittings.field.said}
        aria-invalid={sittings.field.wrong ? 'true' : undefined}
      /></label
    >
    <p class="quiet">Or: this evening, 40 minutes · 20 December 19:30 60 min · 2026-12-20 19:00 90</p>
    <button class="btn small w-fit" disabled={sittings.field.said.trim() === ''}>Add them</button>
  </form>
  {#if sittings.field.wrong}<p class="wrong" role="alert">{sittings.field.wrong}</p>{/if}
  {#if sittings.wrong}<p class="note stop" role="alert">{sittings.wrong}</p>{/if}
  <Written lines={sittings.field.lines} again={(line) => sittings.field.again(line)} label="Evenings being added" />
{/snippet}

<Screen title="Sittings" handle={all && !isNone && all.short > 0 ? `${all.short} minutes short` : 'Minutes and evenings'}>
  {#snippet margin()}
    <h2 class="mb-2">Sittings</h2>
    {#if all && !isNone}{@render free()}{/if}
    {#if all}
      <p class="figures mt-3">
        <strong>{pages(all.pages)} to draw, {all.minutes.says}.</strong>{all.done > 0 ? ` ${pages(all.done)} drawn.` : ''}
        {all.free > 0 ? `${all.free} minutes are free.` : ''}
      </p>
      {#if all.pace}<p class="quiet figures">{all.pace}</p>{:else}<p class="quiet">
          At the usual pace. Tick the steps at the desk and it becomes yours.
        </p>{/if}
      {#if all.practice}
        <div class="note">
          <p>
            Nothing is drawn yet. To try your hand first, a spare page: four parts, a month and large figures in the middle, each with its
            check.
          </p>
          {#if all.practice.page === null}<button class="btn small mt-1" onclick={() => practise(all.practice?.kind ?? '')}
              >Put a practice page at the back</button
            >{:else}<a class="btn small mt-1" href={route.to('desk', all.practice.page)}>Practise on page {all.practice.page}</a>{/if}
        </div>
      {/if}
      <label class="field mt-2 max-w-56">
        <span>Months drawn before the first day</span>
        <select class="select" value={all.months} onchange={(event) => sittings.months(Number(event.currentTarget.value))}>
          {#each Array.from({ length: Math.min(12, book.months.length) + 1 }, (_, i) => i) as count (count)}<option value={count}
              >{count === 0 ? 'none' : count}</option
            >{/each}
        </select>
      </label>
      {#if all.evenings.length > 0}
        {#if all.short === 0}
          <p class="note">Everything has room before {all.first_day}.</p>
        {:else}
          <div class="note broken">
            <p class="figures">
              {all.short} minutes have no room{all.bound > 0 ? `; ${all.bound} of them have none however the pages are packed` : ''}.
            </p>
            <div class="mt-1 grid gap-1.5">
              {#each all.ways as way (way.say)}<button class="btn small offer" onclick={() => open.edit(way.edit)}>{way.say}</button>{/each}
            </div>
          </div>
        {/if}
        {#if all.late > 0}<p class="note broken figures">{all.late} minutes of it are drawn after they are needed.</p>{/if}
        <p class="quiet">
          {all.proven ? 'No packing leaves less or draws fewer pages in two.' : 'The best packing found; a better one may exist.'} Ink dries before
          a page is turned and before it is erased.
        </p>
        <a class="btn small mt-1" href="/api{about(book, '/sittings.ics')}" download>Evenings for the calendar</a>
        <p class="mt-1">The next evening’s steps on paper: <PutInTray print="evening" what="the steps of the next evening" /></p>
      {/if}
      {#each [['Without room', isNone ? [] : all.left, false], ['Left for later', all.later, true]] as const as [head, list, later] (head)}
        {#if list.length > 0}
          <h3 class="mt-3">{head}</h3>
          <ul class="list">
            {#each byDrawing(list) as group (group[0]?.drawing)}
              {@const one = group[0]}
              {#if one}<li>
                  <span class="figures"><a href={route.to('bench', one.page)}>{one.title}</a>, {minutes(group)} min</span>
                  <button class="btn small plain" onclick={() => sittings.later(one, !later)}
                    >{later ? 'Draw it after all' : 'Leave it for later'}<span class="sr-only">: {one.title}</span></button
                  >
                </li>{/if}
            {/each}
          </ul>
        {/if}
      {/each}
    {/if}
    <NextTime {book} />
    <Saving />
  {/snippet}

  {#if all}
    {#if isNone}
      <p class="max-w-prose">
        No evenings yet. Say when you are free: what is needed from the first day is drawn first, figures while you are fresh, and nothing
        is turned on wet ink.
      </p>
      <div class="my-3 max-w-md">{@render free()}</div>
    {/if}
    <ol class="evenings" aria-label="Evenings">
      {#each all.evenings as evening (evening.key)}
        <EveningRow {evening} {marks} across={all.across} down={all.down} {longest} evenings={all.evenings} state={sittings} />
      {/each}
    </ol>
    {#if edge && all.states.length > 0}
      <section class="mt-6" aria-label="How far the book is">
        <h2 class="mb-2">How far the book is</h2>
        <ForeEdge {...edge} states={all.states} href={(page) => route.to('desk', page)} />
        <p class="quiet figures mt-1">
          Below the leaves: pencilled a thin line, inked a thick one, done a filled one. {pages(
            all.states.filter((one) => one.state === 'done').length,
          )} done, {all.states.filter((one) => one.state === 'inked').length} inked, {all.states.filter((one) => one.state === 'pencilled')
            .length} pencilled.
        </p>
      </section>
    {/if}
    {#if all.undrawn > 0}
      <p class="mt-4">{pages(all.undrawn)} more than are shown small: there is more on the pages before than is shown at once.</p>
    {/if}
    {#if all.evenings.length === 0 && all.drawings.length > 0}
      <h2 class="mt-6 mb-2">To draw</h2>
      <ul class="todo">
        {#each all.left as one (one.drawing + one.nth)}
          <li>
            <a href={route.to('desk', one.page)}
              ><span class="thumb"><Small across={all.across} down={all.down} marks={marks.get(one.page) ?? []} /></span><span
                class="figures">{one.page}</span
              >
              {one.minutes} min<span class="sr-only">, {one.title}</span></a
            >
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
</Screen>

<style>
  .evenings {
    display: grid;
    gap: 1.4rem;
  }
  .list li {
    display: grid;
    grid-template-columns: 1fr auto;
    align-items: start;
    padding-block: 0.15rem;
  }
  .todo {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(5.2rem, 1fr));
    gap: 0.8rem;
  }
  .todo a {
    font-size: 0.85rem;
  }
  .thumb {
    display: block;
    border: 1px solid color-mix(in srgb, var(--ink) 45%, var(--sheet));
  }
  .todo .figures {
    font-weight: 700;
  }
</style>
