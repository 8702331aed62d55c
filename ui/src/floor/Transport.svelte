<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import { BACKDROPS } from '../picture/backdrops';
  import { length, PHASES, timecode, type Phase } from '../player/moment';
  import type { FloorState } from './floor.svelte';
  import type { Arrangement } from './arrangement.svelte';
  import type { Playing, Run } from './playing.svelte';

  interface Props {
    floor: FloorState;
    playing: Playing;
    arrangement: Arrangement;
    onplay: (run: Run) => void;
    onnext: () => void;
    backdropId: string;
    safeLines: boolean;
  }

  let {
    floor,
    playing,
    arrangement,
    onplay,
    onnext,
    backdropId = $bindable(),
    safeLines = $bindable(),
  }: Props = $props();

  const WORDS: Record<Phase, string> = { IN: 'in', LOOP: 'loop', OUT: 'out' };
  const reel = $derived(floor.worked?.reel);
  const changing = $derived(floor.swapping);
  /** What stood and what comes, one after the other. */
  const named = $derived(
    [
      ...(changing.stood.length > 0 ? changing.stood.map(({ name }) => name) : [floor.standing]),
      floor.next?.name ?? '…',
    ].join(' → '),
  );
  const word = $derived(
    floor.moment.change && floor.moment.phase === 'IN' ? 'swap' : WORDS[floor.moment.phase],
  );
  const looked = $derived(changing.next !== undefined || changing.stood.length > 0);

  function press(run: Run) {
    if (playing.run === run) playing.stop();
    else onplay(run);
  }
</script>

<div class="transport" class:paired={looked}>
  {#each PHASES as phase (phase)}
    <button
      class="plain chip"
      aria-label="Play {WORDS[phase]}"
      aria-pressed={playing.run === phase}
      disabled={!reel || length(reel, phase) === 0}
      onclick={() => press(phase)}
    >
      <PhaseMark {phase} />{WORDS[phase]}
    </button>
  {/each}
  <button
    class="plain chip"
    aria-label="Play swap"
    aria-pressed={playing.run === 'SWAP'}
    disabled={!changing.change}
    title={changing.change
      ? `${named} (u)`
      : 'Choose what comes next in the strip, and the change to it is played here'}
    onclick={() => press('SWAP')}
  >
    <PhaseMark phase="SWAP" />swap
  </button>
  <button
    class="plain chip"
    aria-pressed={playing.run === 'ALL'}
    disabled={!reel}
    onclick={() => press('ALL')}
  >
    {playing.run === 'ALL' ? 'stop' : 'all'}
  </button>
  {#if reel && reel.steps.length > 0}
    <button
      class="plain chip"
      class:waits={playing.waits}
      aria-pressed={playing.run === 'STEPS'}
      aria-label={playing.waits ? 'It waits: next' : playing.run === 'STEPS' ? 'Next step' : 'Step by step'}
      title="Take it step by step; where it waits, go on (n)"
      onclick={onnext}>{playing.run === 'STEPS' ? 'next' : 'steps'}</button
    >
  {/if}
  <span class="figures now" data-testid="moment">
    {#if reel}
      <strong>{word} {timecode(floor.moment.frame, reel.rate)}</strong>
      <span class="muted"
        >· frame {floor.moment.frame} of {length(floor.reel ?? reel, floor.moment.phase)}</span
      >
    {/if}
  </span>
  {#if looked}
    <span class="pair" title={changing.fault || named} data-testid="pair">
      {#if changing.fault}<span class="dropping">{changing.fault}</span>{:else}{named}{/if}
    </span>
  {/if}
  {#if playing.run && playing.run !== 'STEPS'}
    <span
      class="figures drops"
      class:dropping={playing.dropped > 0}
      title="Frames that were due but never shown">{playing.dropped} dropped</span
    >
  {:else if floor.range}
    <span class="figures muted" title="Played round and round by p">{floor.range.from}–{floor.range.to}</span>
  {/if}
  <button
    class="plain chip"
    aria-pressed={arrangement.how === 'picture'}
    title="The score in one line (Z)"
    onclick={() => arrangement.toggle('picture')}>picture large</button
  >
  <button
    class="plain chip"
    aria-pressed={arrangement.how === 'score'}
    title="The picture small (z)"
    onclick={() => arrangement.toggle('score')}>score large</button
  >
  <button class="plain chip" aria-pressed={safeLines} onclick={() => (safeLines = !safeLines)}
    >safe lines</button
  >
  <div class="backdrop">
    <Select size="sm" labelText="Backdrop" hideLabel bind:selected={backdropId}>
      {#each BACKDROPS as entry (entry.id)}
        <SelectItem value={entry.id} text={entry.name} />
      {/each}
    </Select>
  </div>
</div>

<style>
  .transport {
    display: flex;
    align-items: center;
    gap: 6px;
    height: 30px;
    margin-top: 8px;
    overflow: auto hidden;
    scrollbar-width: none;
  }

  .chip {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    height: 26px;
    padding: 0 8px;
    border: 1px solid var(--border);
    border-radius: var(--corner);
    background: var(--layer-2);
    font-size: 13px;
    white-space: nowrap;
  }

  .chip:hover:not(:disabled) {
    border-color: var(--border-strong);
  }

  .chip[aria-pressed='true'] {
    border-color: var(--accent);
  }

  .chip.waits {
    border-color: var(--warning);
    color: var(--warning);
  }

  .chip:disabled {
    cursor: default;
    opacity: 0.5;
  }

  .drops {
    white-space: nowrap;
  }

  .dropping {
    color: var(--warning);
  }

  .now {
    flex: 1 0 auto;
    padding-left: 4px;
    font-size: 12px;
    white-space: nowrap;
  }

  .pair {
    flex: 1 1 0;
    min-width: 60px;
    overflow: hidden;
    color: var(--phase-swap);
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .backdrop {
    flex: none;
    width: 122px;
  }

  .paired .now {
    flex: 0 0 auto;
  }

  /* What stands and what comes have to be read first. */
  @media (width < 1600px) {
    .paired .now .muted {
      display: none;
    }

    .paired .chip {
      padding: 0 5px;
    }

    .paired .backdrop {
      width: 112px;
    }

    .paired .backdrop :global(.bx--select-input) {
      padding-right: 30px;
    }
  }

  @media (width < 1200px) {
    .now .muted {
      display: none;
    }

    .chip {
      padding: 0 5px;
    }

    .backdrop {
      width: 96px;
    }
  }
</style>
