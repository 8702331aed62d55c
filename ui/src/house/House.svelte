<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { allGraphics } from '../api/client';
  import { reach } from '../api/reach.svelte';
  import type { PaletteEntry, StoredGraphic } from '../api/types';
  import TextPiece from '../sheet/pieces/TextPiece.svelte';
  import '../sheet/pieces/pieces.css';
  import { house } from './house.svelte';
  import { uses } from './uses';

  const OPAQUE = 7;

  let graphics = $state.raw<StoredGraphic[]>([]);
  let refusals = $state(0);

  const palette = $derived(house.house.palette);

  $effect(() => {
    // Loads again whenever the server has come back.
    void reach.returned;
    void house.load();
    allGraphics().then(
      (all) => (graphics = all),
      () => (graphics = []),
    );
  });

  async function save(changed: PaletteEntry[]) {
    await house.change(changed);
    // What was typed is put back where it was refused.
    if (house.fault) refusals += 1;
  }

  function change(index: number, changes: Partial<PaletteEntry>) {
    void save(palette.map((entry, i) => (i === index ? { ...entry, ...changes } : entry)));
  }

  function add() {
    let name = 'new colour';
    for (let i = 2; house.names.includes(name); i++) name = `new colour ${i}`;
    void save([...palette, { name, colour: '#B79CF2' }]);
  }
</script>

<svelte:head><title>House · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>House</h1>
    <p class="muted">
      The palette that all graphics share. Changing a colour recolours every graphic that names it, at once.
    </p>
    <Button size="small" kind="ghost" disabled={!house.canUndo} on:click={() => house.undo()}>Undo</Button>
    <Button size="small" on:click={add}>Add a colour</Button>
  </div>
  {#if house.fault}<p class="fault" role="alert">{house.fault}</p>{/if}
  {#key refusals}
    <ul>
      {#each palette as entry, i (entry.name)}
        {@const users = uses(graphics, entry.name)}
        <li class="surface">
          <label class="swatch" style:background={entry.colour}>
            <input
              type="color"
              aria-label="Colour of {entry.name}"
              value={entry.colour.slice(0, OPAQUE).toLowerCase()}
              onchange={(event) =>
                change(i, { colour: event.currentTarget.value.toUpperCase() + entry.colour.slice(OPAQUE) })}
            />
          </label>
          <div class="what">
            {#if users.length === 0}
              <TextPiece
                label="Name of {entry.name}"
                value={entry.name}
                onchange={(name) => change(i, { name: name.trim() })}
              />
            {:else}
              <strong>{entry.name}</strong>
            {/if}
            <TextPiece
              label="Code of {entry.name}"
              value={entry.colour}
              onchange={(colour) => change(i, { colour: colour.toUpperCase() })}
            />
          </div>
          <p class="muted users">
            {users.length === 0 ? 'no graphic names it' : `in ${users.join(', ')}`}
          </p>
          {#if users.length === 0}
            <button
              class="plain act"
              aria-label="Remove {entry.name}"
              onclick={() => save(palette.filter((_, other) => other !== i))}
            >
              remove
            </button>
          {/if}
        </li>
      {:else}
        <li class="surface muted">No colours yet. Add one, and name it in a fill.</li>
      {/each}
    </ul>
  {/key}
</div>

<style>
  .fault {
    margin-bottom: 14px;
    color: var(--fault);
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
    gap: 16px;
    margin: 0;
    padding: 0;
    list-style: none;
  }

  li {
    position: relative;
    padding: 12px;
  }

  .swatch {
    display: block;
    height: 84px;
    border: 1px solid var(--border);
    border-radius: var(--corner);
    cursor: pointer;
  }

  .swatch input {
    width: 100%;
    height: 100%;
    opacity: 0;
    cursor: pointer;
  }

  .swatch:focus-within {
    outline: 2px solid var(--accent);
  }

  .what {
    display: flex;
    gap: 10px;
    align-items: center;
    justify-content: space-between;
    margin: 10px 0 4px;
    font-size: 14px;
  }

  .users {
    min-height: 2.6em;
    line-height: 1.3;
  }

  .act {
    position: absolute;
    right: 12px;
    bottom: 10px;
  }
</style>
