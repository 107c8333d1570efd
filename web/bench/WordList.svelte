<!-- The words of a spread one after another, for who does not point at them. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { kept } from '../parts/kept';
  import type { Drawn, WordsState } from './words.svelte';

  let { book, drawn, words }: { book: Book; drawn: Drawn; words: WordsState } = $props();

  $effect(() => {
    if (book) void words.load(drawn);
  });
  const all = $derived(words.changeable(drawn.drawing));
</script>

<div class="grid gap-2.5">
  {#each all as found (found.word.at)}
    <label class="field">
      <span>{found.word.called}, page {found.word.page}</span>
      <input
        class="input"
        dir="auto"
        maxlength="200"
        value={found.word.says ?? found.word.text}
        {@attach kept}
        onchange={(event) => words.say(found, event.currentTarget.value)}
      />
    </label>
  {/each}
</div>
