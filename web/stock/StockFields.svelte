<!-- Paper, pitch, counts, pages and first leaf, with the page drawn at its own proportions beside them. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Estimate } from '../api/client';
  import { catalogue } from '../state/catalogue.svelte';
  import type { StockAnswers } from './answers';

  interface Props {
    answers: StockAnswers;
    wrong: { field: string | null; detail: string } | null;
    /** Counts follow the estimate until the person types one. */
    counted?: boolean;
    estimate?: Estimate | null;
    /** What most papers have in common waits behind a line. */
    brief?: boolean;
    /** Says at once whether the pages have printed numbers, where that is kept by itself; and what is kept. */
    number?: (numbered: boolean) => void;
    numbered?: boolean;
  }
  let {
    answers = $bindable(),
    wrong,
    counted = $bindable(false),
    estimate = $bindable(null),
    brief = false,
    number: save,
    numbered = true,
  }: Props = $props();

  const LEAVES = [
    ['ordinary', 'ordinary: page 1 takes any page'],
    ['undotted', 'no dots on page 1'],
    ['blank', 'left blank: the plan starts on page 3'],
    ['glued', 'glued to the cover: the plan starts on page 2'],
  ];
  const named = $derived(
    catalogue.all?.papers.find((paper) => String(paper.width) === String(answers.width) && String(paper.height) === String(answers.height))
      ?.name ?? 'custom',
  );

  function choose(name: string) {
    const paper = catalogue.all?.papers.find((one) => one.name === name);
    if (paper) {
      answers.width = String(paper.width);
      answers.height = String(paper.height);
    }
  }

  /** What the printed grid leaves free, both sides together, in mm; the estimate follows from it. */
  let margins = $state({ across: '18', down: '20' });

  // The estimate is asked for again whenever what it follows from changes.
  $effect(() => {
    const query: Record<string, string> = {
      width: answers.width,
      height: answers.height,
      pitch: answers.pitch,
      margin_across: margins.across,
      margin_down: margins.down,
    };
    if (Object.values(query).some((value) => value.trim() === '' || !(Number(value) >= 0))) return;
    let stale = false;
    api
      .estimate(query)
      .then((found) => {
        if (stale) return;
        estimate = found;
        if (!untrack(() => counted)) {
          answers.across = String(found.across.boxes);
          answers.down = String(found.down.boxes);
        }
      })
      .catch(() => (estimate = null));
    return () => (stale = true);
  });

  function take() {
    if (!estimate) return;
    counted = false;
    answers.across = String(estimate.across.boxes);
    answers.down = String(estimate.down.boxes);
  }

  const RARE = ['grammage', 'leaf', 'first_leaf', 'numbered'];
  const about = (field: string) =>
    wrong?.field === field || wrong?.field === `stock/${field}` || wrong?.field === `edit/stock/${field}` ? wrong.detail : '';
</script>

{#snippet number(
  name: 'width' | 'height' | 'pitch' | 'across' | 'down' | 'pages' | 'grammage' | 'leaf',
  label: string,
  input: () => void = () => {},
)}
  <div>
    <label class="field">
      <span>{label}</span>
      <input
        class="input figures"
        inputmode="decimal"
        bind:value={answers[name]}
        oninput={input}
        aria-invalid={about(name) ? 'true' : undefined}
        aria-describedby={about(name) ? `wrong-${name}` : undefined}
      />
    </label>
    {#if about(name)}<p class="wrong" id="wrong-{name}">{about(name)}</p>{/if}
  </div>
{/snippet}

{#snippet rare()}
  <details>
    <summary class="quiet cursor-pointer">Estimate from other margins</summary>
    <div class="mt-2 grid grid-cols-2 gap-3">
      <label class="field"
        ><span>Left and right together, mm</span><input class="input figures" inputmode="decimal" bind:value={margins.across} /></label
      >
      <label class="field"
        ><span>Top and bottom together, mm</span><input class="input figures" inputmode="decimal" bind:value={margins.down} /></label
      >
    </div>
    <button type="button" class="btn small mt-2" disabled={!estimate} onclick={take}>Take the estimate as the count</button>
  </details>
  <div class="grid grid-cols-2 gap-3">
    {@render number('grammage', 'Paper, g/m²')}
    {@render number('leaf', 'A leaf, mm thick')}
  </div>
  <div>
    <label class="field">
      <span>First leaf</span>
      <select class="select" bind:value={answers.first_leaf}>
        {#each LEAVES as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    </label>
  </div>
  <label class="flex items-center gap-2"
    >{#if save}<input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={numbered}
        onchange={(event) => save(event.currentTarget.checked)}
      />{:else}<input type="checkbox" class="checkbox checkbox-sm" bind:checked={answers.numbered} />{/if} Pages have printed numbers</label
  >
{/snippet}

<fieldset class="grid gap-3">
  <legend class="sr-only">Paper</legend>
  <label class="field">
    <span>Page size</span>
    <select class="select" value={named} onchange={(event) => choose(event.currentTarget.value)}>
      {#each catalogue.all?.papers ?? [] as paper (paper.name)}
        <option value={paper.name}>{paper.name}, {paper.width} × {paper.height} mm</option>
      {/each}
      <option value="custom">a size of its own</option>
    </select>
  </label>
  <div class="grid grid-cols-3 gap-3">
    {@render number('width', 'Width, mm')}
    {@render number('height', 'Height, mm')}
    {@render number('pitch', 'Distance of dots, mm')}
  </div>
  <div class="grid grid-cols-3 gap-3">
    {@render number('across', 'Boxes across', () => (counted = true))}
    {@render number('down', 'Boxes down', () => (counted = true))}
    {@render number('pages', 'Pages')}
  </div>
  {#if brief}
    <details open={RARE.some((name) => about(name))}>
      <summary class="quiet cursor-pointer">First leaf, page numbers, thickness, other margins</summary>
      <div class="mt-2 grid gap-3">{@render rare()}</div>
    </details>
  {:else}
    {@render rare()}
  {/if}
</fieldset>
