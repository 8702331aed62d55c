<script lang="ts">
  import { Modal } from 'carbon-components-svelte';
  import { isFoundIn } from './numbers';

  interface Props {
    shelf: { id: number; name: string }[];
    onadd: (graphic: number) => void;
    onclose: () => void;
  }

  const { shelf, onadd, onclose }: Props = $props();

  let words = $state('');
  const found = $derived(shelf.filter(({ name }) => isFoundIn(name, words)));

  function key(event: KeyboardEvent) {
    if (event.key === 'Enter' && found[0]) {
      event.preventDefault();
      onadd(found[0].id);
    }
  }
</script>

<Modal
  passiveModal
  open
  size="xs"
  modalHeading="New cue: which graphic?"
  selectorPrimaryFocus="#new-cue-words"
  on:close={onclose}
>
  <input
    id="new-cue-words"
    class="piece"
    placeholder="a few letters of its name, and Enter"
    aria-label="Name of the graphic"
    autocomplete="off"
    bind:value={words}
    onkeydown={key}
  />
  <ul>
    {#each found as { id, name } (id)}
      <li><button class="plain" onclick={() => onadd(id)}>{name}</button></li>
    {:else}
      <li class="muted">
        {shelf.length === 0 ? 'The shelf is being read …' : 'No graphic of the shelf is called so.'}
      </li>
    {/each}
  </ul>
</Modal>

<style>
  input {
    width: 100%;
    padding: 8px;
    box-sizing: border-box;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
  }

  ul {
    margin: 10px 0 0;
    padding: 0;
    list-style: none;
  }

  li button {
    width: 100%;
    padding: 8px;
    font-size: 15px;
  }

  li button:hover {
    background: var(--layer-2);
  }
</style>
