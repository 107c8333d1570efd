<!-- The parts of a spread's pages by name, each unfolding to all that it can be asked; what is said here is of this spread alone. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { api, type Book, type Edit, type PartSettings, type Spread } from '../api/client';
  import { Loader } from '../state/loader.svelte';
  import SettingField from './SettingField.svelte';

  interface Props {
    book: Book;
    spread: Spread;
    edit: (edit: Edit) => Promise<boolean>;
  }
  let { book, spread, edit }: Props = $props();
  const known = new Loader<PartSettings>();
  /** Of which spread the answer is: another one's parts never stand under this title. */
  let of = $state('');
  let unfolded = $state<Record<string, boolean>>({});
  const parts = $derived(of === spread.id ? (known.value?.parts.filter((one) => one.fields.length > 0) ?? []) : []);

  /** What the answer depends on: a new title or a moved page asks nothing again. */
  const from = $derived(JSON.stringify([book.id, book.book, book.samples, spread.id, spread.kind, spread.settings]));
  $effect(() => {
    if (from) untrack(load);
  });
  async function load() {
    const asked = spread.id;
    if (of !== asked) unfolded = {};
    if (await known.load(() => api.partSettings(book, asked))) of = asked;
  }

  const set = (part: string, settings: Record<string, unknown>) => edit({ type: 'set-part', spread: spread.id, part, settings });
  const name = (part: PartSettings['parts'][number]) =>
    part.part.charAt(0).toUpperCase() + part.part.slice(1) + (part.title ? ` “${part.title}”` : '');
</script>

{#if parts.length > 0}
  <section class="my-4" aria-label="Parts of the page">
    <h3>Parts of the page</h3>
    <p class="quiet">What is said here is of this spread alone.</p>
    {#each parts as part (part.part)}
      <details class="part" bind:open={unfolded[part.part]}>
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
{#if known.wrong && of !== spread.id}<p class="wrong" role="alert">{known.wrong}</p>{/if}

<style>
  .part {
    border-top: 1px solid var(--color-base-300);
  }
  .part summary {
    cursor: pointer;
    padding: 0.4rem 0;
  }
</style>
