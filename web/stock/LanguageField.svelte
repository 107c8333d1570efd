<!-- The language of months and weekdays on paper: any that ICU knows, and where it is written in its own way, the place. -->
<script lang="ts">
  import { api, type Language } from '../api/client';

  interface Props {
    value: string;
    change: (language: string) => void;
  }
  let { value, change }: Props = $props();
  let all = $state.raw<Language[]>([]);
  let wrong = $state('');

  function ask() {
    wrong = '';
    api.languages().then(
      ({ languages }) => (all = languages),
      () => (wrong = 'The list of languages did not come. '),
    );
  }
  ask();

  const base = $derived(value.split(/[_-]/)[0] ?? value);
  const known = $derived(all.filter((one) => !one.id.includes('_')));
  const languages = $derived(known.some((one) => one.id === base) ? known : [{ id: base, name: base, own: base }, ...known]);
  const places = $derived(all.filter((one) => one.id.startsWith(`${base}_`)));
</script>

<div class="grid grid-cols-2 gap-2.5">
  {#if wrong}<p class="note stop wide" role="alert">{wrong}<button type="button" class="btn small" onclick={ask}>Ask again</button></p>{/if}
  <label class="field" class:wide={places.length === 0}>
    <span>Months and weekdays on paper in</span>
    <select class="select" value={base} onchange={(event) => change(event.currentTarget.value)}>
      {#each languages as one (one.id)}<option value={one.id}>{one.name}{one.own === one.name ? '' : ` · ${one.own}`}</option>{/each}
    </select>
  </label>
  {#if places.length > 0}
    <label class="field">
      <span>As written in</span>
      <select class="select" value={value.replace('-', '_')} onchange={(event) => change(event.currentTarget.value)}>
        <option value={base}>anywhere</option>
        {#each places as one (one.id)}<option value={one.id}>{one.place || one.name}</option>{/each}
      </select>
    </label>
  {/if}
</div>

<style>
  .wide {
    grid-column: 1 / -1;
  }
  /* Names in thirty scripts stand in one list: the faces of this machine, or all of ours would be fetched for it. */
  option {
    font-family: system-ui, sans-serif;
  }
</style>
