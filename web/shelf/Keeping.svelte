<!-- The whole shelf as a file, and the copies of the days it was used: one is put back with two clicks. -->
<script lang="ts">
  import { api, type Copies } from '../api/client';
  import { asProblem } from '../state/book.svelte';

  let { changed }: { changed: () => void } = $props();

  let copies = $state.raw<Copies | null>(null);
  let asking = $state('');
  let wrong = $state('');
  let done = $state('');

  async function load() {
    copies = await api.copies().catch(() => null);
  }

  const day = (name: string) => {
    const [, before, year, month, date, hour = '', minute = ''] =
      /^(before-)?(\d{4})-?(\d\d)-?(\d\d)(?:-(\d\d)(\d\d)\d\d)?$/.exec(name) ?? [];
    const said = new Date(Number(year), Number(month) - 1, Number(date)).toLocaleDateString('en', {
      weekday: 'short',
      day: 'numeric',
      month: 'short',
    });
    return before ? `${said}, ${hour}:${minute}, before another was put back` : said;
  };

  async function restore(name: string) {
    wrong = done = '';
    try {
      copies = await api.restoreCopy(name);
      done = `The shelf is as it was on ${day(name)}. What was there before is kept above.`;
      asking = '';
      changed();
    } catch (error) {
      wrong = asProblem(error).detail;
    }
  }
</script>

<details class="mt-6" ontoggle={(event) => event.currentTarget.open && load()}>
  <summary><h2 class="inline">Keeping it</h2></summary>
  <p class="my-2">The whole shelf in one file, to keep elsewhere or take along; “Upload” takes it back.</p>
  <a class="btn w-full" href="/api/shelf.json" download>Download the shelf</a>
  {#if copies?.here}
    {#if copies.copies.length > 0}
      <p class="mt-3">Every day the shelf is used a copy is made of it as it was that morning.</p>
      <ul aria-label="Copies">
        {#each copies.copies as one (one.name)}
          <li class="copy">
            <span>{day(one.name)}</span>
            <span class="quiet figures">{(one.bytes / 1e6).toFixed(1)} MB</span>
            {#if asking === one.name}
              <span class="w-full">Every notebook goes back to that day; what is there now is copied first.</span>
              <button class="btn small" onclick={() => restore(one.name)}>Put it back</button>
              <button class="btn small plain" onclick={() => (asking = '')}>Leave it</button>
            {:else}
              <button class="btn small plain ml-auto" aria-label="Put back the copy of {day(one.name)}" onclick={() => (asking = one.name)}
                >Put back</button
              >
            {/if}
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
  {#if done}<p class="note" role="status">{done}</p>{/if}
  {#if wrong}<div class="note stop" role="alert">{wrong}</div>{/if}
</details>

<style>
  .copy {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 0.7rem;
    border-top: 1px solid var(--color-base-300);
  }
</style>
