<!-- The book before this one: one spread at a time to judge, what its months took, and the new book growing beneath. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book, Edit } from '../api/client';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { keys } from '../state/keys.svelte';
  import { route } from '../state/route.svelte';
  import Card from './Card.svelte';
  import Choose from './Choose.svelte';
  import Edges from './Edges.svelte';
  import Missing from './Missing.svelte';
  import { LOOKED, OldState, VERDICTS } from './old.svelte';
  import OldMonths from './OldMonths.svelte';
  import Sure from './Sure.svelte';

  let { book }: { book: Book } = $props();

  const old = new OldState(
    () => book,
    (edit: Edit) => open.edit(edit),
  );
  $effect(() => {
    void book;
    untrack(() => old.load());
  });
  const review = $derived(old.old);
  const spread = $derived(old.spread);
  const id = $derived(spread?.id ?? null);
  $effect(() => {
    if (id !== null) untrack(() => old.look(id));
  });
  let card = $state<ReturnType<typeof Card> | null>(null);

  async function judge(verdict: (typeof VERDICTS)[number][0]) {
    const said = old.judge(verdict);
    if (verdict === 'change') card?.focusHow();
    await said;
  }
  $effect(() =>
    keys.use([
      {
        on: ['1', '2', '3', '4'],
        shown: '1 2 3 4',
        says: 'keep it, change it, drop it, leave it in the old book',
        press: (key) => VERDICTS.filter(([, , on]) => on === key).forEach(([verdict]) => judge(verdict)),
      },
      {
        on: ['o', 's', 'n'],
        shown: 'o s n',
        says: 'looked at often, sometimes, never',
        press: (key) => old.say({ looked: LOOKED.find(([, , letter]) => letter === key)?.[0] ?? null }),
      },
      {
        on: ['ArrowLeft', 'ArrowRight'],
        shown: '← →',
        says: 'the spread before, the next',
        press: (key) => old.turn(key === 'ArrowLeft' ? -1 : 1),
      },
    ]),
  );
  const judged = $derived(review?.judged ?? 0);
  const all = $derived(review?.spreads.length ?? 0);
</script>

<Screen title="Old book" handle="How sure it lasts">
  {#snippet margin()}
    <h2>Old book</h2>
    {#if old.review.value === null}
      <p class="quiet my-2">{old.review.wrong}</p>
    {:else if review === null}
      <p class="my-2">
        Before anything is planned, leaf through the old book: what was used, what never, how many pages a month really took. The next plan
        comes from that.
      </p>
      <p class="quiet">The old notebook is not changed by it.</p>
    {:else}
      <p class="wrap-anywhere" dir="auto">{review.title}</p>
      {#if review.notes.length > 0}
        <h3 class="mt-3">You wrote for next time</h3>
        <ul class="notes">
          {#each review.notes as one (one.id)}<li class="note" dir="auto">
              {one.words}{#if one.about}<span class="quiet ml-1">· {one.about}</span>{/if}
            </li>{/each}
        </ul>
      {/if}
      {#if spread}
        <h3 class="mt-3">What becomes of it</h3>
        <p><strong class="wrap-anywhere" dir="auto">{spread.title}</strong>: {spread.says}.</p>
        {#if spread.verdict !== null && spread.new_pages > 0}
          <p class="quiet">
            {spread.new_pages === (spread.took ?? spread.pages)
              ? 'As many pages as before.'
              : `${spread.new_pages} ${spread.new_pages === 1 ? 'page' : 'pages'}, ${spread.took ?? spread.pages} before.`}
          </p>
        {/if}
      {/if}
      {#if review.judged > 0}<p class="quiet figures mt-1">
          All that is judged: {review.after.more === 0
            ? 'as many pages as before'
            : review.after.more > 0
              ? `${review.after.more} more than before`
              : `${-review.after.more} ${review.after.more === -1 ? 'page' : 'pages'} won`}.
        </p>{/if}
      <Sure {review} />
      <button class="btn small plain mt-4" onclick={() => open.edit({ type: 'set-old', old: null } as Edit)}>Put this old book away</button>
    {/if}
    <Saving />
  {/snippet}

  {#if old.review.wrong}<p class="note stop" role="alert">{old.review.wrong}</p>{/if}
  {#if old.review.value !== null && review === null}
    <Choose {book} />
  {:else if review}
    <div class="head">
      <p class="figures" role="status">{judged} of {all} judged</p>
      <progress value={judged} max={Math.max(1, all)} aria-label="Spreads judged"></progress>
      <button
        class="btn chief"
        disabled={judged === 0 && Object.keys(review.months).length === 0}
        onclick={() => open.edit(review.after.edit)}>{review.carried ? 'Carry over what was judged anew' : 'Carry over'}</button
      >
    </div>
    {#if spread}
      {#key spread.id}
        <Card bind:this={card} {old} {spread} {judge} number={old.at + 1} {all} />
      {/key}
      <ol class="strip" aria-label="Spreads of the old book">
        {#each review.spreads as one (one.id)}
          <li>
            <button
              class={one.verdict ?? 'open'}
              aria-current={one.id === spread.id ? 'true' : undefined}
              title="{one.title}: {one.says}"
              onclick={() => (old.chosen = one.id)}
            >
              <span class="mark" aria-hidden="true"
                >{one.verdict === null ? '·' : { keep: '✓', change: '~', drop: '✗', refer: '↶' }[one.verdict]}</span
              >
              <span class="sr-only" dir="auto">{one.title}, {one.verdict ?? 'not judged yet'}</span>
            </button>
          </li>
        {/each}
      </ol>
    {:else}
      <p class="my-3">The old book has no spreads; its months are all there is to carry.</p>
    {/if}
    <Edges {review} title={book.title} chosen={spread?.id ?? null} choose={(one) => (old.chosen = one)} />
    <p class="sentence figures" class:short={!review.after.fits}>
      {review.after.sentence}
      {review.after.spreads} spreads, {review.after.reserved} pages for months{review.after.pattern ? ` as “${review.after.pattern}”` : ''}.
    </p>
    {#if review.carried}<p class="quiet">
        <a href={route.to('spreads')}>To its spreads</a> · <a href={route.to('months')}>To its months</a>
      </p>{/if}
    <div class="more">
      <OldMonths {review} />
      <Missing {book} {review} />
    </div>
  {/if}
</Screen>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 1rem;
    margin-bottom: 0.8rem;
  }
  progress {
    flex: 1 1 8rem;
    height: 6px;
    appearance: none;
    border: 0;
    background: var(--color-base-300);
  }
  progress::-webkit-progress-bar {
    background: var(--color-base-300);
  }
  progress::-webkit-progress-value {
    background: var(--rule);
  }
  progress::-moz-progress-bar {
    background: var(--rule);
  }
  .notes {
    display: grid;
  }
  .strip {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem;
    margin: 0.8rem 0 0.4rem;
  }
  .strip button {
    width: 1.75rem;
    height: 1.75rem;
    border: 1px solid color-mix(in srgb, var(--color-base-content) 30%, transparent);
    cursor: pointer;
    font-size: 0.85rem;
  }
  .strip [aria-current] {
    outline: 2px solid var(--rule);
  }
  .strip .keep,
  .strip .change,
  .strip .refer {
    background: var(--color-base-100);
  }
  .mark {
    font-weight: 700;
  }
  .sentence {
    margin: 0.5rem 0;
  }
  .short {
    color: var(--color-error);
  }
  .more {
    display: grid;
    gap: 1.5rem;
    grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
    margin-top: 1.2rem;
    align-items: start;
  }
  @media (max-width: 700px) {
    .strip button {
      width: 44px;
      height: 44px;
    }
  }
</style>
