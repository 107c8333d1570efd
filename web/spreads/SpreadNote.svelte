<!-- The chosen spread in the margin: why it stands there, and what the person wants of it. -->
<script lang="ts">
  import type { Book, Edit, Spread } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import { open } from '../state/book.svelte';
  import { route, type Screen } from '../state/route.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import PutInTray from '../tray/PutInTray.svelte';
  import ShouldFace from './ShouldFace.svelte';
  import SpreadSettings from './SpreadSettings.svelte';
  import { placeOn, swappable } from './places';
  import { kept } from '../parts/kept';

  interface Props {
    book: Book;
    spread: Spread;
    edit: (edit: Edit) => Promise<boolean>;
    shift: (spread: Spread, way: -1 | 1) => void;
    close: () => void;
    /** After it is removed. */
    gone: () => void;
  }
  let { book, spread, edit, shift, close, gone }: Props = $props();

  const kind = $derived(catalogue.kind(book, spread.kind));
  const holds = $derived(catalogue.holds(book, spread));
  const set = (changes: Record<string, unknown>) => edit({ type: 'set-spread', spread: spread.id, ...changes });
  let wrong = $state('');
  let unfolded = $state(false);

  function pin(event: Event) {
    const said = (event.currentTarget as HTMLInputElement).value.trim();
    set({ pin: said === '' ? null : Number.isInteger(Number(said)) ? Number(said) : said });
  }

  /** In order it goes before what stands on the page; where that is not the page itself, it is pinned there. */
  async function moveTo(field: HTMLInputElement) {
    const said = field.value.trim();
    if (said === '') return;
    const page = Number(said);
    wrong = Number.isInteger(page) && page >= 1 && page <= book.stock.pages ? '' : `A page from 1 to ${book.stock.pages}.`;
    if (wrong) return;
    field.value = '';
    const id = spread.id;
    const moved = placeOn(book, spread, page);
    if (moved && !(await edit(moved))) return;
    if (open.book?.spreads.find((one) => one.id === id)?.page !== page) await edit({ type: 'set-spread', spread: id, pin: page });
  }

  async function remove() {
    if (await edit({ type: 'remove-spread', spread: spread.id })) gone();
  }

  async function swap(field: HTMLSelectElement) {
    const other = field.value;
    field.value = '';
    if (other) await edit({ type: 'swap-spreads', spread: spread.id, with: other });
  }
</script>

<div class="flex items-start justify-between gap-2">
  <h2 class="line-clamp-4 wrap-anywhere" dir="auto">{spread.title}</h2>
  <button class="btn small plain" onclick={close}>Close</button>
</div>
<p class="quiet">{spread.kind_name}, {spread.range || 'without a page'}</p>
{#if holds?.record}<p class="quiet">{holds.record}</p>{/if}
{#if holds?.private}<p class="caution">{holds.private}</p>{/if}
{#if spread.why}<p class="note">{spread.why}</p>{/if}
<Findings findings={open.findingsOn(spread.id)} />

<div class="my-3 flex flex-wrap gap-1.5">
  <button class="btn small" onclick={() => shift(spread, -1)}>Move earlier</button>
  <button class="btn small" onclick={() => shift(spread, 1)}>Move later</button>
</div>
<div class="mb-3 grid grid-cols-[7rem_minmax(0,1fr)] gap-2.5">
  <label class="field"
    ><span>Move to page</span><input
      class="input figures"
      inputmode="numeric"
      autocomplete="off"
      placeholder={spread.page === null ? '' : String(spread.page)}
      aria-invalid={wrong ? 'true' : undefined}
      onchange={(event) => moveTo(event.currentTarget)}
    /></label
  >
  <label class="field">
    <span>Swap with</span>
    <select class="select" onchange={(event) => swap(event.currentTarget)}>
      <option value="">…</option>
      {#each swappable(book, spread) as other (other.id)}<option value={other.id}>{other.title}</option>{/each}
    </select>
  </label>
</div>
{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
<p class="links">
  {#if spread.page !== null}<a href={route.to('bench', spread.page)}>Open on the bench</a>{/if}
  {#if kind?.layouts}<a href={route.to('compare', spread.id)}>Compare layouts</a>{/if}
  {#if kind}<a href={route.to('parts', spread.id)}>Part this page</a>{/if}
  {#if kind?.designer}<a href={route.to(kind.designer as Screen, spread.id)}>Design the {kind.name.toLowerCase()}</a>{/if}
</p>

<SpreadSettings {book} {spread} {edit} />
<details class="more" bind:open={unfolded}>
  <summary>Where it should stand, and what it is drawn with</summary>
  <div class="grid gap-2.5 py-2">
    <div class="grid grid-cols-2 gap-2.5">
      <label class="field"
        ><span>Pin to page</span><input
          class="input figures"
          inputmode="numeric"
          value={spread.pin ?? ''}
          {@attach kept}
          placeholder="flows"
          onchange={pin}
        /></label
      >
      <label class="field">
        <span>Worth, 1 to 5</span>
        <select class="select" value={spread.worth} onchange={(event) => set({ worth: Number(event.currentTarget.value) })}>
          {#each [1, 2, 3, 4, 5] as worth (worth)}<option value={worth}>{worth}</option>{/each}
        </select>
      </label>
      {#if spread.pages === 1}
        <label class="field">
          <span>Side</span>
          <select class="select" value={spread.side} onchange={(event) => set({ side: event.currentTarget.value })}>
            <option value="any">either</option>
            <option value="left">left page</option>
            <option value="right">right page</option>
          </select>
        </label>
      {/if}
      <label class="field">
        <span>Drawn with</span>
        <select class="select" value={spread.medium} onchange={(event) => set({ medium: event.currentTarget.value })}>
          <option value="dry">what stays on its side</option>
          <option value="bleeds">what comes through</option>
          <option value="stamped">stamps</option>
          <option value="decoration">decoration all over</option>
        </select>
      </label>
    </div>
    {#if spread.pages === 1 && unfolded}<ShouldFace {book} {spread} {set} />{/if}
    {#if book.volumes.length > 0}
      <label class="field">
        <span>In book</span>
        <select class="select" value={spread.book} onchange={(event) => (set({ book: event.currentTarget.value }), close())}>
          {#each book.volumes as one (one.book)}<option value={one.book}>{one.book}: {one.title}</option>{/each}
        </select>
      </label>
    {/if}
    {#if spread.medium === 'bleeds'}<p class="caution">
        Solvent markers: open a window. Try the pen on a back page of this book first.
      </p>{/if}
  </div>
</details>
<p class="my-3 flex flex-wrap gap-1.5">
  {#if spread.page !== null}<PutInTray print="guides:{spread.id}" what="the guide of {spread.title}" />{/if}
  <button class="btn small" onclick={remove}>Remove</button>
</p>

<style>
  .links {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1rem;
    margin-bottom: 0.8rem;
  }
  .more {
    border-top: 1px solid var(--color-base-300);
    border-bottom: 1px solid var(--color-base-300);
  }
  .more summary {
    cursor: pointer;
    padding: 0.4rem 0;
  }
</style>
