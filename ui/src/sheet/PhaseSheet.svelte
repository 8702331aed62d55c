<script lang="ts">
  import type { PhaseDocument } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { PHASE_KEYS, phaseOf, withPhase } from '../floor/moves';
  import Timings from './Timings.svelte';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import { length, type Phase } from '../player/moment';
  import { replaced, without } from './lists';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import StepsList from './StepsList.svelte';
  import VariantsList from './VariantsList.svelte';

  interface Props {
    floor: FloorState;
    phase: Phase;
  }

  const { floor, phase }: Props = $props();

  const WORDS: Record<Phase, string> = { IN: 'In', LOOP: 'Loop', OUT: 'Out' };
  const FIRMNESS = ['firm', 'slack'] as const;
  const FILLS = ['stands between in and out', 'is filled by in and out'] as const;
  /** How quick an out is that is the in backwards. */
  const PACES = ['frame by frame', 'in so many frames', 'in a share of its time'] as const;
  const PERCENT = 100;
  const key = $derived(PHASE_KEYS[phase]);
  const document = $derived<PhaseDocument>(phaseOf(floor.document, phase));
  const frames = $derived(floor.worked ? length(floor.worked.reel, phase) : 0);
  const spans = $derived(document.spans ?? []);
  const backwards = $derived(
    phase !== 'OUT' || !document.mirrors
      ? undefined
      : document.frames
        ? PACES[1]
        : document.share && document.share !== 1
          ? PACES[2]
          : PACES[0],
  );

  function change(changes: Partial<PhaseDocument>) {
    void floor.change((now) => withPhase(now, phase, changes));
  }

  function retime(wanted: number) {
    if (phase === 'LOOP') change({ length: Math.max(0, Math.round(wanted)) });
    else
      void floor.edit({ what: 'RETIME_PHASE', key: '', phase: key, steps: Math.max(1, Math.round(wanted)) });
  }
</script>

<h2><PhaseMark {phase} /> {WORDS[phase]}</h2>
<p>
  takes
  <NumberPiece
    label="Length of {WORDS[phase].toLowerCase()}"
    value={phase === 'LOOP' ? (document.length ?? 0) : frames}
    unit="f"
    onchange={retime}
  />
  {#if phase === 'LOOP'}
    <span class="muted"
      >a round{frames && frames !== document.length ? `; all rounds meet after ${frames} f` : ''}</span
    >
  {:else if backwards}
    <span class="muted">{backwards === PACES[1] ? 'for any text' : 'for the values at hand'}</span>
  {:else}
    <span class="muted">for the values at hand; another length changes all its moves in proportion</span>
  {/if}
</p>
{#if phase === 'OUT'}
  <p>
    {#if backwards}
      It is the in backwards,
      <ChoicePiece
        label="How quick the in backwards is"
        value={backwards}
        options={PACES}
        onchange={(chosen) =>
          change({
            frames: chosen === PACES[1] ? Math.max(1, frames) : undefined,
            share: chosen === PACES[2] ? 0.5 : undefined,
          })}
      />
      {#if backwards === PACES[2]}
        <NumberPiece
          label="Share of the time of the in"
          value={Math.round((document.share ?? 1) * PERCENT)}
          unit="%"
          onchange={(share) => change({ share: share / PERCENT })}
        />
      {/if}
      <button class="plain act" onclick={() => floor.edit({ what: 'OWN_OUT', key: '' })}
        >make moves of its own</button
      >
    {:else}
      <button
        class="plain act"
        title="Replaces its moves (v)"
        onclick={() => floor.edit({ what: 'MIRROR_OUT', key: '' })}>the in backwards</button
      >
    {/if}
  </p>
{/if}
{#if phase !== 'LOOP'}
  <h3 class="caption">Spans</h3>
  <p class="muted">Played in another length, firm spans keep theirs and slack ones take up the change.</p>
  {#each spans as span, i (i)}
    <p>
      <NumberPiece
        label="Frames of span {i + 1}"
        value={span.frames}
        unit="f"
        onchange={(value) =>
          change({ spans: replaced(spans, i, { frames: Math.max(1, Math.round(value)) }) })}
      />
      <ChoicePiece
        label="Whether span {i + 1} is firm"
        value={span.firm ? 'firm' : 'slack'}
        options={FIRMNESS}
        onchange={(chosen) => change({ spans: replaced(spans, i, { firm: chosen === 'firm' }) })}
      />
      <button
        class="plain act"
        aria-label="Remove span {i + 1}"
        onclick={() => change({ spans: without(spans, i) })}>remove</button
      >
    </p>
  {:else}
    <p class="muted">None: all of it is firm.</p>
  {/each}
  <p>
    <button class="plain act" onclick={() => change({ spans: [...spans, { frames: 10, firm: true }] })}
      >add a span</button
    >
    the length
    <ChoicePiece
      label="What fills the length"
      value={floor.document?.frame.fills ? FILLS[1] : FILLS[0]}
      options={FILLS}
      onchange={(chosen) =>
        floor.change((now) => ({ ...now, frame: { ...now.frame, fills: chosen === FILLS[1] || undefined } }))}
    />
  </p>
{/if}
{#if phase === 'IN'}<StepsList {floor} />{/if}
<VariantsList {floor} {phase} />
<Timings {floor} {phase} />

<style>
  h2 {
    display: flex;
    gap: 8px;
    align-items: center;
    margin: 0 0 10px;
    font-size: 14px;
    font-weight: 650;
  }

  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }

  .caption {
    margin: 12px 0 6px;
  }
</style>
