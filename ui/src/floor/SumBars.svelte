<script lang="ts">
  import type { Alike, Sum } from './folding';
  import { BAR, type Columns } from './scoreLayout';

  interface Props {
    sums: Sum[];
    alike: Alike | undefined;
    layout: Columns;
    /** What is opened when one is pressed. */
    onopen: () => void;
  }

  const { sums, alike, layout, onopen }: Props = $props();

  function words({ moves }: Sum): string {
    const all = `${moves} ${moves === 1 ? 'move' : 'moves'}`;
    return alike ? `${alike.rows} alike, ${alike.apart} f apart · ${all}` : all;
  }
</script>

{#each sums as sum (sum.column)}
  {@const column = layout[sum.column]}
  <button
    class="plain sum {sum.column}"
    style:left="{column.left + sum.start * column.scale}px"
    style:width="{Math.max(3, sum.length * column.scale)}px"
    style:height="{BAR}px"
    title="{words(sum)}, {sum.length} f from frame {sum.start}; press to unfold"
    onclick={onopen}>{words(sum)}</button
  >
{/each}

<style>
  .sum {
    position: absolute;
    top: 5px;
    padding: 0 6px;
    overflow: hidden;
    border: 1px solid currentColor;
    border-radius: 4px;
    font-size: 11px;
    line-height: 14px;
    text-align: left;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .IN {
    color: var(--phase-in);
  }

  .LOOP {
    color: var(--phase-loop);
  }

  .SWAP {
    color: var(--phase-swap);
  }

  .OUT {
    color: var(--phase-out);
  }
</style>
