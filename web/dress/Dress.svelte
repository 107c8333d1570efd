<!--
  How the book is dressed: titles, a band, a line, a pen; for all of it, a section, the months or a spread, with the pages redrawn
  beside.
-->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Drawings, type Edit, type Mark } from '../api/client';
  import Small from '../parts/Small.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { Loader } from '../state/loader.svelte';
  import { route } from '../state/route.svelte';
  import { Sent } from '../state/sent.svelte';
  import { kept } from '../parts/kept';

  const FLAGS = [
    ['larger', 'First letter twice as large'],
    ['band', 'A band behind it'],
    ['line', 'A line round the grid'],
    ['fives', 'Every fifth dot marked first, to count from'],
  ] as const;
  const PENS = [
    ['pen', 'Titles are written with'],
    ['words', 'Words and figures'],
    ['lines', 'Lines are drawn with'],
  ] as const;

  let { book }: { book: Book } = $props();

  type Dress = NonNullable<Book['dress']['all']>;

  const drawn = new Loader<Drawings>();
  $effect(() => {
    const now = book;
    untrack(() => drawn.load(() => api.drawings(now, drawn.value)));
  });
  const marks = $derived(new Map(drawn.value?.pages.map((page) => [page.page, page.marks as Mark[]]) ?? []));

  /** What is dressed: "" for the book, "section:goals", "spread:quote". */
  let whose = $state('');
  const kind = $derived(whose.split(':')[0] ?? '');
  const id = $derived(whose.slice(kind.length + 1));
  const dress = $derived<Dress>(
    (kind === 'section' ? book.dress.sections?.[id] : kind === 'spread' ? book.dress.spreads?.[id] : book.dress.all) ?? {},
  );
  /** Said of the book or the section, where this one says nothing. */
  const above = $derived.by<Dress>(() => {
    if (kind === '') return {};
    const section = kind === 'spread' ? book.spreads.find((one) => one.id === id)?.section : undefined;
    return (section ? book.dress.worn?.[section] : undefined) ?? book.dress.all ?? {};
  });
  const shown = $derived<Dress>({ ...above, ...dress });

  const sent = new Sent<Dress>();

  async function set(changes: Partial<Record<keyof Dress, unknown>>) {
    const next = Object.fromEntries(
      Object.entries({ ...sent.now(whose, dress), ...changes }).filter(([, value]) => value !== null && value !== undefined),
    ) as Dress;
    const on = kind === 'section' ? { section: id } : kind === 'spread' ? { spread: id } : {};
    await sent.send(whose, next, () => open.edit({ type: 'set-dress', dress: next, ...on } as Edit));
    sent.shown();
  }

  const pages = $derived(
    book.spreads
      .filter((one) => one.page !== null)
      .sort((a, b) => (a.page ?? 0) - (b.page ?? 0))
      .map((one) => ({ spread: one, page: one.page ?? 1 })),
  );
  const boxes = (count: number) => (count === 1 ? '1 box' : `${count} boxes`);
  /** Titles that do not fit, as they are said. */
  const long = $derived(book.findings.filter((one) => one.see === 'dress'));
  /** Pens of this dress that come through the paper. */
  const bleeding = $derived(
    book.bleeding.filter((one) => [shown.pen, shown.lines, shown.words].some((pen) => pen?.toLowerCase() === one.colour)),
  );
  const own = $derived([
    ...Object.keys(book.dress.sections ?? {}).map((one) => `section:${one}`),
    ...Object.keys(book.dress.spreads ?? {}).map((one) => `spread:${one}`),
  ]);
  const called = (one: string) =>
    one.startsWith('section:')
      ? (book.sections.find((section) => section.id === one.slice(8))?.words ?? 'Months')
      : (book.spreads.find((spread) => spread.id === one.slice(7))?.title ?? one.slice(7));
</script>

<Screen title="Dress" handle="Titles">
  {#snippet margin()}
    <h2>Dress</h2>
    <p class="quiet my-2">What makes the book look like one hand made it. Chosen once, over it for a section or a spread.</p>
    <label class="field">
      <span>Dress</span>
      <select class="select" bind:value={whose}>
        <option value="">the whole book</option>
        <optgroup label="Sections">
          {#each book.sections as section (section.id)}<option value="section:{section.id}">{section.words}</option>{/each}
          <option value="section:months">the months</option>
        </optgroup>
        <optgroup label="Spreads">
          {#each pages as one (one.spread.id)}<option value="spread:{one.spread.id}">{one.spread.title}</option>{/each}
        </optgroup>
      </select>
    </label>
    {#each bleeding as one (one.name)}<p class="note broken">
        “{one.name}” was seen to bleed on this paper: every page dressed in it comes through.
      </p>{/each}
    {#key whose}
      <div class="mt-3 grid gap-3">
        <label class="field">
          <span>Boxes of a title</span>
          <select
            class="select"
            value={dress.title ?? ''}
            onchange={(event) => set({ title: event.currentTarget.value === '' ? null : Number(event.currentTarget.value) })}
          >
            <option value="">{above.title === undefined ? 'as usual, by the page' : `${above.title}, as around it`}</option>
            {#each [1, 2, 3, 4, 5, 6, 7, 8] as boxes (boxes)}<option value={boxes}>{boxes}</option>{/each}
          </select>
        </label>
        <label class="field">
          <span>It stands</span>
          <select class="select" value={dress.place ?? ''} onchange={(event) => set({ place: event.currentTarget.value || null })}>
            <option value="">{above.place === 'middle' ? 'in the middle, as around it' : 'as usual, left'}</option>
            <option value="left">left</option>
            <option value="middle">in the middle of the grid</option>
          </select>
        </label>
        {#each FLAGS as [name, says] (name)}
          <label class="flex items-center gap-2"
            ><input
              type="checkbox"
              class="checkbox checkbox-sm"
              checked={shown[name] ?? false}
              onchange={(event) =>
                set({ [name]: event.currentTarget.checked === (above[name] ?? false) ? null : event.currentTarget.checked })}
            />
            {says}</label
          >
        {/each}
        <label class="field">
          <span>A border for a pattern</span>
          <select
            class="select"
            value={dress.border ?? ''}
            onchange={(event) => set({ border: event.currentTarget.value === '' ? null : Number(event.currentTarget.value) })}
          >
            <option value="">{above.border ? `${boxes(above.border)} on each side, as around it` : 'none'}</option>
            {#if above.border}<option value={0}>none</option>{/if}
            {#each [1, 2, 3] as wide (wide)}<option value={wide}>{boxes(wide)} on each side</option>{/each}
          </select>
        </label>
        <label class="field">
          <span>Boxes left free at the foot</span>
          <input
            class="input figures"
            type="number"
            min="0"
            max="15"
            placeholder={String(above.foot ?? 0)}
            value={dress.foot ?? ''}
            {@attach kept}
            onchange={(event) => set({ foot: event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber })}
          />
        </label>
        {#each PENS as [name, says] (name)}
          <fieldset>
            <legend class="quiet">{says}</legend>
            <div class="pens">
              <label
                ><input
                  type="radio"
                  {name}
                  class="radio radio-sm"
                  checked={dress[name] === undefined}
                  onchange={() => set({ [name]: null })}
                />
                {above[name] ? 'the pen around it' : 'ink'}</label
              >
              {#each book.palette as pen (pen.colour)}
                <label
                  ><input
                    type="radio"
                    {name}
                    class="radio radio-sm"
                    checked={dress[name] === pen.colour}
                    onchange={() => set({ [name]: pen.colour })}
                  /><svg width="18" height="18" aria-hidden="true"><rect width="18" height="18" fill={pen.colour} /></svg>
                  {pen.means}</label
                >
              {/each}
            </div>
          </fieldset>
        {/each}
      </div>
    {/key}
    {#if Object.keys(dress).length > 0}<button
        class="btn small mt-3"
        onclick={() =>
          open.edit({
            type: 'set-dress',
            dress: {},
            ...(kind === 'section' ? { section: id } : kind === 'spread' ? { spread: id } : {}),
          } as Edit)}>Take this dress off</button
      >{/if}
    {#if own.length > 0}
      <h3 class="mt-4">Dressed otherwise</h3>
      <ul>
        {#each own as one (one)}<li><button class="btn small plain" onclick={() => (whose = one)}>{called(one)}</button></li>{/each}
      </ul>
    {/if}
    {#if long.length > 0}
      <h3 class="mt-4">Titles that do not fit</h3>
      {#each long as one, i (i)}<p class="note" class:broken={one.broken}>{one.says}</p>{/each}
    {/if}
    <NextTime {book} />
    <Saving />
  {/snippet}

  <h2 class="mb-3">The pages, dressed</h2>
  {#if drawn.wrong}<p class="note stop" role="alert">{drawn.wrong}</p>{/if}
  <ul class="pages">
    {#each pages as { spread, page } (spread.id)}
      <li>
        <button
          class="leaf"
          aria-pressed={whose === `spread:${spread.id}`}
          aria-label="Dress {spread.title}, page {page}"
          style:aspect-ratio="{book.stock.across + 1} / {book.stock.down + 1}"
          onclick={() => (whose = whose === `spread:${spread.id}` ? '' : `spread:${spread.id}`)}
        >
          <Small across={book.stock.across} down={book.stock.down} marks={marks.get(page) ?? []} />
        </button>
        <span class="figures">{page}</span> <a href={route.to('bench', page)} dir="auto">{spread.title}</a>
      </li>
    {/each}
  </ul>
</Screen>

<style>
  .pages {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
    gap: 1rem;
  }
  .leaf {
    display: block;
    width: 100%;
    border: 1px solid color-mix(in srgb, var(--ink) 40%, var(--sheet));
    cursor: pointer;
  }
  .leaf[aria-pressed='true'] {
    outline: 3px solid var(--caution);
    outline-offset: 1px;
  }
  .pens {
    display: grid;
    gap: 0.35rem;
    margin-top: 0.3rem;
  }
  .pens label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
</style>
