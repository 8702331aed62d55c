<script lang="ts">
  import type { Rect } from '../api/types';

  interface Props {
    /** px of the raster that are shown. */
    area: Rect;
    /** px of the raster; without an extent there is nothing to point at. */
    where: Rect;
  }

  const { area, where }: Props = $props();

  const PERCENT = 100;
  /** px around it. */
  const AROUND = 6;
</script>

{#if where.width > 0 && where.height > 0}
  <span
    class="outline"
    data-testid="outline"
    style:left="{((where.x - AROUND - area.x) / area.width) * PERCENT}%"
    style:top="{((where.y - AROUND - area.y) / area.height) * PERCENT}%"
    style:width="{((where.width + 2 * AROUND) / area.width) * PERCENT}%"
    style:height="{((where.height + 2 * AROUND) / area.height) * PERCENT}%"
  ></span>
{/if}

<style>
  .outline {
    position: absolute;
    border: 2px solid var(--fault);
    border-radius: 3px;
    box-sizing: border-box;
    box-shadow: 0 0 0 1px var(--ground);
    pointer-events: none;
  }
</style>
