<script lang="ts">
  import type { Part } from '../api/types';
  import { beginAct, endAct } from './acts';
  import type { FloorState } from './floor.svelte';
  import { atRest, knobs, type Knob } from './ribbonHandles';

  interface Props {
    floor: FloorState;
    part: Part;
    /** Pixels of the screen for a px of the picture. */
    scale: number;
  }

  const { floor, part, scale }: Props = $props();

  /** px of the picture that an arrow key pulls; with Shift ten times as far. */
  const STEP = 4;
  const COARSE = 10;
  const WAYS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  };

  const reel = $derived(floor.worked?.reel);
  const layer = $derived(reel?.layers.find((found) => found.part === part.key));
  const now = $derived(layer?.ribbon && reel ? atRest(layer, reel.width) : undefined);
  const all = $derived(now ? knobs(now, part, floor.document?.light) : []);

  /** What is pulled, with what there was when that began. */
  let pulling: { knob: Knob; fromX: number; fromY: number } | undefined;

  function change(knob: Knob, x: number, y: number) {
    const changed = knob.pulled(x, y);
    if (changed.part) void floor.changePart(part.key, changed.part);
    if (changed.document) void floor.change((known) => ({ ...known, ...changed.document }));
  }

  function down(knob: Knob, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    beginAct();
    pulling = { knob, fromX: event.clientX, fromY: event.clientY };
  }

  function move(event: PointerEvent) {
    if (!pulling) return;
    const [x, y] = [(event.clientX - pulling.fromX) / scale, (event.clientY - pulling.fromY) / scale];
    change(pulling.knob, x, y);
  }

  function up() {
    if (pulling) endAct();
    pulling = undefined;
  }

  function key(knob: Knob, event: KeyboardEvent) {
    const way = WAYS[event.key];
    if (!way || !floor.document || event.altKey || event.ctrlKey) return;
    event.preventDefault();
    event.stopPropagation();
    const far = STEP * (event.shiftKey ? COARSE : 1);
    change(knob, way[0] * far, way[1] * far);
  }
</script>

{#each all as knob (knob.name)}
  <button
    class="plain knob"
    class:sun={knob.name === 'Light'}
    aria-label="{knob.name} of {part.key}: {knob.says}"
    title="{knob.name}: {knob.says}. Pull it, or use the arrow keys"
    style:left="{knob.at[0] * scale}px"
    style:top="{knob.at[1] * scale}px"
    onpointerdown={(event) => down(knob, event)}
    onpointermove={move}
    onpointerup={up}
    onpointercancel={up}
    onkeydown={(event) => key(knob, event)}><span>{knob.name}</span></button
  >
{/each}

<style>
  .knob {
    position: absolute;
    width: 11px;
    height: 11px;
    padding: 0;
    border: 1px solid rgb(0 0 0 / 70%);
    border-radius: 2px;
    background: var(--warning);
    transform: translate(-50%, -50%) rotate(45deg);
    cursor: move;
  }

  .sun {
    width: 15px;
    height: 15px;
    border-radius: 50%;
    background: var(--text);
    box-shadow: 0 0 0 3px rgb(255 255 255 / 35%);
  }

  .knob:focus-visible {
    outline: 2px solid var(--accent);
    outline-offset: 2px;
  }

  span {
    position: absolute;
    top: 50%;
    left: 14px;
    padding: 0 4px;
    border-radius: 3px;
    background: var(--layer-1);
    color: var(--text);
    font-size: 10.5px;
    opacity: 0;
    transform: rotate(-45deg);
    transform-origin: left;
    pointer-events: none;
    white-space: nowrap;
  }

  .knob:hover span,
  .knob:focus-visible span {
    opacity: 1;
  }
</style>
