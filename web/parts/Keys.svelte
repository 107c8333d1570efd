<!-- The keys that work now, listed on "?". -->
<script lang="ts">
  import { keys, type Letters } from '../state/keys.svelte';
  import { explained } from '../state/explained.svelte';
  import { purposes } from '../state/purposes.svelte';
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
  <label class="field mt-3">
    <span>Single letters and figures act</span>
    <select class="select" value={keys.letters} onchange={(event) => keys.choose(event.currentTarget.value as Letters)}>
      <option value="alone">alone</option>
      <option value="alt">with Alt held</option>
      <option value="off">not at all</option>
    </select>
  </label>
  <p class="mt-3 flex flex-wrap gap-2">
    <button class="btn small" onclick={close}>Close</button>
    <a class="btn small plain" href="/build/makers.txt" target="_blank" rel="noopener">Makers and licences</a>
    <button class="btn small plain" onclick={() => (purposes.again(), explained.again(), close())}
      >Say on every screen again what it is for</button
    >
  </p>
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
