<!-- Beside the page: what the chosen part could be filled with, each as it would look there. -->
<script lang="ts">
  import type { Filling, Mark } from '../api/client';
  import Small from '../parts/Small.svelte';
  import type { Part, PartingState } from './parting.svelte';

  interface Props {
    parting: PartingState;
    part: Part;
    fillings: Filling[];
  }
  let { parting, part, fillings }: Props = $props();
  const choices = $derived(parting.choices.value);
</script>

<h3>Filled with</h3>
<ul class="fillings" aria-label="Filled with">
  {#each fillings as one (one.fill)}
    {@const drawn = choices?.fillings.find((choice) => choice.fill === one.fill)}
    <li>
      <button
        aria-pressed={one.fill === part.fill}
        title={drawn?.says ?? one.purpose}
        class:cannot={drawn?.says}
        onclick={() => one.fill !== part.fill && parting.change({ do: 'fill', fill: one.fill })}
      >
        <span class="small-page"
          >{#if choices && drawn}<Small across={choices.wide} down={choices.tall} marks={drawn.marks as Mark[]} />{/if}</span
        >
        <span>{one.name}</span>
      </button>
    </li>
  {/each}
</ul>

<style>
  .fillings {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(4.9rem, 1fr));
    gap: 0.5rem;
    margin-top: 0.4rem;
  }
  .fillings button {
    display: flex;
    flex-direction: column;
    width: 100%;
    cursor: pointer;
    border: 1px solid var(--color-base-300);
    background: var(--color-base-100);
    padding: 0.25rem;
    line-height: 1.2;
    font-size: 0.85rem;
    text-align: left;
  }
  .fillings button:hover {
    border-color: var(--color-base-content);
  }
  .fillings [aria-pressed='true'] {
    outline: 2px solid var(--rule);
    font-weight: 600;
  }
  .fillings .cannot {
    color: var(--color-neutral);
    border-style: dashed;
  }
  .small-page {
    height: 3.6rem;
    display: block;
  }
</style>
