<script lang="ts">
  import type { Rect } from '../api/types';
  import { house } from '../house/house.svelte';
  import { partAt, placeOf, rounded, type Axis } from '../sheet/relations';
  import { snap, snapLines } from '../sheet/snap';
  import type { FloorState } from './floor.svelte';
  import Guides from './Guides.svelte';
  import { nearestEdges, pulled, rehung } from './handles';
  import MotionPath from './MotionPath.svelte';
  import RibbonHandles from './RibbonHandles.svelte';
  import Why from './Why.svelte';

  interface Props {
    floor: FloorState;
    /** Pressed where no part is. */
    onground: (event: PointerEvent) => void;
  }

  const { floor, onground }: Props = $props();

  /** px of the picture a pointer may stray before it drags. */
  const STILL = 3;
  /** Pixels of the screen within which a part snaps to a line; with Alt it does not. */
  const NEAR = 6;
  /** Sides that are pulled: which way along x and y. */
  const SIDES: { name: string; x: -1 | 0 | 1; y: -1 | 0 | 1 }[] = [
    { name: 'left', x: -1, y: 0 },
    { name: 'right', x: 1, y: 0 },
    { name: 'top', x: 0, y: -1 },
    { name: 'bottom', x: 0, y: 1 },
    { name: 'corner', x: 1, y: 1 },
  ];

  interface Drag {
    fromX: number;
    fromY: number;
    x: number;
    y: number;
    lineX?: number;
    lineY?: number;
    /** Which side is pulled; all of the part is moved if undefined. */
    side?: { x: number; y: number };
    /** After the point of the px it is pulled by. */
    digits?: number;
  }

  let width = $state(0);
  let pointer = $state({ x: 0, y: 0 });
  let whyHeld = $state(false);
  let drag = $state<Drag>();

  const reel = $derived(floor.worked?.reel);
  const scale = $derived(reel ? width / reel.width : 1);
  const parts = $derived(floor.document?.parts ?? []);
  const unseen = $derived(floor.view.unseen(parts));
  const rest = $derived(floor.worked?.rest ?? []);
  /** What can be pointed at; groups are chosen in the score. */
  const pointable = $derived(
    rest.filter(
      ({ part, kind }) => kind !== 'group' && !unseen.has(part) && !floor.view.isLocked(parts, part),
    ),
  );
  const pointed = $derived(partAt(pointable, pointer.x, pointer.y));
  const atRest = $derived(
    floor.moment.phase === 'IN' ? floor.moment.frame === reel?.in : floor.moment.frame === 0,
  );
  const selected = $derived(rest.find(({ part }) => part === floor.selected));
  const also = $derived(rest.filter(({ part }) => floor.others.includes(part)));
  const explained = $derived(whyHeld ? (rest.find(({ part }) => part === pointed) ?? selected) : undefined);
  const free = $derived(atRest && !!selected && !floor.view.isLocked(parts, selected.part));

  const grounds = $derived.by(() => {
    if (!reel) return [];
    const inside = (name: string, percent: number) => {
      const [x, y] = [(reel.width * (100 - percent)) / 200, (reel.height * (100 - percent)) / 200];
      return { name, at: { x, y, width: reel.width - 2 * x, height: reel.height - 2 * y } };
    };
    const { action, title } = house.house.safe;
    return [inside('frame', 100), inside('action-safe', action), inside('title-safe', title)];
  });
  const spots = $derived(
    floor.pointing
      ? nearestEdges(
          rest,
          parts,
          grounds,
          floor.selected,
          floor.pointing,
          pointer.x,
          pointer.y,
          floor.mirrored,
        )
      : [],
  );
  /** Which of those that coincide is meant. */
  let meant = $state(0);
  const spot = $derived(spots[meant % Math.max(1, spots.length)]);

  /** Where the selected part is drawn while it is dragged. */
  const shown = $derived.by((): Rect | undefined => {
    const at = selected?.at;
    if (!at || !drag) return at;
    if (!drag.side) return { ...at, x: at.x + drag.x, y: at.y + drag.y };
    const [left, top] = [drag.side.x < 0 ? drag.x : 0, drag.side.y < 0 ? drag.y : 0];
    return {
      x: at.x + left,
      y: at.y + top,
      width: Math.max(0, at.width + drag.side.x * drag.x),
      height: Math.max(0, at.height + drag.side.y * drag.y),
    };
  });

  /** Which of x, y, width and height explains what the pointer is nearest to. */
  const nearest = $derived.by(() => {
    const at = explained?.at;
    if (!at) return -1;
    const far = [
      Math.abs(pointer.x - at.x),
      Math.abs(pointer.y - at.y),
      Math.abs(pointer.x - at.x - at.width),
      Math.abs(pointer.y - at.y - at.height),
    ];
    return far.indexOf(Math.min(...far));
  });

  /** Nothing is drawn of a stack: one without rows would not be seen. */
  const emptyStacks = $derived(
    rest.filter(
      ({ part, kind }) =>
        kind === 'stack' && !parts.some(({ x, y }) => x?.in === part || y?.in === part) && !unseen.has(part),
    ),
  );

  function canPull(axis: Axis): boolean {
    return floor.part !== undefined && pulled(floor.part, axis, 0, 0) !== undefined;
  }

  function position(event: PointerEvent): { x: number; y: number } {
    const area = (event.currentTarget as HTMLElement).closest('.handles')!.getBoundingClientRect();
    return { x: (event.clientX - area.left) / scale, y: (event.clientY - area.top) / scale };
  }

  function down(event: PointerEvent) {
    const { x, y } = position(event);
    pointer = { x, y };
    if (floor.pointing) return hang(floor.pointing);
    if (event.button !== 0) return;
    if (!pointed) {
      // What is locked is not the ground.
      if (
        !partAt(
          rest.filter(({ kind }) => kind !== 'group' && kind !== 'stack'),
          x,
          y,
        )
      )
        onground(event);
      return;
    }
    floor.choose(pointed, event.shiftKey);
    if (!atRest) return;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { fromX: x, fromY: y, x: 0, y: 0 };
  }

  function hang(axis: Axis) {
    const [at, found] = [selected?.at, spot];
    floor.pointing = undefined;
    if (!found || !at || !floor.part) return;
    const place = rehung(placeOf(floor.part, axis), found, at, axis, floor.mirrored);
    void floor.changePart(floor.part.key, { [axis]: place });
  }

  function pull(side: { x: number; y: number }, event: PointerEvent) {
    event.stopPropagation();
    const { x, y } = position(event);
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { fromX: x, fromY: y, x: 0, y: 0, side };
  }

  function move(event: PointerEvent) {
    const at = position(event);
    // Elsewhere the nearest one is meant again.
    if (floor.pointing && Math.hypot(at.x - pointer.x, at.y - pointer.y) * scale > 2) meant = 0;
    pointer = at;
    if (!drag || !selected?.at || !reel) return;
    const digits = event.altKey ? 1 : 0;
    const by = {
      x: rounded(pointer.x - drag.fromX, digits),
      y: rounded(pointer.y - drag.fromY, digits),
    };
    // Parts that follow the one that is dragged are lines too; they stand where they were.
    const boxes = rest.flatMap(({ part, at }) => (at && part !== floor.selected ? [at] : []));
    const lines = event.altKey
      ? { x: [], y: [] }
      : snapLines(reel, boxes, house.house.safe, floor.document?.guides, floor.view.grid);
    const x = snapped(selected.at.x, selected.at.width, by.x, drag.side?.x, lines.x);
    const y = snapped(selected.at.y, selected.at.height, by.y, drag.side?.y, lines.y);
    drag = { ...drag, x: x.by, y: y.by, lineX: x.line, lineY: y.line, digits };
  }

  /** @param side which side is pulled, 0 for none along this axis; undefined if all of it is moved */
  function snapped(start: number, extent: number, by: number, side: number | undefined, lines: number[]) {
    if (side === 0) return { by: 0 };
    const found =
      side === undefined
        ? snap(start + by, extent, lines, NEAR / scale)
        : snap((side < 0 ? start : start + extent) + by, 0, lines, NEAR / scale);
    return { by: by + found.by, line: found.line };
  }

  function up() {
    const done = drag;
    drag = undefined;
    if (!done || Math.hypot(done.x, done.y) <= STILL) return;
    if (done.side) resize(done.side, done.x, done.y, done.digits);
    else void floor.movePart(done.x, done.y, done.digits);
  }

  function resize(side: { x: number; y: number }, x: number, y: number, digits?: number) {
    // In a mirror the left is the right of what was designed.
    const across = floor.mirrored ? { side: -side.x, by: -x } : { side: side.x, by: x };
    void floor.pullPart(across, { side: side.y, by: y }, digits);
  }

  function key(event: KeyboardEvent, held: boolean) {
    const typing = (event.target as HTMLElement).closest?.('input, textarea, select');
    if (event.key === 'w' && !typing && !event.ctrlKey) whyHeld = held;
    if (floor.pointing && held && !typing && ['Tab', 'ArrowDown', 'ArrowUp'].includes(event.key)) {
      event.preventDefault();
      meant = (meant + (event.key === 'ArrowUp' ? spots.length - 1 : 1)) % Math.max(1, spots.length);
    }
    if (event.key === 'Escape' && held) {
      floor.pointing = undefined;
      drag = undefined;
    }
  }
</script>

<svelte:window
  onkeydown={(event) => key(event, true)}
  onkeyup={(event) => key(event, false)}
  onblur={() => (whyHeld = false)}
/>

{#snippet frame(at: Rect, kind: string)}
  <div
    class="frame {kind}"
    style:left="{at.x * scale}px"
    style:top="{at.y * scale}px"
    style:width="{at.width * scale}px"
    style:height="{at.height * scale}px"
  ></div>
{/snippet}

<!-- Everything it does can be done by keys: choose in the score, Alt and arrows to move, the sheet to resize. -->
<div
  class="handles"
  class:pointing={floor.pointing !== undefined}
  role="presentation"
  bind:clientWidth={width}
  onpointerdown={down}
  onpointermove={move}
  onpointerup={up}
  onpointercancel={() => (drag = undefined)}
>
  {#if reel}<Guides {floor} {scale} width={reel.width} height={reel.height} />{/if}
  {#if atRest}
    {#each also as { part, at } (part)}{#if at}{@render frame(at, 'also')}{/if}{/each}
    {#if shown}{@render frame(shown, drag ? 'moving' : '')}{/if}
    {#if shown && free && !floor.pointing}
      {#each SIDES as side (side.name)}
        {#if (side.x === 0 || canPull('x')) && (side.y === 0 || canPull('y'))}
          <div
            class="side {side.name}"
            role="presentation"
            data-side={side.name}
            style:left="{(shown.x + (shown.width * (side.x + 1)) / 2) * scale}px"
            style:top="{(shown.y + (shown.height * (side.y + 1)) / 2) * scale}px"
            onpointerdown={(event) => pull(side, event)}
          ></div>
        {/if}
      {/each}
      {#if floor.part?.kind === 'ribbon' && !drag}
        <RibbonHandles {floor} part={floor.part} {scale} />
      {/if}
    {/if}
  {/if}
  {#each emptyStacks as { part, at } (part)}
    {#if at}
      {@render frame(at, 'empty')}
      <div class="hint" style:left="{at.x * scale + 8}px" style:top="{at.y * scale + 6}px">
        {part} holds no rows yet: let the y of a part be a ‘row of {part}’, or choose parts and add a stack
      </div>
    {/if}
  {/each}
  <MotionPath {floor} {scale} />
  {#if drag?.lineX !== undefined}<div class="line across" style:left="{drag.lineX * scale}px"></div>{/if}
  {#if drag?.lineY !== undefined}<div class="line down" style:top="{drag.lineY * scale}px"></div>{/if}
  {#if spot}
    {@const at = `${spot.line * scale}px`}
    <div
      class="line {floor.pointing === 'x' ? 'across' : 'down'}"
      style:left={floor.pointing === 'x' ? at : undefined}
      style:top={floor.pointing === 'y' ? at : undefined}
    ></div>
    <div class="spot surface" style:left="{pointer.x * scale + 14}px" style:top="{pointer.y * scale + 14}px">
      {#each spots as one (one.on + one.at)}
        <div class:meant={one === spot}>{one.on} · {one.at}</div>
      {/each}
      {#if spots.length > 1}<div class="muted">↓ or Tab: the next of them</div>{/if}
    </div>
  {/if}
  {#if explained}
    <Why
      entry={explained}
      {nearest}
      below={explained.at !== undefined && explained.at.y < (reel?.height ?? 0) / 2}
    />
  {/if}
</div>

<style>
  .handles {
    position: absolute;
    inset: 0;
    overflow: hidden;
    touch-action: none;
  }

  .pointing {
    cursor: crosshair;
  }

  .frame {
    position: absolute;
    border: 1px solid var(--accent);
    box-sizing: border-box;
    box-shadow: 0 0 0 1px rgb(0 0 0 / 55%);
    pointer-events: none;
  }

  .also {
    border-style: dotted;
  }

  .empty {
    border-style: dashed;
    border-color: var(--muted);
  }

  .hint {
    position: absolute;
    max-width: 260px;
    padding: 2px 6px;
    border-radius: 4px;
    background: var(--layer-1);
    color: var(--muted);
    font-size: 11px;
    pointer-events: none;
  }

  .moving {
    border-style: dashed;
    cursor: move;
  }

  .side {
    position: absolute;
    width: 9px;
    height: 9px;
    border: 1px solid rgb(0 0 0 / 70%);
    border-radius: 50%;
    background: var(--accent);
    transform: translate(-50%, -50%);
    box-sizing: border-box;
  }

  .left,
  .right {
    cursor: ew-resize;
  }

  .top,
  .bottom {
    cursor: ns-resize;
  }

  .corner {
    cursor: nwse-resize;
  }

  .line {
    position: absolute;
    background: var(--accent);
    pointer-events: none;
  }

  .across {
    top: 0;
    bottom: 0;
    width: 1px;
  }

  .down {
    right: 0;
    left: 0;
    height: 1px;
  }

  .meant {
    color: var(--accent);
  }

  .spot {
    position: absolute;
    padding: 2px 8px;
    border-color: var(--accent);
    pointer-events: none;
    white-space: nowrap;
  }
</style>
