<script lang="ts">
  import type { Reel } from '../api/types';
  import { drawMasks, drawReel } from '../player/draw';
  import type { Moment } from '../player/moment';
  import type { Area } from './area';
  import { backdrop } from './backdrops';
  import { house } from '../house/house.svelte';

  interface Props {
    /** Its outlines must have been fetched. */
    reel: Reel | undefined;
    moment: Moment;
    backdropId?: string;
    safeLines?: boolean;
    /** Only the masks of this part are shown. */
    masksOf?: string;
    /** Keys of parts that are not shown. */
    unseen?: Set<string>;
    /** The part of the raster that is shown; all of it if undefined. */
    area?: Area;
    /** Whether it lies over another picture, with nothing behind it. */
    over?: boolean;
    label: string;
  }

  const {
    reel,
    moment,
    backdropId = 'evening',
    safeLines = false,
    unseen,
    masksOf,
    area,
    over = false,
    label,
  }: Props = $props();

  let canvas = $state<HTMLCanvasElement>();
  let width = $state(0);

  /** From an edge of the window to a line so far inside the raster, in per cent of the window. */
  function share(inset: number, axis: 'x' | 'y', end = false): string {
    const extent = axis === 'x' ? 'width' : 'height';
    const whole = reel?.[extent] ?? 1;
    const seen = area ?? { x: 0, y: 0, width: whole, height: whole };
    const before = end ? whole - seen[axis] - seen[extent] : seen[axis];
    return `${((inset * whole - before) / seen[extent]) * 100}%`;
  }

  $effect(() => {
    if (!canvas || !reel || width === 0) return;
    const pixels = Math.round(width * devicePixelRatio);
    const shown = area ?? { x: 0, y: 0, width: reel.width, height: reel.height };
    const scale = pixels / shown.width;
    const height = Math.round(shown.height * scale);
    // Setting the size clears the canvas.
    canvas.width = pixels;
    canvas.height = height;
    const base = new DOMMatrix([scale, 0, 0, scale, -shown.x * scale, -shown.y * scale]);
    const context = canvas.getContext('2d')!;
    if (masksOf) drawMasks(context, reel, masksOf, moment, base);
    else drawReel(context, reel, moment, base, unseen);
    // For whoever measures how long a change takes to be seen.
    canvas.dataset.drawn = String(Number(canvas.dataset.drawn ?? 0) + 1);
  });
</script>

<div
  class="picture"
  role="img"
  aria-label={label}
  style:background={over ? 'none' : backdrop(backdropId).css}
  style:aspect-ratio={reel ? `${reel.width} / ${reel.height}` : '16 / 9'}
  bind:clientWidth={width}
>
  <canvas bind:this={canvas} class:matte={backdropId === 'matte'}></canvas>
  {#if safeLines}
    {#each Object.entries(house.house.safe) as [name, percent] (name)}
      {@const inset = (100 - percent) / 200}
      <div
        class="safe {name}"
        style:left={share(inset, 'x')}
        style:right={share(inset, 'x', true)}
        style:top={share(inset, 'y')}
        style:bottom={share(inset, 'y', true)}
        title="{name}-safe, {percent} %"
      ></div>
    {/each}
  {/if}
</div>

<style>
  .picture {
    position: relative;
    overflow: hidden;
  }

  canvas {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }

  /* White where it is opaque, whatever its colours. */
  .matte {
    filter: brightness(0) invert(1);
  }

  .safe {
    position: absolute;
    border: 1px solid rgb(255 255 255 / 55%);
    mix-blend-mode: difference;
    pointer-events: none;
  }

  .title {
    border-style: dashed;
    border-color: rgb(255 255 255 / 75%);
  }
</style>
