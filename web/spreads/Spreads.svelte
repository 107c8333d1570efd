<!-- The book as openings in order; beside it the drawer. In the margin: why a spread stands where it stands. -->
<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { api, type Book, type Drawings, type Mark, type Page, type Spread } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { keys } from '../state/keys.svelte';
  import { Loader } from '../state/loader.svelte';
  import { counted } from '../parts/said';
  import { route } from '../state/route.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { openings } from './openings';
  import Drawer from './Drawer.svelte';
  import { DrawerState } from './drawer.svelte';
  import KindNote from './KindNote.svelte';
  import PageCard from './PageCard.svelte';
  import SpreadNote from './SpreadNote.svelte';
  import { SpreadsState } from './spreads.svelte';

  let { book }: { book: Book } = $props();

  const drawn = new Loader<Drawings>();
  const state = new SpreadsState(
    () => book,
    (edit) => open.edit(edit),
    {
      get id() {
        return route.spread || null;
      },
      set id(id) {
        // Back goes to the spread that was chosen before.
        route.go(route.to('spreads', id ?? undefined), id === null);
      },
    },
  );

  const stretches = $derived(openings(book));
  const drawer = new DrawerState(
    () => catalogue.all,
    () => book,
  );
  const chosen = $derived(state.chosen);
  const spreads = $derived(new Map(book.spreads.map((spread) => [spread.id, spread])));
  const marks = $derived(new Map((drawn.value?.pages ?? []).map((page) => [page.page, page.marks as Mark[]])));
  const general = $derived(book.findings.filter((finding) => finding.about !== state.chosenId));
  /** What the book has no page for. */
  const homeless = $derived(book.spreads.filter((spread) => spread.page === null));

  $effect(() => {
    const ref = book;
    untrack(async () => {
      void drawer.load();
      const found = await drawn.load(() => api.drawings(ref, drawn.value));
      if (found) await open.outdated(found.version);
    });
  });

  const mix = (section: (typeof book.sections)[number]['id'], may: boolean) =>
    open.edit((now) => ({
      type: 'set-mixing',
      mixing: may ? [...new Set([...now.mixing, section])] : now.mixing.filter((one) => one !== section),
    }));

  const headingOf = (page: Page | null) => state.heading(page?.spread ? (spreads.get(page.spread) ?? null) : null, page?.nth ?? 0);

  /** One place earlier or later; past the end of its section it goes into the next one. */
  async function shift(spread: Spread, way: -1 | 1) {
    await state.edit({ type: 'shift-spread', spread: spread.id, way: way < 0 ? 'earlier' : 'later' });
    await tick();
    focus(spread.id);
  }

  /** Where a spread was removed, the focus goes to what stands there now. */
  async function gone() {
    const next = state.nextOf(state.chosenId);
    state.chosenId = null;
    await tick();
    if (next) focus(next);
  }

  function focus(id: string) {
    document.querySelector<HTMLElement>(`[data-spread="${id}"]`)?.focus();
  }

  /** A page of the book is chosen: the margin speaks of that, and no more of a kind that was looked at. */
  function choose(id: string) {
    if (drawer.looked === null) state.choose(id);
    else [drawer.looked, state.chosenId] = [null, id];
  }

  function step(way: -1 | 1) {
    drawer.looked = null;
    const next = state.step(way);
    if (next) focus(next.id);
  }

  $effect(() =>
    keys.use([
      {
        on: ['ArrowLeft', 'ArrowRight'],
        shown: '← →',
        says: 'the spread before or after',
        press: (key) => step(key === 'ArrowLeft' ? -1 : 1),
      },
      {
        on: ['Shift+ArrowLeft', 'Shift+ArrowRight'],
        shown: 'Shift ← →',
        says: 'move the chosen spread earlier or later',
        press: (key) => chosen && shift(chosen, key === 'Shift+ArrowLeft' ? -1 : 1),
      },
    ]),
  );

  // Who comes to a spread by a link has it in sight.
  $effect(() => {
    const id = state.chosenId;
    if (id) untrack(() => tick().then(() => inSight(id)));
  });

  const inSight = (id: string) => document.querySelector(`[data-spread="${id}"]`)?.scrollIntoView({ block: 'nearest' });

  async function forget(kind: string) {
    await api.forgetKind(kind);
    await drawer.load(true);
  }

  async function add(kind: string) {
    const looked = drawer.looked;
    const added = await state.add(kind, drawer.toTakeIn(kind), drawer.settings(kind));
    // Whoever has gone on to another kind meanwhile keeps it in sight.
    if (added && drawer.looked === looked) drawer.looked = null;
    await tick();
    if (added) inSight(added.id);
  }
</script>

<Screen
  title="Spreads"
  handle={chosen
    ? `Why ${chosen.title} stands there`
    : `${book.fit.sentence.replace(/\.$/, '')}; ${counted(book.findings.length, 'reason')}`}
>
  {#snippet margin()}
    {#if drawer.kind}
      {#key drawer.kind.kind}<KindNote {book} {drawer} kind={drawer.kind} {add} {forget} />{/key}
    {:else if chosen}
      {#key chosen.id}
        <SpreadNote {book} spread={chosen} edit={(edit) => state.edit(edit)} {shift} close={() => (state.chosenId = null)} {gone} />
      {/key}
    {:else}
      <h2 class="line-clamp-3 wrap-anywhere" dir="auto">{book.volumes.find((one) => one.book === book.book)?.title ?? book.title}</h2>
      <p class="my-2"><strong><a href={route.to('months')}>{book.fit.sentence}</a></strong></p>
      {#if route.spread !== ''}<p class="note">
          No spread of this book is called “{route.spread.slice(0, 80)}” any more.
        </p>{/if}
      <p class="quiet">Choose a spread to read why it stands where it stands. Drag it, or press Shift and an arrow key, to move it.</p>
    {/if}
    {#if drawn.wrong}<p class="note stop" role="alert">The pages could not be drawn. {drawn.wrong}</p>{/if}
    {#if !book.placement.proven}<p class="note broken">
        This is the best order found in the time allowed; one that moves fewer spreads may exist. Pin what must stay.
      </p>{/if}
    <Findings findings={general} placed />
    <NextTime {book} about={chosen?.title ?? null} />
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
                  chosen={spread !== null && spread.id === state.chosenId}
                  heading={headingOf(page)}
                  across={i === 0 && headingOf(one.right) === ''}
                  moved={state.moved(spread)}
                  {choose}
                  drag={(id) => (state.dragged = id)}
                  drop={(target, after) => state.drop(target, after)}
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
    <section class="catalogue" aria-label="Drawer">
      {#if (drawn.value?.left ?? 0) > 0}
        <p class="mt-4">
          {drawn.value?.left === 1 ? 'One page is' : `${drawn.value?.left} pages are`} not shown small: there is more on the pages before than
          is shown at once. The bench draws each.
        </p>
      {/if}
      {#if homeless.length > 0}
        <section class="mb-4" aria-label="Without a page">
          <h2>Without a page</h2>
          <ul>
            {#each homeless as spread (spread.id)}
              <li>
                <button
                  class="btn small wrap-anywhere"
                  data-spread={spread.id}
                  aria-pressed={spread.id === state.chosenId}
                  onclick={() => ([drawer.looked, state.chosenId] = [null, spread.id])}>{spread.title}</button
                >
              </li>
            {/each}
          </ul>
        </section>
      {/if}
      <details class="mb-4">
        <summary class="cursor-pointer">Sections that may mix</summary>
        <p class="quiet my-1">A page may then cross into the next section where that fills a gap.</p>
        {#each book.sections.filter((one) => one.may_mix) as section (section.id)}
          <label class="flex items-center gap-2 py-1"
            ><input
              type="checkbox"
              class="checkbox checkbox-sm"
              checked={book.mixing.includes(section.id)}
              onchange={(event) => mix(section.id, event.currentTarget.checked)}
            />
            {section.words} with the next</label
          >
        {/each}
      </details>
      <Drawer {drawer} {add} />
    </section>
  </div>
</Screen>

<style>
  .desk {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 17rem;
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
  @media (min-width: 1101px) {
    .catalogue {
      position: sticky;
      top: 0;
      max-height: calc(100vh - 9.5rem);
      overflow-y: auto;
      padding-right: 0.6rem;
    }
  }
  @media (max-width: 1100px) {
    .desk {
      grid-template-columns: 1fr;
    }
  }
</style>
