<!-- A dialog of the browser: it keeps the focus, gives it back, and closes on Escape or a click beside it. -->
<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    close: () => void;
    /** For what is looked at side by side. */
    wide?: boolean;
    /** Where on the screen it stands, for what belongs to a spot; in the middle without it. */
    at?: { x: number; y: number } | null;
    children: Snippet;
  }
  let { label, close, wide = false, at = null, children }: Props = $props();
  let node: HTMLDialogElement;

  $effect(() => {
    node.showModal();
    return () => node.close();
  });
</script>

<dialog
  bind:this={node}
  class:wide
  class:at={at !== null}
  style:left={at ? `clamp(0.5rem, ${at.x}px, calc(100vw - 19.5rem))` : undefined}
  style:top={at ? `clamp(0.5rem, ${at.y}px, calc(100dvh - 14rem))` : undefined}
  aria-label={label}
  onclose={close}
  onclick={(event) => event.target === node && node.close()}
>
  <div>{@render children()}</div>
</dialog>

<style>
  dialog {
    margin: 4rem auto auto;
    padding: 0;
    width: min(30rem, calc(100vw - 2rem));
    max-height: calc(100dvh - 6rem);
    background: var(--color-base-100);
    color: var(--color-base-content);
    border: 1px solid var(--color-base-content);
  }
  dialog.wide {
    width: min(58rem, calc(100vw - 2rem));
  }
  dialog.at {
    margin: 0;
    width: min(19rem, calc(100vw - 1rem));
  }
  dialog.at::backdrop {
    background: transparent;
  }
  dialog::backdrop {
    background: color-mix(in srgb, var(--color-base-content) 18%, transparent);
  }
  dialog > div {
    padding: 1rem 1.2rem;
  }
</style>
