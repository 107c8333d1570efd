<!-- One page at its true proportions with its grid, counts along both edges. Life size, once the screen is measured. -->
<script lang="ts">
  import { local } from '../state/local';
  import type { StockAnswers } from './answers';

  let { answers }: { answers: StockAnswers } = $props();

  const width = $derived(Math.min(400, Math.max(20, Number(answers.width) || 148)));
  const height = $derived(Math.min(400, Math.max(20, Number(answers.height) || 210)));
  const pitch = $derived(Math.max(1, Number(answers.pitch) || 5));
  const across = $derived(Math.max(0, Math.min(200, Math.floor(Number(answers.across)) || 0)));
  const down = $derived(Math.max(0, Math.min(200, Math.floor(Number(answers.down)) || 0)));
  const left = $derived((width - across * pitch) / 2);
  const top = $derived((height - down * pitch) / 2);
  const counts = (n: number) => Array.from({ length: Math.floor(n / 5) + 1 }, (_, i) => i * 5);

  /** CSS pixels a millimetre, as the person measured it on this screen. */
  let scale = $state(Number(local.get('pixels-a-millimetre')) || 96 / 25.4);
  let life = $state(false);
  let matching = $state(false);

  function match(event: Event) {
    scale = Number((event.currentTarget as HTMLInputElement).value) / 100;
    local.set('pixels-a-millimetre', String(scale));
  }
</script>

<figure>
  <svg
    viewBox="-9 -9 {width + 12} {height + 12}"
    style:width={life ? `${(width + 12) * scale}px` : null}
    class:life
    role="img"
    aria-label="A page of {width} × {height} mm with {across} × {down} boxes"
  >
    <rect x="0" y="0" {width} {height} class="page" />
    <rect x={left} y={top} width={across * pitch} height={down * pitch} class="grid" />
    {#each Array.from({ length: across + 1 }, (_, i) => i) as i (i)}
      <path class:fifth={i % 5 === 0} d="M{left + i * pitch} {top}v{down * pitch}" />
    {/each}
    {#each Array.from({ length: down + 1 }, (_, i) => i) as i (i)}
      <path class:fifth={i % 5 === 0} d="M{left} {top + i * pitch}h{across * pitch}" />
    {/each}
    {#each counts(across) as i (i)}<text x={left + i * pitch} y="-2" text-anchor="middle">{i}</text>{/each}
    {#each counts(down) as i (i)}<text x="-1.5" y={top + i * pitch + 1.4} text-anchor="end">{i}</text>{/each}
  </svg>
  <figcaption>
    <div class="mt-2 flex flex-wrap items-center gap-2">
      <button class="btn small" aria-pressed={life} onclick={() => (life = !life)}>{life ? 'Fit to the screen' : 'Life size'}</button>
      <button class="btn small plain" onclick={() => (matching = !matching)}>Match to a ruler</button>
    </div>
    {#if matching}
      <div class="note">
        <label class="field"
          ><span>Lay a ruler on the screen and make this bar 50 mm long</span><input
            type="range"
            min="200"
            max="1200"
            value={scale * 100}
            oninput={match}
          /></label
        >
        <div class="bar" style:width="{50 * scale}px"></div>
      </div>
    {/if}
  </figcaption>
</figure>

<style>
  figure {
    overflow: auto;
  }
  svg {
    max-height: 62vh;
    max-width: 100%;
  }
  svg.life {
    max-height: none;
    max-width: none;
  }
  .page {
    fill: var(--sheet);
    stroke: var(--color-base-content);
    stroke-width: 0.4;
  }
  .grid {
    fill: none;
  }
  path {
    stroke: var(--pencil);
    stroke-width: 0.1;
  }
  path.fifth {
    stroke-width: 0.28;
  }
  text {
    font-size: 4px;
    fill: var(--color-base-content);
  }
  .bar {
    height: 10px;
    background: var(--color-base-content);
    margin-top: 0.4rem;
  }
</style>
