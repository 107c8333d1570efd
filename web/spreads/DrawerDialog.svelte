<!-- The drawer in front of another screen: a part for a month's pattern, a spread for an empty page. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import type { Book, Edit } from '../api/client';
  import Dialog from '../parts/Dialog.svelte';
  import Drawer from './Drawer.svelte';
  import type { DrawerState } from './drawer.svelte';
  import KindNote from './KindNote.svelte';

  interface Props {
    book: Book;
    drawer: DrawerState;
    label: string;
    /** What a kind is added to. */
    where: string;
    /** @param first what has to be taken into the plan before */
    add: (kind: string, settings: Record<string, unknown>, first: Edit | null) => Promise<boolean>;
    close: () => void;
  }
  let { book, drawer, label, where, add, close }: Props = $props();

  $effect(() => {
    untrack(() => void drawer.load());
  });

  async function put(kind: string) {
    if (await add(kind, drawer.settings(kind), drawer.toTakeIn(kind))) close();
  }
</script>

<Dialog {label} {close} wide>
  <div class:looking={drawer.kind}>
    <div><Drawer {drawer} add={put} /></div>
    {#if drawer.kind}
      <div class="beside">
        {#key drawer.kind.kind}<KindNote {book} {drawer} kind={drawer.kind} add={put} {where} />{/key}
      </div>
    {/if}
  </div>
</Dialog>

<style>
  .looking {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 17rem;
    gap: 1.4rem;
    align-items: start;
  }
  .beside {
    position: sticky;
    top: 0;
    max-height: calc(100dvh - 8rem);
    overflow-y: auto;
  }
  @media (max-width: 700px) {
    .looking {
      display: flex;
      flex-direction: column-reverse;
    }
    .beside {
      position: static;
      max-height: none;
    }
  }
</style>
