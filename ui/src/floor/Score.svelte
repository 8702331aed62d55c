<script lang="ts">
  import PhaseMark from '../frame/PhaseMark.svelte';
  import { length, PHASES, type Phase } from '../player/moment';
  import type { FloorState } from './floor.svelte';
  import { PHASE_KEYS } from './moves';
  import ScoreBars from './ScoreBars.svelte';
  import ScoreName from './ScoreName.svelte';
  import RangeMark from './RangeMark.svelte';
  import Spans from './Spans.svelte';
  import StepMarks from './StepMarks.svelte';
  import { columns, depthsOf, scoreRows } from './scoreLayout';

  interface Props {
    floor: FloorState;
    onscrub: () => void;
  }

  const { floor, onscrub }: Props = $props();

  /** Frames between two ticks. */
  const TICK = 10;
  const WORDS: Record<Phase, string> = { IN: 'in', LOOP: 'loop', OUT: 'out' };

  let width = $state(0);
  let scrubbing = $state<Phase>();

  const reel = $derived(floor.worked?.reel);
  /** What is drawn in front stands above. */
  const rows = $derived([...(floor.worked?.rest ?? [])].reverse());
  const depths = $derived(depthsOf(floor.document?.parts ?? []));
  const layout = $derived(reel ? columns(reel, width * floor.zoom) : undefined);
  const bars = $derived(floor.worked?.bars ?? []);
  const placed = $derived(
    scoreRows(
      rows.map(({ part }) => part),
      bars,
    ),
  );

  function variantsOf(phase: Phase): string[] {
    return (floor.design?.variants ?? [])
      .filter((variant) => variant.phase === PHASE_KEYS[phase])
      .map(({ name }) => name);
  }

  function frameAt(phase: Phase, clientX: number, area: HTMLElement): number {
    const column = layout![phase];
    return Math.round((clientX - area.getBoundingClientRect().left) / column.scale);
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

  function scrub(phase: Phase, event: PointerEvent) {
    const area = event.currentTarget as HTMLElement;
    if (event.type === 'pointerdown') {
      scrubbing = phase;
      area.setPointerCapture(event.pointerId);
      onscrub();
    }
    if (scrubbing === phase) floor.phaseAt(phase, frameAt(phase, event.clientX, area));
  }
</script>

<div class="score" class:zoomed={floor.zoom > 1} bind:clientWidth={width}>
  {#if layout && reel}
    <div class="head" style:width="{width * floor.zoom}px">
      <span class="caption score-title" style:width="{layout.names.width}px">score</span>
      {#each PHASES as phase (phase)}
        <span class="phase" style:left="{layout[phase].left}px" style:width="{layout[phase].width}px">
          <button
            class="plain phase-name"
            aria-pressed={floor.phaseShown === phase}
            title="Length, spans, delays and staggers of {WORDS[phase]}"
            onclick={() => floor.choosePhase(phase)}><PhaseMark {phase} />{WORDS[phase]}</button
          >
          {#if variantsOf(phase).length > 0}
            <select
              class="variant"
              aria-label="Variant of {WORDS[phase]}"
              title="Which variant of {WORDS[
                phase
              ]} is looked at and changed; the case table says which is played"
              onchange={(event) =>
                floor.pin({ ...floor.played, [PHASE_KEYS[phase]]: event.currentTarget.value })}
            >
              <option value="" selected={!floor.played[PHASE_KEYS[phase]]}>itself</option>
              {#each variantsOf(phase) as name (name)}
                <option value={name} selected={floor.played[PHASE_KEYS[phase]] === name}>{name}</option>
              {/each}
            </select>
          {/if}
          <span class="figures muted">{length(reel, phase) ? `${length(reel, phase)} f` : 'none'}</span>
          <Spans {floor} {phase} scale={layout[phase].scale} />
          {#if phase !== 'LOOP' && length(reel, phase) > 0}
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
    </div>
    <div class="body" style:width="{width * floor.zoom}px">
      {#if rows.length === 0}
        <p class="muted empty">
          No parts yet. Add a text first, at the top of the sheet; then a box that wraps it.
        </p>
      {/if}
      <div class="rows" style:height="{placed.height}px">
        {#each rows as entry (entry.part)}
          {@const place = placed.rows.get(entry.part)!}
          <div
            class="row"
            class:absent={!entry.present}
            class:selected={entry.part === floor.selected || floor.others.includes(entry.part)}
            style:top="{place.top}px"
            style:height="{place.height}px"
          >
            <div class="names" style:width="{layout.names.width}px">
              <ScoreName {floor} part={entry.part} depth={depths.get(entry.part) ?? 0} />
            </div>
            <span class="rest muted" style:left="{layout.rest.left}px" style:width="{layout.rest.width}px">
              {entry.present ? entry.brief : 'absent: blank'}
            </span>
          </div>
        {/each}
        {#each PHASES as phase (phase)}
          {@const column = layout[phase]}
          <div
            class="lane"
            style:left="{column.left}px"
            style:width="{column.width}px"
            style:--tick="{column.scale * TICK}px"
            class:ticks={column.scale > 0}
          >
            <div
              class="frames"
              role="slider"
              tabindex="0"
              aria-label="Frame of {WORDS[phase]}"
              aria-valuemin="0"
              aria-valuemax={length(reel, phase)}
              aria-valuenow={floor.moment.phase === phase ? floor.moment.frame : 0}
              onpointerdown={(event) => scrub(phase, event)}
              onpointermove={(event) => scrub(phase, event)}
              onpointerup={() => (scrubbing = undefined)}
              onfocus={() => floor.moment.phase !== phase && floor.phaseAt(phase, 0)}
            ></div>
            {#if floor.range?.phase === phase}
              <RangeMark {floor} scale={column.scale} />
            {/if}
            <ScoreBars {floor} {phase} {column} tops={placed.barTops} />
            {#if phase === 'IN'}<StepMarks {floor} scale={column.scale} />{/if}
            {#if floor.moment.phase === phase}
              <span class="playhead" style:left="{floor.moment.frame * column.scale}px"></span>
            {/if}
          </div>
        {/each}
      </div>
    </div>
  {/if}
</div>

<style>
  .score {
    display: flex;
    flex-direction: column;
    height: 100%;
  }

  .zoomed {
    overflow-x: auto;
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

  .phase-grip {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 8px;
    border-right: 2px solid var(--border-strong);
    cursor: ew-resize;
    touch-action: none;
  }

  .head {
    position: relative;
    flex: none;
    height: 27px;
    border-bottom: 1px solid var(--border);
    background: var(--layer-2);
  }

  .score-title {
    position: absolute;
    padding: 7px 12px;
    box-sizing: border-box;
  }

  .phase {
    position: absolute;
    display: flex;
    align-items: center;
    gap: 6px;
    height: 100%;
    padding-left: 2px;
    white-space: nowrap;
  }

  .body {
    flex: 1;
    min-height: 0;
    overflow: hidden auto;
  }

  .empty {
    padding: 12px;
  }

  .rows {
    position: relative;
    min-height: 100%;
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
    gap: 2px;
    align-items: center;
    height: 100%;
  }

  .absent .names {
    color: var(--muted);
    text-decoration: line-through;
  }

  .rest {
    position: absolute;
    top: 7px;
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

  .ticks {
    background: repeating-linear-gradient(90deg, var(--layer-2) 0 1px, transparent 1px var(--tick));
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
