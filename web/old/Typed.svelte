<!-- An old book typed in from its pages, in two minutes: a spread a line, a month a line. -->
<script lang="ts">
  import { api, type Book } from '../api/client';
  import { catalogue } from '../state/catalogue.svelte';

  interface Props {
    book: Book;
    take: (asked: Parameters<typeof api.readOld>[1]) => void;
    wrong: { field: string | null; detail: string } | null;
  }
  let { book, take, wrong }: Props = $props();

  const LIKE = {
    counts: 'Key\nIndex 2\nFuture log 4\nBooks read 2\nThe boat in spring 3',
    numbers: 'Key 1\nIndex 2\nFuture log 4–7\nBooks read 8\nThe boat in spring 10',
    months: 'January 40\nFebruary 51',
  };
  // Most people buy the same paper again; the months before these are the likeliest.
  const before = (month: string, by: number) => {
    const [year = 0, nth = 1] = month.split('-').map(Number);
    return new Date(Date.UTC(year, nth - 1 - by, 1)).toISOString().slice(0, 7);
  };
  const length = $derived(
    (Number(book.period.end.slice(0, 4)) - Number(book.period.start.slice(0, 4))) * 12 +
      Number(book.period.end.slice(5)) -
      Number(book.period.start.slice(5)) +
      1,
  );
  let title = $state('The book before');
  /** The name of its page size; none for that of the new book. */
  let size = $state('');
  let across = $state('');
  let down = $state('');
  let pages = $state('');
  let start = $state('');
  let end = $state('');
  let spreads = $state('');
  /** Whether a figure behind a title is the page it begins on, or how many pages it has. */
  let numbers = $state(false);
  let months = $state('');
  const count = (said: string, usual: number) => (said.trim() === '' ? usual : Number.isInteger(Number(said)) ? Number(said) : said);

  function read(event: SubmitEvent) {
    event.preventDefault();
    const { pitch, first_leaf } = book.stock;
    const { width, height } = catalogue.all?.papers.find((one) => one.name === size) ?? book.stock;
    take({
      typed: {
        title,
        stock: {
          width,
          height,
          pitch,
          first_leaf,
          across: count(across, book.stock.across),
          down: count(down, book.stock.down),
          pages: count(pages, book.stock.pages),
        } as Book['stock'],
        period: { start: start || before(book.period.start, length), end: end || before(book.period.start, 1) },
        weeks: book.weeks,
        spreads,
        numbers,
        months,
      },
    });
  }
</script>

{#snippet figure(label: string, usual: number, value: string, set: (said: string) => void)}
  <label class="field"
    ><span>{label}</span><input
      class="input figures"
      inputmode="numeric"
      {value}
      oninput={(event) => set(event.currentTarget.value)}
      placeholder={String(usual)}
    /></label
  >
{/snippet}

<form onsubmit={read} novalidate>
  <div class="paper">
    <label class="field"><span>Title</span><input class="input" bind:value={title} /></label>
    <label class="field"><span>From</span><input class="input" bind:value={start} placeholder={before(book.period.start, length)} /></label>
    <label class="field"><span>To</span><input class="input" bind:value={end} placeholder={before(book.period.start, 1)} /></label>
    <label class="field">
      <span>Page size</span>
      <select class="select" bind:value={size}>
        <option value="">as the new book</option>
        {#each catalogue.all?.papers ?? [] as paper (paper.name)}<option value={paper.name}>{paper.name}</option>{/each}
      </select>
    </label>
    {@render figure('Boxes across', book.stock.across, across, (said) => (across = said))}
    {@render figure('Boxes down', book.stock.down, down, (said) => (down = said))}
    {@render figure('Pages', book.stock.pages, pages, (said) => (pages = said))}
  </div>
  <label class="field mt-3 max-w-xs">
    <span>A figure behind a spread is</span>
    <select class="select" bind:value={numbers}>
      <option value={false}>how many pages it has</option>
      <option value={true}>the page it begins on</option>
    </select>
  </label>
  <div class="texts">
    <label class="field">
      <span>Its spreads in order, a line each, with their pages</span>
      <textarea
        class="textarea"
        rows="9"
        bind:value={spreads}
        placeholder={numbers ? LIKE.numbers : LIKE.counts}
        aria-invalid={wrong?.field === 'spreads' ? 'true' : undefined}></textarea>
    </label>
    <label class="field">
      <span>The last page of each month</span>
      <textarea
        class="textarea"
        rows="9"
        bind:value={months}
        placeholder={LIKE.months}
        aria-invalid={wrong?.field === 'months' ? 'true' : undefined}></textarea>
    </label>
  </div>
  {#if wrong}<p class="wrong" role="alert">{wrong.detail}</p>{/if}
  <button class="btn chief mt-2">Take this book</button>
</form>

<style>
  .paper {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
    gap: 0.5rem;
    margin-top: 0.4rem;
  }
  .texts {
    display: grid;
    grid-template-columns: 3fr 2fr;
    gap: 0.7rem;
    margin-top: 0.7rem;
  }
  @media (max-width: 900px) {
    .paper {
      grid-template-columns: 1fr 1fr;
    }
    .texts {
      grid-template-columns: 1fr;
    }
  }
</style>
