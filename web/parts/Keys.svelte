<!-- The keys that work now, listed on "?". -->
<script lang="ts">
  import { keys } from '../state/keys.svelte';
  import Dialog from './Dialog.svelte';

  let { close }: { close: () => void } = $props();
</script>

<Dialog label="Keys" {close}>
  <h2>Keys</h2>
  <table>
    <tbody>
      {#each keys.all as key (key)}
        <tr><th scope="row"><span class="kbd-key">{key.shown}</span></th><td>{key.says}</td></tr>
      {/each}
    </tbody>
  </table>
  <button class="btn small mt-3" onclick={close}>Close</button>
</Dialog>

<style>
  th {
    text-align: left;
    padding: 0.2rem 0.9rem 0.2rem 0;
    white-space: nowrap;
    font-weight: 400;
    vertical-align: top;
  }
</style>
