<!-- First and last month; the year and its halves are one click away. -->
<script lang="ts">
  interface Props {
    period: { start: string; end: string };
    wrong: { field: string | null; detail: string } | null;
  }
  let { period = $bindable(), wrong }: Props = $props();

  const year = $derived(Number.parseInt(period.start.slice(0, 4), 10) || new Date().getFullYear());
  const presets = $derived([
    [`${year}`, `${year}-01`, `${year}-12`],
    [`January–June ${year}`, `${year}-01`, `${year}-06`],
    [`July–December ${year}`, `${year}-07`, `${year}-12`],
  ] as const);
  const about = (field: string) => (wrong?.field?.endsWith(`period/${field}`) ? wrong.detail : '');
</script>

<fieldset class="grid gap-2">
  <legend class="sr-only">Period</legend>
  <div class="grid grid-cols-2 gap-3">
    {#each ['start', 'end'] as const as name (name)}
      <div>
        <label class="field">
          <span>{name === 'start' ? 'First month' : 'Last month'}</span>
          <input
            class="input figures"
            type="month"
            min="1583-01"
            max="9999-12"
            bind:value={period[name]}
            aria-invalid={about(name) ? 'true' : undefined}
            aria-describedby={about(name) ? `wrong-${name}` : undefined}
          />
        </label>
        {#if about(name)}<p class="wrong" id="wrong-{name}">{about(name)}</p>{/if}
      </div>
    {/each}
  </div>
  <div class="flex flex-wrap gap-1.5">
    {#each presets as [words, start, end] (words)}
      <button
        type="button"
        class="btn small"
        aria-pressed={period.start === start && period.end === end}
        onclick={() => (period = { start, end })}>{words}</button
      >
    {/each}
  </div>
</fieldset>
