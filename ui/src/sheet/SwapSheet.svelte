<script lang="ts">
  import type { SwapDocument } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { movesOf } from '../floor/moves';
  import DoingMark from '../floor/DoingMark.svelte';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import EaseEditor from './EaseEditor.svelte';
  import Timings from './Timings.svelte';
  import VariantsList from './VariantsList.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  /** As the server takes it where the document says nothing. */
  const USUAL = { length: 12, ease: 'in-out cubic' as const };
  const HOW = [
    'changes while it stands',
    'never changes while it stands: it goes out and comes in again',
  ] as const;
  const swap = $derived<SwapDocument>(floor.document?.swap ?? {});
  const flow = $derived(swap.flow ?? USUAL);
  const own = $derived(movesOf(floor.document, 'AWAY').length + movesOf(floor.document, 'BACK').length);
  const change = $derived(floor.swapping.change);

  function say(changes: Partial<SwapDocument>) {
    void floor.change((now) => ({ ...now, swap: { ...now.swap, ...changes } }));
  }
</script>

<h2><PhaseMark phase="SWAP" /> Swap</h2>
<p>
  With other values it
  <ChoicePiece
    label="Whether it changes while it stands"
    value={swap.never ? HOW[1] : HOW[0]}
    options={HOW}
    onchange={(chosen) => say({ never: chosen === HOW[1] || undefined })}
  />.
</p>
<p>
  What replaces something comes back
  <NumberPiece
    label="Frames from away to back"
    value={swap.meet ?? 0}
    unit="f"
    onchange={(value) => say({ meet: Math.round(value) || undefined })}
  />
  after the old has gone away; less than 0 lets them cross.
</p>
<p>
  Sizes and places go over in
  <NumberPiece
    label="Frames of the flow"
    value={flow.length}
    unit="f"
    onchange={(value) => say({ flow: { ...flow, length: Math.max(1, Math.round(value)) } })}
  />:
</p>
<EaseEditor
  ease={flow.ease}
  curve={[]}
  label="Ease of the flow"
  onchange={(ease) => say({ flow: { ...flow, ease } })}
/>
<p class="muted">
  {own === 0
    ? 'No part has moves of its own here: each swaps behind its mask, or through nothing. Choose a part and one of its gestures for swap.'
    : 'Parts without moves here swap behind their mask, or through nothing.'}
</p>
{#if change}
  <h3 class="caption">{floor.standing} → {floor.next?.name}</h3>
  <ul>
    {#each change.parts as part (part.part)}
      <li>
        <button class="plain" onclick={() => floor.choose(part.part)}>
          <DoingMark doing={part.doing} /><strong>{part.part}</strong>
        </button>
        {part.sentence}
        {#each part.why as line (line)}<span class="muted figures why">{line}</span>{/each}
      </li>
    {/each}
  </ul>
{:else}
  <p class="muted">Choose <em>next</em> at a trial of the strip to see what each part does.</p>
{/if}
<VariantsList {floor} phase="AWAY" />
<h3>Away</h3>
<Timings {floor} phase="AWAY" />
<h3>Back</h3>
<Timings {floor} phase="BACK" />

<style>
  h2 {
    display: flex;
    gap: 8px;
    align-items: center;
    margin: 0 0 10px;
    font-size: 14px;
    font-weight: 650;
  }

  h3 {
    margin: 14px 0 4px;
    font-size: 13px;
  }

  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }

  ul {
    margin: 0 0 8px;
    padding: 0;
    list-style: none;
  }

  li {
    margin-bottom: 5px;
    font-size: 12px;
    line-height: 1.4;
  }

  li button {
    display: inline-flex;
    gap: 5px;
    align-items: center;
  }

  .why {
    display: block;
    padding-left: 21px;
  }
</style>
