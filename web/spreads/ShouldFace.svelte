<!-- Which spread this one should face: offered is only what can. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Spread } from '../api/client';
  import { Loader } from '../state/loader.svelte';

  interface Props {
    book: Book;
    spread: Spread;
    set: (changes: Record<string, unknown>) => Promise<boolean>;
  }
  let { book, spread, set }: Props = $props();

  const can = new Loader<{ facing: string[] }>();
  /** What it faces already stays there to be parted. */
  const offered = $derived(book.spreads.filter((one) => one.id === spread.faces || can.value?.facing.includes(one.id)));

  $effect(() => {
    const [now, of] = [book, spread.id];
    untrack(() => void can.load(() => api.facing(now, of)));
  });
</script>

<label class="field">
  <span>Should face</span>
  <select class="select" value={spread.faces ?? ''} onchange={(event) => set({ faces: event.currentTarget.value || null })}>
    <option value="">nothing in particular</option>
    {#each offered as other (other.id)}<option value={other.id}>{other.title}</option>{/each}
  </select>
</label>
{#if spread.faces}
  <label class="flex items-center gap-2"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={spread.must_face}
      onchange={(event) => set({ must_face: event.currentTarget.checked })}
    /> It must, even if more spreads move for it</label
  >
{/if}
