<script lang="ts">
  import { timecode, type AnyPhase } from '../player/moment';
  import type { FloorState } from './floor.svelte';
  import { shifted, snapFrames, snappedBy, stretched, waiting } from './moves';
  import { BAR, wait, type Column, type Placed, type Stretch } from './scoreLayout';
  import { wordsFor } from './briefly';

  interface Props {
    floor: FloorState;
    /** Which column of the score it is. */
    stretch: Stretch;
    column: Column;
    /** Those of all columns. */
    bars: Placed[];
    /** px from the top of the score to that of each bar. */
    tops: Map<Placed, number>;
  }

  const { floor, stretch, column, bars: all, tops }: Props = $props();

  type How = 'move' | 'begin' | 'end' | 'wait' | 'with';
  /** Pixels of the screen within which a bar snaps; with Alt it does not. */
  const NEAR = 5;
  const FAR_KEY = 10;

  /** Raw: bars are told apart by being the same ones. */
  let drag = $state.raw<{
    how: How;
    bar: Placed;
    fromX: number;
    by: number;
    x: number;
    y: number;
    together: boolean;
  }>();
  let lanes = $state<HTMLElement>();
  /** What is said of the bar under the pointer, or of the one that has the focus. */
  let told = $state.raw<{ words: string; x: number; y: number }>();

  function tell(bar: Placed, event: Event) {
    const { left, bottom } = (event.currentTarget as HTMLElement).getBoundingClientRect();
    told = { words: wordsOf(bar), x: left, y: bottom + 6 };
  }

  /** As it is, or would be if it were let go of. */
  function wordsOf(bar: Placed): string {
    const { start, length } = seen(bar);
    const half = bar.column === 'SWAP' ? `${bar.phase.toLowerCase()}, ` : '';
    const when = `${half}${length} f from frame ${start} (${timecode(start, reel?.rate ?? 50)})`;
    const tied = bar.waitsFor ? `, ${bar.afterEnd ? 'after' : 'with'} ‘${bar.waitsFor}’` : '';
    return `${bar.move}: ${bar.words}, ${when}${tied}`;
  }

  const reel = $derived(floor.worked?.reel);
  const bars = $derived(all.filter((bar) => bar.column === stretch && tops.has(bar)));
  const mirrored = $derived(stretch === 'OUT' && floor.document?.out?.mirrors === 'in');

  function isChosen({ phase, move }: Placed): boolean {
    return floor.moves.some((chosen) => chosen.phase === phase && chosen.key === move);
  }

  /** Keys of the moves of a phase that are chosen. */
  function chosenOf(phase: AnyPhase): string[] {
    return floor.moves.filter((move) => move.phase === phase).map(({ key }) => key);
  }

  /** Where a bar is drawn while it is dragged. */
  function seen(bar: Placed): { start: number; length: number } {
    const still = { start: bar.at, length: bar.length };
    if (!drag || !isDragged(bar)) return still;
    if (drag.how === 'move') return { start: bar.at + drag.by, length: bar.length };
    if (drag.how === 'end') return { start: bar.at, length: Math.max(1, bar.length + drag.by) };
    if (drag.how === 'begin') {
      const by = Math.min(drag.by, bar.length - 1);
      return { start: bar.at + by, length: bar.length - by };
    }
    return still;
  }

  function isDragged(bar: Placed): boolean {
    return !!drag && (bar === drag.bar || (isChosen(bar) && isChosen(drag.bar)));
  }

  function take(how: How, bar: Placed, event: PointerEvent) {
    event.stopPropagation();
    if (!isChosen(bar) || event.shiftKey)
      floor.chooseMove({ phase: bar.phase, key: bar.move }, bar.part, event.shiftKey);
    if (mirrored || bar.passive) return;
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { how, bar, fromX: event.clientX, by: 0, together: event.shiftKey, ...place(event) };
  }

  function place(event: PointerEvent): { x: number; y: number } {
    const area = lanes!.getBoundingClientRect();
    return { x: event.clientX - area.left, y: event.clientY - area.top };
  }

  function pull(event: PointerEvent) {
    if (!drag || !reel) return;
    event.stopPropagation();
    const asked = Math.round((event.clientX - drag.fromX) / column.scale);
    const keys = isChosen(drag.bar) ? chosenOf(drag.bar.phase) : [drag.bar.move];
    const here =
      stretch === 'SWAP' ? floor.moment.change : !floor.moment.change && floor.moment.phase === stretch;
    const playhead = here ? floor.moment.frame : undefined;
    const shown = bars.map((bar) => ({ ...bar, start: bar.at }));
    const to = event.altKey ? [] : snapFrames(shown, keys, reel.rate, reel.in + reel.out, playhead);
    const { at: start, length } = drag.bar;
    const edges =
      drag.how === 'begin' ? [start] : drag.how === 'end' ? [start + length] : [start, start + length];
    const by = snappedBy(edges, asked, to, NEAR / column.scale);
    drag = { ...drag, by, together: event.shiftKey, ...place(event) };
    if (drag.how !== 'wait' && drag.how !== 'with')
      told = { words: wordsOf(drag.bar), x: event.clientX + 12, y: event.clientY + 14 };
  }

  function release(event: PointerEvent) {
    const done = drag;
    drag = undefined;
    if (!done) return;
    event.stopPropagation();
    if (done.how === 'wait' || done.how === 'with') return drawWait(done.bar, done.how === 'wait', event);
    if (done.by === 0) {
      // A click says which one is meant; a drag moves all that are chosen.
      const { phase, move, part } = done.bar;
      if (!done.together && floor.moves.length > 1) floor.chooseMove({ phase, key: move }, part);
      return;
    }
    const { phase } = done.bar;
    const keys = isChosen(done.bar) ? chosenOf(phase) : [done.bar.move];
    if (done.how === 'move') change(phase, keys, done.by);
    else void floor.changeMoves(phase, (moves) => stretched(moves, keys, done.by, done.how === 'end'));
  }

  function change(phase: AnyPhase, keys: string[], by: number) {
    void floor.changeMoves(phase, (moves) => shifted(moves, keys, by));
  }

  /** From the end of a bar, or its beginning, to the bar under the pointer: that one waits from now on. */
  function drawWait(from: Placed, end: boolean, event: PointerEvent) {
    const target = under(place(event), from);
    if (!target) return;
    // From follower to leader with Shift; from leader to follower without.
    const [follower, leader] = event.shiftKey ? [from, target] : [target, from];
    void floor.changeMoves(from.phase, (moves) => waiting(moves, bars, follower.move, leader.move, end));
  }

  function under({ x, y }: { x: number; y: number }, from: Placed): Placed | undefined {
    return bars.find((bar) => {
      const top = tops.get(bar)!;
      const left = bar.at * column.scale;
      return (
        bar !== from &&
        bar.phase === from.phase &&
        y >= top &&
        y <= top + BAR &&
        x >= left &&
        x <= left + bar.length * column.scale
      );
    });
  }

  /** What letting go would do now. */
  const hint = $derived.by(() => {
    if (!drag) return '';
    const target = under(drag, drag.bar);
    const what = drag.how === 'wait' ? 'end' : 'beginning';
    if (!target)
      return `to the bar that is to wait for this ${what}; with Shift, to the one that is waited for`;
    const [follower, leader] = drag.together ? [drag.bar, target] : [target, drag.bar];
    return `‘${follower.move}’ waits for the ${what} of ‘${leader.move}’`;
  });

  function key(event: KeyboardEvent, bar: Placed) {
    const arrow = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    const by = arrow * (event.shiftKey ? FAR_KEY : 1);
    const { phase } = bar;
    const keys = isChosen(bar) ? chosenOf(phase) : [bar.move];
    if (event.ctrlKey || event.metaKey || bar.passive) return;
    if (arrow && event.altKey)
      void floor.changeMoves(phase, (moves) =>
        stretched(moves, keys, by, (phase !== 'IN' && phase !== 'BACK') || by > 0),
      );
    else if (arrow) change(phase, keys, by);
    else if (event.key === 'Delete') void floor.removeMoves();
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  const waits = $derived(
    bars.flatMap((bar) => {
      const waited = bars.find(({ phase, move }) => phase === bar.phase && move === bar.waitsFor);
      return waited
        ? [
            {
              bar: { id: `${bar.phase} ${bar.move}`, part: bar.part, waited: waited.part },
              path: wait(waited, tops.get(waited)!, bar, tops.get(bar)!, column),
            },
          ]
        : [];
    }),
  );
</script>

<svg aria-hidden="true">
  {#each waits as { bar, path } (bar.id)}
    <path class:bright={bar.part === floor.selected || bar.waited === floor.selected} d={path} />
  {/each}
  {#if drag?.how === 'wait' || drag?.how === 'with'}
    {@const from = (drag.bar.at + (drag.how === 'wait' ? drag.bar.length : 0)) * column.scale}
    <path class="drawn" d="M{from} {tops.get(drag.bar)! + BAR / 2}L{drag.x} {drag.y}" />
  {/if}
</svg>
{#if told}
  <span
    class="told surface"
    style:left="min({told.x}px, calc(100vw - 340px))"
    style:top="min({told.y}px, calc(100vh - 44px))">{told.words}</span
  >
{/if}
{#if drag?.how === 'wait' || drag?.how === 'with'}
  <span class="hint surface" style:left="{drag.x + 12}px" style:top="{drag.y + 12}px">{hint}</span>
{/if}
<div class="bars" bind:this={lanes}>
  {#each bars as bar (bar.phase + bar.move)}
    {@const { start, length } = seen(bar)}
    <div
      class="bar {bar.phase}"
      class:chosen={isChosen(bar)}
      class:mirrored={mirrored || bar.passive}
      style:left="{start * column.scale}px"
      style:width="{Math.max(3, length * column.scale)}px"
      style:top="{tops.get(bar)}px"
      style:height="{BAR}px"
    >
      <button
        class="plain body"
        aria-label="{bar.move}, {length} frames from {start}"
        aria-pressed={isChosen(bar)}
        onpointerenter={(event) => tell(bar, event)}
        onpointerleave={() => (told = undefined)}
        onblur={() => (told = undefined)}
        onpointerdown={(event) => take('move', bar, event)}
        onpointermove={pull}
        onpointerup={release}
        onpointercancel={() => (drag = undefined)}
        onkeydown={(event) => key(event, bar)}
        onfocus={(event) => {
          tell(bar, event);
          if (!isChosen(bar)) floor.chooseMove({ phase: bar.phase, key: bar.move }, bar.part);
        }}>{wordsFor(bar, length * column.scale)}</button
      >
      {#if isChosen(bar) && !mirrored && !bar.passive}
        {#each ['begin', 'end'] as const as how (how)}
          <span
            class="grip {how}"
            role="presentation"
            onpointerdown={(event) => take(how, bar, event)}
            onpointermove={pull}
            onpointerup={release}
          ></span>
        {/each}
        {#each ['with', 'wait'] as const as how (how)}
          <span
            class="dot {how}"
            role="presentation"
            title="Pull to another bar: that one waits for this one's {how === 'wait' ? 'end' : 'beginning'}"
            onpointerdown={(event) => take(how, bar, event)}
            onpointermove={pull}
            onpointerup={release}
          ></span>
        {/each}
      {/if}
    </div>
  {/each}
</div>

<style>
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    pointer-events: none;
  }

  path {
    fill: none;
    stroke: var(--muted);
    stroke-width: 1.25;
    opacity: 0.3;
  }

  .bright {
    stroke: var(--text);
    opacity: 0.9;
  }

  .drawn {
    stroke: var(--accent);
    stroke-dasharray: 4 3;
    opacity: 1;
  }

  .bars {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }

  .bar {
    position: absolute;
    border-radius: 4px;
    box-sizing: border-box;
    color: var(--on-accent);
    pointer-events: auto;
    touch-action: none;
  }

  .bar.IN {
    background: var(--phase-in);
  }

  .bar.LOOP {
    background: var(--phase-loop);
  }

  .bar.AWAY,
  .bar.BACK {
    background: var(--phase-swap);
  }

  .bar.OUT {
    background: var(--phase-out);
  }

  .mirrored {
    opacity: 0.6;
  }

  .chosen {
    outline: 2px solid var(--text);
  }

  .body {
    width: 100%;
    height: 100%;
    padding: 0 6px;
    overflow: hidden;
    font-size: 11px;
    line-height: 16px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: grab;
    touch-action: none;
  }

  .told,
  .hint {
    position: fixed;
    z-index: 8;
    max-width: 320px;
    padding: 4px 10px;
    background: var(--layer-2);
    box-shadow: 0 6px 20px rgb(0 0 0 / 45%);
    font-size: 12px;
    pointer-events: none;
  }

  .hint {
    position: absolute;
    border-color: var(--accent);
    white-space: nowrap;
  }

  .grip {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 6px;
    cursor: ew-resize;
    touch-action: none;
  }

  .grip.begin {
    left: -2px;
  }

  .grip.end {
    right: -2px;
  }

  .dot {
    position: absolute;
    bottom: -6px;
    width: 8px;
    height: 8px;
    border: 1px solid var(--ground);
    border-radius: 50%;
    background: var(--accent);
    box-sizing: border-box;
    cursor: crosshair;
    touch-action: none;
  }

  .dot.wait {
    right: -5px;
  }

  .dot.with {
    left: -5px;
  }
</style>
