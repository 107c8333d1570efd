<!-- The drawer: every kind of spread as it would stand on this paper, found by any word for it. -->
<script lang="ts">
  import { api, Problem } from '../api/client';
  import Small from '../parts/Small.svelte';
  import type { DrawerState } from './drawer.svelte';

  interface Props {
    drawer: DrawerState;
    add: (kind: string) => void;
  }
  let { drawer, add }: Props = $props();
  const drawn = $derived(drawer.drawn.value);

  /** What came of a kind that was handed on. */
  let came = $state({ says: '', wrong: '' });
  async function take(event: Event) {
    const input = event.currentTarget as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    try {
      const { name } = await api.takeKind(await file.text());
      came = { says: `“${name}” is in the drawer.`, wrong: '' };
      await drawer.load(true);
    } catch (error) {
      came = { says: '', wrong: error instanceof Problem ? error.detail : String(error) };
    }
    input.value = '';
  }
</script>

<h2>{drawer.parts ? 'A part of a month' : 'Drawer'}</h2>
<label class="field my-2"
  ><span>Find a kind of {drawer.parts ? 'page' : 'spread'}</span><input
    class="input"
    type="search"
    value={drawer.words}
    oninput={(event) => drawer.say(event.currentTarget.value)}
    maxlength="200"
    placeholder="in your own words"
  /></label
>
{#if drawer.found?.says}<p class="note" role="status">{drawer.found.says}</p>{/if}
{#if drawer.drawn.wrong}<p class="note stop" role="alert">{drawer.drawn.wrong}</p>{/if}
{#each drawer.sections as section (section.id)}
  <h3>{section.words}</h3>
  <ul>
    {#each section.kinds as kind (kind.kind)}
      {@const sample = drawer.sample(kind.kind)}
      {@const times = drawer.times(kind.kind)}
      <li>
        <button
          class="sample"
          class:looked={drawer.looked === kind.kind}
          aria-pressed={drawer.looked === kind.kind}
          aria-label="Look at {kind.name}"
          title={kind.purpose}
          onclick={() => drawer.look(kind.kind)}
          style:aspect-ratio="{(drawn?.across ?? 26) + 1} / {(drawn?.down ?? 38) + 1}"
        >
          {#if drawn}<Small
              across={drawn.across}
              down={drawn.down}
              marks={drawer.picture(kind.kind)}
              seen={() => drawer.want(kind.kind)}
            />{/if}
        </button>
        <span class="name">{kind.name}</span>
        <span class="quiet"
          >{sample && sample.pages > 1 ? `${sample.pages} pages` : ''}{sample && sample.pages > 1 && times ? ', ' : ''}{times
            ? times > 1
              ? `${times} ${drawer.inside}`
              : drawer.inside
            : ''}</span
        >
        <button class="btn small" aria-label="Add {kind.name}" onclick={() => add(kind.kind)}>Add</button>
      </li>
    {/each}
  </ul>
{:else}
  <p class="quiet">Nothing in the drawer is called so.</p>
{/each}
{#if drawer.byHand && (drawer.found?.near || drawer.sections.length === 0)}
  {@const byHand = drawer.byHand}
  <p class="mt-4">What has no page of its own yet begins as a page you divide.</p>
  <button class="btn small my-1 w-full" onclick={() => add(byHand.kind)}>Begin with a page of parts</button>
{/if}
{#if !drawer.parts}
  <label class="btn small mt-4 w-full">
    Take in a kind from a file
    <input type="file" accept=".json,application/json" class="sr-only" onchange={take} />
  </label>
  {#if came.says}<p class="quiet mt-1" role="status">{came.says}</p>{/if}
  {#if came.wrong}<p class="wrong mt-1" role="alert">{came.wrong}</p>{/if}
{/if}

<style>
  h3 {
    margin-top: 0.9rem;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(6.6rem, 1fr));
    gap: 0.9rem 0.8rem;
    margin-top: 0.4rem;
  }
  li {
    display: flex;
    flex-direction: column;
    gap: 0.15rem;
    line-height: 1.2;
  }
  .name {
    font-weight: 600;
    overflow-wrap: anywhere;
  }
  .quiet {
    font-size: 0.85rem;
    min-height: 1.1em;
  }
  li .btn {
    margin-top: auto;
  }
  .sample {
    background: var(--color-base-100);
    border: 1px solid var(--color-base-300);
    cursor: pointer;
    width: 100%;
    overflow: hidden;
  }
  .sample:hover,
  .sample.looked {
    border-color: var(--color-base-content);
  }
  .sample.looked {
    outline: 2px solid var(--rule);
  }
</style>
