<script lang="ts">
  import Bench from './bench/Bench.svelte';
  import Compare from './compare/Compare.svelte';
  import Copy from './copying/Copy.svelte';
  import Counting from './counting/Counting.svelte';
  import KeyDesigner from './key/KeyDesigner.svelte';
  import Desk from './bench/Desk.svelte';
  import Months from './months/Months.svelte';
  import { edges } from './parts/edges';
  import Find from './parts/Find.svelte';
  import ForeEdge from './parts/ForeEdge.svelte';
  import Keys from './parts/Keys.svelte';
  import Sheets from './sheets/Sheets.svelte';
  import Shelf from './shelf/Shelf.svelte';
  import Spreads from './spreads/Spreads.svelte';
  import { catalogue } from './state/catalogue.svelte';
  import { open } from './state/book.svelte';
  import { route, type Screen } from './state/route.svelte';
  import { theme } from './state/theme.svelte';
  import NewNotebook from './stock/NewNotebook.svelte';
  import Stock from './stock/Stock.svelte';

  const SCREENS: { screen: Screen; name: string }[] = [
    { screen: 'shelf', name: 'Shelf' },
    { screen: 'stock', name: 'Stock' },
    { screen: 'spreads', name: 'Spreads' },
    { screen: 'months', name: 'Months' },
    { screen: 'bench', name: 'Bench' },
    { screen: 'sheets', name: 'Sheets' },
  ];
  let keys = $state(false);
  let finding = $state(false);
  let waiting = false;

  catalogue.load();
  $effect(() => {
    if (route.notebook) open.open(route.notebook, route.volume);
  });
  const book = $derived(route.notebook && open.book?.id === route.notebook ? open.book : null);
  /** Beside the open book everything else is gone. */
  const alone = $derived(route.screen === 'desk' || route.screen === 'copy');
  const inBook = $derived(route.notebook !== null);

  $effect(() => {
    const screen = SCREENS.find((one) => one.screen === route.screen)?.name ?? { new: 'New notebook', count: 'Counting bench', compare: 'Compare layouts', key: 'Key designer', copy: 'Copying view' }[route.screen as string] ?? 'Desk';
    document.title = book ? `${screen} · ${book.title} · Ample Margin` : `${screen} · Ample Margin`;
  });

  function key(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    const typing = target.matches('input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]');
    if (event.key === 'Escape') {
      keys = false;
      finding = false;
    }
    if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (waiting) {
      waiting = false;
      const to = SCREENS[Number(event.key) - 1];
      if (to && (inBook || to.screen === 'shelf')) route.go(route.to(to.screen));
      return;
    }
    if (event.key === 'g') waiting = true;
    else if (event.key === '?') keys = !keys;
    else if (event.key === 'f' && book) {
      event.preventDefault();
      finding = true;
    } else if (event.key === 'z' && book) open.undo();
    else if (event.key === 'Z' && book) open.redo();
  }
</script>

<svelte:window onkeydown={key} />

<div class="frame" class:desk={alone}>
  {#if !alone}
    <header>
      <a class="name" href="/">Ample Margin</a>
      {#if inBook}
        <nav aria-label="Screens">
          {#each SCREENS as { screen, name }, i (screen)}
            <a href={route.to(screen)} aria-current={route.screen === screen ? 'page' : undefined} title="g {i + 1}">{name}</a>
          {/each}
        </nav>
      {/if}
      <div class="tools">
        {#if book}
          <button class="btn small plain" disabled={!book.undo} title={book.undo ? `Take back: ${book.undo} (z)` : 'Nothing to take back'} onclick={() => open.undo()}>Take back</button>
          <button class="btn small plain" disabled={!book.redo} title={book.redo ? `Put again: ${book.redo} (Shift z)` : 'Nothing to put again'} onclick={() => open.redo()}>Put again</button>
          <button class="btn small plain" onclick={() => (finding = true)}>Find</button>
        {/if}
        <button class="btn small plain" onclick={() => theme.toggle()}>{theme.name === 'paper' ? 'Lamp' : 'Daylight'}</button>
        <button class="btn small plain" aria-label="Keys" onclick={() => (keys = !keys)}>?</button>
      </div>
    </header>
  {/if}

  <div class="body">
    {#if route.screen === 'shelf'}
      <Shelf />
    {:else if route.screen === 'new'}
      <NewNotebook />
    {:else if route.screen === 'count' && !inBook}
      <Counting book={null} />
    {:else if book}
      {#if route.screen === 'stock'}<Stock {book} />
      {:else if route.screen === 'months'}<Months {book} />
      {:else if route.screen === 'bench'}<Bench {book} />
      {:else if route.screen === 'desk'}<Desk {book} />
      {:else if route.screen === 'count'}<Counting {book} />
      {:else if route.screen === 'compare'}<Compare {book} />
      {:else if route.screen === 'key'}<KeyDesigner {book} />
      {:else if route.screen === 'copy'}<Copy {book} />
      {:else if route.screen === 'sheets'}<Sheets {book} />
      {:else}<Spreads {book} />{/if}
    {:else if open.problem}
      <main class="p-8">
        <h1>This notebook cannot be opened</h1>
        <p class="my-2">{open.problem.detail}</p>
        <a class="btn" href="/">To the shelf</a>
      </main>
    {/if}
  </div>

  {#if book && !alone}
    <footer>
      {#each edges(book) as edge (edge.volume)}
        <div class="edge" class:several={book.volumes.length > 0}>
          {#if book.volumes.length > 0}<a href={route.to(route.screen, undefined, edge.volume)} aria-current={edge.volume === book.book ? 'true' : undefined} title={edge.title}>Book {edge.volume}</a>{/if}
          <ForeEdge {...edge} at={route.screen === 'bench' && edge.volume === book.book ? route.page : null} href={(page) => route.to('bench', page, edge.volume)} go={(page) => route.go(route.to('bench', page, edge.volume))} />
        </div>
      {/each}
    </footer>
  {/if}
</div>

{#if keys}<Keys close={() => (keys = false)} />{/if}
{#if finding && book}<Find {book} close={() => (finding = false)} />{/if}

<style>
  .frame {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr) auto;
    grid-template-columns: minmax(0, 1fr);
    height: 100dvh;
  }
  .frame.desk {
    grid-template-rows: minmax(0, 1fr);
  }
  .body {
    min-height: 0;
  }
  header {
    display: flex;
    align-items: center;
    gap: 1.4rem;
    padding: 0.4rem 1.1rem;
    border-bottom: 1px solid var(--color-base-300);
    flex-wrap: wrap;
    row-gap: 0;
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
  nav a {
    padding: 0.45rem 0.65rem;
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
    nav a {
      padding: 0.55rem 0.55rem;
    }
    footer {
      padding: 0.4rem 0.8rem 3.6rem;
    }
  }
</style>
