<script lang="ts">
  import PhaseMark from '../frame/PhaseMark.svelte';
  import { length, type AnyPhase, type Moment, type Phase } from '../player/moment';
  import type { FloorState } from './floor.svelte';
  import DoingMark from './DoingMark.svelte';
  import { PHASE_KEYS } from './moves';
  import ScoreBars from './ScoreBars.svelte';
  import ScoreName from './ScoreName.svelte';
  import RangeMark from './RangeMark.svelte';
  import Spans from './Spans.svelte';
  import SpokenWords from './SpokenWords.svelte';
  import StepMarks from './StepMarks.svelte';
  import Ruler from './Ruler.svelte';
  import SumBars from './SumBars.svelte';
  import { USUAL_ROOM, type Arrangement } from './arrangement.svelte';
  import { alike, everySum, sums, unfolded } from './folding';
  import {
    at,
    columnOf,
    columns,
    depthsOf,
    ROW,
    scoreRows,
    STRETCHES,
    swapColumn,
    ticks,
    type Placed,
    type Stretch,
  } from './scoreLayout';
  import { tick } from 'svelte';

  interface Props {
    floor: FloorState;
    arrangement: Arrangement;
    onscrub: () => void;
  }

  const { floor, arrangement, onscrub }: Props = $props();

  const WORDS: Record<Stretch, string> = { IN: 'in', LOOP: 'loop', SWAP: 'swap', OUT: 'out' };
  const COLUMNS = ['IN', 'rest', 'LOOP', 'SWAP', 'OUT'] as const;
  type Column = (typeof COLUMNS)[number];
  const MOST_ZOOM = 8;
  /** px after which a press on a name is a drag. */
  const DRAGGED = 5;

  let width = $state(0);
  let area = $state<HTMLElement>();
  let scrubbing = $state<Stretch>();

  const reel = $derived(floor.worked?.reel);
  const parts = $derived(floor.document?.parts ?? []);
  const groups = $derived(parts.filter((part) => part.kind === 'group').map(({ key }) => key));
  const change = $derived(floor.swapping.change);
  const swap = $derived(swapColumn(floor.worked?.bars ?? [], floor.document?.swap?.meet ?? 0, change));
  const bars = $derived([
    ...(floor.worked?.bars ?? [])
      .filter(({ phase }) => columnOf(phase) !== 'SWAP')
      .map((bar): Placed => ({ ...bar, column: columnOf(bar.phase), at: bar.start })),
    ...swap.bars,
  ]);
  const doings = $derived(new Map((change?.parts ?? []).map((part) => [part.part, part])));
  /** What is drawn in front stands above. */
  const front = $derived([...(floor.worked?.rest ?? [])].reverse());
  const rows = $derived.by(() => {
    const shown = new Set(
      unfolded(
        parts,
        front.map(({ part }) => part),
        floor.view.folded,
      ),
    );
    return front.filter(({ part }) => shown.has(part));
  });
  const depths = $derived(depthsOf(parts));
  const layout = $derived(reel ? columns(reel, (width - 2) * floor.zoom, arrangement.room, swap) : undefined);
  const placed = $derived(
    scoreRows(
      rows.map(({ part }) => part),
      bars,
    ),
  );
  /** Of everything, where there is one line only. */
  const whole = $derived(arrangement.how === 'picture');

  /** Of a swap, of either half. */
  function variantsOf(column: Stretch): string[] {
    const phases = column === 'SWAP' ? ['away', 'back'] : [WORDS[column]];
    const named = (floor.design?.variants ?? []).filter((variant) => phases.includes(variant.phase));
    return [...new Set(named.map(({ name }) => name))];
  }

  function playedOf(column: Stretch): string {
    return floor.played[WORDS[column] as 'in' | 'loop' | 'out' | 'swap'] ?? '';
  }

  /** The phase that the sheet is about when a column is chosen. */
  function phaseOf(column: Stretch): AnyPhase {
    return column === 'SWAP' ? 'AWAY' : column;
  }

  function framesOf(column: Stretch): number {
    return column === 'SWAP' ? swap.frames : length(reel!, column);
  }

  /** The moment that a frame of a column is. */
  function momentIn(column: Stretch, frame: number): Moment {
    return column === 'SWAP' ? { phase: 'IN', frame, change: true } : { phase: column, frame };
  }

  /** Whether what is looked at is a moment of a column. */
  function isAt(column: Stretch): boolean {
    const { phase, change: changing } = floor.moment;
    // What comes after a change is its loop and out; they stand where those of what stands do.
    return column === 'SWAP'
      ? changing === true && phase === 'IN'
      : phase === column && !(changing && phase === 'IN');
  }

  function frameAt(column: Stretch, clientX: number, lane: HTMLElement): number {
    return Math.round((clientX - lane.getBoundingClientRect().left) / layout![column].scale);
  }

  /** A phase whose end is pulled, and how many frames it would have. */
  let retimed = $state<{ phase: Phase; fromX: number; had: number; frames: number }>();

  function takeEnd(phase: Phase, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    const had = length(reel!, phase);
    retimed = { phase, fromX: event.clientX, had, frames: had };
  }

  function pullEnd(event: PointerEvent) {
    if (!retimed) return;
    const by = Math.round((event.clientX - retimed.fromX) / layout![retimed.phase].scale);
    retimed = { ...retimed, frames: Math.max(1, retimed.had + by) };
  }

  function releaseEnd() {
    const done = retimed;
    retimed = undefined;
    if (!done || done.frames === done.had) return;
    void floor.edit({ what: 'RETIME_PHASE', key: '', phase: PHASE_KEYS[done.phase], steps: done.frames });
  }

  /** A column whose border is pulled, and what its room was. */
  let widened = $state.raw<{ column: Column; fromX: number; had: number; width: number }>();

  function takeBorder(column: Column, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    widened = { column, fromX: event.clientX, had: arrangement.room[column], width: layout![column].width };
  }

  function pullBorder(event: PointerEvent) {
    if (!widened) return;
    const { column, fromX, had, width: before } = widened;
    const now = Math.max(8, before + event.clientX - fromX);
    arrangement.setRoom(column, column === 'rest' || column === 'LOOP' ? now : (had * now) / before);
  }

  function scrub(column: Stretch, event: PointerEvent) {
    // Without something that comes next there is no change to look at.
    if (column === 'SWAP' && !change) return;
    const lane = event.currentTarget as HTMLElement;
    if (event.type === 'pointerdown') {
      scrubbing = column;
      lane.setPointerCapture(event.pointerId);
      onscrub();
      // Nothing but ground is there: no bar is meant any more.
      if (floor.moves.length > 0) floor.moves = [];
    }
    if (scrubbing !== column) return;
    const { phase, frame, change: changing } = momentIn(column, frameAt(column, event.clientX, lane));
    floor.phaseAt(phase, frame, changing);
  }

  /** So many times as wide; what stands at a distance from the left of the window stays there. */
  async function zoomTo(zoom: number, x: number) {
    if (!area || !layout) return;
    const point = at(layout, area.scrollLeft + x);
    floor.zoom = Math.max(1, Math.min(MOST_ZOOM, zoom));
    await tick();
    if (point) area.scrollLeft = layout[point.column].left + point.frame * layout[point.column].scale - x;
  }

  /** Keys zoom where the playhead is. */
  export function zoomBy(factor: number): void {
    if (!area || !layout) return;
    const column = layout[STRETCHES.find(isAt) ?? 'IN'];
    void zoomTo(floor.zoom * factor, column.left + floor.moment.frame * column.scale - area.scrollLeft);
  }

  function wheel(event: WheelEvent) {
    // A pinch comes as a wheel with this key.
    if (!event.ctrlKey || !area) return;
    event.preventDefault();
    void zoomTo(
      floor.zoom * Math.exp(-event.deltaY / 200),
      event.clientX - area.getBoundingClientRect().left,
    );
  }

  /** A part that is taken to another place of the stack: next to the part it is over, behind it or in front. */
  let moved = $state.raw<{ part: string; fromY: number; to?: { part: string; front: boolean } }>();

  function takePart(part: string, event: PointerEvent) {
    if (event.button === 0) moved = { part, fromY: event.clientY };
  }

  function pullPart(event: PointerEvent) {
    if (!moved || !rowsArea) return;
    if (!moved.to && Math.abs(event.clientY - moved.fromY) < DRAGGED) return;
    const y = event.clientY - rowsArea.getBoundingClientRect().top;
    const over = rows.find(({ part }) => {
      const { top, height } = placed.rows.get(part)!;
      return y >= top && y < top + height;
    });
    if (!over) return;
    const { top, height } = placed.rows.get(over.part)!;
    moved = { ...moved, to: { part: over.part, front: y < top + height / 2 } };
  }

  function releasePart() {
    const done = moved;
    moved = undefined;
    if (!done?.to || done.to.part === done.part) return;
    const { part, front: inFront } = done.to;
    void floor.edit({ what: 'PLACE_PART', key: done.part, newName: part, steps: inFront ? 1 : -1 });
  }

  let rowsArea = $state<HTMLElement>();

  const dropAt = $derived.by(() => {
    if (!moved?.to) return undefined;
    const { top, height } = placed.rows.get(moved.to.part)!;
    return moved.to.front ? top : top + height;
  });
</script>

<svelte:window onpointermove={pullPart} onpointerup={releasePart} />

<div class="score" bind:clientWidth={width} bind:this={area} onwheel={wheel}>
  {#if layout && reel}
    <div class="head" style:width="{layout.total}px">
      <span class="caption score-title" style:width="{layout.names.width}px">score</span>
      {#each STRETCHES as phase (phase)}
        {@const left = phase === 'SWAP' ? layout.told.left : layout[phase].left}
        <span
          class="phase"
          style:left="{left}px"
          style:width="{layout[phase].left + layout[phase].width - left}px"
        >
          <button
            class="plain phase-name"
            aria-label="Phase {WORDS[phase]}"
            aria-pressed={floor.phaseShown === phaseOf(phase)}
            title={phase === 'SWAP'
              ? 'How what is replaced goes away, and what replaces it comes back'
              : `Length, spans, delays and staggers of ${WORDS[phase]}`}
            onclick={() => floor.choosePhase(phaseOf(phase))}><PhaseMark {phase} />{WORDS[phase]}</button
          >
          {#if variantsOf(phase).length > 0}
            <select
              class="variant"
              aria-label="Variant of {WORDS[phase]}"
              title="Which variant of {WORDS[
                phase
              ]} is looked at and changed; the case table says which is played"
              onchange={(event) => floor.pin({ ...floor.played, [WORDS[phase]]: event.currentTarget.value })}
            >
              <option value="" selected={!playedOf(phase)}>itself</option>
              {#each variantsOf(phase) as name (name)}
                <option value={name} selected={playedOf(phase) === name}>{name}</option>
              {/each}
            </select>
          {/if}
          <span class="figures muted"
            >{framesOf(phase)
              ? `${framesOf(phase)} f`
              : phase === 'SWAP' && !swap.told
                ? 'usual'
                : 'none'}</span
          >
          {#if phase !== 'SWAP'}<Spans {floor} {phase} scale={layout[phase].scale} />{/if}
          <span class="ruled" style:left="{layout[phase].left - left}px">
            <Ruler frames={framesOf(phase)} scale={layout[phase].scale} rate={reel.rate} />
          </span>
          {#if phase !== 'LOOP' && phase !== 'SWAP' && length(reel, phase) > 0}
            <span
              class="phase-grip"
              role="presentation"
              title="Pull: {WORDS[phase]} in another length, all its moves in proportion"
              style:left="{(retimed?.phase === phase ? retimed.frames : length(reel, phase)) *
                layout[phase].scale -
                4}px"
              onpointerdown={(event) => takeEnd(phase, event)}
              onpointermove={pullEnd}
              onpointerup={releaseEnd}
            ></span>
          {/if}
        </span>
      {/each}
      <span class="phase" style:left="{layout.rest.left}px" style:width="{layout.rest.width}px">rest</span>
      {#each COLUMNS as column (column)}
        <span
          class="border"
          role="presentation"
          title="Pull: more room for this column, or less. Twice: as usual"
          style:left="{layout[column].left + layout[column].width + 3}px"
          onpointerdown={(event) => takeBorder(column, event)}
          onpointermove={pullBorder}
          onpointerup={() => (widened = undefined)}
          ondblclick={() => arrangement.setRoom(column, USUAL_ROOM[column])}
        ></span>
      {/each}
    </div>
    <div class="body" style:width="{layout.total}px">
      {#if rows.length === 0}
        <p class="muted empty">
          No parts yet. Add a text first, at the top of the sheet; then a box that wraps it.
        </p>
      {/if}
      {#if whole}
        <div class="rows" style:height="{ROW}px">
          <SumBars
            sums={everySum(bars)}
            alike={undefined}
            {layout}
            onopen={() => arrangement.toggle('picture')}
          />
          {@render lanes(false)}
        </div>
      {:else}
        <div class="rows" style:height="{placed.height}px" bind:this={rowsArea}>
          {#each rows as entry (entry.part)}
            {@const place = placed.rows.get(entry.part)!}
            {@const folded = floor.view.folded.includes(entry.part)}
            {@const same = folded ? alike(parts, bars, entry.part) : undefined}
            <div
              class="row"
              class:absent={!entry.present}
              class:selected={entry.part === floor.selected || floor.others.includes(entry.part)}
              style:top="{place.top}px"
              style:height="{place.height}px"
            >
              <div class="names" style:width="{layout.names.width}px">
                <ScoreName
                  {floor}
                  part={entry.part}
                  depth={depths.get(entry.part) ?? 0}
                  group={groups.includes(entry.part)}
                  ontake={(event) => takePart(entry.part, event)}
                />
              </div>
              <span class="rest muted" style:left="{layout.rest.left}px" style:width="{layout.rest.width}px">
                {#if same}{same.rows} alike, {same.apart} f apart{:else}{entry.present
                    ? entry.brief
                    : 'absent: blank'}{/if}
              </span>
              {#if doings.has(entry.part)}
                {@const does = doings.get(entry.part)!}
                <span
                  class="told {does.doing}"
                  style:left="{layout.told.left}px"
                  style:width="{layout.told.width}px"
                  title={[does.sentence, ...does.why].join('\n')}
                  ><DoingMark doing={does.doing} />{does.doing.toLowerCase()}</span
                >
                {#if does.doing === 'FLOWS' || (does.doing === 'SWAPS' && !bars.some((bar) => bar.column === 'SWAP' && bar.part === entry.part))}
                  <span
                    class="flow"
                    style:left="{layout.SWAP.left + does.first * layout.SWAP.scale}px"
                    style:width="{Math.max(3, (does.last - does.first) * layout.SWAP.scale)}px"
                    title={[does.sentence, ...does.why].join('\n')}
                  ></span>
                {/if}
              {/if}
              {#if folded}
                <SumBars
                  sums={sums(parts, bars, entry.part)}
                  alike={same}
                  {layout}
                  onopen={() => floor.view.toggle('folded', entry.part)}
                />
              {/if}
            </div>
          {/each}
          {@render lanes(true)}
          {#if dropAt !== undefined}<span class="drop" style:top="{dropAt}px"></span>{/if}
        </div>
      {/if}
    </div>
  {/if}
</div>

{#snippet lanes(withBars: boolean)}
  {#each STRETCHES as phase (phase)}
    {@const column = layout![phase]}
    <div
      class="lane"
      style:left="{column.left}px"
      style:width="{column.width}px"
      style:z-index={withBars ? 0 : -1}
    >
      <div
        class="frames"
        role="slider"
        tabindex="0"
        aria-label="Frame of {WORDS[phase]}"
        aria-valuemin="0"
        aria-valuemax={framesOf(phase)}
        aria-valuenow={isAt(phase) ? floor.moment.frame : 0}
        onpointerdown={(event) => scrub(phase, event)}
        onpointermove={(event) => scrub(phase, event)}
        onpointerup={() => (scrubbing = undefined)}
        onfocus={() => {
          const { phase: of, frame, change: changing } = momentIn(phase, 0);
          if (!isAt(phase) && (phase !== 'SWAP' || change)) floor.phaseAt(of, frame, changing);
        }}
      >
        {#each ticks(framesOf(phase), column.scale, reel!.rate) as line (line.frame)}
          <span class="line" class:second={line.second} style:left="{line.frame * column.scale}px"></span>
        {/each}
      </div>
      {#if floor.range && (floor.range.change ? phase === 'SWAP' : floor.range.phase === phase)}
        <RangeMark {floor} scale={column.scale} />
      {/if}
      {#if withBars}<ScoreBars {floor} stretch={phase} {column} {bars} tops={placed.barTops} />{/if}
      {#if withBars && phase === 'IN'}<SpokenWords {floor} {column} {bars} tops={placed.barTops} />{/if}
      {#if phase === 'IN'}<StepMarks {floor} scale={column.scale} />{/if}
      {#if isAt(phase)}
        <span class="playhead" style:left="{floor.moment.frame * column.scale}px"></span>
      {/if}
    </div>
  {/each}
{/snippet}

<style>
  .score {
    flex: 1;
    min-height: 0;
    overflow: auto;
    overscroll-behavior: contain;
    scrollbar-width: thin;
  }

  .phase-name {
    display: flex;
    gap: 6px;
    align-items: center;
  }

  .phase-name[aria-pressed='true'] {
    color: var(--accent);
  }

  .variant {
    max-width: 96px;
    height: 20px;
    padding: 0 2px;
    border: 1px solid var(--border);
    border-radius: 4px;
    background: var(--layer-1);
    color: var(--accent);
    font: inherit;
    font-size: 11px;
  }

  .ruled {
    position: absolute;
    bottom: 0;
  }

  .told {
    display: inline-flex;
    position: absolute;
    top: 0;
    gap: 5px;
    align-items: center;
    height: 26px;
    font-size: 11px;
    white-space: nowrap;
  }

  .told.STAYS {
    color: var(--muted);
  }

  /* What goes over from one rest to the other, without moves of its own. */
  .flow {
    position: absolute;
    top: 11px;
    height: 4px;
    border-radius: 2px;
    background: var(--phase-swap);
    opacity: 0.7;
  }

  .phase-grip {
    position: absolute;
    bottom: 0;
    height: 15px;
    width: 8px;
    border-right: 2px solid var(--border-strong);
    cursor: ew-resize;
    touch-action: none;
  }

  .head {
    position: sticky;
    z-index: 3;
    top: 0;
    box-sizing: border-box;
    height: 36px;
    border-bottom: 1px solid var(--border);
    background: var(--layer-2);
  }

  .score-title {
    display: block;
    position: sticky;
    z-index: 1;
    left: 0;
    height: 35px;
    padding: 5px 12px;
    background: var(--layer-2);
    box-sizing: border-box;
  }

  .phase {
    position: absolute;
    top: 0;
    display: flex;
    align-items: flex-start;
    gap: 6px;
    height: 100%;
    padding: 2px 0 0 2px;
    box-sizing: border-box;
    overflow: hidden;
    line-height: 18px;
    white-space: nowrap;
  }

  .border {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 8px;
    cursor: col-resize;
    touch-action: none;
  }

  .border:hover {
    border-right: 2px solid var(--accent);
  }

  .empty {
    padding: 12px;
  }

  .rows {
    position: relative;
    isolation: isolate;
  }

  .drop {
    position: absolute;
    right: 0;
    left: 0;
    height: 2px;
    background: var(--accent);
    pointer-events: none;
  }

  .row {
    position: absolute;
    width: 100%;
    border-bottom: 1px solid var(--layer-2);
    box-sizing: border-box;
  }

  .row.selected {
    background: var(--layer-2);
  }

  .names {
    display: flex;
    position: sticky;
    z-index: 2;
    left: 0;
    gap: 2px;
    align-items: center;
    height: 100%;
    background: var(--layer-1);
  }

  .selected .names {
    background: var(--layer-2);
  }

  .absent .names {
    color: var(--muted);
    text-decoration: line-through;
  }

  .rest {
    position: absolute;
    top: 5px;
    overflow: hidden;
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .lane {
    position: absolute;
    top: 0;
    bottom: 0;
    box-shadow: -9px 0 0 -8px var(--border);
  }

  .frames {
    position: absolute;
    inset: 0;
    cursor: ew-resize;
    touch-action: none;
  }

  .line {
    position: absolute;
    top: 0;
    bottom: 0;
    border-left: 1px solid var(--layer-2);
    pointer-events: none;
  }

  .second {
    border-color: var(--border);
  }

  .playhead {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 2px;
    margin-left: -1px;
    background: var(--text);
    pointer-events: none;
  }
</style>
