<!-- One spread of the old book: as it was drawn, how often it was looked at, and what is to become of it. -->
<script lang="ts">
  import type { Mark, OldSpread } from '../api/client';
  import Drawing from '../parts/Drawing.svelte';
  import Items from './Items.svelte';
  import { LOOKED, VERDICTS, type OldState, type Verdict } from './old.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    old: OldState;
    spread: OldSpread;
    judge: (verdict: Verdict) => void;
    number: number;
    all: number;
  }
  let { old, spread, judge, number, all }: Props = $props();

  let how = $state<HTMLInputElement | null>(null);
  export function focusHow() {
    how?.focus();
  }
  /** Said how: Enter goes on to the next, and so does → behind the last letter. */
  function goOn(event: KeyboardEvent) {
    const field = event.currentTarget as HTMLInputElement;
    const atEnd = field.selectionStart === field.value.length && field.selectionEnd === field.value.length;
    if (event.key !== 'Enter' && !(event.key === 'ArrowRight' && atEnd)) return;
    event.preventDefault();
    // What is typed is said before the field is another spread's.
    field.closest('section')?.focus();
    old.turn(1);
  }
  const pages = $derived(old.pages.value?.spread === spread.id ? old.pages.value.pages : []);
  const where = $derived(
    spread.page === null
      ? `${spread.pages} ${spread.pages === 1 ? 'page' : 'pages'}`
      : spread.pages > 1
        ? `pages ${spread.page}–${spread.page + spread.pages - 1}`
        : `page ${spread.page}`,
  );
  const count = (event: Event) => {
    const said = (event.currentTarget as HTMLInputElement).value.trim();
    return said === '' ? null : Number.isInteger(Number(said)) ? Number(said) : said;
  };
</script>

<section class="card" aria-label="The spread to judge" tabindex="-1">
  <div class="drawn" aria-hidden={pages.length === 0}>
    {#each pages.slice(0, 2) as page, i (i)}
      <div class="leaf" style:aspect-ratio="{page.across + 1} / {page.down + 1}">
        <Drawing across={page.across} down={page.down} marks={page.marks as Mark[]} label="{spread.title}, its page {i + 1}" />
      </div>
    {:else}
      <p class="blank quiet" dir="auto">
        {old.pages.waiting ? '' : spread.kind === '' ? 'Only its title is known.' : 'Nothing is drawn on it.'}
      </p>
    {/each}
    {#if pages.length > 2}<p class="quiet">and {pages.length - 2} more</p>{/if}
  </div>
  <div class="asked">
    <div class="title">
      <h2 class="wrap-anywhere" dir="auto">{spread.title}</h2>
      <p class="quiet figures">{where} · {number} of {all}</p>
    </div>
    {#if spread.gone}<p class="note broken">One like it was {spread.gone}.</p>{/if}
    <div role="group" aria-label="Looked at">
      <span class="quiet">Looked at</span>
      {#each LOOKED as [value, words, letter] (value)}
        <button
          class="btn small"
          aria-pressed={spread.looked === value}
          onclick={() => old.say({ looked: spread.looked === value ? null : value })}>{words} <kbd class="kbd-key">{letter}</kbd></button
        >
      {/each}
    </div>
    <div class="verdicts" role="group" aria-label="What becomes of it">
      {#each VERDICTS as [value, words, key] (value)}
        <button class="btn" aria-pressed={spread.verdict === value} onclick={() => judge(value)}
          >{words} <kbd class="kbd-key">{key}</kbd></button
        >
      {/each}
    </div>
    <label class="field"
      ><span>{spread.verdict === 'drop' ? 'Why' : 'How otherwise, or why'}</span><input
        class="input"
        bind:this={how}
        value={spread.how}
        {@attach kept}
        maxlength="300"
        placeholder={spread.verdict === 'drop' ? 'never looked at' : 'smaller headings'}
        onchange={(event) => old.say({ how: event.currentTarget.value })}
        onkeydown={goOn}
      /></label
    >
    <div class="row">
      <label class="field"
        ><span>Pages it really took</span><input
          class="input figures"
          inputmode="numeric"
          value={spread.took ?? ''}
          {@attach kept}
          placeholder={String(spread.pages)}
          onchange={(event) => old.say({ took: count(event) as number | null })}
        /></label
      >
      {#if spread.counts}
        <label class="field"
          ><span>Filled up to number (empty: begins again)</span><input
            class="input figures"
            inputmode="numeric"
            value={spread.filled ?? ''}
            {@attach kept}
            onchange={(event) => old.say({ filled: count(event) as number | null })}
          /></label
        >
      {/if}
      <label class="check"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          checked={spread.half}
          onchange={(event) => old.say({ half: event.currentTarget.checked })}
        /> given up half-way</label
      >
    </div>
    <Items {old} {spread} />
    <div class="turn">
      <button class="btn small" onclick={() => old.turn(-1)} disabled={number <= 1}>← Before</button>
      <button class="btn small" onclick={() => old.turn(1)} disabled={number >= all}>Next →</button>
    </div>
  </div>
</section>

<style>
  .card {
    display: grid;
    grid-template-columns: minmax(0, 15rem) minmax(0, 1fr);
    gap: 1.2rem;
    align-items: start;
  }
  .drawn {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(7rem, 1fr));
    gap: 0.4rem;
  }
  .leaf {
    border: 1px solid color-mix(in srgb, var(--ink) 35%, var(--sheet));
    background: var(--sheet);
    forced-color-adjust: none;
  }
  .blank {
    border: 1px dashed var(--color-base-300);
    padding: 4rem 1rem;
    text-align: center;
  }
  .asked {
    display: grid;
    gap: 0.7rem;
  }
  [role='group'] {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
  }
  .verdicts[role='group'] {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(7.5rem, 1fr));
    gap: 0.4rem;
  }
  .verdicts .btn {
    height: auto;
    min-height: 2.6rem;
    white-space: normal;
  }
  [aria-pressed='true'] {
    background: var(--color-primary);
    color: var(--color-primary-content);
    border-color: var(--color-primary);
  }
  [aria-pressed='true'] .kbd-key {
    background: transparent;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: end;
  }
  .row .field {
    flex: 1 1 8rem;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: 2.25rem;
  }
  .turn {
    display: flex;
    justify-content: space-between;
  }
  @media (max-width: 700px) {
    .card {
      grid-template-columns: minmax(0, 1fr);
    }
    .drawn {
      grid-template-columns: repeat(2, minmax(0, 1fr));
      max-width: 15rem;
    }
    .verdicts[role='group'] {
      grid-template-columns: 1fr 1fr;
    }
    .card .btn {
      min-height: 44px;
    }
    kbd {
      display: none;
    }
  }
</style>
