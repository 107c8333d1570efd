<!-- The keys, listed on "?". -->
<script lang="ts">
  import { SCREENS } from '../screens';

  let { close }: { close: () => void } = $props();

  const SCREEN_KEYS = SCREENS.filter((one) => one.key).map((one) => `${one.key} ${one.name}`);

  const KEYS = [
    ['← →', 'turn the opening; on Spreads, the spread before or after'],
    ['Shift ← →', 'move the chosen spread earlier or later'],
    ['↑ ↓', 'the step before or after; in the copying view, the row'],
    ['Space', 'tick the step; in the copying view, the month'],
    ['Enter, Backspace', 'in the key designer: set the pen down or lift it; take a stroke away'],
    ['f', 'find a spread or a page'],
    ['g, then a letter', SCREEN_KEYS.join(', ')],
    ['z', 'take the last edit back'],
    ['Shift z', 'put it again'],
    ['?', 'this list'],
  ];
  function focus(node: HTMLElement) {
    node.focus();
  }
</script>

<div class="keys" aria-label="Keys" role="dialog" tabindex="-1" use:focus>
  <h2>Keys</h2>
  <table>
    <tbody>
      {#each KEYS as [keys, does] (keys)}
        <tr><th scope="row"><span class="kbd-key">{keys}</span></th><td>{does}</td></tr>
      {/each}
    </tbody>
  </table>
  <button class="btn small mt-3" onclick={close}>Close</button>
</div>

<style>
  .keys {
    position: fixed;
    right: 1rem;
    top: 3.2rem;
    z-index: 50;
    background: var(--color-base-100);
    border: 1px solid var(--color-base-content);
    padding: 1rem 1.2rem;
    max-width: min(26rem, calc(100vw - 2rem));
  }
  th {
    text-align: left;
    padding: 0.2rem 0.9rem 0.2rem 0;
    white-space: nowrap;
    font-weight: 400;
    vertical-align: top;
  }
</style>
