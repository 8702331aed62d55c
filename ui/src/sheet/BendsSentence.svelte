<script lang="ts">
  import type { Bend } from '../api/types';
  import { replaced, without } from './lists';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    /** What one of them is called: bend or wave. */
    name: string;
    where: string;
    bends: Bend[];
    onchange: (bends: Bend[]) => void;
  }

  const { name, where, bends, onchange }: Props = $props();

  const KINDS = ['turns', 'waves'] as const;
  const MOST = 12;
  /** None at all would be a turn. */
  const LEAST_WAVES = 0.1;
</script>

{where}
{#if bends.length === 0}
  <span class="muted">it is straight</span>
{/if}
{#each bends as bend, i (i)}
  {#if i > 0}, then
  {/if}
  <ChoicePiece
    label="How {name} {i + 1} runs"
    value={bend.waves ? 'waves' : 'turns'}
    options={KINDS}
    onchange={(kind) => onchange(replaced(bends, i, { waves: kind === 'waves' ? 1 : undefined }))}
  />
  {#if bend.waves}
    <NumberPiece
      label="How often {name} {i + 1} swings"
      value={bend.waves}
      unit="×"
      onchange={(waves) => onchange(replaced(bends, i, { waves: Math.max(LEAST_WAVES, waves) }))}
    />
  {/if}
  by
  <NumberPiece
    label="Degrees of {name} {i + 1}"
    value={bend.degrees}
    unit="°"
    onchange={(degrees) => onchange(replaced(bends, i, { degrees }))}
  />
  {#if bends.length > 1}
    over
    <NumberPiece
      label="Share of {name} {i + 1}"
      value={bend.share ?? 1}
      unit="parts"
      onchange={(share) => onchange(replaced(bends, i, { share }))}
    />
  {/if}
  <button
    class="plain muted less"
    aria-label="Take {name} {i + 1} away"
    onclick={() => onchange(without(bends, i))}>×</button
  >
{/each}
{#if bends.length < MOST}
  <button
    class="plain muted more"
    aria-label="Add a {name}"
    onclick={() => onchange([...bends, { degrees: 20, ...(name === 'wave' && { waves: 1 }) }])}
    >+ {name}</button
  >
{/if}

<style>
  .less,
  .more {
    font-size: 12px;
  }

  .less:hover,
  .more:hover {
    color: var(--accent);
  }
</style>
