<!-- Pasted lines and files: what would come in is shown, line by line, before anything is taken. -->
<script lang="ts">
  import { api } from '../api/client';
  import { Loader } from '../state/loader.svelte';
  import { fileOf, LARGEST, type DatesState } from './dates.svelte';

  let { dates: held }: { dates: DatesState } = $props();

  const AS = { new: 'new', changed: 'changed', same: 'there already', double: 'a double', outside: 'outside the book', skipped: 'skipped' };
  let text = $state('');
  let refused = $state('');
  /** The countries are fetched when somebody asks for them. */
  const countries = new Loader<{ countries: Record<string, Record<string, string>> }>();
  let country = $state('');
  let region = $state('');
  const named = $derived(
    Object.entries(countries.value?.countries ?? {})
      .map(([code, parts]) => [code, parts[''] ?? code] as const)
      .sort((one, other) => one[1].localeCompare(other[1])),
  );
  const regions = $derived(
    Object.entries(countries.value?.countries[country] ?? {})
      .filter(([code]) => code !== '')
      .sort((one, other) => one[1].localeCompare(other[1])),
  );
  const preview = $derived(held.incoming.value);
  const summary = $derived(
    preview
      ? Object.entries(preview.counts)
          .filter(([, count]) => count > 0)
          .map(([as, count]) => `${count} ${AS[as as keyof typeof AS]}`)
          .join(', ')
      : '',
  );
  const lines = $derived(Object.values(preview?.lines ?? {}).reduce((all, one) => all + one, 0));

  async function choose(files: FileList | null) {
    const read = await Promise.all([...(files ?? [])].map(async (file) => ({ file, content: await fileOf(file) })));
    const large = read
      .filter((one) => one.content === null)
      .map((one) => `“${one.file.name}” has ${(one.file.size / 1e6).toFixed(1)} MB; a file of dates has ${LARGEST / 1e6} MB at most.`);
    refused = large.join(' ');
    const some = read.flatMap((one) => (one.content ? [one.content] : []));
    if (some.length > 0) held.preview({ files: some });
  }
  async function take() {
    if (await held.take()) text = '';
  }
</script>

<section aria-labelledby="incoming">
  <h2 id="incoming">From a list or a file</h2>
  <div class="from">
    <label class="field">
      <span>Lines with a day and words, one below another</span>
      <textarea
        class="textarea"
        rows="3"
        bind:value={text}
        placeholder="12 March Dentist 10:30&#10;3–9 July Sailing week&#10;29 May Ione’s birthday"></textarea>
    </label>
    <div class="grid content-start gap-2">
      <button class="btn" disabled={text.trim() === ''} onclick={() => held.preview({ text })}>Look at them</button>
      <label class="btn file"
        >Choose files …<input
          class="sr-only"
          type="file"
          multiple
          accept=".ics,.vcf,.csv,.txt,text/*"
          onchange={(event) => choose(event.currentTarget.files)}
        /></label
      >
      <p class="quiet">Calendars, address cards, tables, text.</p>
    </div>
  </div>
  <details ontoggle={(event) => event.currentTarget.open && !countries.value && countries.load(() => api.holidays())}>
    <summary>Public holidays</summary>
    <div class="holidays">
      <label class="field">
        <span>Country</span>
        <select class="select" bind:value={country} onchange={() => (region = '')}>
          <option value="">choose …</option>
          {#each named as [code, name] (code)}<option value={code}>{name}</option>{/each}
        </select>
      </label>
      <label class="field">
        <span>Region</span>
        <select class="select" bind:value={region} disabled={regions.length === 0}>
          <option value="">the whole country</option>
          {#each regions as [code, name] (code)}<option value={code}>{name}</option>{/each}
        </select>
      </label>
      <button class="btn" disabled={country === ''} onclick={() => held.preview({ holidays: { country, region } })}>Look at them</button>
    </div>
    {#if countries.wrong}<p class="wrong" role="alert">{countries.wrong}</p>{/if}
    <p class="quiet">From open data that comes with the program; look them over, they are not always right.</p>
  </details>
  {#if refused}<p class="wrong" role="alert">{refused}</p>{/if}
  {#if held.incoming.wrong}<p class="wrong" role="alert">{held.incoming.wrong}</p>{/if}
  {#if held.incoming.waiting}<p role="status" class="quiet">Reading …</p>{/if}
  {#if preview}
    <!-- Brought into sight: files are chosen above it. -->
    <div class="preview" role="region" aria-label="What would come in" {@attach (box) => box.scrollIntoView({ block: 'nearest' })}>
      <p role="status">
        <strong>{summary || 'Nothing was found.'}</strong>{lines > 0
          ? ` The new ones need ${lines} ${lines === 1 ? 'line' : 'lines'} of the future log.`
          : ''}
      </p>
      {#if Object.keys(preview.columns).length > 0}<p class="quiet">
          Read as a table: {Object.entries(preview.columns)
            .map(([what, head]) => `${what} from “${head}”`)
            .join(', ')}.
        </p>{/if}
      {#if preview.ask}
        <p class="note broken">
          “{preview.ask}” could be read two ways: which?
          <span class="flex gap-2"
            ><button class="btn small" onclick={() => held.read(false)}>The day first</button><button
              class="btn small"
              onclick={() => held.read(true)}>The month first</button
            ></span
          >
        </p>
      {/if}
      <div class="rows">
        <table>
          <thead><tr><th scope="col">Take</th><th scope="col">When</th><th scope="col">What</th><th scope="col">Why</th></tr></thead>
          <tbody>
            {#each preview.rows.slice(0, 400) as row, i (i)}
              <tr class={row.as}>
                <td
                  ><input
                    type="checkbox"
                    class="checkbox checkbox-sm"
                    aria-label="Take {row.entry?.words ?? row.where}"
                    disabled={row.entry === null}
                    checked={held.isTaken(i)}
                    onchange={(event) => (held.otherwise[i] = event.currentTarget.checked)}
                  /></td
                >
                <td>{row.when ?? ''}</td>
                <td dir="auto">{row.entry?.words ?? row.where}</td>
                <td>{AS[row.as]}{row.says ? `: ${row.says}` : ''}</td>
              </tr>
            {/each}
          </tbody>
        </table>
        {#if preview.rows.length > 400}<p class="quiet">… and {preview.rows.length - 400} more.</p>{/if}
      </div>
      <div class="mt-2 flex gap-2">
        <button class="btn chief" disabled={held.taken.length === 0} onclick={take}
          >Take {held.taken.length} {held.taken.length === 1 ? 'date' : 'dates'}</button
        >
        <button class="btn plain" onclick={() => held.incoming.clear()}>Leave them</button>
      </div>
    </div>
  {/if}
</section>

<style>
  .from {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 1rem;
    margin-top: 0.5rem;
  }
  details {
    margin-top: 0.8rem;
  }
  summary {
    cursor: pointer;
    font-weight: 600;
  }
  .holidays {
    display: grid;
    grid-template-columns: 1fr 1fr auto;
    gap: 0.6rem;
    align-items: end;
    margin-block: 0.4rem;
  }
  .file {
    cursor: pointer;
  }
  .file:focus-within {
    outline: 2px solid var(--color-base-content);
    outline-offset: 2px;
  }
  .preview {
    margin-top: 0.8rem;
    border-left: 3px solid var(--rule);
    padding-left: 0.8rem;
  }
  .rows {
    max-height: 22rem;
    overflow: auto;
  }
  table {
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 500;
    font-size: 0.82rem;
    color: var(--color-neutral);
  }
  td {
    padding: 0.25rem 0.7rem 0.25rem 0;
    vertical-align: top;
    border-top: 1px solid var(--color-base-300);
  }
  td:nth-child(2) {
    white-space: nowrap;
  }
  .skipped td,
  .outside td {
    color: var(--caution);
  }
  @media (max-width: 700px) {
    .from {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
