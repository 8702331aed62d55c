<script lang="ts">
  import { dateOf } from '../floor/time';
  import { nameRevision, revision, revisions } from '../api/client';
  import type { RevisionNote } from '../api/types';
  import TextPiece from './pieces/TextPiece.svelte';
  import type { FloorState } from '../floor/floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const SHOWN = 12;
  let notes = $state.raw<RevisionNote[]>([]);
  let fault = $state('');
  const stored = $derived(floor.stored);

  $effect(() => {
    // The list grows with each save.
    if (!stored) return;
    void stored.revision;
    revisions(stored.id).then(
      (found) => (notes = found),
      (error: Error) => (fault = error.message),
    );
  });

  async function rename(number: number, name: string) {
    try {
      await nameRevision(stored!.id, number, name);
      notes = await revisions(stored!.id);
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  /** Brings a revision back as a change that can be undone, and becomes a new revision when it is saved. */
  function bringBack(number: number) {
    const id = stored!.id;
    void floor.changeDesign(async () => (await revision(id, number)).document);
  }
</script>

<h3 class="caption">Revisions</h3>
{#if fault}<p role="alert">{fault}</p>{/if}
<ul>
  {#each notes.slice(0, SHOWN) as note (note.revision)}
    <li>
      <span class="figures">{note.revision}</span>
      <TextPiece
        label="Name of revision {note.revision}"
        value={note.name}
        onchange={(name) => rename(note.revision, name)}
      />
      <span class="muted">{dateOf(note.savedAt)}</span>
      <a
        class="muted"
        href="#/proof/{stored?.id}/{note.revision}"
        aria-label="Proof of revision {note.revision}">proof</a
      >
      {#if note.revision === stored?.revision}
        <span class="muted">current</span>
      {:else}
        <button
          class="plain act"
          aria-label="Bring back revision {note.revision}"
          onclick={() => bringBack(note.revision)}
        >
          bring back
        </button>
      {/if}
    </li>
  {/each}
</ul>

<style>
  .caption {
    margin: 14px 0 6px;
  }

  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }

  li {
    display: flex;
    gap: 10px;
    align-items: center;
    padding: 3px 0;
  }

  .act {
    margin-left: auto;
  }
</style>
