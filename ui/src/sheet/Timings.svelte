<script lang="ts">
  import type { PhaseDocument } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { phaseOf, withPhase } from '../floor/moves';
  import type { AnyPhase } from '../player/moment';
  import { replaced, without } from './lists';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ManyPiece from './pieces/ManyPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    floor: FloorState;
    phase: AnyPhase;
  }

  const { floor, phase }: Props = $props();

  const document = $derived(phaseOf(floor.document, phase));
  const keys = $derived((floor.document?.parts ?? []).map((part) => part.key));
  const delays = $derived(document.delays ?? []);
  const staggers = $derived(document.staggers ?? []);

  function change(changes: Partial<PhaseDocument>) {
    void floor.change((now) => withPhase(now, phase, changes));
  }
</script>

<h3 class="caption">Delays</h3>
{#each delays as delay, i (i)}
  <p>
    all of
    <ChoicePiece
      label="Part of delay {i + 1}"
      value={delay.part}
      options={keys}
      onchange={(part) => change({ delays: replaced(delays, i, { part }) })}
    />
    later by
    <NumberPiece
      label="Frames of delay {i + 1}"
      value={delay.frames}
      unit="f"
      onchange={(value) => change({ delays: replaced(delays, i, { frames: Math.round(value) }) })}
    />
    <button
      class="plain act"
      aria-label="Remove delay {i + 1}"
      onclick={() => change({ delays: without(delays, i) })}>remove</button
    >
  </p>
{/each}
<p>
  <button
    class="plain act"
    disabled={keys.length === 0}
    onclick={() => change({ delays: [...delays, { part: floor.selected || keys[0]!, frames: 10 }] })}
    >delay a part or group</button
  >
</p>
<h3 class="caption">Staggers</h3>
{#each staggers as stagger, i (i)}
  <p>
    <ManyPiece
      label="Parts of stagger {i + 1}"
      values={stagger.parts}
      options={keys}
      onchange={(parts) => change({ staggers: replaced(staggers, i, { parts }) })}
    />
    one after another by
    <NumberPiece
      label="Frames of stagger {i + 1}"
      value={stagger.by}
      unit="f"
      onchange={(value) => change({ staggers: replaced(staggers, i, { by: Math.round(value) }) })}
    />
    <button
      class="plain act"
      aria-label="Remove stagger {i + 1}"
      onclick={() => change({ staggers: without(staggers, i) })}>remove</button
    >
  </p>
{/each}
<p>
  <button
    class="plain act"
    disabled={keys.length === 0}
    onclick={() =>
      change({
        staggers: [...staggers, { parts: [floor.selected, ...floor.others].filter((k) => k), by: 4 }],
      })}>stagger rows</button
  >
</p>

<style>
  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }

  .caption {
    margin: 12px 0 6px;
  }
</style>
