<!-- Puts something into the print tray from wherever it is met; in it already, it leads there. -->
<script lang="ts">
  import { open } from '../state/book.svelte';
  import { route } from '../state/route.svelte';
  import { putInTray } from './tray.svelte';

  let { print, what }: { print: string; what: string } = $props();
  const book = $derived(open.book);
</script>

{#if book?.tray.includes(print)}
  <a href={route.to('tray')} aria-label="In the print tray: {what}">In the print tray</a>
{:else if book}
  <button class="btn small" aria-label="Put in the tray: {what}" onclick={() => putInTray(book, print)}>Put in the tray</button>
{/if}
