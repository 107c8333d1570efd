<!-- The parting editor: a page divided, and each part filled in its own way; beside it what a part could be filled with. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book, PartChange } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { keys } from '../state/keys.svelte';
  import { route } from '../state/route.svelte';
  import CutNote from './CutNote.svelte';
  import DivisionNote from './DivisionNote.svelte';
  import FillWith from './FillWith.svelte';
  import KeepNote from './KeepNote.svelte';
  import PartNote from './PartNote.svelte';
  import { PartingState } from './parting.svelte';
  import PartsPage from './PartsPage.svelte';
  import PlaceNote from './PlaceNote.svelte';

  let { book }: { book: Book } = $props();

  const parting = new PartingState(
    () => book,
    () => route.spread,
    (edit, then) => open.edit(edit, then),
    // The page one comes from.
    () => Number.parseInt(route.thing, 10) || 0,
  );
  const fillings = $derived(catalogue.all?.fillings ?? []);
  const page = $derived(parting.page);
  const spread = $derived(book.spreads.find((one) => one.id === route.spread));
  /** A number that was pressed, for the division that is pressed next. */
  let into = $state(2);

  $effect(() => {
    void book.version;
    untrack(() => parting.load());
  });
  $effect(() => {
    void [parting.at, parting.fetched.value];
    untrack(() => parting.loadChoices());
  });

  const change = (what: Omit<PartChange, 'at'>) => parting.change(what);
  function divide(way: 'down' | 'across') {
    const best = parting.choices.value?.divisions.find((one) => one.way === way && one.parts === into);
    if (parting.part) change({ do: 'divide', way, parts: into, gap: best?.gap ?? null });
    into = 2;
  }

  $effect(() =>
    keys.use([
      {
        on: ['ArrowLeft', 'ArrowUp', 'ArrowRight', 'ArrowDown'],
        shown: '← →',
        says: 'the part before or after',
        press: (key) => parting.step(key === 'ArrowLeft' || key === 'ArrowUp' ? -1 : 1),
      },
      {
        on: ['2', '3', '4', '5', '6', '7', '8', '9'],
        shown: '2–9',
        says: 'into so many, when it is divided next',
        press: (key) => (into = Number(key)),
      },
      { on: ['d'], shown: 'd', says: 'divide the part, one below another', press: () => divide('down') },
      { on: ['a'], shown: 'a', says: 'divide the part side by side', press: () => divide('across') },
      { on: ['j'], shown: 'j', says: 'join it with the next', press: () => parting.around && change({ do: 'join' }) },
      { on: ['s'], shown: 's', says: 'swap it with the next', press: () => parting.around && change({ do: 'swap' }) },
      { on: ['Escape'], shown: 'Esc', says: 'the division around it', press: () => parting.out() },
    ]),
  );
</script>

<Screen title="Part this page" handle={parting.part ? (parting.part.name ?? 'This part') : 'This division'}>
  {#snippet margin()}
    {#if parting.fetched.wrong}<p class="note stop" role="alert">{parting.fetched.wrong}</p>{/if}
    {#if page?.says}<p class="note broken">{page.says} Take the last edit back, or join two parts.</p>{/if}
    {#if parting.part}
      {#key parting.part.path}
        <PartNote
          {parting}
          part={parting.part}
          {fillings}
          pitch={book.stock.pitch}
          {change}
          findings={page?.findings.filter((finding) => finding.says === parting.part?.says) ?? []}
        />
      {/key}
    {:else if parting.division}
      <DivisionNote division={parting.division} {change} />
    {/if}
    {#if parting.around}
      {#key parting.at}<PlaceNote {parting} {change} />{/key}
    {/if}
    {#if page}<CutNote {page} cuts={catalogue.all?.cuts ?? []} change={(what) => parting.cut(what)} />{/if}
    {#if page}<div class="mt-3">
        <Findings findings={page.findings.filter((finding) => !page.parts.some((part) => part.says === finding.says))} />
      </div>{/if}
    {#if page && spread}
      {#key `${spread.id} ${spread.kind}`}
        <KeepNote
          {book}
          {spread}
          {page}
          {fillings}
          own={book.kinds.find((one) => one.kind === spread.kind || one.kind === spread.settings.was)}
        />
      {/key}
    {/if}
    <NextTime {book} />
    <Saving />
  {/snippet}

  {#if page}
    <div class="bar">
      <h2 class="title wrap-anywhere" dir="auto">{page.title}</h2>
      <span class="quiet"
        >{page.parts.length === 1 ? 'One part' : `${page.parts.length} parts`}, {page.minutes.says}{page.pages > 1
          ? `, ${page.pages} pages`
          : ''}</span
      >
      <span class="sheets" role="group" aria-label="Pages that are divided">
        {#if page.drawn.length > 1}
          {#each Array.from(page.drawn.keys()) as sheet (sheet)}<button
              class="btn small plain"
              aria-pressed={sheet === parting.sheet}
              onclick={() => parting.turn(sheet)}>{page.sheets[sheet]}</button
            >{/each}
        {/if}
        {#if page.cut}
          {#if page.sheets.length > page.cut.least}<button class="btn small" onclick={() => parting.removePage()}
              >Take out “{page.sheets.at(-1)}”</button
            >{/if}
          {#if page.sheets.length < page.cut.most}<button class="btn small" onclick={() => parting.addPage()}>Add another side</button>{/if}
        {:else}
          {#if page.drawn.length > 1}<button class="btn small" onclick={() => parting.removePage()}>Take this page out</button>{/if}
          <button class="btn small" onclick={() => parting.addPage()}>Add a page</button>
        {/if}
      </span>
      {#if page.page !== null}<a class="btn small to" href={route.to('bench', page.page)}>To the bench</a>{/if}
    </div>
    <div class="beside">
      <div class="sheet"><PartsPage {parting} {fillings} counting={book.counting} /></div>
      {#if parting.part}
        <div class="fill"><FillWith {parting} part={parting.part} {fillings} /></div>
      {/if}
    </div>
  {/if}
</Screen>

<style>
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.3rem 1rem;
    margin-bottom: 0.7rem;
  }
  .title {
    margin: 0;
  }
  .sheets [aria-pressed='true'] {
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-decoration-thickness: 2px;
    text-underline-offset: 3px;
  }
  .sheets {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    margin-left: auto;
  }
  .beside {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 22rem;
    gap: 1.2rem;
    height: calc(100% - 3.2rem);
  }
  .sheet {
    min-height: 22rem;
    container-type: size;
  }
  /* It scrolls by itself, so that the page stays where it is. */
  .fill {
    overflow-y: auto;
    min-height: 0;
    padding: 2px;
  }
  @media (max-width: 1100px) {
    .beside {
      grid-template-columns: minmax(0, 1fr) 11rem;
    }
  }
  @media (max-width: 700px) {
    .beside {
      display: block;
      height: auto;
    }
    .sheet {
      height: 70dvh;
      margin-bottom: 1rem;
    }
    .fill {
      overflow: visible;
    }
  }
</style>
