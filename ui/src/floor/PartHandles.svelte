<script lang="ts">
  import { partAt } from '../sheet/relations';
  import { snap, snapLines } from '../sheet/snap';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  /** px of the picture a pointer may stray before it drags. */
  const STILL = 3;
  /** Pixels of the screen within which a part snaps to a line; with Alt it does not. */
  const NEAR = 6;

  let width = $state(0);
  let pointed = $state<string>();
  let whyHeld = $state(false);
  let drag = $state<{ fromX: number; fromY: number; x: number; y: number; lineX?: number; lineY?: number }>();

  const reel = $derived(floor.worked?.reel);
  const scale = $derived(reel ? width / reel.width : 1);
  const rest = $derived(floor.worked?.rest ?? []);
  const atRest = $derived(
    floor.moment.phase === 'IN' ? floor.moment.frame === reel?.in : floor.moment.frame === 0,
  );
  const selected = $derived(rest.find(({ part }) => part === floor.selected));
  const explained = $derived(whyHeld ? (rest.find(({ part }) => part === pointed) ?? selected) : undefined);
  const NAMES = ['x', 'y', 'width', 'height'];

  function position(event: PointerEvent): { x: number; y: number } {
    const area = (event.currentTarget as HTMLElement).getBoundingClientRect();
    return { x: (event.clientX - area.left) / scale, y: (event.clientY - area.top) / scale };
  }

  function down(event: PointerEvent) {
    const { x, y } = position(event);
    const found = partAt(rest, x, y);
    if (!found) return;
    floor.selected = found;
    if (!atRest) return;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { fromX: x, fromY: y, x: 0, y: 0 };
  }

  function move(event: PointerEvent) {
    const { x, y } = position(event);
    pointed = partAt(rest, x, y);
    if (!drag || !selected?.at || !reel) return;
    const by = { x: Math.round(x - drag.fromX), y: Math.round(y - drag.fromY) };
    // Parts that follow the one that is dragged are lines too; they stand where they were.
    const others = rest.flatMap(({ part, at }) => (at && part !== floor.selected ? [at] : []));
    const lines = event.altKey ? { x: [], y: [] } : snapLines(reel, others);
    const { x: left, y: top, width: wide, height: high } = selected.at;
    const snappedX = snap(left + by.x, wide, lines.x, NEAR / scale);
    const snappedY = snap(top + by.y, high, lines.y, NEAR / scale);
    drag = {
      ...drag,
      x: by.x + snappedX.by,
      y: by.y + snappedY.by,
      lineX: snappedX.line,
      lineY: snappedY.line,
    };
  }

  function up() {
    const far = drag && Math.hypot(drag.x, drag.y) > STILL;
    if (drag && far) void floor.movePart(drag.x, drag.y);
    drag = undefined;
  }

  function key(event: KeyboardEvent, held: boolean) {
    const typing = (event.target as HTMLElement).closest?.('input, textarea, select');
    if (event.key === 'w' && !typing && !event.ctrlKey) whyHeld = held;
  }
</script>

<svelte:window
  onkeydown={(event) => key(event, true)}
  onkeyup={(event) => key(event, false)}
  onblur={() => (whyHeld = false)}
/>

<!-- Everything it does can be done by keys: choose in the score, Alt and arrows to move. -->
<div
  class="handles"
  role="presentation"
  bind:clientWidth={width}
  onpointerdown={down}
  onpointermove={move}
  onpointerup={up}
  onpointercancel={() => (drag = undefined)}
>
  {#if selected?.at && atRest}
    <div
      class="selected"
      class:moving={drag !== undefined}
      style:left="{(selected.at.x + (drag?.x ?? 0)) * scale}px"
      style:top="{(selected.at.y + (drag?.y ?? 0)) * scale}px"
      style:width="{selected.at.width * scale}px"
      style:height="{selected.at.height * scale}px"
    ></div>
  {/if}
  {#if drag?.lineX !== undefined}<div class="line across" style:left="{drag.lineX * scale}px"></div>{/if}
  {#if drag?.lineY !== undefined}<div class="line down" style:top="{drag.lineY * scale}px"></div>{/if}
  {#if explained}
    <div
      class="why surface"
      class:below={explained.at !== undefined && explained.at.y < (reel?.height ?? 0) / 2}
      role="status"
    >
      <strong>{explained.part}</strong>
      {#if explained.why}
        {#each explained.why as line, i (i)}
          <div class="figures"><span class="muted">{NAMES[i]}</span> {line}</div>
        {/each}
      {:else}
        <div class="muted">absent for these values</div>
      {/if}
    </div>
  {/if}
</div>

<style>
  .handles {
    position: absolute;
    inset: 0;
    overflow: hidden;
    touch-action: none;
  }

  .selected {
    position: absolute;
    border: 1px solid var(--accent);
    box-sizing: border-box;
    box-shadow: 0 0 0 1px rgb(0 0 0 / 55%);
    pointer-events: none;
  }

  .moving {
    border-style: dashed;
    cursor: move;
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

  .why {
    position: absolute;
    top: 12px;
    left: 12px;
    max-width: calc(100% - 48px);
    padding: 8px 12px;
    border-color: var(--accent);
    line-height: 1.5;
    pointer-events: none;
  }

  /* Where it covers nothing of what it explains. */
  .below {
    top: auto;
    bottom: 12px;
  }
</style>
