<!-- What a spread is asked: its title, what its kind asks for, and its parts by name with all that these can be asked. -->
<script lang="ts">
  import { api, type Book, type Edit, type Spread } from '../api/client';
  import { catalogue } from '../state/catalogue.svelte';
  import { kept } from '../parts/kept';
  import PartSettings from './PartSettings.svelte';
  import SettingField from './SettingField.svelte';

  interface Props {
    book: Book;
    spread: Spread;
    edit: (edit: Edit) => Promise<boolean>;
  }
  let { book, spread, edit }: Props = $props();

  const kind = $derived(catalogue.kind(book, spread.kind));
  const fields = $derived(kind?.fields.filter((field) => spread.asked.includes(field.name)) ?? []);
  /** Every setting as it counts: what is said, or what is usual of what is written in lines. */
  const said = $derived({
    ...Object.fromEntries(
      fields.filter((field) => field.type === 'lines').map((field) => [field.name, field.usually.split('\n').filter(Boolean)]),
    ),
    ...spread.settings,
  });
  const set = (changes: Record<string, unknown>) => edit({ type: 'set-spread', spread: spread.id, ...changes });
</script>

<div class="grid gap-2.5">
  <label class="field"
    ><span>Title</span><input
      class="input"
      value={spread.title}
      {@attach kept}
      onchange={(event) => set({ title: event.currentTarget.value })}
    /></label
  >
  {#each fields as field (field.name)}
    <SettingField {field} value={spread.settings[field.name]} all={said} change={(value) => set({ settings: { [field.name]: value } })} />
  {/each}
</div>
{#if kind}
  <!-- Parts of another spread never stand under this title. -->
  {#key spread.id}<PartSettings
      from={JSON.stringify([book.id, book.book, book.samples, spread.id, spread.kind, spread.settings])}
      load={() => api.partSettings(book, spread.id)}
      set={(part, settings) => edit({ type: 'set-part', spread: spread.id, part, settings })}
      says="What is said here is of this spread alone."
    />{/key}
{/if}
