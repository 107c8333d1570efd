<!-- Lines that are being written, and those that came back, each with its words and what to do. -->
<script lang="ts" generics="T">
  import type { Line, Lines } from '../state/lines.svelte';

  interface Props {
    lines: Lines<T>;
    /** Puts a line that came back into its fields again. */
    again: (line: Line<T>) => void;
    label: string;
  }
  let { lines, again, label }: Props = $props();
</script>

{#if lines.shown.length > 0}
  <ul class="written" aria-label={label}>
    {#each lines.shown as line (line.id)}
      <li class:refused={line.is === 'refused'}>
        <p>
          <span dir="auto" class="words">{line.text}</span>
          {#if line.is === 'writing'}<span class="quiet">being written</span>{:else}<span class="says">{line.says}</span>{/if}
        </p>
        {#if line.is !== 'writing'}
          <button type="button" class="btn small" onclick={() => again(line)}>Put it right<span class="sr-only">: {line.text}</span></button
          >
          <button type="button" class="btn small plain" onclick={() => lines.drop(line.id)}
            >Leave it<span class="sr-only">: {line.text}</span></button
          >
        {/if}
      </li>
    {/each}
  </ul>
{/if}

<style>
  .written {
    margin: 0.4rem 0;
  }
  li {
    display: flex;
    align-items: start;
    gap: 0.2rem 0.7rem;
    padding: 0.3rem 0.4rem;
    border-left: 3px solid var(--color-base-300);
  }
  li.refused {
    border-left-color: var(--color-error);
  }
  li p {
    flex: 1;
    min-width: 0;
  }
  .words {
    margin-right: 0.4rem;
    overflow-wrap: anywhere;
    font-variant-numeric: tabular-nums;
  }
  @media (max-width: 40rem) {
    li {
      flex-wrap: wrap;
    }
    li p {
      flex-basis: 100%;
    }
  }
</style>
