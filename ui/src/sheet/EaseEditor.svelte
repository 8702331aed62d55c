<script lang="ts">
  import type { Ease } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    ease: Ease;
    /** How near to rest the move is at equal steps of its time; empty where that is not known. */
    curve: number[];
    /** What stands before it, for whoever hears the page. */
    label: string;
    onchange: (ease: Ease) => void;
  }

  const { ease, curve, label, onchange }: Props = $props();

  const FAMILIES = ['sine', 'quad', 'cubic', 'quart', 'quint', 'expo', 'circ', 'back', 'elastic', 'bounce'];
  const NAMED = ['out', 'in', 'in-out'].flatMap((way) => FAMILIES.map((family) => `${way} ${family}`));
  const OWN = 'own curve';
  const STEPS = 'steps';
  const OPTIONS = ['linear', OWN, STEPS, ...NAMED];
  /** Side of the square in which the curve goes from nothing to all, and room above and below, px. */
  const SIDE = 96;
  const ROOM = 34;
  const HANDLES = [0, 1] as const;

  let drag = $state<{ handle: 0 | 1; bezier: number[] }>();

  const kind = $derived(typeof ease === 'string' ? ease : 'steps' in ease ? STEPS : OWN);
  const bezier = $derived(
    drag?.bezier ?? (typeof ease === 'object' && 'bezier' in ease ? ease.bezier : undefined),
  );
  const [least, most] = $derived([Math.min(0, ...curve), Math.max(1, ...curve)]);
  const speeds = $derived(curve.slice(1).map((near, i) => Math.abs(near - curve[i]!)));
  const fastest = $derived(Math.max(1e-9, ...speeds));

  function x(t: number): number {
    return t * SIDE;
  }

  function y(value: number): number {
    return ROOM + (1 - value) * SIDE;
  }

  /** The way gone, from nothing to all, whichever way the phase goes. */
  const way = $derived.by(() => {
    const rises = (curve.at(-1) ?? 1) >= (curve[0] ?? 0);
    return curve.map((near) => (rises ? near : 1 - near));
  });
  const line = $derived(
    way.map((value, i) => `${i ? 'L' : 'M'}${x(i / (way.length - 1))} ${y(value)}`).join(''),
  );
  const speedLine = $derived(
    speeds
      .map((speed, i) => `${i ? 'L' : 'M'}${x((i + 0.5) / speeds.length)} ${22 - (speed / fastest) * 20}`)
      .join(''),
  );

  function choose(chosen: string) {
    if (chosen === OWN) onchange({ bezier: [0.3, 0, 0.2, 1] });
    else if (chosen === STEPS) onchange({ steps: 4 });
    else onchange(chosen);
  }

  function pull(event: PointerEvent) {
    if (!drag) return;
    const area = (event.currentTarget as Element).closest('svg')!.getBoundingClientRect();
    const t = Math.max(0, Math.min(1, (event.clientX - area.left) / SIDE));
    const value = 1 - (event.clientY - area.top - ROOM) / SIDE;
    const next = [...drag.bezier];
    next[drag.handle * 2] = Math.round(t * 100) / 100;
    next[drag.handle * 2 + 1] = Math.round(value * 100) / 100;
    drag = { ...drag, bezier: next };
  }

  function release() {
    const done = drag;
    drag = undefined;
    if (done) onchange({ bezier: done.bezier });
  }

  function nudge(event: KeyboardEvent, handle: 0 | 1) {
    const ways: Record<string, [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, 1],
      ArrowDown: [0, -1],
    };
    const by = ways[event.key];
    if (!by || !bezier) return;
    event.preventDefault();
    event.stopPropagation();
    const next = [...bezier];
    const step = event.shiftKey ? 0.1 : 0.02;
    next[handle * 2] = Math.max(0, Math.min(1, Math.round((next[handle * 2]! + by[0] * step) * 100) / 100));
    next[handle * 2 + 1] = Math.round((next[handle * 2 + 1]! + by[1] * step) * 100) / 100;
    onchange({ bezier: next });
  }
</script>

<p>
  ease <ChoicePiece {label} value={kind} options={OPTIONS} onchange={choose} />
  {#if typeof ease === 'object' && 'steps' in ease}
    of <NumberPiece label="Steps" value={ease.steps} onchange={(steps) => onchange({ ...ease, steps })} />
  {/if}
</p>
{#if curve.length > 1}
  <div class="graphs">
    <svg width={SIDE} height={SIDE + 2 * ROOM} role="group" aria-label="Curve of the ease">
      <rect x="0" y={ROOM} width={SIDE} height={SIDE} />
      {#if bezier}
        <path class="arm" d="M0 {y(0)}L{x(bezier[0]!)} {y(bezier[1]!)}" />
        <path class="arm" d="M{SIDE} {y(1)}L{x(bezier[2]!)} {y(bezier[3]!)}" />
        <path
          class="curve"
          d="M0 {y(0)}C{x(bezier[0]!)} {y(bezier[1]!)} {x(bezier[2]!)} {y(bezier[3]!)} {SIDE} {y(1)}"
        />
        {#each HANDLES as handle (handle)}
          <circle
            r="5"
            cx={x(bezier[handle * 2]!)}
            cy={y(bezier[handle * 2 + 1]!)}
            role="slider"
            tabindex="0"
            aria-label="{handle === 0 ? 'First' : 'Second'} handle"
            aria-valuenow={bezier[handle * 2 + 1]}
            onpointerdown={(event) => {
              (event.currentTarget as Element).setPointerCapture(event.pointerId);
              drag = { handle, bezier: [...bezier] };
            }}
            onpointermove={pull}
            onpointerup={release}
            onkeydown={(event) => nudge(event, handle)}
          />
        {/each}
      {:else}
        <path class="curve" d={line} />
      {/if}
    </svg>
    <div class="speed">
      <span class="caption">speed</span>
      <svg width={SIDE} height="24" role="img" aria-label="Graph of its speed">
        <path class="curve" d={speedLine} />
      </svg>
      {#if most > 1.001 || least < -0.001}
        <span class="muted figures">overshoots {Math.round(Math.max(most - 1, -least) * 100)} %</span>
      {/if}
    </div>
  </div>
{/if}

<style>
  p {
    margin: 0 0 4px;
    line-height: 1.7;
  }

  .graphs {
    display: flex;
    gap: 14px;
    margin-bottom: 8px;
  }

  rect {
    fill: var(--layer-2);
    stroke: var(--border);
  }

  .curve {
    fill: none;
    stroke: var(--accent);
    stroke-width: 2;
  }

  .arm {
    fill: none;
    stroke: var(--muted);
  }

  circle {
    fill: var(--text);
    cursor: grab;
    touch-action: none;
  }

  circle:focus-visible {
    outline: 2px solid var(--accent);
  }

  .speed {
    display: flex;
    flex-direction: column;
    gap: 4px;
    padding-top: 30px;
  }
</style>
