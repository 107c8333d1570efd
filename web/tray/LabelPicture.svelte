<!-- What the figures of a label sheet are: "38x42 4x6 gap 2" as one sees it on the sheet. -->
<script lang="ts">
  const [columns, rows] = [
    [0, 1, 2, 3],
    [0, 1],
  ];
</script>

<svg viewBox="0 0 150 74" role="img" aria-label="38x42 4x6 gap 2: a label is 38 mm wide and 42 mm tall, 4 across and 6 down, 2 mm apart">
  {#each columns as column (column)}
    {#each rows as row (row)}
      <rect x={4 + column * 20} y={16 + row * 24} width="17" height="21" class:first={column === 0 && row === 0} />
    {/each}
  {/each}
  <path d="M4 12h17M4 10v4M21 10v4M1 16v21M-1 16h4M-1 37h4M21 26h3" />
  <text x="12.5" y="8" text-anchor="middle">38</text>
  <text x="12.5" y="29" text-anchor="middle">42</text>
  <text x="25" y="8">gap 2</text>
  <text x="88" y="30">4 across,</text>
  <text x="88" y="42">6 down</text>
  <path class="more" d="M4 64h77" />
</svg>

<style>
  svg {
    height: 4.2rem;
    width: auto;
    flex: none;
    overflow: visible;
  }
  rect {
    fill: none;
    stroke: var(--color-neutral);
    stroke-width: 0.8px;
  }
  .first {
    stroke: var(--color-base-content);
    stroke-width: 1.6px;
  }
  path {
    fill: none;
    stroke: var(--rule);
    stroke-width: 1px;
  }
  .more {
    stroke-dasharray: 2 3;
  }
  text {
    font-size: 9.5px;
    fill: var(--color-base-content);
    font-variant-numeric: tabular-nums;
  }
</style>
