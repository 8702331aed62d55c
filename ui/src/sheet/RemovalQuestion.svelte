<script lang="ts">
  import type { FloorState } from '../floor/floor.svelte';
  import { briefList } from './lists';
  import { focused } from './pieces/focused';

  interface Props {
    floor: FloorState;
    /** What goes, and what hangs on it. */
    removal: { keys: string[]; hanging: string[] };
  }

  const { floor, removal }: Props = $props();

  const many = $derived(removal.hanging.length > 1);

  function key(event: KeyboardEvent) {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    floor.removal = undefined;
  }
</script>

<div class="question" role="group" aria-label="Before it is removed" onkeydowncapture={key}>
  <p>
    {briefList(removal.hanging)}
    {many ? 'hang' : 'hangs'} on {removal.keys.length > 1 ? 'what goes' : removal.keys[0]}:
  </p>
  <button class="plain act" use:focused onclick={() => floor.removeNow(removal.keys, true)}
    >{many ? 'they stay' : 'it stays'} where {many ? 'they are' : 'it is'} seen</button
  >
  <button class="plain act" onclick={() => floor.removeNow(removal.keys, false)}
    >{many ? 'they close' : 'it closes'} up</button
  >
  <button class="plain act" onclick={() => (floor.removal = undefined)}>remove nothing</button>
</div>

<style>
  .question {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-bottom: 8px;
    padding: 6px 8px;
    border-left: 2px solid var(--warning);
  }

  p {
    flex-basis: 100%;
    margin: 0;
    line-height: 1.4;
  }
</style>
