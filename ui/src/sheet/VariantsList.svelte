<script lang="ts">
  import { editGraphic, type Edit } from '../api/client';
  import type { Graphic } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { PHASE_KEYS } from '../floor/moves';
  import type { AnyPhase } from '../player/moment';
  import TextPiece from './pieces/TextPiece.svelte';

  interface Props {
    floor: FloorState;
    /** A phase, or the first half of a swap: a variant of that has both. */
    phase: AnyPhase;
  }

  const { floor, phase }: Props = $props();

  const key = $derived(PHASE_KEYS[phase]);
  /** As a case names it. */
  const named = $derived(phase === 'AWAY' || phase === 'BACK' ? 'swap' : (key as 'in' | 'loop' | 'out'));
  const names = $derived([
    ...new Set(
      (floor.design?.variants ?? [])
        .filter(({ phase: of }) => of === key || (named === 'swap' && (of === 'away' || of === 'back')))
        .map(({ name }) => name),
    ),
  ]);
  const shown = $derived(floor.played[named] ?? '');
  let added = $state('');

  async function edited(document: Graphic, edit: Edit): Promise<Graphic> {
    return (await editGraphic(document, floor.values, edit)).document;
  }

  async function add() {
    const name = added.trim();
    if (!name) return;
    await floor.change((seen) => edited(seen, { what: 'ADD_VARIANT', key: name, phase: key }));
    if (floor.refusal) return;
    added = '';
    await floor.pin({ ...floor.played, [named]: name });
  }

  async function remove(name: string) {
    await floor.changeDesign((before) => edited(before, { what: 'REMOVE_VARIANT', key: name, phase: key }));
    if (!floor.refusal) await floor.pin();
  }

  async function rename(name: string, to: string) {
    await floor.pin({ ...floor.played, [named]: '' });
    await floor.changeDesign((before) =>
      edited(before, { what: 'RENAME_VARIANT', key: name, newName: to, phase: key }),
    );
    await floor.pin(floor.refusal ? undefined : { ...floor.played, [named]: to });
  }
</script>

<h3 class="caption">Variants</h3>
<p class="muted">
  Further versions of this phase. The <a href="#/cases/{floor.stored?.id}">case table</a> says which one is played
  for which values.
</p>
<p>
  <button
    class="plain act"
    aria-pressed={shown === ''}
    onclick={() => floor.pin({ ...floor.played, [named]: '' })}>the {named} itself</button
  >
</p>
{#each names as name (name)}
  <p>
    <TextPiece label="Name of variant {name}" value={name} onchange={(to) => rename(name, to.trim())} />
    <button
      class="plain act"
      aria-label="Look at {name}"
      aria-pressed={shown === name}
      onclick={() => floor.pin({ ...floor.played, [named]: name })}>look at</button
    >
    <button class="plain act" aria-label="Remove variant {name}" onclick={() => remove(name)}>remove</button>
  </p>
{/each}
<form
  onsubmit={(event) => {
    event.preventDefault();
    void add();
  }}
>
  <input class="piece" aria-label="Name of a new variant" placeholder="like tag only" bind:value={added} />
  <button class="plain act" type="submit" disabled={!added.trim()}>add, as a copy of what is shown</button>
</form>

<style>
  p,
  form {
    margin: 0 0 8px;
    line-height: 1.7;
  }

  input {
    width: 110px;
  }

  .caption {
    margin: 12px 0 6px;
  }

  a {
    color: var(--accent);
  }
</style>
