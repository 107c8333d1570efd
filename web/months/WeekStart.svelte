<!-- The day weeks begin on, all over the book. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import { open } from '../state/book.svelte';

  let { book, label }: { book: Book; label: string } = $props();
  const set = (first: Book['weeks']['first']) => open.edit((now) => ({ type: 'set-weeks', weeks: { ...now.weeks, first } }));
</script>

<label class="field">
  <span>{label}</span>
  <select class="select" value={book.weeks.first} onchange={(event) => set(Number(event.currentTarget.value) as Book['weeks']['first'])}>
    <option value={1}>Monday</option>
    <option value={7}>Sunday</option>
    <option value={6}>Saturday</option>
  </select>
</label>
