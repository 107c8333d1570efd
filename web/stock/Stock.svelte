<!-- The stock and period of an open notebook; changing them re-plans the book as one edit. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Edit, type Estimate } from '../api/client';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { kept } from '../parts/kept';
  import WeekStart from '../months/WeekStart.svelte';
  import { open } from '../state/book.svelte';
  import { drafts, paper } from '../state/drafts.svelte';
  import { Loader } from '../state/loader.svelte';
  import { fromStock, type StockAnswers, toStock } from './answers';
  import Books from './Books.svelte';
  import HandField from './HandField.svelte';
  import LanguageField from './LanguageField.svelte';
  import CountNote from './CountNote.svelte';
  import PageProportions from './PageProportions.svelte';
  import PeriodFields from './PeriodFields.svelte';
  import StockFields from './StockFields.svelte';

  let { book }: { book: Book } = $props();

  interface Paper {
    answers: StockAnswers;
    period: { start: string; end: string };
  }
  const volume = $derived(book.volumes.find((one) => one.book === book.book && one.book !== '1') ?? null);
  const called = $derived(volume?.title ?? book.title);
  const name = $derived(paper(book.id, book.book));
  const asPlanned = $derived<Paper>({ answers: fromStock(book.stock), period: { start: book.period.start, end: book.period.end } });

  const begun = untrack(() => drafts.get<Paper>(name));
  let answers = $state(untrack(() => (begun && begun.of === JSON.stringify(asPlanned) ? begun.now : asPlanned).answers));
  let period = $state(untrack(() => (begun && begun.of === JSON.stringify(asPlanned) ? begun.now : asPlanned).period));
  let counted = $state(true);
  let estimate = $state<Estimate | null>(null);
  const now = $derived(JSON.stringify({ answers, period }));
  const changed = $derived(now !== JSON.stringify(asPlanned));

  // Planned, or taken back elsewhere, it shows here at once; an answer about anything else leaves what is typed alone.
  let shown = untrack(() => JSON.stringify(asPlanned));
  $effect(() => {
    const planned = JSON.stringify(asPlanned);
    if (planned === shown) return;
    shown = planned;
    ({ answers, period } = JSON.parse(planned) as Paper);
  });
  // What is changed and not planned yet waits while other screens are looked at.
  $effect(() => {
    const draft = changed ? { of: JSON.stringify(asPlanned), now: JSON.parse(now) as Paper } : null;
    untrack(() => drafts.set(name, draft));
  });

  const wrong = $derived(open.problem && open.problem.status === 422 ? open.problem : null);
  const edit = $derived.by((): Edit | null => {
    const edits: Edit[] = [];
    if (JSON.stringify(answers) !== JSON.stringify(asPlanned.answers))
      edits.push(
        volume ? { type: 'set-book', book: volume.book, stock: toStock(answers) } : { type: 'set-stock', stock: toStock(answers) },
      );
    if (JSON.stringify(period) !== JSON.stringify(asPlanned.period)) edits.push({ type: 'set-period', period });
    const [only] = edits;
    return only ? (edits.length === 1 ? only : { type: 'several', edits }) : null;
  });
  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (!edit) return;
    const [sent, of] = [now, name];
    // Whoever has left for another screen meanwhile has nothing waiting here either.
    if ((await open.edit(edit)) && JSON.stringify(drafts.get<Paper>(of)?.now) === sent) drafts.set(of, null);
  }
  function leave() {
    ({ answers, period } = $state.snapshot(asPlanned));
  }
  function rename(title: string) {
    if (title !== called) open.edit(volume ? { type: 'set-book', book: volume.book, title } : { type: 'set-title', title });
  }
  /** Printed numbers move nothing: they are saved at once. */
  function number(numbered: boolean) {
    const stock = { ...book.stock, numbered };
    open.edit(volume ? { type: 'set-book', book: volume.book, stock } : { type: 'set-stock', stock });
  }

  // What would stay and what would go is asked for a moment after the last change.
  const would = new Loader<{ says: string[] }>();
  $effect(() => {
    const asked = edit;
    if (!asked) return would.clear();
    const wait = setTimeout(() => would.load(() => api.would(book, asked)), 300);
    return () => clearTimeout(wait);
  });
</script>

<Screen title="Stock" handle="What the counts follow from">
  {#snippet margin()}
    <h2>Stock{volume ? ` of book ${volume.book}` : ''}</h2>
    <CountNote {estimate} {answers} />
    <p class="my-2">{changed ? 'As it is planned: ' : ''}{book.fit.sentence}</p>
    <NextTime {book} />
    <Saving />
  {/snippet}

  <div class="grid items-start gap-8 lg:grid-cols-[minmax(20rem,30rem)_1fr]">
    <form class="grid gap-5" onsubmit={save} novalidate>
      <label class="field"
        ><span>Title on the shelf</span><input
          class="input"
          value={called}
          {@attach kept}
          maxlength="200"
          onchange={(event) => rename(event.currentTarget.value)}
          aria-invalid={wrong?.field?.endsWith('title') ? 'true' : undefined}
        /></label
      >
      <h2>Paper</h2>
      <StockFields bind:answers bind:counted bind:estimate {wrong} {number} numbered={book.stock.numbered ?? true} />
      {#if !volume}
        <h2>Period</h2>
        <PeriodFields bind:period {wrong} />
      {/if}
      <div class="draft" class:changed aria-live="polite">
        {#if changed}
          <p><strong>This is not planned yet.</strong> It waits here; nothing in the book has changed.</p>
          {#if would.wrong}<p class="wrong">{would.wrong}</p>{/if}
          {#each would.value?.says ?? [] as says (says)}<p>{says}</p>{/each}
        {/if}
        <div class="flex flex-wrap gap-2">
          <button class="btn chief" type="submit" disabled={!changed}>Plan the book anew</button>
          {#if changed}<button class="btn plain" type="button" onclick={leave}>As it was</button>{/if}
        </div>
      </div>
      <WeekStart {book} label="Weeks begin on" />
      <label class="field">
        <span>You count</span>
        <select
          class="select"
          value={book.counting}
          onchange={(event) => open.edit({ type: 'set-counting', counting: event.currentTarget.value as Book['counting'] })}
        >
          <option value="boxes">boxes</option>
          <option value="dots">dots</option>
        </select>
      </label>
      <LanguageField value={book.language} change={(language) => open.edit({ type: 'set-language', language })} />
      {#if !volume}<HandField {book} />{/if}
      <Books {book} />
    </form>
    <PageProportions {answers} />
  </div>
</Screen>

<style>
  .draft.changed {
    display: grid;
    gap: 0.35rem;
    padding: 0.6rem 0.8rem;
    border-left: 3px solid var(--rule);
  }
  /* It stays in sight of what is changed above it, where it does not cover it. */
  @media (min-width: 64rem) and (min-height: 40rem) {
    .draft.changed {
      position: sticky;
      bottom: 0.5rem;
      z-index: 1;
      background: var(--color-base-100);
      border: 1px solid var(--color-base-300);
      border-left: 3px solid var(--rule);
    }
  }
</style>
