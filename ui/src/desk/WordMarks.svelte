<script lang="ts">
  import type { Graphic, Reel } from '../api/types';
  import type { Area } from '../picture/area';

  interface Props {
    reel: Reel | undefined;
    /** The part of the raster that is shown; all of it if undefined. */
    area?: Area;
    graphic: Graphic | undefined;
    /** Keys of fields in which a word is in no dictionary. */
    fields: string[];
  }

  const { reel, area, graphic, fields }: Props = $props();

  const PERCENT = 100;
  const shown = $derived(area ?? { x: 0, y: 0, width: reel?.width ?? 1, height: reel?.height ?? 1 });
  /** Texts that show one of them. */
  const parts = $derived(
    (graphic?.parts ?? [])
      .filter(({ text }) => text && fields.some((field) => text.includes(`{${field}}`)))
      .map(({ key }) => key),
  );
  const marked = $derived(
    (reel?.layers ?? []).filter(({ part, ink }) => parts.includes(part) && ink.width > 0),
  );
</script>

{#each marked as { part, ink } (part)}
  <span
    class="mark"
    data-marked={part}
    style:left="{((ink.x - shown.x) / shown.width) * PERCENT}%"
    style:top="{((ink.y + ink.height - shown.y) / shown.height) * PERCENT}%"
    style:width="{(ink.width / shown.width) * PERCENT}%"
  ></span>
{/each}

<style>
  .mark {
    position: absolute;
    height: 6px;
    border-top: 2px solid var(--ground);
    background: radial-gradient(
        circle at 3px -1px,
        transparent 2.2px,
        var(--warning) 2.4px 4.2px,
        transparent 4.4px
      )
      0 0 / 6px 6px repeat-x;
    pointer-events: none;
  }
</style>
