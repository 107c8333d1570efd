<!-- Sheets to print at true size. -->
<script lang="ts">
  import { about, type Book } from '../api/client';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';

  let { book }: { book: Book } = $props();

  let paper = $state('A4');
  let pages = $state('');
  /** Whether what is known already stands on the guides. */
  let dates = $state(true);
  let wrong = $state('');
  let busy = $state('');

  const spreads = $derived([...book.spreads].filter((spread) => spread.page !== null && spread.known).sort((a, b) => a.page! - b.page!));
  const asked = (list: string) => about(book, `/sheets/pages.pdf?${new URLSearchParams({ pages: list, paper, ...(dates ? {} : { dates: 'off' }) })}`);
  const sheet = (name: string) => about(book, `/sheets/${name}.pdf?${new URLSearchParams({ paper })}`);
  const printed = $derived(book.spreads.some((spread) => spread.prints));

  /** Fetched first, so that a refusal is said here and not in a broken file. */
  async function get(address: string, name: string) {
    wrong = '';
    busy = name;
    try {
      const answer = await fetch(`/api${address}`);
      if (!answer.ok) {
        wrong = ((await answer.json()) as { detail?: string }).detail ?? 'This sheet could not be made.';
        return;
      }
      const missing = decodeURIComponent(answer.headers.get('Letters-Missing') ?? '');
      if (missing) wrong = `The print face has no ${[...missing].join(' ')}. Their places show a box on the sheet; copy those words from the screen.`;
      const link = document.createElement('a');
      link.href = URL.createObjectURL(await answer.blob());
      link.download = `${name}.pdf`;
      link.click();
      URL.revokeObjectURL(link.href);
    } catch {
      wrong = 'The program does not answer. Start it again with bin/demo.';
    } finally {
      busy = '';
    }
  }
</script>

<Screen title="Sheets" handle="How to check the print">
  {#snippet margin()}
    <h2>How to check the print</h2>
    <p class="my-2">Print at 100 %, without “fit to page”. Then lay a ruler on the line at the foot of the sheet: it must be 100 mm. If it is not, no tick on the sheet stands where it should.</p>
    <p class="note">1 box = {book.stock.pitch} mm. A guide has a tick a box along its four edges, every fifth numbered; cut at the crop marks, it is laid against the page.</p>
    <p class="quiet">Cut with scissors where they will do. With a knife: a mat, a steel ruler, several light passes, fingers behind the blade’s path, cap on, out of children’s reach.</p>
    <NextTime {book} />
    <Saving />
  {/snippet}

  <div class="grid max-w-3xl gap-7">
    <label class="field max-w-48">
      <span>Paper in the printer</span>
      <select class="select" bind:value={paper}><option value="A4">A4</option><option value="Letter">US Letter</option></select>
    </label>
    {#if wrong}<p class="note stop" role="alert">{wrong}</p>{/if}

    <section>
      <h2>Loose spacing card</h2>
      <p class="my-1.5">The divisions of {book.stock.across} × {book.stock.down} boxes that the grid spacing sheet has, without gaps and with the best gap: widths on one side, heights on the other. Print both sides of one sheet, or glue two together. It lives in a pocket, cut from one piece and glued into the book.</p>
      <div class="flex flex-wrap gap-2">
        <button class="btn chief" disabled={busy !== ''} onclick={() => get(sheet('spacing-card'), 'spacing-card')}>Download the spacing card</button>
        <button class="btn" disabled={busy !== ''} onclick={() => get(sheet('pocket'), 'pocket')}>Download its pocket</button>
      </div>
    </section>

    {#if book.slips.length > 0}
      <section>
        <h2>Cover strips and patches</h2>
        <p class="my-1.5">What covers a slip, at true size with its dots, and what stands on it drawn again.</p>
        <button class="btn chief" disabled={busy !== ''} onclick={() => get(sheet('patches'), 'patches')}>Download the patches</button>
      </section>
    {/if}

    {#if printed}
      <section>
        <h2>Months to cut out</h2>
        <p class="my-1.5">Every month of the printed year, at the size its frame on the page has.</p>
        <button class="btn chief" disabled={busy !== ''} onclick={() => get(sheet('months'), 'months-to-cut-out')}>Download the months</button>
      </section>
    {/if}

    <section>
      <h2>Page guides</h2>
      <label class="mt-1.5 flex items-center gap-2"><input type="checkbox" class="checkbox checkbox-sm" bind:checked={dates} /> with the dates that are known</label>
      <div class="my-2 flex flex-wrap items-end gap-2">
        <button class="btn" disabled={busy !== ''} onclick={() => get(asked('front'), 'page-guides')}>All spreads, {book.fit.planned} pages</button>
        <form
          class="flex items-end gap-2"
          onsubmit={(event) => {
            event.preventDefault();
            get(asked(pages), `page-guide-${pages.replaceAll(/[^0-9,-]/g, '')}`);
          }}
        >
          <label class="field"><span>Any pages, such as 7, 20-21</span><input class="input figures" bind:value={pages} /></label>
          <button class="btn" type="submit" disabled={busy !== '' || pages.trim() === ''}>Download</button>
        </form>
      </div>
      <table class="w-full">
        <tbody>
          {#each spreads as spread (spread.id)}
            <tr>
              <th scope="row">{spread.title}</th>
              <td class="quiet">{spread.range}</td>
              <td class="text-right"><button class="btn small" disabled={busy !== ''} aria-label="Download the page guide of {spread.title}" onclick={() => get(asked(`${spread.page}-${spread.page! + spread.pages - 1}`), `page-guide-${spread.page}`)}>Page guide</button></td>
            </tr>
          {/each}
        </tbody>
      </table>
    </section>
  </div>
</Screen>

<style>
  th {
    text-align: left;
    font-weight: 500;
  }
  tr {
    border-top: 1px solid var(--color-base-300);
  }
  td,
  th {
    padding: 0.3rem 0.5rem 0.3rem 0;
  }
</style>
