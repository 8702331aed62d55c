<script lang="ts">
  import type { Guides } from '../api/types';
  import type { Axis } from '../sheet/relations';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    /** Pixels of the screen a px of the picture. */
    scale: number;
    width: number;
    height: number;
  }

  const { floor, scale, width, height }: Props = $props();

  const AXES: Axis[] = ['x', 'y'];
  const STEPS = [10, 20, 50, 100, 200, 500, 1000];
  /** Pixels of the screen that a number needs on a ruler. */
  const ROOM = 44;

  /** A guide that is being pulled: its place, and which one it was; -1 for a new one. */
  let pulled = $state<{ axis: Axis; index: number; at: number }>();

  const guides = $derived(floor.document?.guides ?? {});
  const step = $derived(STEPS.find((px) => px * scale >= ROOM) ?? 1000);

  function ticks(axis: Axis): number[] {
    const extent = axis === 'x' ? width : height;
    return Array.from({ length: Math.floor(extent / step) + 1 }, (_, i) => i * step);
  }

  function at(axis: Axis, event: PointerEvent): number {
    const area = (event.currentTarget as HTMLElement).closest('.guides')!.getBoundingClientRect();
    return Math.round((axis === 'x' ? event.clientX - area.left : event.clientY - area.top) / scale);
  }

  function take(axis: Axis, index: number, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    pulled = { axis, index, at: at(axis, event) };
  }

  function pull(event: PointerEvent) {
    if (pulled) pulled = { ...pulled, at: at(pulled.axis, event) };
  }

  /** Let go outside the picture, it is gone. */
  function release() {
    if (!pulled) return;
    const { axis, index, at: place } = pulled;
    pulled = undefined;
    const inside = place > 0 && place < (axis === 'x' ? width : height);
    const lines = (guides[axis] ?? []).filter((_, i) => i !== index);
    change(axis, inside ? [...lines, place].sort((a, b) => a - b) : lines);
  }

  function change(axis: Axis, lines: number[]) {
    void floor.change((document) => ({
      ...document,
      guides: { ...(document.guides ?? {}), [axis]: lines } as Guides,
    }));
  }
</script>

<div class="guides" role="presentation" onpointermove={pull} onpointerup={release}>
  {#if floor.view.grid > 0}
    <div class="grid" style:--step="{floor.view.grid * scale}px"></div>
  {/if}
  {#if floor.view.rulers}
    {#each AXES as axis (axis)}
      <div
        class="ruler {axis}"
        role="presentation"
        title="Pull a guide out of the ruler"
        onpointerdown={(event) => take(axis === 'x' ? 'y' : 'x', -1, event)}
      >
        {#each ticks(axis) as tick (tick)}
          <span class="figures" style:--at="{tick * scale}px">{tick}</span>
        {/each}
      </div>
    {/each}
  {/if}
  {#each AXES as axis (axis)}
    {#each guides[axis] ?? [] as line, index (index)}
      {@const mine = pulled?.axis === axis && pulled.index === index ? pulled : undefined}
      <div
        class="guide {axis}"
        style:--at="{(mine?.at ?? line) * scale}px"
        role="presentation"
        title="{axis} {line} px: pull it, or out of the picture"
        onpointerdown={(event) => take(axis, index, event)}
      >
        {#if mine}<span class="figures">{mine.at}</span>{/if}
      </div>
    {/each}
  {/each}
  {#if pulled?.index === -1}
    <div class="guide {pulled.axis}" style:--at="{pulled.at * scale}px">
      <span class="figures">{pulled.at}</span>
    </div>
  {/if}
</div>

<style>
  .guides {
    position: absolute;
    inset: 0;
    overflow: hidden;
    pointer-events: none;
  }

  .grid {
    position: absolute;
    inset: 0;
    background:
      repeating-linear-gradient(90deg, rgb(183 156 242 / 45%) 0 1px, transparent 1px var(--step)),
      repeating-linear-gradient(180deg, rgb(183 156 242 / 45%) 0 1px, transparent 1px var(--step));
  }

  .ruler {
    position: absolute;
    background: rgb(23 19 31 / 82%);
    cursor: copy;
    pointer-events: auto;
    touch-action: none;
  }

  .ruler.x {
    top: 0;
    right: 0;
    left: 0;
    height: 15px;
  }

  .ruler.y {
    top: 15px;
    bottom: 0;
    left: 0;
    width: 15px;
  }

  .ruler span {
    position: absolute;
    padding: 0 2px;
    border-left: 1px solid var(--muted);
    color: var(--text);
    font-size: 9px;
    line-height: 15px;
  }

  .ruler.x span {
    left: var(--at);
  }

  .ruler.y span {
    top: calc(var(--at) - 15px);
    border-left: 0;
    border-top: 1px solid var(--muted);
    writing-mode: vertical-rl;
    line-height: 11px;
  }

  .guide {
    position: absolute;
    pointer-events: auto;
    touch-action: none;
  }

  .guide::after {
    position: absolute;
    background: #b79cf2;
    content: '';
  }

  .guide.x {
    top: 0;
    bottom: 0;
    left: calc(var(--at) - 3px);
    width: 7px;
    cursor: ew-resize;
  }

  .guide.x::after {
    top: 0;
    bottom: 0;
    left: 3px;
    width: 1px;
  }

  .guide.y {
    top: calc(var(--at) - 3px);
    right: 0;
    left: 0;
    height: 7px;
    cursor: ns-resize;
  }

  .guide.y::after {
    top: 3px;
    right: 0;
    left: 0;
    height: 1px;
  }

  .guide span {
    position: absolute;
    top: 18px;
    left: 18px;
    padding: 1px 4px;
    border-radius: 3px;
    background: var(--layer-1);
  }
</style>
