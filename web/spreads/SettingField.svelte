<!-- One setting of a kind, asked for as its description says. -->
<script lang="ts">
  import type { Field } from '../api/client';
  import CheckFields from './CheckFields.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    field: Field;
    value: unknown;
    /** All settings of the spread, where one is about another. */
    all?: Record<string, unknown>;
    change: (value: unknown) => void;
  }
  let { field, value, all = {}, change }: Props = $props();
  let wrong = $state('');

  function count(said: string) {
    const n = Number(said);
    wrong = '';
    if (said.trim() === '') change(null);
    else if (Number.isInteger(n) && n >= field.least && n <= field.most) change(n);
    else wrong = `${field.label}: ${field.least} to ${field.most}.`;
  }

  function counts(said: string) {
    const all = said
      .split(/[\s,;]+/)
      .filter(Boolean)
      .map(Number);
    wrong = '';
    if (all.length === 0) change(null);
    else if (all.every((n) => Number.isInteger(n) && n >= field.least && n <= field.most)) change(all);
    else wrong = `${field.label}: whole numbers from ${field.least} to ${field.most}, with commas between.`;
  }
</script>

{#if field.type === 'choice'}
  <label class="field">
    <span>{field.label}</span>
    <select class="select" value={String(value ?? field.choices[0]?.[0])} onchange={(event) => change(event.currentTarget.value || null)}>
      {#each field.choices as [choice, words] (choice)}<option value={choice}>{words}</option>{/each}
    </select>
  </label>
{:else if field.type === 'checks'}
  <CheckFields {field} {value} items={Array.isArray(all[field.of]) ? (all[field.of] as string[]) : []} {change} />
{:else if field.type === 'flag'}
  <label class="flex items-center gap-2"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      checked={typeof value === 'boolean' ? value : field.on}
      onchange={(event) => change(event.currentTarget.checked)}
    />
    {field.label}</label
  >
{:else}
  <label class="field">
    <span>{field.label}{field.type === 'lines' ? ', one a line' : ''}</span>
    {#if field.type === 'lines'}
      <textarea
        class="textarea"
        rows="4"
        value={Array.isArray(value) ? value.join('\n') : field.usually}
        {@attach kept}
        onchange={(event) => change(event.currentTarget.value.split('\n').filter((line) => line.trim() !== ''))}></textarea>
    {:else if field.type === 'counts'}
      <input
        class="input figures"
        value={Array.isArray(value) ? value.join(', ') : ''}
        {@attach kept}
        placeholder={field.usually}
        aria-invalid={wrong ? 'true' : undefined}
        onchange={(event) => counts(event.currentTarget.value)}
      />
    {:else if field.type === 'month'}
      <input class="input figures" type="month" value={value ?? ''} onchange={(event) => change(event.currentTarget.value || null)} />
    {:else if field.type === 'day'}
      <input class="input figures" type="date" value={value ?? ''} onchange={(event) => change(event.currentTarget.value || null)} />
    {:else if field.type === 'count'}
      <input
        class="input figures"
        inputmode="numeric"
        value={value ?? ''}
        {@attach kept}
        placeholder={field.usually}
        aria-invalid={wrong ? 'true' : undefined}
        onchange={(event) => count(event.currentTarget.value)}
      />
    {:else}
      <input
        class="input"
        value={value ?? ''}
        {@attach kept}
        placeholder={field.usually}
        onchange={(event) => change(event.currentTarget.value || null)}
      />
    {/if}
  </label>
  {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
{/if}
