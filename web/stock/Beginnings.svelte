<!-- The ways to begin, each drawn on the person's own paper: its fore-edge and its first pages, before it is chosen. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Beginning, type Head, type Mark, wholeShelf } from '../api/client';
  import Small from '../parts/Small.svelte';
  import ForeEdge from '../parts/ForeEdge.svelte';

  interface Props {
    /** Paper, months, weeks and the way of counting, as they are sent. */
    asked: { stock: unknown; period: { start: string; end: string }; weeks: { first: number }; counting: string };
    across: number;
    down: number;
    begin: { as: string | null; like: string | null };
    /** What the chosen way comes to. */
    sentence: string;
  }
  let { asked, across, down, begin = $bindable(), sentence = $bindable() }: Props = $props();

  let ways = $state.raw<Beginning[]>([]);
  /** Another notebook than those changed last. */
  let other = $state('');
  let shelf = $state.raw<Head[]>([]);

  // Without it the ways above are all there are.
  wholeShelf().then(
    (all) => (shelf = all),
    () => {},
  );

  function choose(id: string) {
    other = id;
    begin = id === '' ? { as: 'usual', like: null } : { as: null, like: id };
  }
  const chosen = (way: Beginning) => way.as === begin.as && way.like === begin.like;

  $effect(() => {
    const way = ways.find(chosen);
    sentence = way ? `${way.name}: ${way.sentence.charAt(0).toLowerCase()}${way.sentence.slice(1)}` : '';
  });

  // Asked for anew a moment after the last answer; what cannot be yet leaves the ones there were.
  $effect(() => {
    const now = JSON.stringify({ ...asked, ...(other === '' ? {} : { like: other }) });
    let stale = false;
    const wait = setTimeout(
      async () => {
        try {
          const { starters } = await api.beginnings(JSON.parse(now));
          if (!stale) ways = starters;
        } catch {
          // The form says what is wrong with an answer when it is sent.
        }
      },
      untrack(() => (ways.length === 0 ? 0 : 300)),
    );
    return () => {
      stale = true;
      clearTimeout(wait);
    };
  });
</script>

<fieldset class="ways">
  <legend><h2>Begin</h2></legend>
  {#each ways as way (way.as ?? way.like)}
    <label class="way" class:chosen={chosen(way)}>
      <span class="head">
        <input
          type="radio"
          class="radio radio-sm"
          name="begin"
          checked={chosen(way)}
          onchange={() => (begin = { as: way.as, like: way.like })}
        />
        <strong class="wrap-anywhere" dir="auto">{way.name}</strong>
        <span class="quiet figures ml-auto">{way.planned} pages of spreads, {way.reserved} for months</span>
      </span>
      <span class="quiet">{way.says}</span>
      <span class="edge"
        ><ForeEdge
          title={way.name}
          pages={Math.max(...way.fore_edge.map((one) => one.to))}
          stretches={way.fore_edge}
          short={way.fits ? 0 : way.pages}
        /></span
      >
      {#if chosen(way)}
        <span class="front" aria-hidden="true">
          {#each way.front as page (page.page)}<span class="leaf" style:aspect-ratio="{across + 1} / {down + 1}"
              ><Small {across} {down} marks={page.marks as Mark[]} /></span
            >{/each}
        </span>
        <span class="figures" class:short={!way.fits}>{way.sentence}</span>
      {/if}
    </label>
  {/each}
  <label class="field others">
    <span>As another notebook of the shelf</span>
    <select class="select" value={other} onchange={(event) => choose(event.currentTarget.value)}>
      <option value="">one of those above</option>
      {#each shelf as one (one.id)}<option value={one.id}>{one.title}</option>{/each}
    </select>
  </label>
</fieldset>

<style>
  legend {
    padding-bottom: 0.6rem;
  }
  .others {
    max-width: 24rem;
  }
  .ways {
    display: grid;
    gap: 0.7rem;
  }
  .way {
    display: grid;
    gap: 0.3rem;
    padding: 0.6rem 0.8rem;
    border: 1px solid color-mix(in srgb, var(--color-base-content) 30%, transparent);
    border-left-width: 4px;
    cursor: pointer;
  }
  .way.chosen {
    border-left-color: var(--rule);
    background: var(--color-base-100);
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.3rem 0.6rem;
  }
  .edge {
    zoom: 0.6;
  }
  .front {
    display: grid;
    grid-template-columns: repeat(8, minmax(0, 1fr));
    gap: 0.3rem;
    margin-top: 0.2rem;
  }
  .leaf {
    border: 1px solid color-mix(in srgb, var(--ink) 35%, var(--sheet));
  }
  .short {
    color: var(--color-error);
  }
</style>
