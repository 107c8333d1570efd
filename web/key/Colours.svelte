<!-- The pens of the book: what each colour stands for, what it is good for on paper, and which are taken for one another. -->
<script lang="ts">
  import type { Book } from '../api/client';
  import type { KeyState } from './key.svelte';

  let { draft, book }: { draft: KeyState; book: Book } = $props();
  const bleeding = $derived(
    draft.palette.flatMap((pen) =>
      book.bleeding.filter((one) => one.colour === pen.colour.toLowerCase()).map((one) => ({ ...one, means: pen.means })),
    ),
  );

  function says(i: number): string {
    const use = draft.checked?.colours[i];
    if (!use) return '';
    const what =
      use.lines && use.band
        ? 'lines, and bands under words'
        : use.lines
          ? 'lines and marks'
          : use.band
            ? 'bands under words; too pale for lines'
            : 'neither: too pale for lines, too dark under words';
    return `${what} (${use.paper} : 1 on paper, ${use.ink} : 1 under ink)`;
  }
</script>

<section>
  <h2>Colours</h2>
  <ul>
    {#each draft.palette as pen, i (i)}
      <li>
        <input
          type="color"
          aria-label="Colour {i + 1}"
          value={pen.colour}
          oninput={(event) => ((pen.colour = event.currentTarget.value), draft.changed())}
        />
        <input
          class="input"
          aria-label="Colour {i + 1} stands for"
          value={pen.means}
          placeholder="stands for"
          oninput={(event) => ((pen.means = event.currentTarget.value), draft.changed())}
        />
        <span class="quiet">{says(i)}</span>
        <button class="btn small plain" aria-label="Remove colour {i + 1}" onclick={() => (draft.palette.splice(i, 1), draft.changed())}
          >Remove</button
        >
      </li>
    {/each}
  </ul>
  {#each bleeding as one (one.colour + one.name)}
    <p class="note broken">
      {one.means ? `The pen for “${one.means}”` : 'A pen'} ({one.name}) was seen to bleed on this paper: the reverse of what is drawn with
      it must be blank, glued shut or decoration.
    </p>
  {/each}
  {#each draft.checked?.alike ?? [] as pair, i (i)}
    <p class="note broken">
      “{draft.palette[pair.one]?.means}” and “{draft.palette[pair.two]?.means}” are taken for one another by {pair.eyes} ({pair.distance} apart
      in CIELAB, {draft.checked?.apart} are needed).
    </p>
  {/each}
  <div class="mt-2 flex flex-wrap items-center gap-3">
    <button
      class="btn small"
      disabled={draft.palette.length >= draft.most.colours}
      onclick={() => (draft.palette.push({ colour: '#22304a', means: '' }), draft.changed())}>Add a colour</button
    >
    <label class="flex items-center gap-2"
      ><input
        type="checkbox"
        class="checkbox checkbox-sm"
        checked={draft.colours}
        onchange={(event) => ((draft.colours = event.currentTarget.checked), draft.changed())}
      /> Explain the colours on the key page</label
    >
  </div>
</section>

<style>
  li {
    display: grid;
    grid-template-columns: 2.4rem 7.5rem 1fr auto;
    gap: 0.6rem;
    align-items: center;
    padding: 0.2rem 0;
  }
  input[type='color'] {
    width: 2.4rem;
    height: 2.2rem;
    padding: 1px;
    border: 1px solid color-mix(in srgb, var(--color-base-content) 50%, transparent);
    background: var(--color-base-100);
    cursor: pointer;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: 2.4rem 1fr auto;
    }
    li span {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
</style>
