<script lang="ts">
  import type { Rect } from '../api/types';
  import { length, type Phase } from '../player/moment';
  import { stands } from '../player/stand';
  import type { FloorState } from './floor.svelte';
  import { isSwap } from './moves';

  interface Props {
    floor: FloorState;
    /** Pixels of the screen a px of the picture. */
    scale: number;
  }

  const { floor, scale }: Props = $props();

  let drag = $state<{ fromX: number; fromY: number; x: number; y: number }>();

  const reel = $derived(floor.worked?.reel);
  const chosen = $derived(floor.moves[0]);
  const index = $derived(reel?.layers.findIndex(({ part }) => part === floor.selected) ?? -1);
  const layer = $derived(reel?.layers[index]);
  /** Moves of a swap begin where they are played in a change: their way is seen there. */
  const phase = $derived(chosen && !isSwap(chosen.phase) ? (chosen.phase as Phase) : undefined);
  const frames = $derived(reel && phase ? length(reel, phase) : 0);
  const MOST = 200;

  function centre(box: Rect, matrix: DOMMatrix): { x: number; y: number } {
    const point = matrix.transformPoint(new DOMPoint(box.x + box.width / 2, box.y + box.height / 2));
    return { x: point.x, y: point.y };
  }

  /** The centre of the part at every frame of the phase. */
  const path = $derived.by(() => {
    if (!reel || !layer || !phase || frames === 0) return [];
    const step = Math.max(1, Math.ceil(frames / MOST));
    const found: { x: number; y: number }[] = [];
    for (let frame = 0; frame <= frames; frame += step) {
      found.push(centre(layer.box, stands(reel, { phase, frame })[index]!.matrix));
    }
    return found;
  });
  const moved = $derived(path.some(({ x, y }) => Math.hypot(x - path[0]!.x, y - path[0]!.y) > 0.5));
  /** Where it is when it is furthest from rest: at the beginning of in, at the end of out. */
  const away = $derived.by(() => {
    if (!reel || !layer || !phase || phase === 'LOOP') return undefined;
    const frame = phase === 'IN' ? 0 : frames;
    const { x, y } = centre(layer.box, stands(reel, { phase, frame })[index]!.matrix);
    return { x: x - layer.box.width / 2, y: y - layer.box.height / 2 };
  });
  /** Only a distance in px can be pulled; one that follows something says so. */
  const free = $derived(floor.move?.travel?.px !== undefined && !floor.move.like);

  function take(event: PointerEvent) {
    event.stopPropagation();
    if (!free) return;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { fromX: event.clientX, fromY: event.clientY, x: 0, y: 0 };
  }

  function pull(event: PointerEvent) {
    if (!drag) return;
    event.stopPropagation();
    const along = floor.move?.channel === 'y' ? 'y' : 'x';
    const by = (along === 'x' ? event.clientX - drag.fromX : event.clientY - drag.fromY) / scale;
    drag = { ...drag, [along]: Math.round(by) };
  }

  function release() {
    const done = drag;
    drag = undefined;
    const px = floor.move?.travel?.px;
    if (!done || px === undefined) return;
    const by = floor.move?.channel === 'y' ? done.y : floor.mirrored ? -done.x : done.x;
    if (by !== 0) void floor.changeChosen(() => ({ travel: { px: px + by } }));
  }
</script>

{#if layer && moved}
  <svg aria-hidden="true">
    <polyline points={path.map(({ x, y }) => `${x * scale},${y * scale}`).join(' ')} />
    {#each path as { x, y }, i (i)}<circle r="1.6" cx={x * scale} cy={y * scale} />{/each}
  </svg>
  {#if away}
    <div
      class="ghost"
      class:free
      role="presentation"
      title={free ? 'Away: pull it' : 'Away; its distance follows something and cannot be pulled'}
      style:left="{(away.x + (drag?.x ?? 0)) * scale}px"
      style:top="{(away.y + (drag?.y ?? 0)) * scale}px"
      style:width="{layer.box.width * scale}px"
      style:height="{layer.box.height * scale}px"
      onpointerdown={take}
      onpointermove={pull}
      onpointerup={release}
    ></div>
  {/if}
{/if}

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    pointer-events: none;
  }

  polyline {
    fill: none;
    stroke: #f4f1ea;
    stroke-width: 1.25;
    stroke-dasharray: 3 2;
    paint-order: stroke;
  }

  circle {
    fill: #1f1a2b;
    stroke: #f4f1ea;
    stroke-width: 0.8;
  }

  .ghost {
    position: absolute;
    border: 1px dashed #f4f1ea;
    background: rgb(244 241 234 / 12%);
    box-sizing: border-box;
    touch-action: none;
  }

  .free {
    cursor: grab;
  }
</style>
