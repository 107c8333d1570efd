<!-- "f": finds a spread, a month or a page and goes there. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { route } from '../state/route.svelte';
  import Dialog from './Dialog.svelte';

  let { book, close }: { book: Book; close: () => void } = $props();
  let words = $state('');

  const found = $derived.by(() => {
    const asked = words.trim().toLowerCase();
    const page = Number.parseInt(asked, 10);
    if (String(page) === asked && page >= 1 && page <= book.stock.pages) {
      return [{ page, name: book.pages[page - 1]?.title ?? '' }];
    }
    const seen: string[] = [];
    return book.pages
      .filter((one) => {
        if (asked === '' || !one.title.toLowerCase().includes(asked) || one.drawing === '' || seen.includes(one.drawing)) return false;
        seen.push(one.drawing);
        return true;
      })
      .slice(0, 12)
      .map((one) => ({ page: one.page, name: one.title }));
  });

  function go(page: number) {
    close();
    route.go(route.to('bench', page));
  }
</script>

<Dialog label="Find a spread or a page" {close}>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      if (found[0]) go(found[0].page);
    }}
  >
    <label class="field"><span>A spread, a month, or a page number</span><input class="input" bind:value={words} /></label>
  </form>
  <ul>
    {#each found as one (one.page)}
      <li><button class="hit" onclick={() => go(one.page)}><span class="figures">{one.page}</span> {one.name}</button></li>
    {:else}
      {#if words.trim()}<li class="quiet py-2">Nothing in the book is called that.</li>{/if}
    {/each}
  </ul>
  <button class="btn small plain mt-2" onclick={close}>Close</button>
</Dialog>

<style>
  .hit {
    width: 100%;
    text-align: left;
    padding: 0.4rem 0.3rem;
    cursor: pointer;
  }
  .hit:hover {
    background: var(--color-base-200);
  }
  .figures {
    display: inline-block;
    width: 2.5rem;
    font-weight: 600;
  }
</style>
