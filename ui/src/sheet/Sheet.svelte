<script lang="ts">
  import type { FloorState } from '../floor/floor.svelte';
  import GraphicSheet from './GraphicSheet.svelte';
  import MoveSheet from './MoveSheet.svelte';
  import RemovalQuestion from './RemovalQuestion.svelte';
  import PartSheet from './PartSheet.svelte';
  import { isSwap, PHASE_KEYS } from '../floor/moves';
  import PhaseSheet from './PhaseSheet.svelte';
  import SwapSheet from './SwapSheet.svelte';
  import DialLines from '../dials/DialLines.svelte';
  import type { Piece } from '../dials/offer';
  import type { Phase } from '../player/moment';
  import { setContext } from 'svelte';
  import { SvelteSet } from 'svelte/reactivity';
  import './pieces/pieces.css';

  interface Props {
    floor: FloorState;
    /** Plays a phase while a gesture is looked at. */
    onlook: (phase: Phase | undefined) => void;
  }

  const { floor, onlook }: Props = $props();

  setContext('more', new SvelteSet<string>());
  setContext('colour fields', () =>
    (floor.document?.fields ?? []).filter(({ kind }) => kind === 'colour').map(({ key }) => key),
  );

  setContext('made colours', () => floor.colours);
  setContext('on its way', () => floor.changing > 0);
  setContext('offer', (piece: Piece) => void floor.offer(piece));

  const KINDS = ['text', 'box', 'line', 'picture', 'scrim', 'ribbon', 'stack'];

  let whole = $state(false);
  const document = $derived(floor.document);
  const shown = $derived(whole || !floor.part ? 'graphic' : 'part');

  // Whatever is chosen is what the sheet is about.
  $effect(() => {
    if (floor.choices > 0) whole = false;
  });

  /** Where what the sheet is about stands in the document. */
  const offeredOf = $derived.by(() => {
    const phase = floor.phaseShown ?? floor.moves[0]?.phase;
    const name = phase && PHASE_KEYS[phase];
    const path = name === 'away' || name === 'back' ? `swap/${name}` : name;
    if (floor.phaseShown) return `${path}/`;
    return floor.move ? `${path}/moves/${floor.move.key}/` : `parts/${floor.part?.key}/`;
  });

  async function add(kind: string) {
    await floor.edit({ what: 'ADD_PART', key: kind, keys: floor.chosenParts });
    whole = false;
  }
</script>

<div class="top">
  <div class="tabs" role="group" aria-label="What the sheet shows">
    <button
      class="plain tab"
      aria-pressed={shown === 'part' && !floor.move && !floor.phaseShown}
      disabled={!floor.part}
      onclick={() => {
        whole = false;
        floor.choose(floor.selected);
      }}>part</button
    >
    <button
      class="plain tab"
      aria-pressed={shown === 'graphic' && !floor.phaseShown}
      onclick={() => {
        whole = true;
        floor.phaseShown = undefined;
      }}>graphic</button
    >
  </div>
  <div class="add" role="group" aria-label="Add a part">
    <span class="muted">add</span>
    {#each KINDS as kind (kind)}
      <button class="plain tab" aria-label="Add a {kind}" onclick={() => add(kind)}>{kind}</button>
    {/each}
    <button
      class="plain tab"
      title="Shift and click in the score chooses several (g)"
      disabled={!floor.part}
      onclick={() => floor.group()}>group</button
    >
  </div>
</div>
{#if floor.removal}<RemovalQuestion {floor} removal={floor.removal} />{/if}
{#if floor.refusal}<p class="refusal" role="alert">Not changed: {floor.refusal}</p>{/if}
{#key floor.refusals}
  {#if floor.phaseShown}
    {#if isSwap(floor.phaseShown)}<SwapSheet {floor} />{:else}<PhaseSheet
        {floor}
        phase={floor.phaseShown as Phase}
      />{/if}
  {:else if shown === 'part' && floor.move}
    <MoveSheet {floor} move={floor.move} />
  {:else if shown === 'part' && floor.part}
    <PartSheet {floor} part={floor.part} onplay={onlook} />
  {:else if document}
    <GraphicSheet {floor} {document} />
  {/if}
{/key}
<DialLines {floor} about={floor.phaseShown || shown === 'part' ? offeredOf : ''} />

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    justify-content: space-between;
    margin-bottom: 8px;
  }

  .tabs,
  .add {
    display: flex;
    flex-wrap: wrap;
    gap: 3px;
    align-items: center;
  }

  .tab {
    padding: 1px 5px;
    border: 1px solid var(--border);
    border-radius: var(--corner);
    font-size: 11.5px;
  }

  .tab:hover:not(:disabled) {
    border-color: var(--border-strong);
  }

  .tab[aria-pressed='true'] {
    border-color: var(--accent);
  }

  .tab:disabled {
    opacity: 0.5;
  }

  .refusal {
    margin: 0 0 10px;
    color: var(--fault);
    line-height: 1.4;
  }
</style>
