<!-- Four answers, each prefilled: paper, pages, period, first day of the week. Then how it begins, and what comes of it. -->
<script lang="ts">
  import { api, type Estimate } from '../api/client';
  import Screen from '../parts/Screen.svelte';
  import { asProblem, open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import { A5, toStock, type StockAnswers } from './answers';
  import CountNote from './CountNote.svelte';
  import Beginnings from './Beginnings.svelte';
  import PageProportions from './PageProportions.svelte';
  import PeriodFields from './PeriodFields.svelte';
  import StockFields from './StockFields.svelte';

  const next = new Date().getFullYear() + (new Date().getMonth() >= 6 ? 1 : 0);
  let answers = $state<StockAnswers>({ ...A5 });
  let counted = $state(false);
  let estimate = $state<Estimate | null>(null);
  let period = $state({ start: `${next}-01`, end: `${next}-12` });
  let first = $state(1);
  let counting = $state('boxes');
  let title = $state('');

  /** "July to December 2027": what a person would write on its back. */
  function usualTitle(start: string, end: string): string {
    const say = (month: string, options: Intl.DateTimeFormatOptions) =>
      new Intl.DateTimeFormat('en', { ...options, timeZone: 'UTC' }).format(new Date(`${month}-01T00:00:00Z`));
    const whole = { month: 'long', year: 'numeric' } as const;
    if (!/^\d{4}-\d{2}$/.test(start) || !/^\d{4}-\d{2}$/.test(end)) return 'Notebook';
    if (start === end) return say(start, whole);
    if (start.slice(0, 4) !== end.slice(0, 4)) return `${say(start, whole)} to ${say(end, whole)}`;
    return start.endsWith('-01') && end.endsWith('-12') ? start.slice(0, 4) : `${say(start, { month: 'long' })} to ${say(end, whole)}`;
  }
  /** How it begins: one of the ways, or as another notebook. */
  let begin = $state<{ as: string | null; like: string | null }>({ as: 'usual', like: null });
  const asked = $derived({ stock: toStock(answers), period: { ...period }, weeks: { first }, counting });
  /** What the chosen way comes to. */
  let sentence = $state('');
  let wrong = $state<{ field: string | null; detail: string } | null>(null);

  async function make(event: SubmitEvent) {
    event.preventDefault();
    wrong = null;
    try {
      const book = await api.make({
        title: title.trim() || usualTitle(period.start, period.end),
        ...asked,
        ...(begin.like === null ? { as: begin.as } : { like: begin.like }),
      });
      open.take(book);
      // Whoever begins as the last book looks at that first.
      route.go(`/notebooks/${book.id}/${begin.like === null ? 'spreads' : 'old'}`);
    } catch (error) {
      wrong = asProblem(error);
    }
  }
</script>

<Screen title="New notebook" handle="What the counts follow from">
  {#snippet margin()}
    <h2>New notebook</h2>
    <p class="my-2">
      The printed grid never fills the page, so the count is yours: count the boxes once, across and down, and rely on it for the whole
      book.
    </p>
    <CountNote {estimate} {answers} />
    <p class="quiet">A leaf has two pages. Page 1 is on the right.</p>
  {/snippet}

  <div class="grid items-start gap-8 lg:grid-cols-[minmax(20rem,30rem)_1fr]">
    <form id="new" class="grid gap-5" onsubmit={make} novalidate>
      <h2>Paper</h2>
      <StockFields bind:answers bind:counted bind:estimate {wrong} brief />
      <h2>Period and weeks</h2>
      <PeriodFields bind:period {wrong} />
      <div class="grid grid-cols-2 gap-3">
        <label class="field">
          <span>Weeks begin on</span>
          <select class="select" bind:value={first}>
            <option value={1}>Monday</option>
            <option value={7}>Sunday</option>
            <option value={6}>Saturday</option>
          </select>
        </label>
        <label class="field">
          <span>You count</span>
          <select class="select" bind:value={counting}>
            <option value="boxes">boxes</option>
            <option value="dots">dots</option>
          </select>
        </label>
      </div>
      <label class="field"><span>Title on the shelf, if you like</span><input class="input" bind:value={title} /></label>
    </form>
    <div class="grid gap-6">
      <Beginnings {asked} across={Number(answers.across)} down={Number(answers.down)} bind:begin bind:sentence />
      <PageProportions {answers} />
    </div>
  </div>
  <!-- Always in sight: what would come of the answers so far. -->
  <div class="make">
    {#if wrong}<p class="note stop" role="alert">{wrong.detail}</p>{/if}
    <button class="btn chief" type="submit" form="new">Make the plan</button>
    <span class="figures">{sentence}</span>
  </div>
</Screen>

<style>
  .make {
    position: sticky;
    bottom: -1.5rem;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 1rem;
    margin: 1.5rem -1.4rem -1.5rem;
    padding: 0.6rem 1.4rem;
    border-top: 1px solid var(--color-base-300);
    background: var(--color-base-200);
  }
  .make .note {
    width: 100%;
    margin: 0;
  }
  @media (max-width: 1000px) {
    .make {
      margin-inline: -1rem;
      padding-inline: 1rem;
    }
  }
  @media (max-width: 700px) {
    .make {
      bottom: 46px;
      margin-inline: -0.8rem;
      padding-inline: 0.8rem;
    }
  }
</style>
