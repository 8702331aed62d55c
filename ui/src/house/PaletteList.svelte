<script lang="ts">
  import type { GraphicUses, PaletteEntry } from '../api/types';
  import MadeSentence from '../sheet/MadeSentence.svelte';
  import TextPiece from '../sheet/pieces/TextPiece.svelte';
  import { house } from './house.svelte';

  interface Props {
    uses: GraphicUses[];
    onsave: (palette: PaletteEntry[]) => void;
  }

  const { uses, onsave }: Props = $props();

  const OPAQUE = 7;
  const palette = $derived(house.house.palette);

  function change(index: number, changes: Partial<PaletteEntry>) {
    onsave(palette.map((entry, i) => (i === index ? { ...entry, ...changes } : entry)));
  }

  /** Entries it may be made from. */
  function above(index: number): string[] {
    return palette.slice(0, index).map(({ name }) => name);
  }

  function add() {
    let name = 'new colour';
    for (let i = 2; house.names.includes(name); i++) name = `new colour ${i}`;
    onsave([...palette, { name, colour: '#B79CF2' }]);
  }
</script>

<div class="section">
  <h2>Palette</h2>
  <span class="muted">Changing a colour recolours every graphic that names it, at once.</span>
  <button class="plain act" onclick={add}>Add a colour</button>
</div>
<ul>
  {#each palette as entry, i (entry.name)}
    {@const users = uses.filter(({ colours }) => colours.includes(entry.name)).map(({ name }) => name)}
    <li class="surface">
      <label class="swatch" style:background={entry.colour}>
        <input
          type="color"
          disabled={!!entry.made}
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
        {#if entry.made}
          <span class="figures">{entry.colour}</span>
        {:else}
          <TextPiece
            label="Code of {entry.name}"
            value={entry.colour}
            onchange={(colour) => change(i, { colour: colour.toUpperCase() })}
          />
        {/if}
      </div>
      <p class="made">
        {#if entry.made}
          {@const made = entry.made}
          <MadeSentence
            name={entry.name}
            {made}
            names={above(i)}
            onchange={(changes) => change(i, { made: { ...made, ...changes } })}
          />
        {/if}
        <button
          class="plain act"
          onclick={() =>
            change(i, {
              made: entry.made ? undefined : { of: above(i).at(-1) ?? entry.colour },
            })}>{entry.made ? 'keep it as it is' : 'make it from another'}</button
        >
      </p>
      <p class="muted users">
        {users.length === 0 ? 'no graphic names it' : `in ${users.join(', ')}`}
      </p>
      {#if users.length === 0}
        <button
          class="plain act remove"
          aria-label="Remove {entry.name}"
          onclick={() => onsave(palette.filter((_, other) => other !== i))}
        >
          remove
        </button>
      {/if}
    </li>
  {:else}
    <li class="surface muted">No colours yet. Add one, and name it in a fill.</li>
  {/each}
</ul>

<style>
  .swatch {
    display: block;
    height: 56px;
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
    margin: 8px 0 2px;
    font-size: 14px;
  }

  .made {
    margin: 4px 0 6px;
    line-height: 1.7;
  }

  .users {
    min-height: 2.6em;
    margin: 0;
    line-height: 1.3;
  }

  .remove {
    position: absolute;
    right: 12px;
    bottom: 10px;
  }
</style>
