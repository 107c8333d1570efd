<!-- One school's answer: its run, its ticks every way they are counted, or why it has none. -->
<script lang="ts">
  import type { Counted } from '../api/client';

  interface Props {
    one: Counted;
    counting: string;
    chosen: boolean;
    choose: () => void;
    useGap: (gap: number) => void;
    /** Takes it as pencil ticks into the page; null where no page of a notebook is open. */
    take: (() => void) | null;
  }
  let { one, counting, chosen, choose, useGap, take }: Props = $props();
</script>

<li class:chosen>
  {#if one.run !== null}
    <button class="answer" aria-pressed={chosen} onclick={choose} onpointerenter={choose}>
      <span class="name">{one.name}</span>
      <strong class="run figures">{one.run}</strong>
      <span class="quiet">{one.says}</span>
    </button>
    {#if chosen}
      <dl class="figures">
        {#if one.ticks.length > 0}
          <dt>Tick</dt>
          <dd>{one.said}</dd>
          <dt>From tick to tick</dt>
          <dd>{one.from_last.join(', ')}; {one.left} left at the end</dd>
          <dt>mm</dt>
          <dd>{one.mm.join(', ')}</dd>
        {/if}
        <dt>Working</dt>
        <dd>{one.working}</dd>
      </dl>
      {#if take}<button class="btn small" onclick={take}>Take as pencil ticks</button>{/if}
    {/if}
  {:else}
    <p class="none"><span class="name">{one.name}</span>{one.says}</p>
    {#if one.other_gap !== null}<button class="btn small" onclick={() => useGap(one.other_gap ?? 0)}
        >Use a gap of {one.other_gap} {one.other_gap === 1 ? 'box' : 'boxes'}</button
      >{/if}
  {/if}
  {#if counting === 'dots' && chosen}<p class="quiet">Sizes are in boxes; ticks name the dot.</p>{/if}
</li>

<style>
  li {
    border-left: 3px solid var(--color-base-300);
    padding: 0.3rem 0 0.3rem 0.7rem;
    margin: 0.5rem 0;
  }
  .chosen {
    border-color: var(--rule);
    background: var(--color-base-100);
  }
  .answer {
    display: block;
    width: 100%;
    text-align: left;
    cursor: pointer;
  }
  .name {
    display: block;
    font-size: 0.85rem;
    color: var(--color-neutral);
  }
  .run {
    display: block;
    font-size: 1.15rem;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.1rem 0.7rem;
    margin: 0.3rem 0 0.4rem;
    font-size: 0.9rem;
  }
  dt {
    color: var(--color-neutral);
  }
  .none {
    font-size: 0.9rem;
  }
</style>
