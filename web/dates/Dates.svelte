<!--
  What is already known about the year: the months with what they hold, one month's dates typed fast, duties, files; what is too
  late beside them.
-->
<script lang="ts">
  import { untrack } from 'svelte';
  import { about, type Book, type DateTime } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import Written from '../parts/Written.svelte';
  import { open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import Categories from './Categories.svelte';
  import { DatesState, SORTS } from './dates.svelte';
  import EntryNote from './EntryNote.svelte';
  import Incoming from './Incoming.svelte';
  import MonthBars from './MonthBars.svelte';

  let { book }: { book: Book } = $props();

  const dates = new DatesState(
    () => book,
    (edit) => open.edit(edit),
    (edit) => open.write(edit),
  );
  $effect(() => {
    const [now, month] = [book, dates.month];
    untrack(() => now && (month || month === '') && dates.load());
  });
  // An address can name a month, and a date in it.
  $effect(() => {
    const [month, date] = [route.spread, route.thing];
    untrack(() => {
      if (month) dates.look(month);
      if (date) dates.choose(date);
    });
  });
  const all = $derived(dates.dates.value);
  let day = $state<HTMLInputElement>();

  function add(event: Event) {
    event.preventDefault();
    dates.add();
    day?.focus();
  }
  /** Where it is written; that it is marked as well goes without saying. */
  const places = (one: DateTime) =>
    (one.goes.length > 1 ? one.goes.filter((place) => !place.startsWith('marked')) : one.goes).join(', ') || 'on no page';
  const pen = (one: DateTime) => all?.categories.find((category) => category.id === one.entry.category);
  const date = (iso: string | null) =>
    iso === null
      ? ''
      : new Date(`${iso}T00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });
  const wrong = (field: string) => dates.wrong?.field === `edit/${field}`;
</script>

<Screen title="Dates" handle={all && all.findings.length > 0 ? `${all.findings.length} to look at` : 'What would be too late'}>
  {#snippet margin()}
    {#if dates.entry}
      {#key dates.entry.id}<EntryNote {book} state={dates} entry={dates.entry} />{/key}
      <hr class="my-4 border-base-300" />
    {/if}
    <h2>Before it is too late</h2>
    {#if all && all.findings.length === 0}
      <p class="quiet my-2">
        {all.count === 0
          ? 'Write down what is already known about the year: birthdays, holidays, what must be paid when. Then it shows whether the future log has room for it.'
          : 'Nothing is seen too late, and everything has room.'}
      </p>
    {/if}
    {#if all}<Findings findings={all.findings} placed />{/if}
    {#if all}
      <Categories {book} categories={all.categories} />
      {#if all.count > 0}
        <p class="quiet mt-3">{all.count} {all.count === 1 ? 'date' : 'dates'} in all.</p>
        <p>
          <a href="/api{about(book, '/dates.ics')}" download>As a calendar</a> ·
          <a href="/api{about(book, '/dates.csv')}" download>As a table</a>
        </p>
      {/if}
    {/if}
    <NextTime {book} />
    <Saving />
  {/snippet}

  {#if dates.dates.wrong}<p class="note stop" role="alert">{dates.dates.wrong}</p>{/if}
  {#if all}
    <h2>Lines that the months need</h2>
    <p class="quiet">
      {#if all.log}Against the room of <a href={all.log.page === null ? route.to('spreads') : route.to('bench', all.log.page)} dir="auto"
          >{all.log.title}</a
        >, in {book.hand?.own ? 'your hand' : 'an ordinary hand'}.{:else}There is no future log in this book.{/if}
    </p>
    <MonthBars months={all.months} chosen={all.month} choose={(month) => dates.look(month)} />

    <div class="head">
      <h2>{all.name}</h2>
      <a class="btn small" href={route.to('transfer', all.month)}>Transfer into its pages</a>
    </div>
    <form class="line" onsubmit={add} aria-label="Write a date down">
      <label class="field"
        ><span>Day</span><input
          class="input"
          bind:this={day}
          bind:value={dates.line.day}
          placeholder="12, 3–9, 12 March"
          aria-invalid={wrong('day')}
          autocomplete="off"
        /></label
      >
      <label class="field"
        ><span>What, and when</span><input
          class="input"
          bind:value={dates.line.words}
          maxlength="200"
          placeholder="Dentist 10:30"
          aria-invalid={wrong('words')}
          autocomplete="off"
        /></label
      >
      <label class="field">
        <span>Colour</span>
        <select class="select" bind:value={dates.line.category}>
          <option value="">none</option>
          {#each all.categories as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select>
      </label>
      <label class="field">
        <span>Sort</span>
        <select class="select" bind:value={dates.line.is}>
          {#each SORTS as [sort, words] (sort)}<option value={sort}>{words}</option>{/each}
        </select>
      </label>
      {#if dates.line.is === 'duty'}
        <label class="field ahead"
          ><span>Days ahead</span><input
            class="input figures"
            inputmode="numeric"
            bind:value={dates.line.lead}
            aria-invalid={wrong('lead')}
          /></label
        >
      {/if}
      <button class="btn chief">Write down</button>
    </form>
    {#if dates.wrong}<p class="wrong" role="alert">{dates.wrong.says}</p>{/if}
    <Written lines={dates.lines} again={(line) => (dates.again(line), day?.focus())} label="Being written" />
    {#if all.entries.length === 0}
      <p class="quiet my-2">Nothing is known of {all.name} yet.</p>
    {:else}
      <ul class="entries" aria-label="Dates of {all.name}">
        {#each all.entries as one (one.key)}
          <li>
            <button class="entry" aria-pressed={one.date === dates.chosen} onclick={() => dates.choose(one.date, one.key)}>
              <span class="weekday">{one.weekday ?? ''}</span>
              <span class="written" dir="auto">{one.written}</span>
              <span class="of">
                {#if pen(one)}<svg width="10" height="10" aria-hidden="true"
                    ><rect width="10" height="10" fill={pen(one)?.pen ?? 'var(--ink)'} /></svg
                  ><span>{pen(one)?.name}</span>{/if}
                {#if one.due}<span>ahead</span>{/if}
              </span>
              <span class="quiet">{places(one)}{one.lines > 1 ? ` · ${one.lines} lines` : ''}</span>
              <span class="quiet">{one.settled === null ? '' : one.settled}</span>
            </button>
          </li>
        {/each}
      </ul>
    {/if}

    {#if all.duties.length > 0}
      <h2 class="mt-6">Duties</h2>
      <table class="duties">
        <thead
          ><tr><th scope="col">What</th><th scope="col">How often</th><th scope="col">Next due</th><th scope="col">Seen from</th></tr
          ></thead
        >
        <tbody>
          {#each all.duties as one (one.date)}
            <tr>
              <th scope="row"
                ><button class="name" dir="auto" aria-pressed={one.date === dates.chosen} onclick={() => dates.choose(one.date)}
                  >{one.words}</button
                ></th
              >
              <td>{one.repeats}</td>
              <td>{date(one.next)}</td>
              <td>{date(one.seen)}{one.lead > 0 ? `, ${one.lead} days before` : ''}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
    {#if all.elsewhere.length > 0}
      <h2 class="mt-6">In none of these months</h2>
      <ul>
        {#each all.elsewhere as one (one.id)}<li>
            <button class="name" dir="auto" onclick={() => (dates.chosen = one.id)}>{one.words}</button>
            <span class="quiet">{one.day}</span>
          </li>{/each}
      </ul>
    {/if}
    <div class="mt-6"><Incoming {dates} /></div>
  {/if}
</Screen>

<style>
  .head {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    margin-top: 1rem;
  }
  .line {
    display: grid;
    grid-template-columns: minmax(7rem, 1fr) minmax(10rem, 3fr) minmax(7rem, 1fr) minmax(6rem, 0.8fr) auto;
    gap: 0.5rem;
    align-items: end;
    margin: 0.5rem 0;
  }
  .line:has(.ahead) {
    grid-template-columns: minmax(7rem, 1fr) minmax(10rem, 3fr) minmax(7rem, 1fr) minmax(6rem, 0.8fr) 5.5rem auto;
  }
  .entries li {
    border-top: 1px solid var(--color-base-300);
  }
  .entry {
    display: grid;
    grid-template-columns: 2.6rem minmax(8rem, 3fr) minmax(6rem, 1fr) minmax(8rem, 2fr) auto;
    gap: 0.6rem;
    width: 100%;
    text-align: left;
    padding: 0.35rem 0.3rem;
    cursor: pointer;
    align-items: baseline;
  }
  .entry:hover,
  .entry[aria-pressed='true'] {
    background: var(--color-base-100);
  }
  .entry[aria-pressed='true'] {
    outline: 2px solid var(--rule);
    outline-offset: -2px;
  }
  .weekday,
  .of {
    color: var(--color-neutral);
    font-size: 0.87rem;
  }
  .of {
    display: flex;
    align-items: baseline;
    flex-wrap: wrap;
    gap: 0.15rem 0.4rem;
  }
  .written {
    font-variant-numeric: tabular-nums;
  }
  .duties {
    width: 100%;
    margin-top: 0.3rem;
  }
  .duties th,
  .duties td {
    text-align: left;
    padding: 0.3rem 0.7rem 0.3rem 0;
    border-bottom: 1px solid var(--color-base-300);
    font-weight: 400;
  }
  thead th {
    color: var(--color-neutral);
    font-size: 0.82rem;
  }
  .name {
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
  }
  @media (max-width: 900px) {
    .line,
    .line:has(.ahead) {
      grid-template-columns: 1fr 1fr;
    }
    .line label:nth-child(2),
    .line button {
      grid-column: 1 / -1;
    }
    .entry {
      grid-template-columns: 2.6rem minmax(0, 1fr) auto;
    }
    .entry .quiet {
      grid-column: 2 / -1;
    }
  }
</style>
