<!-- How the leaves of the spread are cut: doors, a window, a short leaf, tabs; or not at all. -->
<script lang="ts">
  import type { Catalogue, Parts } from '../api/client';
  import SettingField from '../spreads/SettingField.svelte';

  interface Props {
    page: Parts;
    cuts: Catalogue['cuts'];
    change: (change: { cut: string | null; settings?: Record<string, unknown> }) => void;
  }
  let { page, cuts, change }: Props = $props();

  const cut = $derived(cuts.find((one) => one.cut === page.cut?.cut));
  const settings = $derived((page.cut?.settings ?? {}) as Record<string, unknown>);
</script>

<h3 class="mt-4">Its leaves</h3>
<label class="field">
  <span>Cut as</span>
  <select class="select" value={cut?.cut ?? ''} onchange={(event) => change({ cut: event.currentTarget.value || null })}>
    <option value="">not cut</option>
    {#each cuts as one (one.cut)}<option value={one.cut}>{one.name.toLowerCase()}</option>{/each}
  </select>
</label>
{#if cut}
  <p class="quiet mt-1">{cut.purpose} {page.pages} pages.</p>
  <div class="mt-2 flex flex-col gap-2">
    {#each cut.fields as field (field.name)}
      <SettingField {field} value={settings[field.name]} change={(value) => change({ cut: cut.cut, settings: { [field.name]: value } })} />
    {/each}
  </div>
{/if}
