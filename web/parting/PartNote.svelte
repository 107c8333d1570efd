<!-- The chosen part in the margin: how large it is, how it could be divided, and the settings of what fills it. -->
<script lang="ts">
  import type { Filling, Finding, PartChange } from '../api/client';
  import Findings from '../parts/Findings.svelte';
  import SettingField from '../spreads/SettingField.svelte';
  import type { Part, PartingState } from './parting.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    parting: PartingState;
    part: Part;
    fillings: Filling[];
    pitch: number;
    change: (change: Omit<PartChange, 'at'>) => void;
    /** Of this part. */
    findings: Finding[];
  }
  let { parting, part, fillings, pitch, change, findings }: Props = $props();

  const filling = $derived(fillings.find((one) => one.fill === part.fill));
  const fields = $derived(filling?.fields.filter((field) => part.asked.includes(field.name)) ?? []);
  const choices = $derived(parting.choices.value);
  let way = $state<'down' | 'across'>('down');
  const ways = $derived(choices?.divisions.filter((one) => one.way === way) ?? []);
  const said = (one: { run: string; left: number }) => `${one.run}${one.left > 0 ? `, ${one.left} left over` : ''}`;
  const mm = (boxes: number) => String(Math.round(boxes * pitch * 10) / 10);
  const settings = $derived(part.settings as Record<string, unknown>);
</script>

<h2 class="wrap-anywhere" dir="auto">{part.name ?? filling?.name ?? part.fill}</h2>
<p class="quiet">
  {part.name ? `${filling?.name ?? part.fill}, ` : ''}{part.wide} × {part.tall} boxes, {mm(part.wide)} × {mm(part.tall)} mm{part.lines > 0
    ? `; ${part.lines} lines to write on`
    : ''}.
</p>
<Findings {findings} />

<h3 class="mt-3">Divide it</h3>
<div class="sides" role="group" aria-label="Which way">
  <button class="btn small plain" aria-pressed={way === 'down'} onclick={() => (way = 'down')}>one below another</button>
  <button class="btn small plain" aria-pressed={way === 'across'} onclick={() => (way = 'across')}>side by side</button>
</div>
{#each [{ apart: true, says: 'apart' }, { apart: false, says: 'sharing lines' }] as school (school.says)}
  {@const some = ways.filter((one) => one.gap > 0 === school.apart)}
  {#if some.length > 0}
    <div class="ways">
      <span class="quiet">{school.says}</span>
      {#each some as one (one.parts)}
        <button
          class="btn small"
          onclick={() => change({ do: 'divide', way: one.way, parts: one.parts, gap: one.gap })}
          onpointerenter={() => (parting.looked = one)}
          onpointerleave={() => (parting.looked = null)}
          onfocus={() => (parting.looked = one)}
          onblur={() => (parting.looked = null)}
          aria-label="Divide into {one.parts}: {said(one)}">{one.parts}</button
        >
      {/each}
    </div>
  {/if}
{/each}
<p class="run" aria-live="polite">{parting.looked ? said(parting.looked) : ''}</p>

<div class="mt-3 flex flex-col gap-2">
  <label class="field"
    ><span>Name of this part</span><input
      class="input"
      maxlength="200"
      value={part.name ?? ''}
      {@attach kept}
      onchange={(event) => change({ do: 'name', name: event.currentTarget.value || null })}
    /></label
  >
  {#each fields as field (field.name)}
    <SettingField {field} value={settings[field.name]} change={(value) => change({ do: 'set', settings: { [field.name]: value } })} />
  {/each}
</div>

<style>
  .sides [aria-pressed='true'] {
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-decoration-color: var(--rule);
  }
  .sides [aria-pressed='false'] {
    color: var(--color-neutral);
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem;
    margin-top: 0.35rem;
  }
  .ways span {
    width: 100%;
    font-size: 0.85rem;
  }
  .ways .btn {
    min-width: 2.1rem;
    padding-inline: 0.3rem;
  }
  .run {
    min-height: 1.5em;
    font-variant-numeric: tabular-nums;
  }
</style>
