<script lang="ts">
  import type { MadeColour } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { house } from '../house/house.svelte';
  import { replaced } from './lists';
  import MadeSentence from './MadeSentence.svelte';
  import TextPiece from './pieces/TextPiece.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const FIRST = 'main';
  const colours = $derived(floor.document?.colours ?? []);

  function change(index: number, changes: Partial<MadeColour>) {
    void floor.change((document) => ({
      ...document,
      colours: replaced(document.colours ?? [], index, changes),
    }));
  }

  /** The first is the main one; each further one is made from it. */
  function add() {
    const taken = [...colours.map(({ key }) => key), ...house.names];
    let key = colours.length === 0 ? FIRST : 'made';
    for (let i = 2; taken.includes(key); i++) key = `made ${i}`;
    const of = colours[0]?.key ?? house.names[0] ?? '#7AD3C0';
    void floor.change((document) => ({
      ...document,
      colours: [...(document.colours ?? []), { key, of, ...(colours.length > 0 && { lighter: 0.3 }) }],
    }));
  }

  /** What a colour may be made from: those above it, and the palette. */
  function above(index: number): string[] {
    return [...new Set([...colours.slice(0, index).map(({ key }) => key), ...house.names])];
  }
</script>

<h3 class="caption">Colours <span class="muted">made from one another, named in parts</span></h3>
{#each colours as colour, i (colour.key)}
  <p>
    <span
      class="swatch"
      data-colour={colour.key}
      style:background={floor.colours[colour.key] ?? 'transparent'}
      aria-hidden="true"
    ></span>
    <TextPiece
      label="Name of the colour {colour.key}"
      value={colour.key}
      onchange={(to) => floor.edit({ what: 'RENAME_COLOUR', key: colour.key, newName: to.trim() })}
    />
    <MadeSentence
      name={colour.key}
      made={colour}
      names={above(i)}
      onchange={(changes) => change(i, changes)}
    />
    <button
      class="plain muted less"
      aria-label="Remove the colour {colour.key}"
      title="What names it names what it is made from then"
      onclick={() => floor.edit({ what: 'REMOVE_COLOUR', key: colour.key })}>×</button
    >
  </p>
{:else}
  <p class="muted">
    None yet. Make one the main colour and others from it, name them in parts, and one change changes all.
  </p>
{/each}
<p><button class="plain muted more" onclick={add}>+ colour</button></p>

<style>
  p {
    margin: 0 0 8px;
    line-height: 1.8;
  }

  .caption {
    margin: 12px 0 6px;
  }

  .less,
  .more {
    font-size: 12px;
  }

  .less:hover,
  .more:hover {
    color: var(--accent);
  }

  .swatch {
    display: inline-block;
    width: 14px;
    height: 14px;
    border: 1px solid var(--border-strong);
    border-radius: 3px;
    vertical-align: middle;
  }
</style>
