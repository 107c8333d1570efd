<!-- Calibration: what a ruler reads of a printed sheet, and the scale and shifts that follow. -->
<script lang="ts">
  import type { Book, Printers } from '../api/client';
  import { api, Problem } from '../api/client';
  import { printWith } from '../tray/tray.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { Loader } from '../state/loader.svelte';
  import { route } from '../state/route.svelte';

  let { book }: { book: Book } = $props();

  const FIGURES = [
    { id: 'across', side: 'Front', says: 'the line across' },
    { id: 'down', side: 'Front', says: 'the line down' },
    { id: 'left', side: 'Front', says: 'from the left edge to the frame' },
    { id: 'top', side: 'Front', says: 'from the upper edge to the frame' },
    { id: 'back_left', side: 'Back', says: 'from the left edge to the frame' },
    { id: 'back_top', side: 'Back', says: 'from the upper edge to the frame' },
  ] as const;

  const known = new Loader<Printers>();
  known.load(api.printers);

  let name = $state('');
  let paper = $state('A4');
  let white = $state('5');
  let read = $state<Record<string, string>>({});
  /** A sheet set for this printer is read. */
  let proof = $state(false);
  let wrong = $state<{ field: string | null; says: string } | null>(null);
  let saved = $state('');

  const meant = $derived(known.value?.meant[paper] ?? {});
  const isKnown = $derived(known.value?.printers.some((one) => one.name === name.trim() && one.paper === paper) ?? false);
  const sheet = (printer = '') => `/api/printers/calibration.pdf?${new URLSearchParams({ paper, ...(printer ? { printer } : {}) })}`;

  async function keep(event: SubmitEvent) {
    event.preventDefault();
    wrong = null;
    saved = '';
    const sent = { name, paper, margin: white, read: { ...read }, proof: proof && isKnown };
    try {
      known.value = await api.keepPrinter(sent);
      printWith(sent.name.trim(), sent.paper);
      const now = known.value.printers.find((one) => one.name === sent.name.trim() && one.paper === sent.paper);
      saved = now?.refined
        ? Number(now.refined) <= 0.2
          ? `Proved: the worst figure is ${now.refined} mm off, within a fifth of a millimetre.`
          : `It was ${now.refined} mm off at worst, and is refined by that. Print the sheet that proves it once more.`
        : 'Kept. Now print the sheet that proves it, and read it again.';
      // What was typed meanwhile is of the next sheet, or the next printer.
      if (name === sent.name && paper === sent.paper && JSON.stringify(read) === JSON.stringify(sent.read)) [proof, read] = [true, {}];
    } catch (error) {
      said(error);
    }
  }

  function said(error: unknown) {
    wrong = error instanceof Problem ? { field: error.field, says: error.detail } : { field: null, says: String(error) };
  }

  function take(one: Printers['printers'][number]) {
    [name, paper, white, read, proof, saved, wrong] = [one.name, one.paper, one.margin, {}, true, '', null];
  }

  async function remove(one: Printers['printers'][number]) {
    try {
      known.value = await api.removePrinter(one.name, one.paper);
    } catch (error) {
      said(error);
    }
  }
</script>

<Screen title="Printer" handle="How it goes">
  {#snippet margin()}
    <h2>A printer that tells the truth</h2>
    <ol class="steps">
      <li>Print the calibration sheet on both sides, at 100 %, without “fit to page”.</li>
      <li>
        Lay a steel ruler along both lines, and from the frame to the left and the upper edge of the paper, with the side you read lying
        before you.
      </li>
      <li>Type what it reads, to a fifth of a millimetre. A line that reads 150.8 instead of 150 is half a box too long over a page.</li>
      <li>Print the sheet that proves it: everything on it must read as it says.</li>
    </ol>
    <p class="quiet mt-2">
      Each paper is read by itself: printers draw each in from another edge. If the sheet feeds askew, straighten the guides of the paper
      tray first: that differs from sheet to sheet.
    </p>
    <Saving />
  {/snippet}

  <div class="grid max-w-4xl gap-6">
    {#if known.wrong}<p class="note stop" role="alert">{known.wrong}</p>{/if}
    <form class="grid gap-4" onsubmit={keep}>
      <div class="flex flex-wrap items-end gap-3">
        <label class="field w-56"
          ><span>Printer</span><input
            class="input"
            maxlength="60"
            placeholder="kitchen"
            required
            aria-invalid={wrong?.field === 'name'}
            bind:value={name}
          /></label
        >
        <label class="field"
          ><span>Paper</span><select class="select" bind:value={paper}
            ><option>A4</option><option>A5</option><option>A3</option><option value="Letter">US Letter</option></select
          ></label
        >
        <label class="field w-40"
          ><span>White edge, mm</span><input
            class="input figures"
            inputmode="decimal"
            aria-invalid={wrong?.field === 'margin'}
            bind:value={white}
          /></label
        >
        <a class="btn" href={sheet()} download>Calibration sheet</a>
        {#if isKnown}<a class="btn" href={sheet(name.trim())} download>Sheet that proves it</a>{/if}
      </div>
      <fieldset>
        <legend class="mb-1 font-semibold">What the ruler reads, in mm</legend>
        {#if isKnown}
          <div class="mb-2 flex flex-wrap gap-4">
            <label class="flex min-h-11 items-center gap-2"
              ><input type="radio" class="radio radio-sm" name="which" checked={!proof} onchange={() => (proof = false)} /> of the plain calibration
              sheet</label
            >
            <label class="flex min-h-11 items-center gap-2"
              ><input type="radio" class="radio radio-sm" name="which" checked={proof} onchange={() => (proof = true)} /> of the sheet that proves
              it</label
            >
          </div>
        {/if}
        <div class="figs">
          {#each FIGURES as one (one.id)}
            <label class="field">
              <span>{one.side}: {one.says}</span>
              <input
                class="input figures"
                inputmode="decimal"
                placeholder="{meant[one.id] ?? ''} meant"
                aria-invalid={wrong?.field === one.id}
                aria-describedby={wrong?.field === one.id ? 'wrong' : undefined}
                bind:value={read[one.id]}
              />
            </label>
          {/each}
        </div>
      </fieldset>
      {#if wrong}<p class="note stop" id="wrong" role="alert">{wrong.says}</p>{/if}
      {#if saved}<p class="note" role="status">{saved}</p>{/if}
      <div><button class="btn chief" disabled={name.trim() === ''}>Keep this printer</button></div>
    </form>

    {#if known.value && known.value.printers.length > 0}
      <section>
        <h2>Printers</h2>
        <ul>
          {#each known.value.printers as one (`${one.name} ${one.paper}`)}
            <li class="known">
              <div class="flex flex-wrap items-baseline gap-x-3">
                <h3 dir="auto">{one.name}</h3>
                <span class="quiet">{one.paper}, {one.margin} mm white edge</span>
                <span class="quiet figures"
                  >{one.refined === null
                    ? 'not proved yet'
                    : Number(one.refined) <= 0.2
                      ? `proved: ${one.refined} mm off at worst`
                      : `was ${one.refined} mm off, refined since`}</span
                >
                <button class="btn small plain ml-auto" onclick={() => take(one)}
                  >Read it again<span class="sr-only">: {one.name}, {one.paper}</span></button
                >
                <button class="btn small plain" onclick={() => remove(one)}
                  >Take away<span class="sr-only"> {one.name}, {one.paper}</span></button
                >
              </div>
              <p class="figures">{one.says}</p>
            </li>
          {/each}
        </ul>
        <p class="mt-3"><a href={route.to('tray')}>To the tray of {book.title}</a></p>
      </section>
    {/if}
  </div>
</Screen>

<style>
  .steps {
    list-style: decimal;
    padding-left: 1.2rem;
    display: grid;
    gap: 0.4rem;
    margin-top: 0.5rem;
  }
  .figs {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
    gap: 0.6rem 1rem;
  }
  .known {
    border-top: 1px solid var(--color-base-300);
    padding-block: 0.5rem;
  }
</style>
