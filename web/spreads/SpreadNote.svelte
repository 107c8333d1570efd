<!-- The chosen spread in the margin: why it stands there, and what the person wants of it. -->
<script lang="ts">
  import type { Book, Edit, Spread } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import { open } from '../state/book.svelte';
  import { route, type Screen } from '../state/route.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import PutInTray from '../tray/PutInTray.svelte';
  import SpreadSettings from './SpreadSettings.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    book: Book;
    spread: Spread;
    edit: (edit: Edit) => Promise<boolean>;
    shift: (spread: Spread, way: -1 | 1) => void;
    close: () => void;
  }
  let { book, spread, edit, shift, close }: Props = $props();

  const kind = $derived(catalogue.kind(book, spread.kind));
  const holds = $derived(catalogue.holds(book, spread));
  const others = $derived(book.spreads.filter((one) => one.id !== spread.id && one.pages === 1));
  const set = (changes: Record<string, unknown>) => edit({ type: 'set-spread', spread: spread.id, ...changes });

  function pin(event: Event) {
    const said = (event.currentTarget as HTMLInputElement).value.trim();
    set({ pin: said === '' ? null : Number.isInteger(Number(said)) ? Number(said) : said });
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
  {#if spread.page !== null}<a class="btn small" href={route.to('bench', spread.page)}>Open on the bench</a>{/if}
  {#if kind?.layouts}<a class="btn small" href={route.to('compare', spread.id)}>Compare layouts</a>{/if}
  {#if kind}<a class="btn small" href={route.to('parts', spread.id)}>Part this page</a>{/if}
  {#if kind?.designer}<a class="btn small" href={route.to(kind.designer as Screen, spread.id)}>Design the {kind.name.toLowerCase()}</a>{/if}
  {#if spread.page !== null}<PutInTray print="guides:{spread.id}" what="the guide of {spread.title}" />{/if}
  <button class="btn small" onclick={() => edit({ type: 'remove-spread', spread: spread.id })}>Remove</button>
</div>

<SpreadSettings {book} {spread} {edit} />
<div class="grid gap-2.5">
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
      <span>Medium</span>
      <select class="select" value={spread.medium} onchange={(event) => set({ medium: event.currentTarget.value })}>
        <option value="dry">dry</option>
        <option value="bleeds">bleeds through</option>
        <option value="stamped">stamped</option>
        <option value="decoration">all decoration</option>
      </select>
    </label>
  </div>
  {#if spread.pages === 1}
    <label class="field">
      <span>Should face</span>
      <select class="select" value={spread.faces ?? ''} onchange={(event) => set({ faces: event.currentTarget.value || null })}>
        <option value="">nothing in particular</option>
        {#each others as other (other.id)}<option value={other.id}>{other.title}</option>{/each}
      </select>
    </label>
    {#if spread.faces}
      <label class="flex items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          checked={spread.must_face}
          onchange={(event) => set({ must_face: event.currentTarget.checked })}
        /> It must, even if more spreads move for it</label
      >
    {/if}
  {/if}
  {#if book.volumes.length > 0}
    <label class="field">
      <span>In book</span>
      <select class="select" value={spread.book} onchange={(event) => (set({ book: event.currentTarget.value }), close())}>
        {#each book.volumes as one (one.book)}<option value={one.book}>{one.book}: {one.title}</option>{/each}
      </select>
    </label>
  {/if}
  {#if spread.medium === 'bleeds'}<p class="caution">Solvent markers: open a window. Try the pen on a back page of this book first.</p>{/if}
</div>
