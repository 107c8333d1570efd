<!-- What now? What happened, where the pen stands, and what saves it, cheapest first, each with its counts. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book } from '../api/client';
  import { open } from '../state/book.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import { route } from '../state/route.svelte';
  import type { SlipState, What } from './slips.svelte';
  import PutInTray from '../tray/PutInTray.svelte';

  interface Props {
    book: Book;
    slip: SlipState;
    /** The pages that lie open. */
    pages: number[];
  }
  let { book, slip, pages }: Props = $props();

  const kinds = $derived(catalogue.all?.slips ?? []);
  const asks = $derived(kinds.find((one) => one.id === slip.kind)?.asks ?? 'page');
  const logged = $derived(book.slips.filter((one) => pages.includes(one.page)));
  const placed = $derived(book.spreads.filter((one) => one.page !== null).sort((a, b) => (a.page ?? 0) - (b.page ?? 0)));

  $effect(() => {
    if (!pages.includes(slip.at.page) && pages.length > 0) slip.at = { ...slip.at, page: pages[0] ?? 1 };
  });
  $effect(() => {
    const [asked] = [slip.asked, book.version];
    if (asked) untrack(() => slip.load());
  });
  const number = (event: Event) => (event.currentTarget as HTMLInputElement).valueAsNumber;
</script>

{#snippet count(label: string, least: number, most: number, value: number | null, set: (said: number) => void)}
  <label class="field"
    ><span>{label}</span><input
      class="input figures"
      type="number"
      min={least}
      max={most}
      value={value ?? ''}
      oninput={(event) => set(number(event))}
    /></label
  >
{/snippet}

<section class="slip" aria-label="What now?">
  <h3>What now?</h3>
  <label class="field">
    <span class="sr-only">What happened</span>
    <select
      class="select"
      value={slip.kind}
      onchange={(event) => ((slip.kind = event.currentTarget.value as What | ''), (slip.saved = ''))}
    >
      <option value="">A slip in ink? Say what happened</option>
      {#each kinds as one (one.id)}<option value={one.id}>{one.words}</option>{/each}
    </select>
  </label>
  {#if slip.kind !== ''}
    <div class="where">
      {#if pages.length > 1}
        <label class="field"
          ><span>On page</span><select
            class="select"
            value={slip.at.page}
            onchange={(event) => (slip.at = { ...slip.at, page: Number(event.currentTarget.value) })}
            >{#each pages as page (page)}<option value={page}>{page}</option>{/each}</select
          ></label
        >
      {/if}
      {#if asks === 'line' || asks === 'box' || asks === 'length'}
        {@render count('Boxes across', 0, 200, slip.at.x, (said) => (slip.at = { ...slip.at, x: said || 0 }))}
        {@render count('Boxes down', 0, 200, slip.at.y, (said) => (slip.at = { ...slip.at, y: said || 0 }))}
      {/if}
      {#if asks === 'line' || asks === 'length' || slip.kind === 'title-off'}
        {@render count(asks === 'length' ? 'Boxes too far' : 'Boxes off (− for short)', -20, 20, slip.by, (said) => (slip.by = said))}
      {/if}
      {#if asks === 'line'}
        <label class="field"
          ><span>Counted</span><select
            class="select"
            value={slip.down === null ? '' : slip.down ? 'down' : 'across'}
            onchange={(event) => (slip.down = event.currentTarget.value === '' ? null : event.currentTarget.value === 'down')}
            ><option value="">to the nearest line</option><option value="down">down the side</option><option value="across"
              >along the top</option
            ></select
          ></label
        >
      {/if}
      {#if asks === 'other page'}
        <label class="field"
          ><span>What was drawn here</span><select
            class="select"
            value={slip.other ?? ''}
            onchange={(event) => (slip.other = event.currentTarget.value === '' ? null : Number(event.currentTarget.value))}
            ><option value="">choose it</option>{#each placed as one (one.id)}<option value={one.page}>{one.title}, page {one.page}</option
              >{/each}{#each book.pages.filter((one) => one.month !== null && one.drawing !== '') as one (one.page)}<option value={one.page}
                >{one.title}, page {one.page}</option
              >{/each}</select
          ></label
        >
      {/if}
      {#if slip.kind === 'sticker'}
        {@render count('mm wide', 1, 400, slip.wide, (said) => (slip.wide = said || null))}
        {@render count('mm tall', 1, 400, slip.tall, (said) => (slip.tall = said || null))}
      {/if}
    </div>
    {#if asks === 'line' || asks === 'box' || asks === 'length'}<p class="quiet">
        Point at the page where the pen stands, or type the boxes before it{#if asks === 'line'}; or <a
            href={route.to('count', slip.at.page)}>split what is left</a
          > on the counting bench{/if}.
      </p>{/if}
    {#if slip.wrong}<p class="note stop" role="alert">{slip.wrong}</p>{/if}
    {#if slip.ways}
      <p class="my-1" aria-live="polite"><strong>{slip.ways.where}</strong></p>
      <ol class="ways">
        {#each slip.ways.ways as way (way.say + way.how)}
          <li class="note">
            <p><strong>{way.say}</strong> <span class="quiet figures">about {way.minutes} min</span></p>
            <p class="figures">{way.how}</p>
            {#if way.corrections.length > 0}
              <details>
                <summary class="quiet"
                  >{way.corrections.length === 1 ? 'One entry of the index' : `${way.corrections.length} entries of the index`}</summary
                >
                <ul>
                  {#each way.corrections as one, i (i)}<li class="figures">{one.name}: <s>{one.was}</s> {one.now}</li>{/each}
                </ul>
              </details>
            {/if}
            <button class="btn small offer mt-1" onclick={() => slip.take(way)}
              >This is how I save it<span class="sr-only">: {way.say}</span></button
            >
          </li>
        {/each}
      </ol>
    {/if}
  {/if}
  {#if slip.saved}<p class="note" role="status">
      Saved: {slip.saved}. The drawing, its steps and the index are as they stand on paper now.
    </p>{/if}
  {#if slip.kind === '' && book.slips.length > logged.length}
    <details>
      <summary class="quiet">{book.slips.length === 1 ? 'One slip' : `${book.slips.length} slips`} in this book</summary>
      <ul class="log">
        {#each book.slips as one (one.id)}<li>
            <a href={route.to('bench', one.page)}>Page {one.page}</a>, {one.title}: {one.words.toLowerCase()}. {one.saved}.
          </li>{/each}
      </ul>
    </details>
  {/if}
  {#if logged.length > 0}
    <h4>Slips here</h4>
    <ul class="log">
      {#each logged as one (one.id)}
        <li>
          <span class="figures">Page {one.page}:</span>
          {one.words.toLowerCase()}. {one.saved}.
          <button class="btn small plain" onclick={() => open.edit({ type: 'remove-slip', slip: one.id })}
            >Take it out<span class="sr-only"> of the log: {one.saved}</span></button
          >{#if /patch|strip/i.test(one.saved)}
            <PutInTray print="patches" what="the patches" />{/if}
        </li>
      {/each}
    </ul>
  {/if}
</section>

<style>
  .slip {
    border-bottom: 1px solid var(--color-base-300);
    padding-bottom: 0.7rem;
    margin-bottom: 0.5rem;
  }
  .where {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 0.5rem 0;
  }
  .where .field {
    flex: 1 1 6.5rem;
    min-width: 0;
  }
  .ways {
    display: grid;
    gap: 0.4rem;
  }
  details ul {
    padding-left: 0.8rem;
  }
  h4 {
    font-weight: 600;
    margin-top: 0.6rem;
  }
  .log li {
    line-height: 1.35;
    padding-block: 0.15rem;
  }
</style>
