<!-- A kind looked at in the margin, large, before it is added. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Kind, type Mark } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import { kept } from '../parts/kept';
  import Small from '../parts/Small.svelte';
  import { open } from '../state/book.svelte';
  import { keys } from '../state/keys.svelte';
  import type { DrawerState } from './drawer.svelte';

  interface Props {
    book: Book;
    drawer: DrawerState;
    kind: Kind;
    add: (kind: string) => void;
    /** What it is added to. */
    where?: string;
    /** Out of the drawer of every notebook; left out where that cannot be done. */
    forget?: (kind: string) => Promise<void>;
  }
  let { book, drawer, kind, add, where = 'the book', forget }: Props = $props();
  const drawn = $derived(drawer.drawn.value);
  const sample = $derived(drawer.sample(kind.kind));
  const variants = $derived(drawer.variants.value);
  const variant = $derived(drawer.variant === null ? null : (variants?.candidates[drawer.variant] ?? null));
  const pages = $derived(variant?.pages ?? sample?.pages ?? 1);

  $effect(() => keys.use([{ on: ['a'], shown: 'a', says: 'add the kind that is looked at', press: () => add(kind.kind) }]));
  $effect(() => {
    const asked = kind;
    untrack(() => {
      drawer.want(asked.kind);
      if (asked.layouts) void drawer.variants.load(() => api.variants(book, asked.kind));
    });
  });
</script>

<div class="flex items-start justify-between gap-2">
  <h2>{kind.name}</h2>
  <button class="btn small plain" onclick={() => (drawer.looked = null)}>Close</button>
</div>
<p>{kind.purpose}</p>
{#if drawn && sample}
  {#if sample.says && !variant}<p class="note broken">{sample.says}</p>{/if}
  <div class="sample" style:aspect-ratio="{drawn.across + 1} / {drawn.down + 1}">
    <Drawing
      across={drawn.across}
      down={drawn.down}
      marks={(variant?.drawings[0] ?? drawer.picture(kind.kind) ?? []) as Mark[]}
      label="{kind.name} on this paper"
    />
  </div>
  {#if kind.private}<p class="caution">{kind.private}</p>{/if}
  <p class="quiet">
    {pages === 1 ? 'One page' : `${pages} pages, the first shown`}, on {drawn.across} × {drawn.down} boxes.{variant
      ? ` ${variant.minutes.says} to draw.`
      : ''}
  </p>
  <button class="btn chief mt-1 mb-2" onclick={() => add(kind.kind)}>Add to {where}</button>
  {#if variants && variants.candidates.length > 1}
    <h3 class="mt-3" id="variants">Layouts</h3>
    <ul aria-labelledby="variants">
      {#each variants.candidates as one, i (one.name)}
        {@const chosen = drawer.variant === null ? one.current : drawer.variant === i}
        <li>
          <button aria-pressed={chosen} onclick={() => (drawer.variant = one.current ? null : i)}>
            <span class="small" style:aspect-ratio="{variants.across + 1} / {variants.down + 1}"
              ><Small across={variants.across} down={variants.down} marks={(one.drawings[0] ?? []) as Mark[]} /></span
            >
            {one.name}{one.pages > 1 ? `, ${one.pages} pages` : ''}{i === variants.best ? ', fits best' : ''}
          </button>
        </li>
      {/each}
    </ul>
  {/if}
{/if}
{#if drawer.opposite(kind).length > 0}
  <p>
    Goes well opposite
    {#each drawer.opposite(kind) as one, i (one.kind.kind)}{i > 0 ? ', ' : ''}<button
        class="link"
        onclick={() => drawer.look(one.kind.kind)}>{one.kind.name}</button
      >{one.here ? ' (in the book)' : ''}{/each}.
  </p>
{/if}
{#if kind.names.length > 0}<p class="quiet">Also called: {kind.names.join(', ')}.</p>{/if}
{#if drawer.isOwn(kind.kind)}
  <section class="mt-3 grid gap-2" aria-label="A kind of my own">
    <p class="quiet">You made this kind; it stands in the drawer of every notebook.</p>
    {#if book.kinds.some((one) => one.kind === kind.kind)}
      <label class="field">
        <span>Name of the kind</span>
        <input
          class="input"
          maxlength="80"
          dir="auto"
          value={kind.name}
          {@attach kept}
          onchange={(event) => open.edit({ type: 'set-kind', kind: kind.kind, name: event.currentTarget.value })}
        />
      </label>
    {/if}
    <a class="btn small justify-self-start" href="/api/kinds/{kind.kind}/file" download>Hand it on as a file</a>
  </section>
{/if}
{#if forget && drawer.isOwn(kind.kind)}
  <button class="btn small mt-2" onclick={() => drawer.takeOut(kind.kind, (edit) => open.edit(edit), forget)}
    >Take it out of the drawer</button
  >
{/if}

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(5.4rem, 1fr));
    gap: 0.6rem;
    margin-block: 0.4rem;
  }
  li button {
    display: block;
    width: 100%;
    text-align: left;
    font-size: 0.85rem;
    line-height: 1.25;
    cursor: pointer;
  }
  .small {
    display: block;
    overflow: hidden;
    background: var(--color-base-100);
    border: 1px solid var(--color-base-300);
    margin-bottom: 0.2rem;
  }
  li button:hover .small {
    border-color: var(--color-base-content);
  }
  li button[aria-pressed='true'] .small {
    outline: 2px solid var(--rule);
  }
  .sample {
    background: var(--color-base-100);
    border: 1px solid var(--color-base-300);
    margin: 0.6rem 0 0.3rem;
  }
</style>
