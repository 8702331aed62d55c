<script lang="ts">
  import { dateOf } from './time';
  import { Modal } from 'carbon-components-svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const theirs = $derived(floor.conflict);
</script>

{#if theirs}
  <Modal
    open
    size="sm"
    modalHeading="Somebody else has saved this graphic"
    primaryButtonText="Save mine as revision {theirs.revision + 1}"
    secondaryButtons={[{ text: 'Keep editing' }, { text: 'Open theirs' }]}
    on:click:button--primary={() => floor.save(theirs.revision)}
    on:click:button--secondary={({ detail }) =>
      detail.text === 'Open theirs' ? floor.open(theirs) : (floor.conflict = undefined)}
    on:close={() => (floor.conflict = undefined)}
  >
    <p>
      Your changes are based on revision {floor.stored?.revision}; revision {theirs.revision} was saved on
      {dateOf(theirs.savedAt)}. Nothing was overwritten, and every revision is kept.
    </p>
    <p>
      Open theirs to go on from there (your changes are then lost), or save yours as the next revision: theirs
      stays in the list of revisions.
    </p>
  </Modal>
{/if}

<style>
  /* The longest of three is not cut off. */
  :global(.bx--modal-footer .bx--btn) {
    max-width: none;
    padding-inline: 14px;
    white-space: normal;
  }

  p + p {
    margin-top: 12px;
  }
</style>
