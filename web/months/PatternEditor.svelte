<!-- A pattern: its parts in order with their pages, shared by every month that uses it. -->
<script lang="ts">
  import { tick } from 'svelte';
  import { api, type Book, type Edit, type Pattern } from '../api/client';
  import { open } from '../state/book.svelte';
  import { catalogue } from '../state/catalogue.svelte';
  import DrawerDialog from '../spreads/DrawerDialog.svelte';
  import { DrawerState } from '../spreads/drawer.svelte';
  import PartSettings from '../spreads/PartSettings.svelte';
  import SettingField from '../spreads/SettingField.svelte';
  import { kept } from '../parts/kept';

  interface Props {
    book: Book;
    pattern: Pattern;
    choose: (id: string) => void;
  }
  let { book, pattern: answered, choose }: Props = $props();

  /** As it was pressed last and is not answered yet: the next press is one more on what is shown. */
  let pressed = $state.raw<Pattern | null>(null);
  const pattern = $derived(pressed?.id === answered.id ? pressed : answered);

  const starters = $derived(catalogue.all?.patterns.filter((start) => !book.patterns.some((one) => one.id === start.id)) ?? []);
  const users = $derived(book.months.filter((month) => month.pattern === pattern.id).length);
  let adding = $state.raw<DrawerState | null>(null);
  const kindOf = (kind: string) => catalogue.kind(book, kind);
  const name = (kind: string) => kindOf(kind)?.name ?? kind;
  async function save(changes: (was: Pattern) => Partial<Pattern>, first: Edit | null = null): Promise<boolean> {
    const now = (pressed = { ...pattern, ...changes(pattern) });
    const set: Edit = { type: 'set-pattern', pattern: now };
    const made = await open.edit(first ? { type: 'several', edits: [first, set] } : set);
    if (pressed === now) pressed = null;
    return made;
  }

  function setPages(i: number, pages: number) {
    save(({ parts }) => ({ parts: parts.map((part, j) => (j === i ? { ...part, pages } : part)) }));
  }
  /** The settings of a part that matter as its others stand. */
  function fields(part: Pattern['parts'][number], i: number) {
    const asked = book.pattern_asks[pattern.id]?.[i] ?? [];
    return kindOf(part.kind)?.fields.filter((field) => asked.includes(field.name)) ?? [];
  }
  function setPart(i: number, setting: string, value: unknown) {
    save(({ parts }) => ({
      parts: parts.map((part, j) => {
        if (j !== i) return part;
        const settings = Object.fromEntries(Object.entries({ ...part.settings, [setting]: value }).filter(([, one]) => one !== null));
        return { ...part, settings };
      }),
    }));
  }
  /** Said of one part of a part's pages, beside what is said of its others. */
  function setOfPart(i: number, of: string, settings: Record<string, unknown>) {
    const all = { ...((pattern.parts[i]?.settings?.of_parts ?? {}) as Record<string, Record<string, unknown>>) };
    const own = Object.fromEntries(Object.entries({ ...all[of], ...settings }).filter(([, one]) => one !== null));
    if (Object.keys(own).length > 0) all[of] = own;
    else delete all[of];
    setPart(i, 'of_parts', Object.keys(all).length > 0 ? all : null);
  }
  /** Parts whose settings are unfolded. */
  let unfolded = $state<Record<string, boolean>>({});
  let list = $state<HTMLElement>();
  function up(i: number) {
    void save(({ parts }) => ({ parts: parts.toSpliced(i - 1, 2, ...parts.slice(i - 1, i + 1).reverse()) }));
    // The hand stays with the part.
    void tick().then(() => list?.children[i - 1]?.querySelector<HTMLElement>('.up')?.focus());
  }
  const drawer = () =>
    new DrawerState(
      () => catalogue.all,
      () => book,
      () => pattern.parts,
    );
  function add(kind: string, settings: Record<string, unknown>, first: Edit | null) {
    const part = {
      kind,
      pages: kindOf(kind)?.by_weeks ? 1 : (adding?.sample(kind)?.pages ?? kindOf(kind)?.pages ?? 1),
      ...(Object.keys(settings).length > 0 ? { settings } : {}),
    };
    return save(({ parts }) => ({ parts: [...parts, part] }), first);
  }
  /** A pattern of the book, or one to start from that it does not have yet. */
  async function look(id: string) {
    const start = starters.find((one) => one.id === id);
    if (!start || (await open.edit({ type: 'set-pattern', pattern: start }))) choose(id);
  }
  async function copy() {
    let n = 2;
    while (book.patterns.some((one) => one.id === `${pattern.id}-${n}`)) n++;
    const id = `${pattern.id}-${n}`.slice(0, 40);
    if (await open.edit({ type: 'set-pattern', pattern: { ...pattern, id, name: `${pattern.name} ${n}` } })) choose(id);
  }
</script>

<section class="grid gap-2.5" aria-label="Pattern">
  <h2>Pattern</h2>
  <label class="field">
    <span>Look at</span>
    <select class="select" value={pattern.id} onchange={(event) => look(event.currentTarget.value)}>
      {#each book.patterns as one (one.id)}<option value={one.id}
          >{one.name}{one.id === book.usual_pattern ? ', shared by default' : ''}</option
        >{/each}
      {#if starters.length > 0}
        <optgroup label="To start from">
          {#each starters as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </optgroup>
      {/if}
    </select>
  </label>
  <label class="field"
    ><span>Name</span><input
      class="input"
      value={pattern.name}
      {@attach kept}
      onchange={(event) => {
        const said = event.currentTarget.value.trim();
        save(({ name }) => ({ name: said || name }));
      }}
    /></label
  >
  <p class="quiet">{users === 1 ? '1 month uses' : `${users} months use`} it.</p>
  <ol class="parts" bind:this={list}>
    {#each pattern.parts as part, i (i)}
      <li>
        <span class="part-name">{name(part.kind)}</span>
        {#if kindOf(part.kind)?.by_weeks}
          <span class="quiet">by the month</span>
        {:else}
          <span class="pages">
            <button
              class="step"
              aria-label="One page less for {name(part.kind)}"
              disabled={part.pages <= 0}
              onclick={() => setPages(i, part.pages - 1)}>−</button
            >
            <span class="figures">{part.pages}</span>
            <button
              class="step"
              aria-label="One page more for {name(part.kind)}"
              disabled={part.pages >= 20}
              onclick={() => setPages(i, part.pages + 1)}>+</button
            >
          </span>
        {/if}
        <span class="moves">
          <button class="step up" aria-label="Move {name(part.kind)} up" disabled={i === 0} onclick={() => up(i)}>↑</button>
          <button
            class="step"
            aria-label="Take {name(part.kind)} out"
            onclick={() => save(({ parts }) => ({ parts: parts.filter((_, j) => j !== i) }))}>×</button
          >
        </span>
        {#if kindOf(part.kind)}
          <details class="settings" bind:open={unfolded[`${i} ${part.kind}`]}>
            <summary>How {name(part.kind)} is drawn</summary>
            <div class="grid gap-2 py-2">
              {#each fields(part, i) as field (field.name)}
                <SettingField {field} value={part.settings?.[field.name]} change={(value) => setPart(i, field.name, value)} />
              {/each}
              {#if unfolded[`${i} ${part.kind}`]}<PartSettings
                  from={JSON.stringify([book.id, book.book, book.samples, answered.id, i, answered.parts[i]])}
                  load={() => api.patternPartSettings(book, pattern.id, i)}
                  set={(of, settings) => setOfPart(i, of, settings)}
                  says="What is said here is of every month of this pattern."
                />{/if}
            </div>
          </details>
        {/if}
      </li>
    {/each}
  </ol>
  <button class="btn small justify-self-start" onclick={() => (adding = drawer())}>Add a part …</button>
  <div class="flex flex-wrap gap-1.5">
    {#if pattern.id !== book.usual_pattern}
      <button class="btn small" onclick={() => open.edit({ type: 'use-pattern', pattern: pattern.id })}>Share it by default</button>
      <button class="btn small" onclick={() => (open.edit({ type: 'remove-pattern', pattern: pattern.id }), choose(book.usual_pattern))}
        >Remove</button
      >
    {/if}
    <button class="btn small" onclick={copy}>Copy</button>
  </div>
</section>
{#if adding}<DrawerDialog
    {book}
    drawer={adding}
    label="Add a part to {pattern.name}"
    where="the pattern"
    {add}
    close={() => (adding = null)}
  />{/if}

<style>
  .parts li {
    display: grid;
    grid-template-columns: 1fr auto auto;
    align-items: center;
    gap: 0.5rem;
    border-top: 1px solid var(--color-base-300);
    padding: 0.15rem 0;
  }
  .settings {
    grid-column: 1 / -1;
  }
  .settings summary {
    cursor: pointer;
    font-size: 0.9rem;
  }
  .step {
    width: 1.8rem;
    height: 1.9rem;
    cursor: pointer;
    border-radius: 2px;
  }
  .step:hover:not(:disabled) {
    background: var(--color-base-300);
  }
  .step:disabled {
    opacity: 0.35;
    cursor: default;
  }
</style>
