<!-- Which spread this one should face: offered is only what can. -->
<script lang="ts">
  import { api, type Book, type Spread } from '../api/client';

  interface Props {
    book: Book;
    spread: Spread;
    set: (changes: Record<string, unknown>) => Promise<boolean>;
  }
  let { book, spread, set }: Props = $props();

  let ids = $state.raw<string[]>([]);
  const offered = $derived(book.spreads.filter((one) => one.id === spread.faces || ids.includes(one.id)));

  $effect(() => {
    let late = false;
    api.facing(book, spread.id).then(
      ({ facing }) => {
        if (!late) ids = facing;
      },
      // What it faces already stays there to be parted.
      () => undefined,
    );
    return () => {
      late = true;
    };
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
