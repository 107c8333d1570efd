<!-- The shelf: notebooks as fore-edges, one above another. -->
<script lang="ts">
  import { api, now, type Shelf, type Unreadable } from '../api/client';
  import { edges } from '../parts/edges';
  import ForeEdge from '../parts/ForeEdge.svelte';
  import Screen from '../parts/Screen.svelte';
  import Devices from './Devices.svelte';
  import GoOn from './GoOn.svelte';
  import Keeping from './Keeping.svelte';
  import NextSitting from './NextSitting.svelte';
  import { asProblem, open } from '../state/book.svelte';
  import { keys } from '../state/keys.svelte';
  import { route } from '../state/route.svelte';

  let shelf = $state.raw<Shelf | null>(null);
  let wrong = $state('');
  let asking = $state<string | null>(null);

  /** Then what starts a notebook stands in the middle, not in the margin. */
  const isEmpty = $derived(shelf !== null && shelf.notebooks.length + shelf.unreadable.length === 0);

  async function load() {
    try {
      shelf = await api.shelf();
    } catch (error) {
      wrong = asProblem(error).detail;
    }
  }
  load();

  async function more(from: number) {
    try {
      const next = await api.shelf(from);
      if (shelf)
        shelf = { ...next, notebooks: [...shelf.notebooks, ...next.notebooks], unreadable: [...shelf.unreadable, ...next.unreadable] };
    } catch (error) {
      wrong = asProblem(error).detail;
    }
  }

  async function put(make: () => ReturnType<typeof api.sample>) {
    wrong = '';
    try {
      const book = await make();
      open.take(book);
      route.go(`/notebooks/${book.id}/spreads`);
    } catch (error) {
      wrong = asProblem(error).detail;
    }
  }

  async function upload(event: Event) {
    const input = event.currentTarget as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    const isShelf = (await file.slice(0, 60).text()).startsWith('{"format":"ample-margin-shelf"');
    const most = isShelf ? 20 : 5;
    if (file.size > most * 1e6) {
      wrong = `“${file.name}” has ${(file.size / 1e6).toFixed(1)} MB; ${isShelf ? 'a shelf' : 'a plan file'} has ${most} MB at most.`;
    } else if (isShelf) {
      await putShelf(await file.text());
    } else {
      const text = await file.text();
      await put(() => api.import(text));
    }
    input.value = '';
  }

  /** Does something, says what was wrong with it, and shows the shelf as it is then. */
  async function doing(work: () => Promise<unknown>) {
    wrong = '';
    try {
      await work();
    } catch (error) {
      wrong = asProblem(error).detail;
    }
    await load();
  }

  /** A whole shelf: all its notebooks are put on this one, or none. */
  const putShelf = (text: string) => doing(() => api.putShelf(text));
  const duplicate = (id: string) => doing(() => api.copyBook(id));
  const takeBack = (notebook: Unreadable) => doing(() => api.takeBack(notebook.id, notebook.version));

  /** The notebook that has the focus, or the first one. */
  function leaf() {
    const at = document.activeElement?.closest('[data-notebook]')?.getAttribute('data-notebook') ?? shelf?.notebooks[0]?.id;
    if (at) route.go(`/notebooks/${at}/leaf`);
  }
  $effect(() => keys.use([{ on: ['l'], shown: 'l', says: 'leaf through the notebook that is chosen, or the first', press: leaf }]));

  const remove = (notebook: { id: string; version: number }) =>
    doing(async () => {
      await api.remove(notebook.id, notebook.version);
      asking = null;
    });
</script>

{#snippet removal(notebook: { id: string; version: number; title: string })}
  {#if asking === notebook.id}
    <span class="quiet">Its plan and edits will be gone.</span>
    <button class="btn small" onclick={() => remove(notebook)}>Take it off the shelf</button>
    <button class="btn small plain" onclick={() => (asking = null)}>Keep it</button>
  {:else}
    <button class="btn small plain" aria-label="Remove {notebook.title}" onclick={() => (asking = notebook.id)}>Remove</button>
  {/if}
{/snippet}

{#snippet start()}
  <h2>How to start</h2>
  <p class="my-2">
    Count the boxes of one page of your new notebook, across and down. Everything else has an answer already, and a complete plan stands
    there at once.
  </p>
  <a class="btn chief w-full" href="/new">New notebook</a>
  <div class="mt-5 grid gap-2">
    <button class="btn" onclick={() => put(api.sample)}>Open the sample notebook</button>
    <label class="btn">
      Upload a plan or a shelf
      <input type="file" accept=".json,application/json" class="sr-only" onchange={upload} />
    </label>
  </div>
{/snippet}

<Screen title="Shelf" handle={isEmpty ? 'Phone or tablet, keeping it' : 'How to start'}>
  {#snippet margin()}
    {#if !isEmpty}{@render start()}{/if}
    <Devices />
    <Keeping changed={load} />
    <h2 class="mt-6">How do I split this?</h2>
    <p class="my-2">Halves, sevenths, gaps, a title in the middle: count any page without planning a notebook.</p>
    <a class="btn w-full" href="/count">Counting bench</a>
    {#if wrong}<div class="note stop" role="alert">{wrong}</div>{/if}
    <p class="quiet mt-5">Everything stays on this machine.</p>
    <p class="caution">A notebook with an address, health or money in it is private: write only what a finder needs.</p>
  {/snippet}

  <div class="head">
    <h2>Notebooks on the shelf</h2>
    {#if !isEmpty}<a class="btn small narrow" href="/new">New notebook</a>{/if}
  </div>
  {#if isEmpty}
    <p class="mb-6">The shelf is empty. Start a new notebook, or open the sample to see one that is planned to the last page.</p>
    <div class="start">{@render start()}</div>
  {/if}
  {#if shelf}
    {#if shelf.unreadable.length > 0}
      <ul class="mb-6 grid gap-3" aria-label="Notebooks that cannot be opened">
        {#each shelf.unreadable as notebook (notebook.id)}
          <li class="note stop">
            <h3 class="line-clamp-2 wrap-anywhere" dir="auto">{notebook.title}</h3>
            <p class="my-1 wrap-anywhere">{notebook.says}</p>
            <p class="flex flex-wrap items-baseline gap-2">
              <a class="btn small" href="/api/notebooks/{notebook.id}/plan.json" download>Download its plan</a>
              {#if notebook.undo}<button class="btn small" onclick={() => takeBack(notebook)}>Take back: {notebook.undo}</button>{/if}
              {@render removal(notebook)}
            </p>
          </li>
        {/each}
      </ul>
    {/if}
    <ul class="grid gap-6">
      {#each shelf.notebooks as notebook (notebook.id)}
        <li data-notebook={notebook.id}>
          <div class="flex flex-wrap items-baseline gap-x-4">
            <h3 class="line-clamp-2 wrap-anywhere" dir="auto"><a href="/notebooks/{notebook.id}/spreads">{notebook.title}</a></h3>
            <span class="quiet">{notebook.period.words}</span>
            <span class="quiet"
              >{notebook.stock.sizes?.[0] ?? `${notebook.stock.width} × ${notebook.stock.height} mm`}, {notebook.stock.across} × {notebook
                .stock.down} boxes</span
            >
            <span class="ml-auto flex flex-wrap items-baseline gap-2"
              ><a class="btn small plain" href="/notebooks/{notebook.id}/leaf" aria-label="Leaf through {notebook.title}">Leaf through</a
              ><button class="btn small plain" aria-label="Make a copy of {notebook.title}" onclick={() => duplicate(notebook.id)}
                >Make a copy</button
              >{@render removal(notebook)}</span
            >
          </div>
          {#each edges(notebook) as edge (edge.volume)}
            <div class="my-1.5">
              <ForeEdge
                {...edge}
                href={(page) => `/notebooks/${notebook.id}/bench/${page}${edge.volume === '1' ? '' : `?book=${edge.volume}`}`}
              />
            </div>
          {/each}
          {#if notebook.begun}<GoOn id={notebook.id} title={notebook.title} />{/if}
          {#if notebook.evenings.some((key) => key.slice(0, 10) >= now().slice(0, 10))}<NextSitting id={notebook.id} />{/if}
          <p class="figures">
            <strong class:short={!notebook.fit.fits}><a href="/notebooks/{notebook.id}/months">{notebook.fit.sentence}</a></strong>
            <span class="quiet"
              >{notebook.fit.planned} pages of spreads, {notebook.fit.reserved} reserved for months, {notebook.stock.pages} in all</span
            >
          </p>
        </li>
      {/each}
    </ul>
    {#if shelf.next !== null}
      {@const from = shelf.next}
      <p class="mt-6 flex items-baseline gap-4">
        <button class="btn" onclick={() => more(from)}>Show more</button>
        <span class="quiet">{shelf.notebooks.length + shelf.unreadable.length} of {shelf.all} are shown, the last changed first.</span>
      </p>
    {/if}
  {/if}
</Screen>

<style>
  .head {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 1rem;
    margin-bottom: 1rem;
  }
  /* Where the margin is wide it stands there. */
  @media (min-width: 701px) {
    .narrow {
      display: none;
    }
  }
  .start {
    max-width: 26rem;
  }
  .short {
    color: var(--color-error);
  }
</style>
