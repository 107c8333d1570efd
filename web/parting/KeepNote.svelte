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
    /** The kind it is of already, or was of before it was divided otherwise, where it is one of the person's own. */
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

  /** Spreads of that kind, this one among them. */
  const many = $derived(own ? new Set([...book.spreads.filter((one) => one.kind === own.kind).map((one) => one.id), spread.id]).size : 0);

  function keep(event: SubmitEvent) {
    event.preventDefault();
    const changes = (event.submitter as HTMLButtonElement | null)?.value === 'change';
    open.edit({
      type: 'keep-kind',
      spread: spread.id,
      name: changes || !own || name !== own.name ? name : `${name}, another`,
      ...(changes && own ? { kind: own.kind } : {}),
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
        ? spread.kind === own.kind
          ? `This is your kind “${own.name}”.`
          : `This page was of your kind “${own.name}”. As it is divided now it stands only here, until you change the kind.`
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
    {#if own}
      <button class="btn small self-start" type="submit" value="change"
        >Change the kind: {many === 1 ? 'one spread' : `${many} spreads`}</button
      >
      <button class="btn small plain self-start" type="submit" value="other">Keep as another kind</button>
    {:else}
      <button class="btn small self-start" type="submit">Keep it</button>
    {/if}
  </form>
</details>
