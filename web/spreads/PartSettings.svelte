<!-- The parts of a spread's pages by name, each unfolding to all that it can be asked; what is said here is of this spread alone. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { PartSettings } from '../api/client';
  import { Loader } from '../state/loader.svelte';
  import SettingField from './SettingField.svelte';

  interface Props {
    /** What the answer depends on: nothing is asked again while it stays. */
    from: string;
    load: () => Promise<PartSettings>;
    /** Says something of one part; null puts a setting back to what the kind has. */
    set: (part: string, settings: Record<string, unknown>) => unknown;
    says: string;
  }
  let { from, load, set, says }: Props = $props();
  const known = new Loader<PartSettings>();
  let unfolded = $state<Record<string, boolean>>({});
  const parts = $derived(known.value?.parts.filter((one) => one.fields.length > 0) ?? []);

  $effect(() => {
    if (from) untrack(() => void known.load(load));
  });

  const name = (part: PartSettings['parts'][number]) =>
    part.part.charAt(0).toUpperCase() + part.part.slice(1) + (part.title ? ` “${part.title}”` : '');
</script>

{#if parts.length > 0}
  <section class="my-4" aria-label="Parts of the page">
    <h3>Parts of the page</h3>
    <p class="quiet">{says}</p>
    {#each parts as part (part.part)}
      <details class="of-part" bind:open={unfolded[part.part]}>
        <summary
          >{name(part)}{#if part.own.length > 0}<span class="quiet"> · {part.own.length} of its own</span>{/if}</summary
        >
        {#if unfolded[part.part]}
          <div class="grid gap-2.5 py-2">
            {#each part.fields as field (field.name)}
              <SettingField
                {field}
                value={part.settings[field.name]}
                all={part.settings}
                change={(value) => set(part.part, { [field.name]: value })}
              />
            {/each}
            {#if part.own.length > 0}
              <button
                class="btn small justify-self-start"
                onclick={() => set(part.part, Object.fromEntries(part.own.map((one) => [one, null])))}>As the kind has it</button
              >
            {/if}
          </div>
        {/if}
      </details>
    {/each}
  </section>
{/if}
{#if known.wrong}<p class="wrong" role="alert">{known.wrong}</p>{/if}

<style>
  .of-part {
    border-top: 1px solid var(--color-base-300);
  }
  .of-part summary {
    cursor: pointer;
    padding: 0.4rem 0;
  }
</style>
