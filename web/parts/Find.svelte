<!-- "f": finds a spread, a month or a page and goes there; where no notebook is open, a notebook. -->
<script lang="ts">
  import { wholeShelf, type Book, type Head } from '../api/client';
  import { route } from '../state/route.svelte';
  import Dialog from './Dialog.svelte';

  let { book, close }: { book: Book | null; close: () => void } = $props();
  let words = $state('');
  let shelf = $state.raw<Head[]>([]);
  $effect(() => {
    if (!book)
      wholeShelf().then(
        (all) => (shelf = all),
        // The shelf behind it says why it cannot be read.
        () => {},
      );
  });

  interface Hit {
    page: number | null;
    name: string;
    href: string;
  }
  const found = $derived.by((): Hit[] => {
    const asked = words.trim().toLowerCase();
    if (!book)
      return shelf
        .filter((one) => one.title.toLowerCase().includes(asked))
        .slice(0, 12)
        .map((one) => ({ page: null, name: one.title, href: `/notebooks/${one.id}/spreads` }));
    const on = (page: number, name: string): Hit => ({ page, name, href: route.to('bench', page) });
    const page = Number.parseInt(asked, 10);
    if (String(page) === asked && page >= 1 && page <= book.stock.pages) {
      return [on(page, book.pages[page - 1]?.title ?? '')];
    }
    const seen: string[] = [];
    return book.pages
      .filter((one) => {
        if (asked === '' || !one.title.toLowerCase().includes(asked) || one.drawing === '' || seen.includes(one.drawing)) return false;
        seen.push(one.drawing);
        return true;
      })
      .slice(0, 12)
      .map((one) => on(one.page, one.title));
  });

  function go(hit: Hit) {
    close();
    route.go(hit.href);
  }
</script>

<Dialog label={book ? 'Find a spread or a page' : 'Find a notebook'} {close}>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      if (found[0]) go(found[0]);
    }}
  >
    <label class="field"
      ><span>{book ? 'A spread, a month, or a page number' : 'Words of its title'}</span><input class="input" bind:value={words} /></label
    >
  </form>
  <ul>
    {#each found as one (one.href)}
      <li>
        <button class="hit" onclick={() => go(one)}
          >{#if one.page !== null}<span class="figures">{one.page}</span>
          {/if}<span dir="auto">{one.name}</span></button
        >
      </li>
    {:else}
      {#if words.trim()}<li class="quiet py-2">{book ? 'Nothing in the book' : 'No notebook'} is called that.</li>{/if}
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
