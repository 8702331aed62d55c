<script lang="ts">
  import type { Reel } from '../api/types';
  import Picture from '../picture/Picture.svelte';
  import { commonArea } from '../picture/area';
  import { within, type Moment } from '../player/moment';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    backdropId: string;
    /** Whether only the area where parts stand is shown, the same for all trials that stand the same way round. */
    closeUp: boolean;
    oninterrupt: () => void;
  }

  let { floor, backdropId, oninterrupt, closeUp = $bindable() }: Props = $props();
  /** What was interrupted stands until something comes next. */
  const looked = $derived(floor.swapping.next !== undefined || floor.swapping.stood.length > 0);
  const interrupted = $derived(floor.swapping.held !== undefined);

  let list = $state<HTMLElement>();
  /** Where those stand that are mirrored, and those that are not. */
  const areas = $derived([false, true].map((mirrored) => areaOf(mirrored)));

  /** The moment at hand; what was interrupted stands until something comes next. */
  function moment(ofChange: boolean): Moment {
    if (!ofChange) return floor.moment.change ? { phase: 'IN', frame: 0 } : floor.moment;
    return floor.swapping.held ? { phase: 'IN', frame: 0, change: true } : floor.moment;
  }

  /** What ends at the moment at hand ends in all of them. */
  function momentIn(reel: Reel, ofChange: boolean): Moment {
    const same = ofChange === (floor.moment.change === true) && !interrupted;
    return within(reel, moment(ofChange), same ? floor.reel : undefined);
  }

  function areaOf(mirrored: boolean) {
    return commonArea(floor.trialsWorked.filter((of) => of.mirrored === mirrored).map(({ reel }) => reel));
  }

  // The one whose values are at hand is always in sight.
  $effect(() => {
    const current = list?.children[floor.trial] as HTMLElement | undefined;
    current?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
  });
</script>

<div class="head">
  <span class="muted figures" data-testid="trials">
    {#if looked && !interrupted}{:else if interrupted}
      what comes next?
    {:else if floor.trials.length > 0}
      {floor.trial >= 0
        ? `trial ${floor.trial + 1} of ${floor.trials.length}`
        : `${floor.trials.length} trials`}
    {:else}no trials{/if}
  </span>
  <span class="acts">
    {#if floor.swapping.stood.length > 0}
      <button class="plain act" title="Look at no change any more" onclick={() => floor.leaveChange()}
        >leave</button
      >
    {/if}
    {#if floor.swapping.change}
      <button
        class="plain act"
        title="Something else comes at the frame shown: choose what, or take it out (j)"
        onclick={oninterrupt}>interrupt here</button
      >
    {/if}
    <button class="plain act" aria-pressed={closeUp} onclick={() => (closeUp = !closeUp)}
      >{closeUp ? 'whole picture' : 'close up'}</button
    >
  </span>
</div>
<ul class="strip" aria-label="Trials at the same moment" bind:this={list}>
  {#each floor.trials as trial, i (i)}
    {@const worked = floor.trialsWorked[i]?.reel}
    {@const change = floor.moment.change ? floor.swapping.answers[i] : undefined}
    {@const reel = change?.reel ?? worked}
    {@const notes = floor.trialsWorked[i]?.notes ?? []}
    <li>
      <button
        class="plain surface"
        aria-pressed={i === floor.trial}
        title={notes.length > 0
          ? notes.map((note) => `${note.part}: ${note.sentence}`).join('\n')
          : `Use the values of ‘${trial.name}’`}
        class:faulty={notes.length > 0}
        onclick={() => floor.useTrial(i)}
      >
        <Picture
          {reel}
          moment={reel ? momentIn(reel, change !== undefined) : floor.moment}
          {backdropId}
          area={closeUp ? areas[floor.trialsWorked[i]?.mirrored ? 1 : 0] : undefined}
          label={change ? `From ${floor.standing} to ${trial.name}` : `${trial.name} at the same moment`}
        />
        <span class="label">
          <span class="muted figures">{i + 1}</span>
          {trial.name}
          {#if notes.length > 0}<span class="fault">{notes[0]?.part} {notes[0]?.sentence}</span>{/if}
        </span>
      </button>
      {#if i !== floor.trial || floor.swapping.stood.length > 0 || floor.valuesChanged}
        <button
          class="plain next"
          aria-label="Next: {trial.name}"
          aria-pressed={floor.swapping.next === i}
          title={floor.swapping.next === i
            ? 'Look at no change any more'
            : `Look at the change from ‘${floor.standing}’ to ‘${trial.name}’`}
          onclick={() => floor.setNext(i)}>next</button
        >
      {/if}
    </li>
  {:else}
    <li class="muted none">
      No trials yet: fill in values and keep them as a trial to see them side by side.
    </li>
  {/each}
</ul>

<style>
  .head {
    display: flex;
    align-items: center;
    justify-content: space-between;
    height: 20px;
    font-size: 12px;
  }

  .acts {
    display: flex;
    flex: 1;
    gap: 4px;
    justify-content: flex-end;
    white-space: nowrap;
  }

  .strip {
    display: grid;
    flex: 1;
    grid-template-columns: repeat(auto-fill, minmax(min(118px, 100%), 1fr));
    align-content: start;
    gap: 8px;
    min-height: 0;
    margin: 0;
    padding: 0;
    overflow-y: auto;
    list-style: none;
    scrollbar-width: thin;
  }

  li {
    position: relative;
  }

  .next {
    position: absolute;
    right: 4px;
    bottom: 4px;
    padding: 0 5px;
    border: 1px solid var(--border);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--muted);
    font-size: 11px;
    line-height: 15px;
  }

  .next:hover {
    border-color: var(--border-strong);
    color: var(--text);
  }

  .next[aria-pressed='true'] {
    border-color: var(--phase-swap);
    color: var(--phase-swap);
  }

  .none {
    grid-column: 1 / -1;
    padding: 10px 0;
  }

  li button {
    display: block;
    overflow: hidden;
  }

  li button.surface {
    width: 100%;
  }

  li button.surface[aria-pressed='true'] {
    border-color: var(--accent);
  }

  .faulty,
  .faulty[aria-pressed='true'] {
    border-color: var(--fault);
  }

  .fault {
    display: block;
    overflow: hidden;
    color: var(--fault);
    font-size: 11px;
    text-overflow: ellipsis;
  }

  .label {
    display: block;
    padding: 2px 42px 3px 8px;
    overflow: hidden;
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
</style>
