<!-- An address that names nothing: says so, and leads to what is nearest. -->
<script lang="ts">
  let { says, nearest }: { says: string; nearest: { name: string; href: string }[] } = $props();
</script>

<main class="p-8">
  <h1>There is nothing at this address</h1>
  <p class="my-3 wrap-anywhere">{says}</p>
  <p class="flex flex-wrap gap-2">
    {#each nearest as one, nth (one.href)}<a class="btn" class:chief={nth === 0} href={one.href}>{one.name}</a>{/each}
  </p>
</main>
