<!-- Side, region, parts and gap: what is to be split. -->
<script lang="ts">
  import type { CountingState } from './counting.svelte';
  import Quick from './Quick.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    bench: CountingState;
    /** Whether the page is a notebook's, so that its counts are not asked for. */
    fixed: boolean;
  }
  let { bench, fixed }: Props = $props();

  const whole = (said: string) => (/^\d+$/.test(said.trim()) ? Number(said) : Number.NaN);
  function page(name: 'across' | 'down', said: string) {
    const before = bench[name];
    bench[name] = whole(said) || 0;
    const all =
      name === 'across' ? bench.region.x === 0 && bench.region.wide === before : bench.region.y === 0 && bench.region.tall === before;
    if (all) bench.region = { ...bench.region, [name === 'across' ? 'wide' : 'tall']: bench[name] };
  }
  const FIELDS = [
    ['x', 'Begins after, across'],
    ['wide', 'Wide'],
    ['y', 'Begins after, down'],
    ['tall', 'Tall'],
  ] as const;
</script>

<div class="grid gap-2.5">
  <Quick {bench} />
  <div class="two">
    <label class="field"
      ><span>Parts</span><input
        class="input figures"
        inputmode="numeric"
        disabled={bench.shared}
        value={bench.parts}
        aria-invalid={bench.wrong?.field === 'parts' ? 'true' : undefined}
        oninput={(event) => (bench.parts = whole(event.currentTarget.value))}
      /></label
    >
    <label class="field">
      <span>Gap, boxes</span>
      <input
        class="input figures"
        inputmode="numeric"
        value={bench.gap ?? ''}
        placeholder="best: {bench.found?.gap ?? ''}"
        aria-invalid={bench.wrong?.field === 'gap' ? 'true' : undefined}
        oninput={(event) => (bench.gap = event.currentTarget.value.trim() === '' ? null : whole(event.currentTarget.value))}
      />
    </label>
  </div>
  {#if !fixed}
    <div class="three">
      <label class="field"
        ><span>Page across</span><input
          class="input figures"
          inputmode="numeric"
          value={bench.across}
          aria-invalid={bench.wrong?.field === 'across' ? 'true' : undefined}
          oninput={(event) => page('across', event.currentTarget.value)}
        /></label
      >
      <label class="field"
        ><span>Page down</span><input
          class="input figures"
          inputmode="numeric"
          value={bench.down}
          aria-invalid={bench.wrong?.field === 'down' ? 'true' : undefined}
          oninput={(event) => page('down', event.currentTarget.value)}
        /></label
      >
      <label class="field"
        ><span>Distance of dots, mm</span><input
          class="input figures"
          inputmode="decimal"
          value={bench.pitch}
          {@attach kept}
          aria-invalid={bench.wrong?.field === 'pitch' ? 'true' : undefined}
          onchange={(event) => (bench.pitch = Number(event.currentTarget.value.replace(',', '.')) || 0)}
        /></label
      >
    </div>
    <label class="field">
      <span>I count</span>
      <select class="select" bind:value={bench.counting}><option value="boxes">boxes</option><option value="dots">dots</option></select>
    </label>
  {/if}
  <details>
    <summary class="cursor-pointer">Region, ratio, parts divided again</summary>
    <div class="two mt-2">
      {#each FIELDS as [name, words] (name)}
        <label class="field"
          ><span>{words}</span><input
            class="input figures"
            inputmode="numeric"
            value={bench.region[name]}
            aria-invalid={bench.wrong?.field === name ? 'true' : undefined}
            oninput={(event) => (bench.region = { ...bench.region, [name]: whole(event.currentTarget.value) })}
          /></label
        >
      {/each}
      <label class="field"><span>Ratio, such as 2 : 1</span><input class="input" bind:value={bench.ratio} /></label>
      <label class="field"
        ><span>Each again in</span><input
          class="input figures"
          inputmode="numeric"
          value={bench.again}
          oninput={(event) => (bench.again = whole(event.currentTarget.value) || 1)}
        /></label
      >
    </div>
    <button class="btn small mt-2" onclick={() => bench.whole()}>The whole page</button>
    <p class="quiet mt-1">After a slip: let the region begin where the pen stands, and split what is left.</p>
  </details>
</div>

<style>
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  .three {
    display: grid;
    grid-template-columns: 1fr 1fr 1fr;
    gap: 0.5rem;
  }
</style>
