<!--
  "f": finds a page, a month, a day, a spread, a thing of a list, a date, a screen or something to do, and goes there; where no notebook
  is open, a notebook.
-->
<script lang="ts">
  import type { Book } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import { route } from '../state/route.svelte';
  import { FindState, type Hit } from './find.svelte';

  let { book, close }: { book: Book | null; close: () => void } = $props();
  // svelte-ignore state_referenced_locally
  const find = new FindState(book);
  let words = $state('');
  let list = $state<HTMLUListElement>();

  function go(hit: Hit | null) {
    if (!hit) return;
    close();
    route.go(hit.href);
  }

  /** Up and down through what is found, from the field and back. */
  function arrow(event: KeyboardEvent) {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const all = [...(list?.querySelectorAll('button') ?? [])];
    const at = all.findIndex((one) => one === document.activeElement);
    const next = at + (event.key === 'ArrowDown' ? 1 : -1);
    if (next >= all.length) return;
    event.preventDefault();
    (next < 0 ? document.querySelector<HTMLInputElement>('#find-words') : all[next])?.focus();
  }
</script>

<Dialog label={book ? 'Find in this book' : 'Find a notebook'} {close}>
  <!-- svelte-ignore a11y_no_static_element_interactions -->
  <div onkeydown={arrow}>
    <form
      role="search"
      onsubmit={(event) => {
        event.preventDefault();
        find.first().then(go);
      }}
    >
      <label class="field"
        ><span>{book ? 'A page, a day, a title, a thing, a date, or what to do' : 'Words of its title'}</span><input
          id="find-words"
          class="input"
          autocomplete="off"
          bind:value={words}
          oninput={() => find.ask(words)}
        /></label
      >
    </form>
    <ul bind:this={list} aria-label="Found">
      {#each find.shown.hits as one (one.key)}
        <li>
          <button class="hit" onclick={() => go(one)}
            ><span class="figures">{one.page ?? ''}</span><span class="name wrap-anywhere" dir="auto">{one.name}</span>{#if one.where}<span
                class="quiet"
                dir="auto">{one.where}</span
              >{/if}</button
          >
        </li>
      {:else}
        {#if find.shown.words.trim()}<li class="quiet py-2" role="status">
            {book ? 'Nothing in the book, and no screen, is called that.' : 'No notebook is called that.'}
          </li>{/if}
      {/each}
    </ul>
  </div>
  <button class="btn small plain mt-2" onclick={close}>Close</button>
</Dialog>

<style>
  .hit {
    display: grid;
    grid-template-columns: 2.5rem minmax(0, 1fr) auto;
    align-items: baseline;
    column-gap: 0.3rem;
    width: 100%;
    text-align: left;
    padding: 0.4rem 0.3rem;
    cursor: pointer;
  }
  .hit:hover {
    background: var(--color-base-200);
  }
  .hit .quiet {
    max-width: 13rem;
    text-align: right;
  }
  .figures {
    font-weight: 600;
  }
</style>
