<!-- The things of a list of the old book: each goes on, was reached, or is let go; in other words where wanted. -->
<script lang="ts">
  import type { OldSpread } from '../api/client';
  import type { OldState } from './old.svelte';
  import { kept } from '../parts/kept';

  let { old, spread }: { old: OldState; spread: OldSpread } = $props();

  const FATES: [string, string][] = [
    ['carry', 'goes on in the new book'],
    ['reached', 'reached'],
    ['drop', 'drop it'],
  ];
  let more = $state('');

  function add(event: SubmitEvent) {
    event.preventDefault();
    old.add(more);
    more = '';
  }
</script>

<details open={spread.items.length > 0}>
  <summary
    >{spread.items.length === 0 ? 'Something of it is unfinished' : `Its list: ${spread.items.filter((one) => !one.head).length}`}</summary
  >
  {#if spread.items.length > 0}
    <ul>
      {#each spread.items as item, i (i)}
        {#if item.head}
          <li class="group quiet" dir="auto">{item.words}</li>
        {:else}
          <li>
            <input
              class="input words"
              aria-label="Words of “{item.words}”"
              value={item.reworded ?? item.words}
              {@attach kept}
              class:gone={item.as === 'reached' || item.as === 'drop'}
              maxlength="200"
              onchange={(event) =>
                old.item(i, { reworded: event.currentTarget.value.trim() === item.words ? null : event.currentTarget.value })}
            />
            <select
              class="select fate"
              aria-label="What becomes of “{item.words}”"
              value={item.as ?? ''}
              onchange={(event) => old.item(i, { as: event.currentTarget.value || null })}
            >
              <option value="">as its list does</option>
              {#each FATES as [value, words] (value)}<option {value}>{words}</option>{/each}
            </select>
          </li>
        {/if}
      {/each}
    </ul>
  {/if}
  <form onsubmit={add}>
    <label class="field"
      ><span>More that is unfinished, a line each</span><textarea class="textarea" rows="2" bind:value={more}></textarea></label
    >
    <button class="btn small mt-1" disabled={more.trim() === ''}>Add to its list</button>
  </form>
</details>

<style>
  summary {
    cursor: pointer;
    min-height: 1.9rem;
  }
  ul {
    max-height: 15rem;
    overflow-y: auto;
    margin-bottom: 0.5rem;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 9.5rem;
    gap: 0.35rem;
    margin-bottom: 0.2rem;
  }
  .group {
    display: block;
    margin-top: 0.3rem;
  }
  .words,
  .fate {
    height: 2rem;
  }
  .gone {
    text-decoration: line-through;
    color: var(--color-neutral);
  }
</style>
