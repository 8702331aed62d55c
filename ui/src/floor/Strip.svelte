<script lang="ts">
  import Picture from '../picture/Picture.svelte';
  import { commonArea } from '../picture/area';
  import { within } from '../player/moment';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    backdropId: string;
    /** Whether only the area where parts stand is shown, the same for all trials. */
    closeUp: boolean;
  }

  const { floor, backdropId, closeUp }: Props = $props();

  const MOST = 8;
  const area = $derived(closeUp ? commonArea(floor.trialsWorked.map(({ reel }) => reel)) : undefined);
  const shown = $derived(floor.trials.slice(0, MOST));
</script>

<ul class="strip" aria-label="Trials at the same moment">
  {#each shown as trial, i (i)}
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
          {area}
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
  .strip {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(90px, 1fr));
    gap: 8px;
    margin: 0;
    padding: 0;
    list-style: none;
  }

  li {
    max-width: 156px;
  }

  .none {
    max-width: none;
    padding: 10px 0;
  }

  button {
    display: block;
    width: 100%;
    overflow: hidden;
  }

  button[aria-pressed='true'] {
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
