<!-- A month is set up: one date after another in large type, copied into its pages and ticked off, put off, or dropped. -->
<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { api, type Book, type DatesTransfer, type DateTime, type Edit } from '../api/client';
  import { outbox } from '../offline/outbox';
  import { reach } from '../offline/reach.svelte';
  import Saving from '../parts/Saving.svelte';
  import { open } from '../state/book.svelte';
  import { keys } from '../state/keys.svelte';
  import { Loader } from '../state/loader.svelte';
  import { route } from '../state/route.svelte';

  let { book }: { book: Book } = $props();

  const month = $derived(route.spread || (book.months[0]?.month ?? ''));
  const transfer = new Loader<DatesTransfer>();
  $effect(() => {
    const [now, of] = [book, month];
    untrack(() => (loading = transfer.load(() => api.transfer(now, of))));
  });
  let loading: Promise<unknown> = Promise.resolve();
  /** What was pressed of a date and is not answered yet, by its key: a hand that is quick goes on at once. */
  let pressed = $state.raw<Record<string, string | null>>({});
  const shown = (some: DateTime[]) => some.map((one) => (one.key in pressed ? { ...one, settled: pressed[one.key] ?? null } : one));
  const groups = $derived(
    transfer.value
      ? ([
          ['To copy', shown(transfer.value.dates)],
          ['To prepare for the months after', shown(transfer.value.prepare)],
          ['Left open before', shown(transfer.value.left)],
        ] as [string, DateTime[]][])
      : [],
  );
  const all = $derived(groups.flatMap(([, some]) => some));
  const done = $derived(all.filter((one) => one.settled !== null).length);
  let at = $state<string | null>(null);
  /** The one in large type: chosen, or the first that is open. */
  const current = $derived(all.find((one) => one.key === at) ?? all.find((one) => one.settled === null) ?? null);

  async function settle(one: DateTime, as: string | null) {
    const edit = { type: 'settle-date', key: one.key, as } as Edit;
    pressed = { ...pressed, [one.key]: as };
    at = null;
    if (reach.lost || (!(await open.edit(edit)) && reach.lost)) {
      // Kept on the device and sent later; shown as it will be then.
      open.leave(edit);
      await outbox.edit(book.id, book.book, edit);
      return;
    }
    // Until the list has it, or where it was refused: as it is in the book.
    await tick();
    // One that was overtaken brings nothing: the last one asked for counts.
    for (let last; last !== loading;) await (last = loading);
    if (pressed[one.key] === as) {
      pressed = Object.fromEntries(Object.entries(pressed).filter(([key]) => key !== one.key));
    }
  }
  $effect(() =>
    keys.use([
      {
        on: [' '],
        shown: 'Space',
        says: 'it is copied',
        press: () => current && settle(current, current.settled === null ? 'copied' : null),
      },
    ]),
  );
  const says = (one: DateTime) =>
    one.settled === null ? '' : one.settled === 'copied' || one.settled === 'dropped' ? one.settled : `put off to ${one.settled}`;
</script>

<main class="transfer">
  <header>
    <a class="btn" href={route.to('dates')}>Dates</a>
    {#if transfer.value}
      <h1>{transfer.value.name}</h1>
      <span class="figures">{done} of {all.length}</span>
    {/if}
  </header>
  {#if transfer.wrong}<p role="alert" class="note stop">{transfer.wrong}</p>{/if}
  {#if transfer.value}
    {#if current}
      <section class="one" aria-live="polite" aria-label="The date to copy">
        <p class="quiet">
          {current.weekday ?? ''}{current.due ? ' · to be thought of ahead' : ''}{says(current) ? ` · ${says(current)}` : ''}
        </p>
        <p class="large" dir="auto">{current.written}</p>
        <div class="controls">
          <button class="btn chief" onclick={() => settle(current, current.settled === null ? 'copied' : null)}
            >{current.settled === null ? 'Copied' : 'Not after all'}</button
          >
          {#if current.settled === null}
            <button class="btn" onclick={() => settle(current, transfer.value?.next ?? '')}>Next month</button>
            <button class="btn" onclick={() => settle(current, 'dropped')}>Drop it</button>
          {/if}
        </div>
      </section>
    {:else}
      <p class="large">{all.length === 0 ? `Nothing is known of ${transfer.value.name}.` : 'Everything is copied.'}</p>
    {/if}
    <div class="lists">
      {#each groups as [head, some] (head)}
        {#if some.length > 0}
          <h2>{head}</h2>
          <ul>
            {#each some as one (one.key)}
              <li>
                <button
                  class:settled={one.settled !== null}
                  aria-current={one.key === current?.key ? 'true' : undefined}
                  onclick={() => (at = one.key)}><span dir="auto">{one.written}</span> <span class="quiet">{says(one)}</span></button
                >
              </li>
            {/each}
          </ul>
        {/if}
      {/each}
      {#if transfer.value.page}<p class="mt-3">
          <a class="btn" href={route.to('bench', transfer.value.page)}>To its pages, from {transfer.value.page}</a>
        </p>{/if}
    </div>
  {/if}
  <Saving />
</main>

<style>
  .transfer {
    height: 100%;
    overflow-y: auto;
    display: grid;
    grid-template-rows: auto auto minmax(0, 1fr) auto;
    gap: 0.7rem;
    padding: 0.6rem 0.9rem 0.8rem;
    max-width: 48rem;
    margin-inline: auto;
  }
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.6rem;
  }
  .btn {
    min-height: 48px;
    font-size: 1.05rem;
  }
  .one {
    border-left: 3px solid var(--rule);
    padding-left: 0.8rem;
  }
  .large {
    font-size: clamp(1.6rem, 1.1rem + 2.6vw, 2.4rem);
    line-height: 1.25;
    font-variant-numeric: tabular-nums;
    overflow-wrap: anywhere;
    margin-block: 0.2rem 0.8rem;
  }
  .controls {
    display: grid;
    grid-template-columns: 2fr 1fr 1fr;
    gap: 0.5rem;
  }
  .controls .btn {
    min-height: 58px;
  }
  .lists {
    overflow-y: auto;
  }
  .lists button {
    width: 100%;
    min-height: 44px;
    text-align: left;
    padding: 0.3rem 0.4rem;
    border-bottom: 1px solid var(--color-base-300);
    cursor: pointer;
    font-variant-numeric: tabular-nums;
  }
  .lists [aria-current] {
    background: var(--color-base-100);
    font-weight: 600;
  }
  .settled span:first-child {
    text-decoration: line-through;
    color: var(--color-neutral);
  }
</style>
