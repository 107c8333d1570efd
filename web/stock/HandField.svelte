<!-- How wide the person writes: one sentence on their own paper, counted in boxes. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { open } from '../state/book.svelte';
  import { kept } from '../parts/kept';

  let { book }: { book: Book } = $props();
  let wrong = $state('');

  async function change(said: string) {
    wrong = '';
    if (said.trim() === '') await open.edit({ type: 'set-hand', boxes: null });
    else if (!/^\d{1,3}$/.test(said.trim())) wrong = 'Say how many boxes, a whole number.';
    else if (!(await open.edit({ type: 'set-hand', boxes: Number(said) }))) wrong = open.problem?.detail ?? '';
  }
</script>

<label class="field">
  <span>My hand: boxes this sentence takes on your paper, as you usually write</span>
  <em>{book.hand.sentence}</em>
  <input
    class="input figures"
    inputmode="numeric"
    value={book.hand.own ? book.hand.boxes : ''}
    {@attach kept}
    placeholder="{book.hand.boxes}, an ordinary hand"
    aria-invalid={wrong ? 'true' : undefined}
    onchange={(event) => change(event.currentTarget.value)}
  />
</label>
{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
