<script lang="ts">
  import type { Part } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    floor: FloorState;
    part: Part;
  }

  const { floor, part }: Props = $props();

  const LEAST = 2;
  const MOST = 30;
  const USUAL = { rows: 5, apart: 6 };

  let asRows = $state(false);
  let rows = $state(USUAL.rows);
  let apart = $state(USUAL.apart);

  function within(count: number): number {
    return Math.max(LEAST, Math.min(MOST, Math.round(count)));
  }

  function copyRows() {
    asRows = false;
    void floor.edit({ what: 'COPY_AS_ROWS', key: part.key, steps: rows, by: apart });
  }
</script>

<button
  class="plain act"
  title="A copy that shows the same fields (d)"
  onclick={() => floor.edit({ what: 'DUPLICATE_PART', key: part.key })}>copy</button
>
<button
  class="plain act"
  title="A copy with fields of its own: ‘name 2’ after ‘name 1’ (D)"
  onclick={() => floor.edit({ what: 'DUPLICATE_WITH_FIELDS', key: part.key })}>new fields</button
>
<button
  class="plain act"
  title="Several rows at once, each with fields of its own, one after the other"
  aria-expanded={asRows}
  onclick={() => (asRows = !asRows)}>as rows …</button
>
{#if asRows}
  <span class="rows">
    <NumberPiece label="Rows in all" value={rows} onchange={(count) => (rows = within(count))} />
    rows in all, each
    <NumberPiece
      label="Frames from row to row"
      value={apart}
      onchange={(frames) => (apart = Math.round(frames))}
    />
    frames after the one before
    <button class="plain act" onclick={copyRows}>make them</button>
    <button class="plain act" onclick={() => (asRows = false)}>leave</button>
  </span>
{/if}

<style>
  .rows {
    flex-basis: 100%;
  }
</style>
