<!-- The print tray: everything to print of a book, packed on its sheets at true size. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book } from '../api/client';
  import LabelPicture from './LabelPicture.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { route } from '../state/route.svelte';
  import { putInTray, takeFromTray, TrayState } from './tray.svelte';
  import { kept } from '../parts/kept';

  let { book }: { book: Book } = $props();
  const printing = new TrayState();
  const tray = $derived(printing.tray);

  let word = $state('guides');
  let said = $state('');
  const wanted = $derived(tray?.all.find((one) => one.word === word));

  $effect(() => {
    const [now] = [book, printing.chosen.paper, printing.chosen.printer, printing.chosen.labels, printing.chosen.dates];
    untrack(() => printing.load(now));
  });

  /** Chosen where none of the choices is meant. */
  const OTHER = '\u2026';
  let choice = $state('');
  // Another thing begins with its usual choice.
  const usual = $derived(wanted?.choices[0]?.say ?? '');
  $effect(() => {
    if (word) choice = usual;
  });

  async function put(event: SubmitEvent) {
    event.preventDefault();
    if (!wanted) return;
    const which = wanted.choices.length > 0 && choice !== OTHER ? choice : said.trim();
    const typed = said;
    said = '';
    // Refused, it comes back where nobody types the next.
    if (!(await putInTray(book, wanted.asks && which ? `${word}:${which}` : word)) && said === '') said = typed;
  }
  const pages = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`;
  /** How the sheets came to be so many. */
  const packed = $derived.by(() => {
    if (!tray) return '';
    const plain = tray.sheets.length - tray.labels;
    return [
      ...(tray.labels > 0 ? [`${pages(tray.labels, 'label sheet')} first`] : []),
      tray.sides === tray.sheets.length ? 'one side each' : `${tray.sides} sides`,
      ...(plain > tray.bound ? [`${tray.bound} at least, proven`] : plain > 0 ? ['no way to pack them takes fewer'] : []),
    ].join('; ');
  });
  const letters = $derived(book.version);
</script>

<Screen title="Tray" handle="How to check the print">
  {#snippet margin()}
    <h2>How to check the print</h2>
    <p class="my-2">
      Print at 100 %, without “fit to page”. Then lay a ruler on the line at the foot of a sheet: it must be 100 mm. If it is not, <a
        href={route.to('printer')}>tell the program what your printer does</a
      >, and every sheet is set right for it.
    </p>
    <p class="note figures">
      <a href={route.to('stock')}>1 box = {book.stock.pitch} mm</a>. A guide has a tick a box along its four edges, every fifth numbered;
      cut at the marks, it is laid against the page.
    </p>
    {#each tray?.says ?? [] as says (says)}<p class="note broken">{says}</p>{/each}
    {#if tray?.two_sided}<p class="note">
        Some sheets have a back. Print both sides, turned along the long edge; a card’s back then stands behind its front.
      </p>{/if}
    {#each tray?.cautions.filter((one) => !one.includes('knife')) ?? [] as caution (caution)}<p class="caution">{caution}</p>{/each}
    <p class="caution">
      Cut with scissors where they will do. With a knife: a mat, a steel ruler, several light passes, fingers behind the blade’s path, cap
      on, out of children’s reach.
    </p>
    <NextTime {book} />
    <Saving />
  {/snippet}

  <div class="grid max-w-5xl gap-5">
    {#if printing.why}<p class="note stop" role="alert">{printing.why}</p>{/if}
    <div class="flex flex-wrap items-end gap-3">
      <label class="field"
        ><span>Paper in the printer</span><select
          class="select"
          value={printing.chosen.paper}
          onchange={(event) => printing.choose({ paper: event.currentTarget.value })}
          ><option>A4</option><option>A5</option><option>A3</option><option value="Letter">US Letter</option></select
        ></label
      >
      <label class="field"
        ><span>Printer</span><select
          class="select"
          value={printing.chosen.printer ?? ''}
          onchange={(event) => printing.choose({ printer: event.currentTarget.value })}
          ><option value="">as it prints by itself</option>{#each printing.printers as name (name)}<option>{name}</option>{/each}</select
        ></label
      >
      <div class="labels grow">
        <label class="field grow"
          ><span>Label sheets, in mm; empty for plain paper</span><input
            class="input figures"
            placeholder="38x42 4x6 gap 2"
            value={printing.chosen.labels}
            {@attach kept}
            onchange={(event) => printing.choose({ labels: event.currentTarget.value.trim() })}
          /></label
        >
        <LabelPicture />
      </div>
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          checked={printing.chosen.dates}
          onchange={(event) => printing.choose({ dates: event.currentTarget.checked })}
        /> guides with known dates</label
      >
    </div>

    {#if tray}
      <section>
        <h2>In the tray</h2>
        {#if tray.asked.length === 0}<p class="my-1.5 max-w-prose">
            Nothing yet. Put in what you want on paper: what is packed together takes the fewest sheets. Other screens have “Put in the
            tray” too.
          </p>{/if}
        <ul class="asked">
          {#each tray.asked as one (one.print)}
            <li>
              <span class="grow wrap-anywhere">{one.says}</span>
              <span class="quiet figures">{one.pieces === 0 ? 'nothing' : pages(one.pieces, 'piece')}</span>
              <button
                class="btn small plain"
                aria-label="PDF of it alone: {one.says}"
                disabled={printing.busy !== '' || one.pieces === 0}
                onclick={() => printing.save(book, '.pdf', { print: one.print })}>PDF of it alone</button
              >
              <button class="btn small plain" aria-label="Take out: {one.says}" onclick={() => takeFromTray(book, one.print)}
                >Take out</button
              >
            </li>
          {/each}
        </ul>
        <form class="mt-2 flex flex-wrap items-end gap-2" onsubmit={put}>
          <label class="field"
            ><span>Put in</span><select class="select" bind:value={word}
              >{#each tray.all as one (one.word)}<option value={one.word}>{one.name}</option>{/each}</select
            ></label
          >
          {#if wanted && wanted.choices.length > 0}
            <label class="field"
              ><span>Which</span><select class="select" bind:value={choice}
                >{#each wanted.choices as one (one.say)}<option value={one.say}>{one.name}</option>{/each}<option value={OTHER}
                  >other …</option
                ></select
              ></label
            >
          {/if}
          {#if wanted?.asks && (wanted.choices.length === 0 || choice === OTHER)}
            <label class="field grow"
              ><span>{wanted.choices.length > 0 ? 'Said as' : 'Which'}: {wanted.asks}</span><input
                class="input figures"
                maxlength="180"
                bind:value={said}
              /></label
            >
          {/if}
          <button class="btn">Put in the tray</button>
        </form>
      </section>

      {#if tray.sheets.length > 0}
        <section>
          <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <h2 class="figures">{pages(tray.sheets.length, 'sheet')} of {tray.paper}</h2>
            <span class="quiet figures">{packed}</span>
            <button class="btn chief ml-auto" disabled={printing.busy !== ''} onclick={() => printing.save(book, '.pdf')}
              >{printing.busy === '.pdf' ? 'Writing…' : 'Download all as PDF'}</button
            >
          </div>
          <ul class="sheets">
            {#each tray.sheets as sheet, i (i)}
              <li>
                <div class="faces">
                  {#each sheet.sides as side, back (side)}
                    <figure>
                      <img
                        loading="lazy"
                        alt="{back ? 'Back of sheet' : 'Sheet'} {i + 1}: {sheet.title}"
                        src={printing.address(book, `/${side}.svg`, { letters: 'text', of: String(letters) })}
                      />
                      <figcaption>
                        <span class="figures">{i + 1}{back ? ', back' : ''}</span>
                        <button
                          class="btn small plain"
                          aria-label="Side {side} as SVG"
                          disabled={printing.busy !== ''}
                          onclick={() => printing.save(book, `/${side}.svg`)}>SVG</button
                        >
                        <button
                          class="btn small plain"
                          aria-label="Side {side} as PNG"
                          disabled={printing.busy !== ''}
                          onclick={() => printing.save(book, `/${side}.png`)}>PNG</button
                        >
                      </figcaption>
                    </figure>
                  {/each}
                </div>
                <p class="quiet line-clamp-2 wrap-anywhere">{sheet.title}</p>
              </li>
            {/each}
          </ul>
        </section>
      {/if}
    {/if}
  </div>
</Screen>

<style>
  .labels {
    display: flex;
    align-items: end;
    gap: 0.6rem;
  }
  .asked li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.2rem 0.8rem;
    border-top: 1px solid var(--color-base-300);
    padding-block: 0.25rem;
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 1rem;
    margin-top: 0.7rem;
  }
  .sheets li:has(figure + figure) {
    grid-column: span 2;
  }
  .faces {
    display: flex;
    gap: 0.5rem;
  }
  figure {
    flex: 1;
    min-width: 0;
  }
  img {
    width: 100%;
    background: #fff;
    border: 1px solid var(--color-base-300);
  }
  figcaption {
    display: flex;
    align-items: baseline;
    gap: 0.3rem;
  }
  figcaption span {
    margin-right: auto;
  }
  @media (max-width: 700px) {
    .sheets {
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
  }
</style>
