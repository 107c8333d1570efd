<!-- A word of the page, at its place: what it says, and what it is to say instead; what is worked out says so. -->
<script lang="ts">
  import Dialog from '../parts/Dialog.svelte';
  import type { WordsState } from './words.svelte';

  let { words, close }: { words: WordsState; close: () => void } = $props();

  const chosen = $derived(words.chosen!);
  const word = $derived(chosen.found.word);
  const says = $derived(word.says ?? word.text);
  let wrong = $state('');

  async function change(event: SubmitEvent) {
    event.preventDefault();
    const said = String(new FormData(event.currentTarget as HTMLFormElement).get('says') ?? '');
    if (await words.say(chosen.found, said)) close();
    else wrong = 'Not changed: see what is said above the page.';
  }
</script>

<Dialog label="Word on page {word.page}" {close} at={chosen.at}>
  {#if word.at}
    <form onsubmit={change}>
      <label class="field">
        <span>{word.called}, page {word.page}</span>
        <input class="input" name="says" value={says} maxlength="200" dir="auto" {@attach (node) => (node as HTMLInputElement).select()} />
      </label>
      {#if chosen.found.of.type === 'set-pattern-word'}<p class="quiet">In all months of this pattern.</p>{/if}
      {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
      <div class="mt-2 flex gap-2">
        <button class="btn small" type="submit">Change</button>
        <button class="btn small plain" type="button" onclick={close}>Leave it</button>
      </div>
    </form>
  {:else}
    <p><strong dir="auto">{word.text}</strong> is worked out or kept elsewhere: dates and months follow the calendar, meanings the pens.</p>
    <button class="btn small mt-2" onclick={close}>Leave it</button>
  {/if}
</Dialog>
