<!-- How weeks are drawn in every month. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import WeekStart from './WeekStart.svelte';
  import { open } from '../state/book.svelte';

  let { book }: { book: Book } = $props();
  const set = (changes: Record<string, unknown>) => open.edit((now) => ({ type: 'set-weeks', weeks: { ...now.weeks, ...changes } }));
</script>

<section class="grid gap-2.5" aria-label="Weeks">
  <h2>Weeks</h2>
  <WeekStart {book} label="Begin on" />
  <label class="field">
    <span>Pages a week</span>
    <select class="select" value={book.weeks.pages} onchange={(event) => set({ pages: event.currentTarget.value })}>
      <option value="2">2 pages, an opening</option>
      <option value="1">1 page</option>
      <option value="1/2">½ page, rolling</option>
    </select>
  </label>
  <label class="field">
    <span>A week across two months</span>
    <select class="select" value={book.weeks.school} onchange={(event) => set({ school: event.currentTarget.value })}>
      <option value="most-days">to the month with most of its days</option>
      <option value="first-day">to the month of its first day</option>
      <option value="split">split: drawn in both</option>
      <option value="folded">split, short ends folded into half</option>
    </select>
  </label>
</section>
