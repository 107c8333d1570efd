<!-- The stock and period of an open notebook; changing them re-plans the book as one edit. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book, Edit, Estimate } from '../api/client';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { fromStock, toStock } from './answers';
  import Books from './Books.svelte';
  import HandField from './HandField.svelte';
  import LanguageField from './LanguageField.svelte';
  import CountNote from './CountNote.svelte';
  import PageProportions from './PageProportions.svelte';
  import PeriodFields from './PeriodFields.svelte';
  import StockFields from './StockFields.svelte';

  let { book }: { book: Book } = $props();

  let answers = $state(untrack(() => fromStock(book.stock)));
  let period = $state(untrack(() => ({ start: book.period.start, end: book.period.end })));
  const volume = $derived(book.volumes.find((one) => one.book === book.book && one.book !== '1') ?? null);
  const called = $derived(volume?.title ?? book.title);
  let title = $state(untrack(() => called));
  let counted = $state(true);
  let estimate = $state<Estimate | null>(null);

  // An edit taken back elsewhere shows here at once.
  $effect(() => {
    answers = fromStock(book.stock);
    period = { start: book.period.start, end: book.period.end };
    title = called;
  });

  const wrong = $derived(open.problem && open.problem.status === 422 ? open.problem : null);
  const changed = $derived(
    JSON.stringify(answers) !== JSON.stringify(fromStock(book.stock)) ||
      period.start !== book.period.start ||
      period.end !== book.period.end ||
      title !== called,
  );

  function save(event: SubmitEvent) {
    event.preventDefault();
    const edits: Edit[] = [];
    const restocked = JSON.stringify(answers) !== JSON.stringify(fromStock(book.stock));
    if (volume) edits.push({ type: 'set-book', book: volume.book, title, stock: toStock(answers) });
    else {
      if (title !== called) edits.push({ type: 'set-title', title });
      if (restocked) edits.push({ type: 'set-stock', stock: toStock(answers) });
    }
    if (period.start !== book.period.start || period.end !== book.period.end) edits.push({ type: 'set-period', period });
    const [only] = edits;
    if (only) open.edit(edits.length === 1 ? only : { type: 'several', edits });
  }
</script>

<Screen title="Stock" handle="What the counts follow from">
  {#snippet margin()}
    <h2>Stock{volume ? ` of book ${volume.book}` : ''}</h2>
    <CountNote {estimate} {answers} />
    <p class="my-2">{book.fit.sentence}</p>
    <NextTime {book} />
    <Saving />
  {/snippet}

  <div class="grid items-start gap-8 lg:grid-cols-[minmax(20rem,30rem)_1fr]">
    <form class="grid gap-5" onsubmit={save} novalidate>
      <label class="field"
        ><span>Title on the shelf</span><input
          class="input"
          bind:value={title}
          aria-invalid={wrong?.field?.endsWith('title') ? 'true' : undefined}
        /></label
      >
      <h2>Paper</h2>
      <StockFields bind:answers bind:counted bind:estimate {wrong} />
      {#if !volume}
        <h2>Period</h2>
        <PeriodFields bind:period {wrong} />
      {/if}
      <button class="btn chief justify-self-start" type="submit" disabled={!changed}>Plan the book anew</button>
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
