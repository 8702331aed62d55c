<script lang="ts">
  import Picture from '../picture/Picture.svelte';
  import { commonArea } from '../picture/area';
  import { within } from '../player/moment';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    backdropId: string;
    /** Whether only the area where parts stand is shown, the same for all trials that stand the same way round. */
    closeUp: boolean;
  }

  let { floor, backdropId, closeUp = $bindable() }: Props = $props();

  let list = $state<HTMLElement>();
  /** Where those stand that are mirrored, and those that are not. */
  const areas = $derived([false, true].map((mirrored) => areaOf(mirrored)));

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
    {#if floor.trials.length > 0}
      {floor.trial >= 0
        ? `trial ${floor.trial + 1} of ${floor.trials.length}`
        : `${floor.trials.length} trials`}
    {:else}no trials{/if}
  </span>
  <button class="plain act" aria-pressed={closeUp} onclick={() => (closeUp = !closeUp)}
    >{closeUp ? 'whole picture' : 'close up'}</button
  >
</div>
<ul class="strip" aria-label="Trials at the same moment" bind:this={list}>
  {#each floor.trials as trial, i (i)}
    {@const reel = floor.trialsWorked[i]?.reel}
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
          moment={reel ? within(reel, floor.moment) : floor.moment}
          {backdropId}
          area={closeUp ? areas[floor.trialsWorked[i]?.mirrored ? 1 : 0] : undefined}
          label="{trial.name} at the same moment"
        />
        <span class="label">
          <span class="muted figures">{i + 1}</span>
          {trial.name}
          {#if notes.length > 0}<span class="fault">{notes[0]?.part} {notes[0]?.sentence}</span>{/if}
        </span>
      </button>
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

  .none {
    grid-column: 1 / -1;
    padding: 10px 0;
  }

  li button {
    display: block;
    width: 100%;
    overflow: hidden;
  }

  li button[aria-pressed='true'] {
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
    padding: 2px 8px 3px;
    overflow: hidden;
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
</style>
