<!-- The months side by side: the lines their known dates need against those the future log has; too many stand plainly over the edge. -->
<script lang="ts">
  import type { Dates } from '../api/client';

  interface Props {
    months: Dates['months'];
    chosen: string;
    choose: (month: string) => void;
  }
  let { months, chosen, choose }: Props = $props();

  const TALL = 96;
  /** The tallest bar decides the scale; ten lines are always in sight. */
  const most = $derived(Math.max(10, ...months.map((one) => Math.max(one.lines, one.room ?? 0))));
  const tall = (lines: number) => (lines * TALL) / most;
  const says = (one: Dates['months'][number]) => {
    const room = one.room === null ? 'no room in the future log' : `room for ${one.room}`;
    const dates = `${one.dates} ${one.dates === 1 ? 'date' : 'dates'}`;
    const lines = `${one.lines} ${one.lines === 1 ? 'line' : 'lines'}`;
    return `${one.name}: ${dates}, ${lines}, ${room}${one.over > 0 ? `, ${one.over} too many` : ''}`;
  };
</script>

<ul class="bars" style:--tall="{TALL}px">
  {#each months as one (one.month)}
    <li>
      <button class="month" class:beyond={!one.within} aria-pressed={one.month === chosen} onclick={() => choose(one.month)}>
        <span class="sr-only">{says(one)}</span>
        <span class="bar" aria-hidden="true">
          {#if one.room !== null}<span class="room" style:height="{tall(one.room)}px"></span>{/if}
          <span class="lines" style:height="{tall(Math.min(one.lines, one.room ?? one.lines))}px"></span>
          {#if one.over > 0}<span class="over" style:height="{tall(one.over)}px" style:bottom="{tall(one.room ?? 0)}px"></span>{/if}
        </span>
        <span class="name" aria-hidden="true">{one.short}</span>
        <span class="figures" aria-hidden="true" class:full={one.over > 0}>{one.lines}{one.room === null ? '' : `/${one.room}`}</span>
      </button>
    </li>
  {/each}
</ul>

<style>
  .bars {
    display: flex;
    gap: 0.25rem;
    overflow-x: auto;
    padding-top: 0.3rem;
  }
  li {
    flex: 1 0 2.9rem;
    max-width: 5rem;
  }
  .month {
    /* What is only heard stays with its month. */
    position: relative;
    display: grid;
    justify-items: center;
    width: 100%;
    padding: 0.2rem 0.1rem 0.35rem;
    border: 1px solid transparent;
    border-radius: 3px;
    cursor: pointer;
  }
  .month:hover {
    border-color: var(--color-base-300);
  }
  .month[aria-pressed='true'] {
    border-color: var(--color-base-content);
    background: var(--color-base-100);
  }
  .beyond {
    opacity: 0.75;
  }
  .bar {
    position: relative;
    display: block;
    width: 1.7rem;
    height: calc(var(--tall) + 4px);
  }
  .bar span {
    position: absolute;
    inset-inline: 0;
    bottom: 0;
  }
  .room {
    border: 1px solid var(--color-neutral);
    border-top-width: 2px;
  }
  .lines {
    background: var(--months-a);
    border-bottom: 1px solid var(--color-neutral);
  }
  .over {
    background: repeating-linear-gradient(45deg, var(--color-error) 0 3px, transparent 3px 6px);
    border: 1px solid var(--color-error);
  }
  .name {
    font-size: 0.88rem;
    font-weight: 600;
  }
  .figures {
    font-size: 0.82rem;
  }
  .full {
    color: var(--color-error);
    font-weight: 700;
  }
</style>
