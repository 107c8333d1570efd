<!-- A divided page kept as a kind of one's own: what it is called, where it stands, which settings stay open. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book, Filling, Kind, Parts, Spread } from '../api/client';
  import { open } from '../state/book.svelte';

  interface Props {
    book: Book;
    spread: Spread;
    page: Parts;
    fillings: Filling[];
    /** The kind it is of already, where it is one of the person's own. */
    own: Kind | undefined;
  }
  let { book, spread, page, fillings, own }: Props = $props();

  let shown = $state(untrack(() => own !== undefined));
  let name = $state(untrack(() => own?.name ?? spread.title));
  let section = $state(untrack(() => own?.section ?? spread.section));
  let purpose = $state(untrack(() => own?.purpose ?? ''));
  let ask = $state<string[]>(untrack(() => own?.fields.map((field) => field.name) ?? []));
  /** Every setting some part has, each once. */
  const settings = $derived([
    ...new Map(
      page.parts
        .flatMap((part) => fillings.find((one) => one.fill === part.fill)?.fields.filter((field) => part.asked.includes(field.name)) ?? [])
        .map((field) => [field.name, field.label]),
    ),
  ]);
  const wrong = $derived(open.problem && open.problem.status === 422 && open.problem.field?.startsWith('edit/') ? open.problem : null);

  function keep(event: SubmitEvent) {
    event.preventDefault();
    open.edit({
      type: 'keep-kind',
      spread: spread.id,
      name,
      section: section as Spread['section'],
      purpose,
      ask: ask.filter((one) => settings.some(([setting]) => setting === one)),
    });
  }
</script>

<details class="mt-4" bind:open={shown}>
  <summary><strong>Keep as a kind of my own</strong></summary>
  <form class="mt-2 flex flex-col gap-2" onsubmit={keep}>
    <p class="quiet">
      {own
        ? `This is your kind “${own.name}”. Kept under that name again, all its spreads change.`
        : 'It stands in the drawer of every notebook, and re-sizes itself to other paper.'}
    </p>
    <label class="field"
      ><span>Name of the kind</span><input
        class="input"
        maxlength="80"
        bind:value={name}
        aria-invalid={wrong?.field === 'edit/name' ? 'true' : undefined}
      /></label
    >
    {#if wrong?.field === 'edit/name'}<p class="wrong" role="alert">{wrong.detail}</p>{/if}
    <label class="field">
      <span>Section</span>
      <select class="select" bind:value={section}>
        {#each book.sections as one (one.id)}<option value={one.id}>{one.words}</option>{/each}
      </select>
    </label>
    <label class="field"><span>What it is for</span><input class="input" maxlength="200" bind:value={purpose} /></label>
    {#if settings.length > 0}
      <fieldset>
        <legend class="quiet">Asked for whenever it is used</legend>
        {#each settings as [setting, label] (setting)}
          <label class="flex items-center gap-2 py-0.5"
            ><input type="checkbox" class="checkbox checkbox-sm" value={setting} bind:group={ask} /> {label}</label
          >
        {/each}
      </fieldset>
    {/if}
    <button class="btn small self-start" type="submit">Keep it</button>
  </form>
</details>
