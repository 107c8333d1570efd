<!-- Pens × what was seen on this paper: a small table one fills with the pen in the hand, and what follows for each. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Edit, type TestedPen, type TestedPens } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import NextTime from '../parts/NextTime.svelte';
  import Saving from '../parts/Saving.svelte';
  import Screen from '../parts/Screen.svelte';
  import { open } from '../state/book.svelte';
  import { FieldLines } from '../state/lines.svelte';
  import Written from '../parts/Written.svelte';
  import { Sent } from '../state/sent.svelte';
  import { Loader } from '../state/loader.svelte';
  import { route } from '../state/route.svelte';
  import { kept } from '../parts/kept';

  let { book }: { book: Book } = $props();
  const fetched = new Loader<TestedPens>();
  $effect(() => {
    const now = book;
    untrack(async () => {
      if (await fetched.load(() => api.pens(now))) sent.shown();
    });
  });
  const all = $derived(fetched.value);

  const field = new FieldLines((name) => open.write({ type: 'set-pen', pen: { name, sort } } as Edit));
  let sort = $state('fineliner');

  /** A pen as it is sent: what follows from it is worked out again. */
  function plain(pen: TestedPen) {
    const { bleeds_here, seen, says, ...sent } = pen;
    void [bleeds_here, seen, says];
    return sent;
  }
  const sent = new Sent<Record<string, unknown>>();
  /** With what was sent of it and is not answered yet. */
  const now = (pen: TestedPen) => sent.now(pen.name, plain(pen));
  function set(pen: TestedPen, changes: Record<string, unknown>) {
    const next = Object.fromEntries(Object.entries({ ...now(pen), ...changes }).filter(([, value]) => value !== null));
    return sent.send(pen.name, next, () => open.edit({ type: 'set-pen', pen: next } as Edit));
  }

  function add(event: SubmitEvent) {
    event.preventDefault();
    field.put();
  }
  const yes = (value: boolean | undefined) => (value === undefined ? '' : value ? 'yes' : 'no');
  const read = (value: string) => (value === '' ? null : value === 'yes');
  const USES = ['lines', 'bands', 'writing', 'decoration'] as const;
  const use = (pen: TestedPen, one: (typeof USES)[number], on: boolean) =>
    set(pen, { uses: USES.filter((other) => (other === one ? on : (now(pen).uses as string[] | undefined)?.includes(other))) });
  const findings = $derived(book.findings.filter((one) => one.see === 'pens'));
  /** What is drawn with a pen that bleeds can be placed so. */
  const drawn = $derived(findings.filter((one) => one.offers.length > 0));
</script>

<Screen title="Pens and paper" handle="What may stand where">
  {#snippet margin()}
    <h2>Pens and paper</h2>
    <p class="my-2">
      Draw a stroke with each pen on a back page of this book, and two over one another. Wait, look, turn the leaf over, and say what you
      see.
    </p>
    <p class="note figures">
      {all?.grammage ? `${all.grammage} g/m² paper.` : 'Nobody said what this paper weighs.'}
      <a href={route.to('stock')}>Stock</a>
      {#if all?.test_page}·
        <a href={route.to('bench', all.test_page)}>test page {all.test_page}</a>{/if}
    </p>
    {#if all && all.test_page === null}
      <button class="btn small" onclick={() => open.edit({ type: 'add-spread', kind: 'pen-test', section: 'back', book: book.book })}
        >Put in a test page at the back</button
      >
    {/if}
    <Findings findings={findings.filter((one) => one.offers.length === 0)} placed />
    {#if drawn.length > 0}
      <details class="note broken">
        <summary
          >{drawn.length === 1 ? 'One spread is' : `${drawn.length} spreads are`} drawn with a pen that bleeds: the reverse must be blank, glued
          shut or decoration.</summary
        >
        <button
          class="btn small offer mt-1"
          onclick={() =>
            open.edit({
              type: 'several',
              say: 'Spreads drawn with a pen that bleeds',
              edits: drawn.flatMap((one) => one.offers.map((offer) => offer.edit)),
            })}>Place {drawn.length === 1 ? 'it' : 'them all'} as what bleeds</button
        >
        {#each drawn as finding, i (i)}
          <p class="mt-2">{finding.says}</p>
          {#each finding.offers as offer (offer.say)}<button class="btn small offer mt-1" onclick={() => open.edit(offer.edit)}
              >{offer.say}</button
            >{/each}
        {/each}
      </details>
    {/if}
    <p class="caution mt-2">Solvent markers: fresh air.</p>
    <p class="quiet mt-2">
      Smooth, coated paper keeps gel and fountain ink wet two or three times as long; rough paper feathers sooner (from memory). What was
      not tested is said from memory, and says so. A new notebook on the same paper begins with these.
    </p>
    <NextTime {book} />
    <Saving />
  {/snippet}

  {#if fetched.wrong}<p class="note stop" role="alert">{fetched.wrong}</p>{/if}
  {#if all}
    <form class="mb-4 flex flex-wrap items-end gap-2" onsubmit={add}>
      <label class="field w-56"
        ><span>Pen</span><input class="input" maxlength="80" placeholder="Black 0.3, from the tin" bind:value={field.said} /></label
      >
      <label class="field"
        ><span>Sort</span><select class="select" bind:value={sort}
          >{#each all.sorts as one (one.id)}<option value={one.id}>{one.words}</option>{/each}</select
        ></label
      >
      <button class="btn" disabled={field.said.trim() === ''}>Add the pen</button>
    </form>
    {#if field.wrong}<p class="wrong" role="alert">{field.wrong}</p>{/if}
    <Written lines={field.lines} again={(line) => field.again(line)} label="Pens being added" />
    {#if all.pens.length === 0}
      <p class="max-w-prose">
        No pens yet. Begin with those you write and rule with: how long they dry decides when a page can be turned, and what bleeds decides
        what may stand on its back.
      </p>
    {/if}
    <ul class="pens">
      {#each all.pens as pen (pen.id)}
        <li>
          <div class="head">
            <h2 dir="auto">{pen.name}</h2>
            <span class="quiet">{all.sorts.find((one) => one.id === pen.sort)?.words}</span>
            {#if !pen.seen}<span class="quiet">not tested</span>{/if}
            <button class="btn small plain" onclick={() => open.edit({ type: 'remove-pen', pen: pen.id })}
              >Remove<span class="sr-only"> {pen.name}</span></button
            >
          </div>
          <div class="seen">
            <label class="field"
              ><span>Shadow on the back</span><select
                class="select"
                value={pen.ghosts ?? ''}
                onchange={(event) => set(pen, { ghosts: event.currentTarget.value || null })}
                ><option value="">not looked</option><option value="none">none</option><option value="slight">slight</option><option
                  value="strong">strong</option
                ></select
              ></label
            >
            <label class="field"
              ><span>Bleeds</span><select
                class="select"
                value={yes(pen.bleeds)}
                onchange={(event) => set(pen, { bleeds: read(event.currentTarget.value) })}
                ><option value="">not looked</option><option value="no">no</option><option value="yes">comes through</option></select
              ></label
            >
            <label class="field"
              ><span>Feathers</span><select
                class="select"
                value={yes(pen.feathers)}
                onchange={(event) => set(pen, { feathers: read(event.currentTarget.value) })}
                ><option value="">not looked</option><option value="no">no</option><option value="yes">runs out</option></select
              ></label
            >
            <label class="field"
              ><span>Dry after, min</span><input
                class="input figures"
                type="number"
                min="0"
                max="1440"
                value={pen.dries ?? ''}
                {@attach kept}
                onchange={(event) => set(pen, { dries: event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber })}
              /></label
            >
            <label class="field"
              ><span>Of the palette</span><select
                class="select"
                value={pen.colour ?? ''}
                onchange={(event) => set(pen, { colour: event.currentTarget.value || null })}
                ><option value="">no</option>{#each all.palette as one (one.colour)}<option value={one.colour}
                    >{one.means || one.colour}</option
                  >{/each}</select
              ></label
            >
          </div>
          <div class="uses">
            <label
              ><input
                type="checkbox"
                class="checkbox checkbox-sm"
                checked={pen.layered ?? false}
                onchange={(event) => set(pen, { layered: event.currentTarget.checked })}
              /> two layers tried</label
            >
            {#each USES as one (one)}<label
                ><input
                  type="checkbox"
                  class="checkbox checkbox-sm"
                  checked={pen.uses?.includes(one) ?? false}
                  onchange={(event) => use(pen, one, event.currentTarget.checked)}
                />
                {one === 'lines'
                  ? 'for lines'
                  : one === 'bands'
                    ? 'for bands'
                    : one === 'writing'
                      ? 'for writing'
                      : 'for decoration'}</label
              >{/each}
          </div>
          <p class="says figures" class:bad={pen.bleeds_here}>{pen.says}</p>
        </li>
      {/each}
    </ul>
  {/if}
</Screen>

<style>
  .pens {
    display: grid;
    gap: 1.1rem;
    max-width: 56rem;
  }
  .pens > li {
    border-top: 1px solid var(--color-base-300);
    padding-top: 0.6rem;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.2rem 0.8rem;
  }
  .head button {
    margin-left: auto;
  }
  .seen {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
    gap: 0.5rem;
    margin-block: 0.4rem;
  }
  .uses {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1.1rem;
  }
  .uses label {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    min-height: 1.9rem;
  }
  .says {
    margin-top: 0.3rem;
    border-left: 3px solid var(--done);
    padding-left: 0.6rem;
  }
  .says.bad {
    border-color: var(--caution);
  }
</style>
