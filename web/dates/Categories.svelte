<!-- The categories of dates: their names, pens, and whether the future log takes them. -->
<script lang="ts">
  import type { Book, DateCategory } from '../api/client';
  import { open } from '../state/book.svelte';

  let { book, categories }: { book: Book; categories: DateCategory[] } = $props();

  const MOST = 12;

  function put(i: number, changes: Partial<DateCategory>) {
    save(categories.map((one, at) => (at === i ? { ...one, ...changes } : one)));
  }
  function add() {
    let n = categories.length + 1;
    while (categories.some((one) => one.id === `category-${n}`)) n++;
    save([...categories, { id: `category-${n}`, name: 'Another' }]);
  }
  function save(some: DateCategory[]) {
    // What is at its default goes unsaid.
    open.edit({ type: 'set-date-categories', categories: some.map(({ id, name, pen, log }) => ({ id, name, ...(pen ? { pen } : {}), ...(log === false ? { log } : {}) })) });
  }
</script>

<details class="my-3">
  <summary>Categories</summary>
  <ul>
    {#each categories as one, i (one.id)}
      <li>
        <input class="input input-sm" aria-label="Name of {one.name}" maxlength="40" value={one.name} onchange={(event) => put(i, { name: event.currentTarget.value })} />
        <select class="select select-sm" aria-label="Pen of {one.name}" value={one.pen ?? ''} onchange={(event) => put(i, { pen: event.currentTarget.value || null })}>
          <option value="">ink</option>
          {#each book.palette as pen (pen.colour)}<option value={pen.colour}>{pen.means}</option>{/each}
        </select>
        <label class="flex items-center gap-1.5"><input type="checkbox" class="checkbox checkbox-sm" checked={one.log !== false} onchange={(event) => put(i, { log: event.currentTarget.checked })} /> in the future log</label>
        <button class="btn small plain" aria-label="Leave out {one.name}" onclick={() => save(categories.filter((_, at) => at !== i))}>Leave out</button>
      </li>
    {/each}
  </ul>
  <button class="btn small mt-1" disabled={categories.length >= MOST} onclick={add}>Add a category</button>
</details>

<style>
  li {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.3rem 0.5rem;
    padding: 0.45rem 0;
    border-bottom: 1px solid var(--color-base-300);
    align-items: center;
  }
  summary {
    cursor: pointer;
    font-family: var(--font-head);
    font-weight: 600;
  }
</style>
