<script lang="ts">
  import type { Component } from 'svelte';
  import type { Book } from './api/client';
  import Find from './finding/Find.svelte';
  import { beyond, nearestScreen } from './finding/nearest';
  import NoSuchPlace from './finding/NoSuchPlace.svelte';
  import { edges } from './parts/edges';
  import ForeEdge from './parts/ForeEdge.svelte';
  import Keys from './parts/Keys.svelte';
  import Purpose from './parts/Purpose.svelte';
  import Reached from './parts/Reached.svelte';
  import { catalogue } from './state/catalogue.svelte';
  import { open } from './state/book.svelte';
  import { drafts, paper } from './state/drafts.svelte';
  import { fetchAhead } from './offline/ahead';
  import { entryOf, marked, ROOMS, SCREENS } from './screens';
  import { foot } from './state/foot.svelte';
  import { isTyping, keys, letterOf } from './state/keys.svelte';
  import { route } from './state/route.svelte';
  import { theme } from './state/theme.svelte';
  import { waited } from './state/waited.svelte';

  let listed = $state(false);
  let finding = $state(false);
  let waiting = false;

  catalogue.load();
  $effect(() => {
    if (route.notebook) open.open(route.notebook, route.volume);
  });
  const book = $derived(route.notebook && open.book?.id === route.notebook ? open.book : null);
  const screen = $derived(entryOf(route.screen));
  /** Beside the open book everything else is gone. */
  const alone = $derived(screen.alone === true);
  /** Fetched when it is first opened; without a view where it could not be. A page turned makes no screen anew. */
  let fetched = $state.raw<{ screen: string; View: Component<{ book: Book | null }> | null } | null>(null);
  $effect(() => {
    const asked = screen;
    const here = (View: Component<{ book: Book | null }> | null) => {
      if (asked.screen === route.screen) fetched = { screen: asked.screen, View };
    };
    asked.load().then(
      (module) => here(module.default as Component<{ book: Book | null }>),
      () => here(null),
    );
  });
  /** Where the fore-edge leads: to the bench, or where the book is being leafed through to its opening. */
  const onEdge = $derived(route.screen === 'leaf' ? 'leaf' : 'bench');
  const inBook = $derived(route.notebook !== null);

  /** What the address names that there is not, and what is nearest. */
  const nowhere = $derived.by(() => {
    if (route.unknown !== '') {
      const near = nearestScreen(route.unknown, inBook);
      const href = near.screen === 'new' || near.screen === 'count' ? `/${near.screen}` : route.to(near.screen);
      return {
        says: `No screen is called “${route.unknown.slice(0, 80)}”.`,
        nearest: [{ name: near.name, href }, ...(href === '/' ? [] : [{ name: 'Shelf', href: '/' }])],
      };
    }
    return book ? beyond(book) : null;
  });

  // Beside the book, what the next hours need is fetched while the program is reached.
  $effect(() => {
    if (book && (alone || route.screen === 'sittings')) void fetchAhead(book);
  });

  $effect(() => {
    document.title = book ? `${screen.name} · ${book.title} · Ample Margin` : `${screen.name} · Ample Margin`;
  });

  function go(letter: string) {
    const to = SCREENS.find((one) => one.key === letter);
    if (to && (inBook || to.free)) route.go(route.to(to.screen));
  }

  keys.use([
    {
      on: ['f'],
      shown: 'f',
      says: 'find a page, a day, a spread, a thing, a date, a screen, or what to do; on the shelf, a notebook',
      press: () => (finding = book !== null || !inBook),
    },
    {
      on: ['g'],
      shown: 'g, then a letter',
      says: SCREENS.filter((one) => one.key)
        .map((one) => `${one.key} ${one.name}`)
        .join(', '),
      press: () => (waiting = true),
    },
    { on: ['z'], shown: 'z', says: 'take the last edit back', press: () => book && open.undo() },
    { on: ['Z'], shown: 'Shift z', says: 'put it again', press: () => book && open.redo() },
    { on: ['?'], shown: '?', says: 'this list', press: () => (listed = true) },
  ]);

  /** Past the head and the margin, for who goes by keys. */
  function toWork(event: MouseEvent) {
    event.preventDefault();
    event.stopPropagation();
    const main = document.querySelector<HTMLElement>('main');
    if (!main) return;
    main.tabIndex = -1;
    main.focus();
  }

  function key(event: KeyboardEvent) {
    // Behind a dialog no key of the program works.
    if (listed || finding) return;
    if (waiting && event.key.length === 1) {
      waiting = false;
      if (!isTyping(event.target as Element)) go(letterOf(event));
      return;
    }
    keys.press(event);
  }
</script>

<svelte:window onkeydown={key} />

<div class="frame" class:desk={alone}>
  <Reached />
  {#if !alone}
    <header>
      <a class="skip" href="#work" onclick={toWork}>To the work</a>
      <a class="name" href="/">Ample Margin</a>
      {#if inBook}
        <nav class="rooms" aria-label="Rooms">
          {#each ROOMS as [room, screens] (room)}
            {@const first = screens[0]}
            {#if first}<a href={route.to(first.screen)} aria-current={screen.room === room ? 'true' : undefined}>{room}</a>{/if}
          {/each}
        </nav>
        <nav class="screens" aria-label="Screens">
          {#each ROOMS as [room, screens] (room)}
            <span class="room" class:here={screen.room === room} role="group" aria-label={room}>
              {#each screens as one (one.screen)}
                {@const [before, letter, after] = marked(one)}
                <a
                  href={route.to(one.screen)}
                  aria-label={one.name}
                  aria-current={route.screen === one.screen ? 'page' : undefined}
                  title="g {one.key}">{before}<u>{letter}</u>{after}</a
                >
              {/each}
            </span>
          {/each}
        </nav>
      {/if}
      <div class="tools">
        {#if book}
          <button
            class="btn small plain"
            disabled={!book.undo}
            title={book.undo ? `Take back: ${book.undo} (z)` : 'Nothing to take back'}
            onclick={() => open.undo()}>Take back</button
          >
          <button
            class="btn small plain"
            disabled={!book.redo}
            title={book.redo ? `Put again: ${book.redo} (Shift z)` : 'Nothing to put again'}
            onclick={() => open.redo()}>Put again</button
          >
        {/if}
        {#if book || !inBook}<button class="btn small plain" onclick={() => (finding = true)}>Find</button>{/if}
        <button class="btn small plain" onclick={() => theme.toggle()}>{theme.name === 'paper' ? 'Lamp' : 'Daylight'}</button>
        <button class="btn small plain" aria-label="Keys" onclick={() => (listed = true)}>?</button>
      </div>
    </header>
  {/if}

  <div class="body" class:waiting={waited.long}>
    {#if book && !alone && route.screen !== 'stock' && drafts.get(paper(book.id, book.book))}
      <aside class="drafted" aria-label="Not planned yet">
        <a href={route.to('stock')}>Other paper or months are typed on Stock and not planned yet</a>
      </aside>
    {/if}
    {#if !nowhere && (book || (screen.free && !inBook))}{#key route.screen}<Purpose {screen} />{/key}{/if}
    <div class="view" id="work" aria-busy={waited.long}>
      {#if nowhere && (book || !inBook)}
        <NoSuchPlace {...nowhere} />
      {:else if book || (screen.free && !inBook)}
        <!-- The screen that is left goes before it can read the address or the book of the next. -->
        {#key route.screen}
          {#if fetched?.screen === route.screen}
            {#if fetched.View}
              <fetched.View {book} />
            {:else}
              <main class="p-8">
                <h1>{screen.name} could not be fetched</h1>
                <p class="my-2">The program does not answer. Start it again with bin/demo, then load this page again.</p>
              </main>
            {/if}
          {/if}
        {/key}
      {:else if open.problem}
        <main class="p-8">
          <h1>This notebook cannot be opened</h1>
          <p class="my-2">{open.problem.detail}</p>
          <a class="btn" href="/">To the shelf</a>
        </main>
      {/if}
    </div>
  </div>

  {#if book && !alone && foot.shown}
    <footer>
      {#each edges(book) as edge (edge.volume)}
        <div class="edge" class:several={book.volumes.length > 0}>
          {#if book.volumes.length > 0}<a
              href={route.to(route.screen, undefined, edge.volume)}
              aria-current={edge.volume === book.book ? 'true' : undefined}
              title={edge.title}>Book {edge.volume}</a
            >{/if}
          <ForeEdge
            {...edge}
            at={(route.screen === 'bench' || route.screen === 'leaf') && edge.volume === book.book ? route.page : null}
            href={(page) => route.to(onEdge, page, edge.volume)}
            go={(page) => route.go(route.to(onEdge, page, edge.volume), onEdge === 'leaf')}
            scrub={onEdge === 'leaf'}
          />
        </div>
      {/each}
    </footer>
  {/if}
</div>

{#if listed}<Keys close={() => (listed = false)} />{/if}
{#if finding}<Find {book} close={() => (finding = false)} />{/if}

<style>
  .frame {
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    grid-template-columns: minmax(0, 1fr);
    height: 100dvh;
  }
  .frame.desk {
    grid-template-rows: auto minmax(0, 1fr);
  }
  /* On a phone, and where letters are large, what stands at the head scrolls away: most of the height is the work's. */
  @media (max-width: 700px), (max-height: 560px) {
    .frame:not(.desk) {
      height: auto;
      min-height: 100dvh;
    }
    .frame:not(.desk) footer {
      position: sticky;
      bottom: 0;
      z-index: 20;
      background: var(--color-base-200);
    }
  }
  .skip {
    position: absolute;
    z-index: 60;
    left: 0.5rem;
    top: -4rem;
    padding: 0.5rem 0.9rem;
    background: var(--color-base-100);
    border: 1px solid var(--color-base-content);
  }
  .skip:focus {
    top: 0.4rem;
  }
  .body {
    display: flex;
    flex-direction: column;
    min-height: 0;
  }
  .view {
    flex: 1;
    min-height: 0;
  }
  /* A line runs along the upper edge while an answer takes longer than a blink. */
  .waiting::before {
    content: '';
    position: fixed;
    z-index: 30;
    top: 0;
    left: 0;
    width: 25%;
    height: 3px;
    background: var(--rule);
    animation: run 1.2s ease-in-out infinite;
  }
  @keyframes run {
    from {
      transform: translateX(-100%);
    }
    to {
      transform: translateX(400%);
    }
  }
  @media (prefers-reduced-motion: reduce) {
    .waiting::before {
      width: 100%;
      animation: none;
    }
  }
  header {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    padding: 0.4rem 1.1rem;
    border-bottom: 1px solid var(--color-base-300);
    flex-wrap: wrap;
    row-gap: 0;
  }
  .drafted {
    padding: 0.35rem 1.1rem;
    border-bottom: 1px solid var(--color-base-300);
    border-left: 3px solid var(--rule);
  }
  .name {
    font-family: var(--font-head);
    font-weight: 600;
    font-size: 1.1rem;
    text-decoration: none;
  }
  nav {
    display: flex;
    gap: 0.2rem;
    overflow-x: auto;
  }
  .room {
    display: flex;
    gap: 0.2rem;
  }
  .rooms {
    display: none;
  }
  .room + .room {
    border-left: 1px solid var(--color-base-300);
    padding-left: 0.2rem;
  }
  nav u {
    text-decoration-color: var(--color-base-content);
    text-decoration-thickness: 1px;
    text-underline-offset: 3px;
  }
  nav a {
    white-space: nowrap;
    padding: 0.45rem 0.24rem;
    text-decoration: none;
    border-bottom: 3px solid transparent;
  }
  nav a:hover {
    border-color: var(--color-base-300);
  }
  nav a[aria-current] {
    border-color: var(--rule);
    font-weight: 600;
  }
  /* Where the system chooses the colours, only the screen one is on has its line. */
  @media (forced-colors: active) {
    nav a {
      border-color: Canvas;
    }
    nav a[aria-current] {
      border-color: Highlight;
    }
  }
  .tools {
    margin-left: auto;
    display: flex;
    gap: 0.15rem;
  }
  footer {
    padding: 0.6rem 1.1rem 0.7rem;
    border-top: 1px solid var(--color-base-300);
  }
  .edge.several {
    display: grid;
    grid-template-columns: 4.2rem minmax(0, 1fr);
    align-items: center;
    margin-top: 0.3rem;
  }
  .edge a {
    text-decoration: none;
  }
  .edge a[aria-current] {
    font-weight: 700;
    text-decoration: underline;
    text-decoration-color: var(--rule);
    text-decoration-thickness: 2px;
  }
  @media (max-width: 700px) {
    header {
      padding-inline: 0.8rem;
      gap: 0.4rem;
    }
    .name {
      display: none;
    }
    .tools {
      flex-wrap: wrap;
      justify-content: flex-end;
    }
    nav {
      order: 2;
      width: 100%;
      min-width: 0;
    }
    /* The rooms in a row, and beneath them the screens of the one a person is in. */
    .rooms {
      display: flex;
      justify-content: space-between;
      font-family: var(--font-head);
    }
    .room:not(.here),
    .screens:has(.here > :only-child) {
      display: none;
    }
    .room.here {
      border-left: 0;
      padding-left: 0;
    }
    nav a {
      padding: 0.42rem 0.4rem;
    }
    footer {
      padding: 0.4rem 0.8rem 3.6rem;
    }
  }
</style>
