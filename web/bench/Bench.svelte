<!-- An opening large, the steps in the margin, the working behind every figure lit on the page when pointed at. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { watch } from '../offline/watch.svelte';
  import { type Book, type Edit } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { keys } from '../state/keys.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { route, type Screen as ScreenName } from '../state/route.svelte';
  import DrawerDialog from '../spreads/DrawerDialog.svelte';
  import SpreadSettings from '../spreads/SpreadSettings.svelte';
  import { DrawerState } from '../spreads/drawer.svelte';
  import { BenchState } from './bench.svelte';
  import { Followed } from './followed';
  import { SlipState } from '../slips/slips.svelte';
  import WhatNow from '../slips/WhatNow.svelte';
  import PutInTray from '../tray/PutInTray.svelte';
  import Minutes from './Minutes.svelte';
  import Pages from './Pages.svelte';
  import WordEditor from './WordEditor.svelte';
  import WordList from './WordList.svelte';
  import { isMonth, WordsState } from './words.svelte';

  let { book }: { book: Book } = $props();

  const LAYERS = ['pencil', 'band', 'ink', 'writing'] as const;
  const bench = new BenchState();
  const followed = new Followed();
  const slip = new SlipState(
    () => book,
    (edit) => open.edit(edit),
  );
  const words = new WordsState(
    () => book,
    (edit) => open.edit(edit),
  );
  /** Something went wrong: what saves it stands before the steps. */
  let helping = $state(false);
  /** Spreads whose words and settings are unfolded. */
  let setting = $state<Record<string, boolean>>({});
  /** Spreads whose words are listed. */
  let listing = $state<Record<string, boolean>>({});
  /** On a phone, whether the margin is in sight. */
  let up = $state(false);
  const shownPages = $derived((bench.opening?.pages ?? []).flatMap((page) => (page ? [page.page] : [])));

  $effect(() => {
    if (watch.ticks > 0) untrack(() => bench.look(book));
  });
  $effect(() => {
    const [page, current] = [route.page, book];
    untrack(() => {
      const open = (which: Record<string, boolean>) => Object.keys(which).filter((id) => which[id]);
      const to = followed.page(current, page, [...open(setting), ...open(listing)]);
      if (to !== page) route.go(route.to('bench', to), true);
      else void bench.load(current, page);
    });
  });

  const opening = $derived(bench.opening);
  const done = $derived(bench.steps.filter(({ group, step }) => bench.isTicked(group.drawing, step.key)).length);

  function turn(way: -1 | 1) {
    if (!opening) return;
    const left = opening.left + 2 * way;
    if (left >= 0 && left <= opening.last) route.go(route.to('bench', Math.max(1, left)));
  }

  $effect(() =>
    keys.use([
      {
        on: ['ArrowLeft', 'ArrowRight'],
        shown: '← →',
        says: 'the opening before or after',
        press: (key) => turn(key === 'ArrowLeft' ? -1 : 1),
      },
      {
        on: ['ArrowUp', 'ArrowDown'],
        shown: '↑ ↓',
        says: 'the step before or after',
        press: (key) => bench.turn(key === 'ArrowUp' ? -1 : 1),
      },
      { on: [' '], shown: 'Space', says: 'tick the step', press: () => bench.done(book.id) },
    ]),
  );

  /** The section of the spread before a page, which one that is added there belongs to. */
  const sectionAt = (page: number) =>
    book.spreads.filter((one) => one.page !== null && one.page <= page).sort((a, b) => (b.page ?? 0) - (a.page ?? 0))[0]?.section;

  /** The empty page that is filled from the drawer. */
  let filling = $state.raw<{ page: number; drawer: DrawerState } | null>(null);
  const drawer = () =>
    new DrawerState(
      () => catalogue.all,
      () => book,
    );
  function fill(kind: string, settings: Record<string, unknown>, first: Edit | null) {
    if (!filling) return Promise.resolve(false);
    const add: Edit = {
      type: 'add-spread',
      kind,
      section: sectionAt(filling.page),
      pin: filling.page,
      book: book.book,
      ...(Object.keys(settings).length > 0 ? { settings } : {}),
    };
    return open.edit(first ? { type: 'several', edits: [first, add] } : add);
  }

  /** An empty page gets a spread of its own, which is pinned there and divided. */
  async function part(page: number) {
    const before = new Set(book.spreads.map((one) => one.id));
    const kind = catalogue.all?.spreads.find((one) => one.by_hand)?.kind;
    const section = sectionAt(page);
    if (!kind || !(await open.edit({ type: 'add-spread', kind, section, pin: page, book: book.book }))) return;
    const added = open.book?.spreads.find((one) => !before.has(one.id));
    if (added) route.go(route.to('parts', added.id));
  }

  /** From all layers, a layer alone; then others beside it; the last one taken away brings all back. */
  function layer(name: string) {
    const next = new Set(bench.layers.size === LAYERS.length ? [] : bench.layers);
    if (!next.delete(name)) next.add(name);
    bench.layers = new Set(next.size === 0 ? LAYERS : next);
  }
  function help() {
    helping = up = !helping;
    if (helping) slip.begin(bench.current?.step ?? null);
    else slip.kind = '';
  }

  /** The page the pen stands on. */
  const here = $derived(Math.max(1, bench.current?.step.page ?? route.page));
  const all = $derived(bench.layers.size === LAYERS.length);

  /** The spreads of this opening that have more than one layout, and its key. */
  const spreads = $derived(
    [...new Set(opening?.pages.map((page) => page?.spread ?? null))]
      .map((id) => book.spreads.find((one) => one.id === id))
      .filter((one) => one !== undefined),
  );
  /** What is drawn on a page: a spread, two that share it, or a part of a month. */
  const drawnOn = (page: number) =>
    (opening?.groups ?? [])
      .filter(
        (group) =>
          spreads.some((one) => one.id === group.drawing) ||
          opening?.pages.some((one) => one?.page === page && one.drawing === group.drawing),
      )
      .map((group) => ({ drawing: group.drawing, page }));
  /** Which of its pages is looked at, from 0: the address's, else the first one here. */
  const nthOf = (drawing: string) => {
    const some = (opening?.pages ?? []).flatMap((page) => (page?.drawing === drawing ? [page] : []));
    return (some.find((page) => page.page === route.page) ?? some[0])?.nth ?? 0;
  };
  const kindOf = (kind: string) => catalogue.kind(book, kind);
  const comparable = $derived(spreads.filter((one) => kindOf(one.kind)?.layouts));
</script>

<Screen
  title="Bench"
  bind:up
  handle={helping ? 'What now?' : bench.current ? `Step ${bench.current.step.number}: ${bench.current.step.task}` : 'Steps'}
>
  {#snippet margin()}
    {#if bench.wrong}<p class="note stop" role="alert">{bench.wrong}</p>{/if}
    {#if words.wrong}<p class="note stop" role="alert">{words.wrong}</p>{/if}
    {#if opening && helping}<WhatNow {book} {slip} pages={shownPages} />{/if}
    {#each opening?.groups ?? [] as group (group.drawing)}
      <h2 class="mt-2 line-clamp-3 wrap-anywhere" dir="auto">{group.title}</h2>
      <p class="ways">
        {#each spreads.filter((one) => one.id === group.drawing) as one (one.id)}
          {#if comparable.includes(one)}<a href={route.to('compare', one.id)} aria-label="Compare layouts of {one.title}">Compare layouts</a
            >{/if}
          {@const kind = kindOf(one.kind)}
          {#if kind}<a href={route.to('parts', [one.id, String(nthOf(group.drawing))])}>Part this page</a>{/if}
          {#if kind?.designer}<a href={route.to(kind.designer as ScreenName, one.id)}>Design the {kind.name.toLowerCase()}</a>{/if}
        {/each}
        {#if isMonth(group.drawing)}<a href={route.to('transfer', group.drawing.slice(0, 7))}>Transfer its dates</a>{/if}
        <PutInTray
          print="guides:{spreads.some((one) => one.id === group.drawing)
            ? group.drawing
            : [...new Set(group.steps.map((step) => step.page))].join(', ')}"
          what="the guide of {group.title}"
        />
        {#if group.copying.length > 0}<a href={route.to('copy', group.copying[0]?.page ?? route.page)}>Copying view</a>{/if}
      </p>
      {#each spreads.filter((one) => one.id === group.drawing) as one (one.id)}{@const holds = catalogue.holds(
          book,
          one,
        )}{#if holds?.record}<p class="quiet">
            {holds.record}
          </p>{/if}{#if holds?.private}<p class="caution">{holds.private}</p>{/if}{/each}
      <Findings findings={group.findings} />
      <ol class="steps">
        {#each group.steps as step (step.key)}
          {@const here = bench.at?.drawing === group.drawing && bench.at.key === step.key}
          <li class:here>
            <input
              type="checkbox"
              class="checkbox checkbox-sm"
              aria-label="Step {step.number} done"
              checked={bench.isTicked(group.drawing, step.key)}
              onchange={(event) => bench.tick(book.id, group.drawing, step.key, event.currentTarget.checked)}
            />
            <button
              class="text"
              class:done={bench.isTicked(group.drawing, step.key)}
              aria-current={here ? 'step' : undefined}
              onclick={() => (bench.at = { drawing: group.drawing, key: step.key })}
            >
              <span class="task {step.task}"
                >{step.number}. {step.task}{group.steps.some((other) => other.page !== step.page) ? `, page ${step.page}` : ''}</span
              >
              {step.text}
            </button>
          </li>
        {/each}
      </ol>
      {#if group.workings.length > 0}
        <h3 class="mt-3">Working</h3>
        <ul class="workings">
          {#each group.workings as working, i (i)}
            <li>
              <button
                class="working"
                class:lit={bench.note?.drawing === group.drawing && bench.note.note === working.note}
                onpointerenter={() => (bench.note = { drawing: group.drawing, note: working.note })}
                onpointerleave={() => (bench.note = null)}
                onfocus={() => (bench.note = { drawing: group.drawing, note: working.note })}
                onblur={() => (bench.note = null)}
              >
                <strong>{working.figure}</strong><br /><span class="quiet">{working.arithmetic}</span>
              </button>
            </li>
          {/each}
        </ul>
      {/if}
      {@const on = opening?.pages.find((one) => one?.drawing === group.drawing)?.page ?? group.steps[0]?.page}
      {#if on}
        <details class="mt-3" bind:open={listing[group.drawing]}>
          <summary>Words of {group.title}, one by one</summary>
          {#if listing[group.drawing]}<div class="py-2"><WordList {book} drawn={{ drawing: group.drawing, page: on }} {words} /></div>{/if}
        </details>
      {/if}
      {#each spreads.filter((one) => one.id === group.drawing) as one (one.id)}
        <details class="mt-3" bind:open={setting[one.id]}>
          <summary>Words and settings of {one.title}</summary>
          {#if setting[one.id]}<div class="py-2"><SpreadSettings {book} spread={one} edit={(edit) => open.edit(edit)} /></div>{/if}
        </details>
      {/each}
    {:else}
      {#if opening}<p class="quiet">Nothing is drawn on this opening.</p>{/if}
    {/each}
    {#each opening?.pages ?? [] as page (page?.page)}
      {#if page && (page.is === 'empty' || page.is === 'spare')}
        <div class="mt-2 flex flex-wrap gap-1.5">
          <button class="btn small" onclick={() => (filling = { page: page.page, drawer: drawer() })}>Fill page {page.page} …</button>
          <button class="btn small" onclick={() => part(page.page)}>Part page {page.page}</button>
        </div>
      {/if}
    {/each}
    {#each book.taken.filter((one) => opening?.pages.some((page) => page?.drawing === one.on && page.nth === one.nth)) as one (one.id)}
      <p class="note">
        Taken from the counting bench: {one.says}
        <button class="btn small" onclick={() => open.edit({ type: 'drop-split', taken: one.id })}>Leave its ticks out</button>
      </p>
    {/each}
    {#each bench.timing as one (one.page)}<Minutes {one} />{/each}
    {#each opening?.pages ?? [] as page (page?.page)}
      {#if page && book.in_use.lost.includes(page.page)}
        <button class="btn small mt-2" onclick={() => open.edit({ type: 'set-lost', page: page.page, lost: false })}
          >Page {page.page} can be used after all</button
        >
      {/if}
    {/each}
    {#if opening}<NextTime {book} about={spreads[0]?.title ?? null} />{/if}
    <Saving />
  {/snippet}

  {#if opening}
    <div class="bar">
      <button class="btn small" disabled={opening.left === 0} onclick={() => turn(-1)}>← Earlier</button>
      <span class="figures">{opening.left === 0 ? 'Page 1' : `Pages ${opening.left}–${opening.left + 1}`}</span>
      <button class="btn small" disabled={opening.left >= opening.last} onclick={() => turn(1)}>Later →</button>
      <span class="layers" role="group" aria-label="Layers">
        <button class="btn small plain" aria-pressed={all} onclick={() => (bench.layers = new Set(LAYERS))}>all</button>
        {#each LAYERS as name (name)}
          <button class="btn small plain" aria-pressed={!all && bench.layers.has(name)} onclick={() => layer(name)}>{name}</button>
        {/each}
      </span>
      <span class="quiet">{done} of {bench.steps.length} steps done</span>
      <a class="btn small" href={route.to('count', here)}>Count and split</a>
      <a class="btn small" href={route.to('desk', Math.max(1, route.page))}>Desk</a>
      <button class="btn small" aria-expanded={helping} onclick={help}>What now?</button>
    </div>
    <div class="sheet">
      <Pages
        {book}
        {bench}
        picked={slip.kind === '' ? null : slip.at}
        pick={slip.kind === '' ? undefined : (page, x, y) => slip.pick(page, x, y)}
        press={slip.kind === '' ? (page, x, y, at) => words.point(drawnOn(page), page, x, y, at) : undefined}
      />
    </div>
  {/if}
</Screen>
{#if words.chosen}<WordEditor {words} close={() => (words.chosen = null)} />{/if}
{#if filling}<DrawerDialog
    {book}
    drawer={filling.drawer}
    label="Fill page {filling.page}"
    where="page {filling.page}"
    add={fill}
    close={() => (filling = null)}
  />{/if}

<style>
  .bar {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    margin-bottom: 0.7rem;
  }
  @media (min-width: 701px) {
    .sheet {
      height: calc(100% - 3.2rem);
      min-height: 22rem;
      container-type: size;
    }
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 1rem;
    margin: 0.2rem 0 0.4rem;
    font-size: 0.9rem;
  }
  .ways:empty {
    display: none;
  }
  .layers {
    margin-left: auto;
    display: flex;
  }
  .layers [aria-pressed='true'] {
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-decoration-color: var(--rule);
  }
  .layers [aria-pressed='false'] {
    color: var(--color-neutral);
  }
  .steps li {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.6rem;
    padding: 0.4rem 0.4rem 0.4rem 0.5rem;
    border-left: 3px solid transparent;
  }
  .steps li.here {
    border-color: var(--rule);
    background: var(--color-base-100);
  }
  .text {
    text-align: left;
    cursor: pointer;
    line-height: 1.35;
    font-variant-numeric: tabular-nums;
  }
  .text.done {
    color: var(--color-neutral);
    text-decoration: line-through;
  }
  .task {
    display: block;
    font-size: 0.8rem;
    font-weight: 700;
  }
  .working {
    text-align: left;
    width: 100%;
    padding: 0.25rem 0.4rem;
    line-height: 1.3;
    border-left: 3px solid transparent;
    cursor: default;
  }
  .working.lit {
    border-color: var(--rule);
    background: var(--color-base-100);
  }
  @media (max-width: 700px) {
    .text {
      min-height: 44px;
    }
  }
</style>
