<!-- A division in the margin: its run, its gap, and where what is left over goes. -->
<script lang="ts">
  import type { PartChange } from '../api/client';
  import type { Division } from './parting.svelte';

  interface Props {
    division: Division;
    change: (change: Omit<PartChange, 'at'>) => void;
  }
  let { division, change }: Props = $props();
  const SCHOOLS = [
    ['outside', 'on both sides'],
    ['after', 'after the last part'],
    ['into-gaps', 'into the gaps'],
    ['into-parts', 'into the parts'],
  ] as const;
  const gaps = [null, 0, 1, 2, 3, 4];
</script>

<h2>{division.stretches.length} parts {division.way === 'across' ? 'side by side' : 'one below another'}</h2>
<p class="run">{division.run}</p>
<p class="quiet">{division.wide} × {division.tall} boxes.</p>
<div class="mt-2 flex flex-col gap-2">
  <label class="field">
    <span>Boxes between parts</span>
    <select
      class="select"
      value={division.gap === null ? '' : String(division.gap)}
      onchange={(event) =>
        change({
          do: 'gap',
          gap: event.currentTarget.value === '' ? null : Number(event.currentTarget.value),
          leftover: division.leftover,
        })}
    >
      {#each gaps as gap (gap)}<option value={gap === null ? '' : String(gap)}>{gap === null ? 'the best for equal parts' : gap}</option
        >{/each}
    </select>
  </label>
  <label class="field">
    <span>What equal parts leave over goes</span>
    <select
      class="select"
      value={division.leftover}
      onchange={(event) => change({ do: 'gap', gap: division.gap, leftover: event.currentTarget.value })}
    >
      {#each SCHOOLS as [value, words] (value)}<option {value}>{words}</option>{/each}
    </select>
  </label>
</div>

<style>
  .run {
    font-size: 1.25rem;
    font-variant-numeric: tabular-nums;
    margin: 0.3rem 0;
  }
</style>
