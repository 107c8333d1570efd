<!-- Which book comes before this one: from the shelf, a plan file, or typed in from its pages. -->
<script lang="ts">
  import { api, type Book, type Edit, type Head, wholeShelf } from '../api/client';
  import { asProblem, open } from '../state/book.svelte';
  import { Loader } from '../state/loader.svelte';
  import Typed from './Typed.svelte';

  let { book }: { book: Book } = $props();

  const shelf = new Loader<Head[]>();
  shelf.load(async () => (await wholeShelf()).filter((one) => one.id !== book.id));
  let wrong = $state<{ field: string | null; detail: string } | null>(null);
  /** Whether what is wrong was typed: it is said where that stands. */
  let typed = $state(false);

  async function take(asked: Parameters<typeof api.readOld>[1]) {
    wrong = null;
    typed = 'typed' in asked;
    try {
      const { old } = await api.readOld(book, asked);
      await open.edit({ type: 'set-old', old } as Edit);
    } catch (error) {
      wrong = asProblem(error);
    }
  }
  async function file(event: Event) {
    const chosen = (event.currentTarget as HTMLInputElement).files?.[0];
    if (chosen) take({ plan: await chosen.text() });
  }
</script>

<h2>Which book comes before this one?</h2>
{#if wrong && !typed}<p class="note stop" role="alert">{wrong.detail}</p>{/if}
<section>
  <h3>From the shelf</h3>
  {#if shelf.value && shelf.value.length === 0}
    <p class="quiet">There is no other notebook on the shelf.</p>
  {:else}
    <ul>
      {#each shelf.value ?? [] as one (one.id)}
        <li>
          <button class="btn" onclick={() => take({ notebook: one.id })}><span class="wrap-anywhere" dir="auto">{one.title}</span></button>
          <span class="quiet figures">{one.period.start} to {one.period.end}, {one.stock.pages} pages</span>
        </li>
      {/each}
    </ul>
  {/if}
</section>
<section>
  <h3>From a plan file</h3>
  <input type="file" class="file" accept=".json,application/json" aria-label="A plan file" onchange={file} />
</section>
<section>
  <h3>A book this program never saw</h3>
  <Typed {book} {take} wrong={typed ? wrong : null} />
</section>

<style>
  section {
    margin-top: 1.2rem;
  }
  ul {
    display: grid;
    gap: 0.4rem;
    margin-top: 0.4rem;
  }
  .btn {
    height: auto;
    min-height: 2.4rem;
    white-space: normal;
    text-align: left;
  }
</style>
