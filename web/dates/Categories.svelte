<!-- The categories of dates: their names, pens, and whether the future log takes them. -->
<script lang="ts">
  import type { Book, DateCategory } from '../api/client';
  import { open } from '../state/book.svelte';
  import { Sent } from '../state/sent.svelte';
  import { kept } from '../parts/kept';

  let { book, categories }: { book: Book; categories: DateCategory[] } = $props();

  const MOST = 12;

  const sent = new Sent<DateCategory[]>();
  // As they are shown now, they hold what was sent.
  $effect(() => {
    if (categories) sent.shown();
  });
  const now = () => sent.now('categories', categories);

  function put(id: string, changes: Partial<DateCategory>) {
    save(now().map((one) => (one.id === id ? { ...one, ...changes } : one)));
  }
  function add() {
    let n = now().length + 1;
    while (now().some((one) => one.id === `category-${n}`)) n++;
    save([...now(), { id: `category-${n}`, name: 'Another' }]);
  }
  function save(some: DateCategory[]) {
    // What is at its default goes unsaid.
    const said = some.map(({ id, name, pen, log }) => ({ id, name, ...(pen ? { pen } : {}), ...(log === false ? { log } : {}) }));
    void sent.send('categories', some, () => open.edit({ type: 'set-date-categories', categories: said }));
  }
</script>

<details class="my-3">
  <summary>Colours of dates</summary>
  <ul>
    {#each categories as one (one.id)}
      <li>
        <input
          class="input input-sm"
          aria-label="Name of {one.name}"
          maxlength="40"
          value={one.name}
          {@attach kept}
          onchange={(event) => put(one.id, { name: event.currentTarget.value })}
        />
        <select
          class="select select-sm"
          aria-label="Pen of {one.name}"
          value={one.pen ?? ''}
          onchange={(event) => put(one.id, { pen: event.currentTarget.value || null })}
        >
          <option value="">ink</option>
          {#each book.palette as pen (pen.colour)}<option value={pen.colour}>{pen.means}</option>{/each}
        </select>
        <label class="flex items-center gap-1.5"
          ><input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={one.log !== false}
            onchange={(event) => put(one.id, { log: event.currentTarget.checked })}
          /> in the future log</label
        >
        <button class="btn small plain" aria-label="Leave out {one.name}" onclick={() => save(now().filter((other) => other.id !== one.id))}
          >Leave out</button
        >
      </li>
    {/each}
  </ul>
  <button class="btn small mt-1" disabled={categories.length >= MOST} onclick={add}>Add a colour</button>
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
