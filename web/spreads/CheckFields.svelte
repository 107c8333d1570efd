<!-- Yes or no to each check of each goal: what is asked, and an example beside it. -->
<script lang="ts">
  import type { Field } from '../api/client';

  interface Props {
    field: Field;
    value: unknown;
    /** What is checked, as its own setting lists it. */
    items: string[];
    change: (value: unknown) => void;
  }
  let { field, value, items, change }: Props = $props();

  const yes = $derived((value ?? {}) as Record<string, string[]>);

  function answer(item: string, name: string, on: boolean) {
    const names = (yes[item] ?? []).filter((one) => one !== name);
    // Answers to what is no longer listed go with it.
    const kept = Object.fromEntries(Object.entries(yes).filter(([of]) => items.includes(of)));
    change({ ...kept, [item]: on ? [...names, name] : names });
  }
</script>

{#each items as item (item)}
  <details open={(yes[item] ?? []).length > 0}>
    <summary class="wrap-anywhere"
      ><span dir="auto">{item}</span> <span class="quiet">{(yes[item] ?? []).length} of {field.checks.length}</span></summary
    >
    <fieldset>
      <legend class="sr-only">{field.label}, {item}</legend>
      {#each field.checks as [name, asks, example] (name)}
        <label
          ><input
            type="checkbox"
            class="checkbox checkbox-sm"
            checked={(yes[item] ?? []).includes(name ?? '')}
            onchange={(event) => answer(item, name ?? '', event.currentTarget.checked)}
          /> <span><strong>{name}.</strong> {asks} <span class="quiet">{example}</span></span></label
        >
      {/each}
    </fieldset>
  </details>
{:else}
  <p class="quiet">Write the goals down, one a line; then each is checked here.</p>
{/each}

<style>
  summary {
    cursor: pointer;
    font-weight: 600;
    padding-block: 0.2rem;
  }
  label {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.5rem;
    padding-block: 0.25rem;
    line-height: 1.3;
  }
</style>
