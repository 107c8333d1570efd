<!-- The book as openings in order; beside it the catalogue. In the margin: why a spread stands where it stands. -->
<script lang="ts">
  import { tick } from 'svelte';
  import { api, type Book, type Drawings, type Mark, type Spread } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { asProblem, open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { openings } from './openings';
  import PageCard from './PageCard.svelte';
  import SpreadNote from './SpreadNote.svelte';

  let { book }: { book: Book } = $props();

  let chosenId = $state<string | null>(null);
  let dragged = $state<string | null>(null);
  let drawings = $state.raw<Drawings | null>(null);
  let wrong = $state('');
  let before = $state.raw(new Map<string, number | null>());

  const stretches = $derived(openings(book));
  const chosen = $derived(book.spreads.find((spread) => spread.id === chosenId) ?? null);
  const spreads = $derived(new Map(book.spreads.map((spread) => [spread.id, spread])));
  const marks = $derived(new Map((drawings?.pages ?? []).map((page) => [page.page, page.marks as Mark[]])));
  const general = $derived(book.findings.filter((finding) => finding.about !== chosenId));
  /** What the book has no page for. */
  const homeless = $derived(book.spreads.filter((spread) => spread.page === null));
  /** In the order of pages, which is how keys go through them. */
  const inBook = $derived([...book.spreads].sort((a, b) => (a.page ?? 0) - (b.page ?? 0)));

  $effect(() => {
    let stale = false;
    const asked = { id: book.id, version: book.version };
    wrong = '';
    api
      .drawings(asked.id)
      .then((found) => {
        if (!stale) drawings = found;
      })
      .catch((error) => {
        if (!stale) wrong = asProblem(error).detail;
      });
    return () => (stale = true);
  });

  const mixable = $derived(book.sections.slice(0, 3));
  const mix = (section: (typeof book.sections)[number]['id'], may: boolean) => edit({ type: 'set-mixing', mixing: may ? [...book.mixing, section] : book.mixing.filter((one) => one !== section) });

  function heading(spread: Spread | null, nth: number): string {
    if (!spread || nth > 0) return '';
    const i = inBook.indexOf(spread);
    return inBook[i - 1]?.section === spread.section ? '' : (book.sections.find((section) => section.id === spread.section)?.words ?? '');
  }

  /** Where everything stands before an edit, so that what moves is seen moving. */
  function remember() {
    before = new Map(book.spreads.map((spread) => [spread.id, spread.page]));
  }

  async function edit(change: Parameters<typeof open.edit>[0]) {
    remember();
    return open.edit(change);
  }

  function drop(target: string, after: boolean) {
    if (dragged && dragged !== target) {
      const goal = spreads.get(target);
      const siblings = book.spreads.filter((spread) => spread.section === goal?.section && spread.id !== dragged);
      const next = after ? siblings[siblings.findIndex((spread) => spread.id === target) + 1] : goal;
      edit({ type: 'move-spread', spread: dragged, section: goal?.section, before: next?.id ?? null });
    }
    dragged = null;
  }

  /** One place earlier or later; past the end of its section it goes into the next one. */
  async function shift(spread: Spread, way: -1 | 1) {
    await edit({ type: 'shift-spread', spread: spread.id, way: way < 0 ? 'earlier' : 'later' });
    await tick();
    focus(spread.id);
  }

  function focus(id: string) {
    document.querySelector<HTMLElement>(`[data-spread="${id}"]`)?.focus();
  }

  function key(event: KeyboardEvent) {
    if ((event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') || event.altKey || event.ctrlKey || event.metaKey) return;
    if ((event.target as HTMLElement).matches('input, textarea, select')) return;
    const way = event.key === 'ArrowLeft' ? -1 : 1;
    event.preventDefault();
    if (event.shiftKey) {
      if (chosen) shift(chosen, way);
      return;
    }
    const at = chosen ? inBook.indexOf(chosen) : way > 0 ? -1 : inBook.length;
    const next = inBook[at + way];
    if (next) {
      chosenId = next.id;
      focus(next.id);
    }
  }

  async function add(kind: string) {
    if (await edit({ type: 'add-spread', kind, book: book.book })) {
      const added = book.spreads.find((spread) => !before.has(spread.id));
      if (added) {
        chosenId = added.id;
        await tick();
        document.querySelector(`[data-spread="${added.id}"]`)?.scrollIntoView({ block: 'nearest' });
      }
    }
  }
</script>

<svelte:window onkeydown={key} />

<Screen title="Spreads" handle={chosen ? `Why ${chosen.title} stands there` : `Reasons, ${book.findings.length} findings`}>
  {#snippet margin()}
    {#if chosen}
      {#key chosen.id}
        <SpreadNote {book} spread={chosen} {edit} {shift} close={() => (chosenId = null)} />
      {/key}
    {:else}
      <h2 class="line-clamp-3 wrap-anywhere" dir="auto">{book.volumes.find((one) => one.book === book.book)?.title ?? book.title}</h2>
      <p class="my-2"><strong>{book.fit.sentence}</strong></p>
      <p class="quiet">Choose a spread to read why it stands where it stands. Drag it, or press Shift and an arrow key, to move it.</p>
    {/if}
    {#if wrong}<p class="note stop" role="alert">The pages could not be drawn. {wrong}</p>{/if}
    {#if !book.placement.proven}<p class="note broken">This is the best order found in the time allowed; one that moves fewer spreads may exist. Pin what must stay.</p>{/if}
    <Findings findings={general} />
    <Saving />
    <p class="mt-3"><a href="/api/notebooks/{book.id}/plan.json" download>Download the plan file</a></p>
  {/snippet}

  <div class="desk">
    <div class="book">
      {#each stretches as stretch, s (s)}
        <ol class="openings" aria-label={s === 0 ? 'Openings' : 'Openings at the back'}>
          {#each stretch.openings as one (one.opening)}
            <li>
              {#each [one.left, one.right] as page, i (i)}
                {@const spread = page?.spread ? (spreads.get(page.spread) ?? null) : null}
                <PageCard
                  {book}
                  {page}
                  {spread}
                  lower={page?.lower ? (spreads.get(page.lower) ?? null) : null}
                  marks={page ? (marks.get(page.page) ?? []) : []}
                  chosen={spread !== null && spread.id === chosenId}
                  heading={heading(spread, page?.nth ?? 0)}
                  moved={spread !== null && before.has(spread.id) && before.get(spread.id) !== spread.page}
                  choose={(id) => (chosenId = chosenId === id ? null : id)}
                  drag={(id) => (dragged = id)}
                  {drop}
                />
              {/each}
            </li>
          {/each}
        </ol>
        {#if stretch.monthsAfter}
          <p class="months">
            <a href={route.to('months')}>{book.months.length === 1 ? 'One month' : `${book.months.length} months`}</a>
            reserve pages {book.months[0]?.page}–{(book.months.at(-1)?.page ?? 0) + (book.months.at(-1)?.pages ?? 0) - 1}
          </p>
        {/if}
      {/each}
    </div>
    <section class="catalogue" aria-label="Catalogue">
      {#if homeless.length > 0}
        <section class="mb-4" aria-label="Without a page">
          <h2>Without a page</h2>
          <ul>
            {#each homeless as spread (spread.id)}
              <li><button class="btn small wrap-anywhere" data-spread={spread.id} aria-pressed={spread.id === chosenId} onclick={() => (chosenId = spread.id)}>{spread.title}</button></li>
            {/each}
          </ul>
        </section>
      {/if}
      <details class="mb-4">
        <summary class="cursor-pointer">Sections that may mix</summary>
        <p class="quiet my-1">A page may then cross into the next section where that fills a gap.</p>
        {#each mixable as section (section.id)}
          <label class="flex items-center gap-2 py-1"><input type="checkbox" class="checkbox checkbox-sm" checked={book.mixing.includes(section.id)} onchange={(event) => mix(section.id, event.currentTarget.checked)} /> {section.words} with the next</label>
        {/each}
      </details>
      <h2>Catalogue</h2>
      {#each book.sections as section (section.id)}
        {@const kinds = catalogue.all?.spreads.filter((kind) => kind.section === section.id) ?? []}
        {#if kinds.length > 0}
          <h3>{section.words}</h3>
          <ul>
            {#each kinds as kind (kind.kind)}
              <li>
                <button class="btn small" aria-label="Add {kind.name}" onclick={() => add(kind.kind)}>Add</button>
                <div><strong>{kind.name}</strong><br /><span class="quiet">{kind.purpose}</span></div>
              </li>
            {/each}
          </ul>
        {/if}
      {/each}
    </section>
  </div>
</Screen>

<style>
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 15.5rem;
    gap: 1.6rem;
    align-items: start;
  }
  .openings {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11.5rem, 1fr));
    gap: 0.5rem 1.4rem;
  }
  .openings li {
    display: grid;
    grid-template-columns: 1fr 1fr;
  }
  .months {
    margin: 0.6rem 0 1rem;
    padding: 0.5rem 0.8rem;
    border-block: 1px solid var(--color-base-300);
  }
  .catalogue h3 {
    margin-top: 0.9rem;
  }
  .catalogue li {
    display: flex;
    gap: 0.6rem;
    align-items: flex-start;
    padding: 0.35rem 0;
    line-height: 1.3;
  }
  @media (max-width: 1100px) {
    .desk {
      grid-template-columns: 1fr;
    }
    .catalogue ul {
      columns: 2 15rem;
    }
    .catalogue li {
      break-inside: avoid;
    }
  }
</style>
