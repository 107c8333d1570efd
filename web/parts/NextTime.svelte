<!-- What to do otherwise in the next book, written where it is noticed. -->
<script lang="ts">
  import type { Book, Edit } from '../api/client';
  import { open } from '../state/book.svelte';
  import { FieldLines } from '../state/lines.svelte';
  import Written from './Written.svelte';

  interface Props {
    book: Book;
    /** The title of the spread it is about; none for the whole book. */
    about?: string | null;
  }
  let { book, about = null }: Props = $props();

  const field = new FieldLines((words) => open.write({ type: 'add-note', words, ...(about === null ? {} : { about }) } as Edit));
  const notes = $derived(book.next_time.filter((one) => about === null || one.about === about));

  function add(event: SubmitEvent) {
    event.preventDefault();
    field.put();
  }
</script>

<details class="next">
  <summary class="quiet">Next time{notes.length > 0 ? `: ${notes.length}` : ''}</summary>
  {#each notes as one (one.id)}
    <p class="note" dir="auto">
      {one.words}{#if about === null && one.about}<span class="quiet ml-1">· {one.about}</span>{/if}
      <button class="btn small plain" onclick={() => open.edit({ type: 'remove-note', note: one.id } as Edit)}
        >Take it out<span class="sr-only">: {one.words}</span></button
      >
    </p>
  {/each}
  <form onsubmit={add}>
    <label class="field"
      ><span>{about === null ? 'What the next book should do otherwise' : 'What to do otherwise with it in the next book'}</span><input
        class="input"
        bind:value={field.said}
        aria-invalid={field.wrong ? 'true' : undefined}
        maxlength="300"
      /></label
    >
    <button class="btn small mt-1" disabled={field.said.trim() === ''}>Note it</button>
  </form>
  {#if field.wrong}<p class="wrong" role="alert">{field.wrong}</p>{/if}
  <Written lines={field.lines} again={(line) => field.again(line)} label="Being noted" />
</details>

<style>
  .next {
    margin-top: 1rem;
    border-top: 1px solid var(--color-base-300);
    padding-top: 0.5rem;
  }
  summary {
    cursor: pointer;
    min-height: 1.9rem;
  }
</style>
