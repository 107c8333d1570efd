<!-- One evening: a bar as long as it is, filled minute by minute; what to lay out; its pages, each of which may go to another. -->
<script lang="ts">
  import type { Mark, Sitting } from '../api/client';
  import Small from '../parts/Small.svelte';
  import { dates } from '../parts/said';
  import { route } from '../state/route.svelte';
  import PutInTray from '../tray/PutInTray.svelte';
  import type { SittingsState } from './sittings.svelte';

  interface Props {
    evening: Sitting;
    evenings: Sitting[];
    marks: Map<number, Mark[]>;
    across: number;
    down: number;
    /** Minutes of the longest of all. */
    longest: number;
    state: SittingsState;
  }
  let { evening, evenings, marks, across, down, longest, state: sittings }: Props = $props();

  let over = $state(false);
  let changing = $state(false);
  let minutes = $state(0);
  /** Minutes the bar stands for: what is gone of the evening, and what is drawn in it. */
  const long = $derived(Math.max(evening.minutes, evening.minutes - evening.free + evening.planned));
  const percent = (of: number) => `${(100 * of) / longest}%`;
  const PARTS = {
    whole: '',
    dries: ', dries over night',
    finished: ', erased and checked',
    begun: ', begun here',
    rest: ', the rest of it',
  };
  const WORDS = { dry: 'Drying', pause: 'Pause', 'lay-out': 'Mat and knife', draw: '', finish: 'Erase and check' };
  const date = $derived(dates(evening.day));

  function drop(event: DragEvent) {
    event.preventDefault();
    over = false;
    const page = JSON.parse(event.dataTransfer?.getData('application/json') || 'null') as { drawing: string; nth: number } | null;
    if (page) sittings.put(page, evening.key);
  }
</script>

<li class="evening" class:today={evening.today} class:past={evening.over} aria-label="{evening.weekday} {date}">
  <div class="head">
    <h2>{evening.weekday} {date}</h2>
    {#if evening.today}<strong class="now">today</strong>{/if}
    <span class="quiet figures"
      >{evening.from}, {evening.minutes} min{evening.planned > 0 ? `; ${evening.planned} planned` : ''}{evening.taken > 0
        ? `; ${evening.taken} taken`
        : ''}</span
    >
    {#if evening.after_first_day}<span class="quiet">after the first day</span>{/if}
    <span class="tools">
      {#if evening.pages[0] && !evening.over}<a class="btn small" href={route.to('desk', evening.pages[0].page)}
          >Sit down<span class="sr-only">, {evening.weekday} {date}</span></a
        >{/if}
      {#if evening.today && evening.free < evening.minutes && evening.minutes - evening.free >= 5}<button
          class="btn small"
          onclick={() => sittings.resize(evening, evening.minutes - evening.free)}>Stop here</button
        >{/if}
      <button class="btn small plain" aria-expanded={changing} onclick={() => ((changing = !changing), (minutes = evening.minutes))}
        >Change<span class="sr-only"> {evening.weekday} {date}</span></button
      >
    </span>
  </div>
  {#if changing}
    <form
      class="mb-2 flex flex-wrap items-end gap-2"
      onsubmit={async (event) => {
        event.preventDefault();
        if (await sittings.resize(evening, minutes)) changing = false;
      }}
    >
      <label class="field w-28"
        ><span>Minutes</span><input class="input figures" type="number" min="5" max="600" bind:value={minutes} /></label
      >
      <button class="btn small">Pack again</button>
      <button class="btn small plain" type="button" onclick={() => sittings.remove(evening)}>It is not free</button>
    </form>
  {/if}
  <!-- Dragging is an extra for the mouse: below, each page has a list of evenings. -->
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div
    class="bar"
    class:over
    style:width={percent(long)}
    ondragover={(event) => (event.preventDefault(), (over = true))}
    ondragleave={() => (over = false)}
    ondrop={drop}
  >
    {#each evening.acts as act (act.at)}
      <span
        class="act {act.is}"
        style:left={`${(100 * act.at) / long}%`}
        style:width={`${(100 * act.minutes) / long}%`}
        title="{act.clock} {act.says}"
      >
        {#if act.is === 'draw' && act.page !== null}
          {@const one = evening.pages.find((page) => page.page === act.page)}
          <span
            class="page"
            draggable="true"
            ondragstart={(event) =>
              event.dataTransfer?.setData('application/json', JSON.stringify({ drawing: one?.drawing, nth: one?.nth }))}
          >
            <span class="thumb"><Small {across} {down} marks={marks.get(act.page) ?? []} /></span>
            <span class="number figures">{act.page}</span>
          </span>
        {/if}
        {#if act.is !== 'draw'}<span class="sr-only">{WORDS[act.is]}, {act.minutes} minutes</span>{/if}
      </span>
    {/each}
    {#if evening.too_long > 0}<span class="end" style:left={`${(100 * evening.minutes) / long}%`} aria-hidden="true"></span>{/if}
  </div>
  {#if evening.too_long > 0}<p class="note broken figures">
      {evening.too_long} minutes too long: what was put on it by hand is more than it holds.
    </p>{/if}
  {#if evening.pages.length > 0}
    <details>
      <summary class="quiet">
        <span class="figures">{evening.pages.length === 1 ? '1 page' : `${evening.pages.length} pages`}, {evening.minutes_range.says}.</span
        >
        {#if evening.tools.length + evening.pens.length > 0}Lay out {[...evening.tools, ...evening.pens].join(', ')}.{/if}
      </summary>
      {#if evening.sheets.length > 0}<p>
          Print first: {evening.sheets.join('; ')}. <PutInTray print="months" what="the months to cut out" />
        </p>{/if}
      {#each evening.cautions as one (one)}<p class="caution">{one}</p>{/each}
      <ul class="pages">
        {#each evening.pages as one (one.drawing + one.nth + one.part)}
          <li>
            <a href={route.to('desk', one.page)}><span class="figures">{one.page}</span> {one.title}</a>
            <span class="quiet figures">{one.minutes} min{PARTS[one.part]}</span>
            <select
              class="select select-sm"
              aria-label="Evening of page {one.page}"
              value={one.put ? evening.key : ''}
              onchange={(event) => sittings.put(one, event.currentTarget.value || null)}
            >
              <option value="">packed by itself</option>
              {#each evenings.filter((other) => !other.over) as other (other.key)}<option value={other.key}
                  >{other.weekday} {other.day}, {other.from}</option
                >{/each}
            </select>
          </li>
        {/each}
      </ul>
      <ol class="when figures" aria-label="What is done when">
        {#each evening.acts as act (act.at)}<li class:waiting={act.is !== 'draw' && act.is !== 'finish'}>{act.clock} {act.says}</li>{/each}
      </ol>
    </details>
  {:else if !evening.over}
    <p class="quiet">Nothing to draw.</p>
  {/if}
</li>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.2rem 0.8rem;
    margin-bottom: 0.4rem;
  }
  .tools {
    margin-left: auto;
    display: flex;
    gap: 0.4rem;
  }
  .now {
    color: var(--rule);
  }
  .past {
    opacity: 0.75;
  }
  .today .bar {
    border-color: var(--rule);
  }
  .bar {
    position: relative;
    height: 92px;
    border: 1px solid color-mix(in srgb, var(--color-base-content) 50%, transparent);
    background: var(--color-base-100);
    overflow: hidden;
  }
  .bar.over {
    outline: 2px dashed var(--rule);
  }
  .act {
    position: absolute;
    top: 0;
    bottom: 0;
    overflow: hidden;
    border-right: 1px solid color-mix(in srgb, var(--color-base-content) 30%, transparent);
  }
  .draw {
    background: var(--sheet);
    forced-color-adjust: none;
  }
  .finish {
    background: var(--color-base-300);
  }
  .dry {
    background: repeating-linear-gradient(45deg, transparent 0 4px, color-mix(in srgb, var(--pencil) 55%, transparent) 4px 5px);
  }
  .pause {
    background: radial-gradient(circle, var(--pencil) 1px, transparent 1.4px) 0 0 / 6px 6px;
  }
  .lay-out {
    background: repeating-linear-gradient(0deg, transparent 0 4px, color-mix(in srgb, var(--caution) 60%, transparent) 4px 5px);
  }
  .page {
    display: block;
    height: 100%;
    cursor: grab;
    color: #22304a;
  }
  .thumb {
    display: block;
    height: 70px;
    width: 48px;
    margin: 2px;
  }
  .number {
    position: absolute;
    left: 4px;
    bottom: 0;
    font-size: 0.78rem;
    font-weight: 700;
  }
  .end {
    position: absolute;
    top: 0;
    bottom: 0;
    border-left: 3px double var(--color-error);
  }
  details {
    margin-top: 0.3rem;
  }
  summary {
    cursor: pointer;
    min-height: 1.9rem;
  }
  .pages li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.2rem 0.8rem;
    padding-block: 0.2rem;
  }
  .pages .select {
    width: auto;
    margin-left: auto;
  }
  .pages a .figures {
    font-weight: 700;
  }
  .when {
    margin-top: 0.4rem;
    line-height: 1.5;
  }
  .waiting {
    color: var(--color-neutral);
  }
</style>
