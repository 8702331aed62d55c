<script lang="ts">
  import type { Case, MapAnswer, MapEntry } from '../api/types';
  import { mapRows } from './conditions';

  interface Props {
    answer: MapAnswer;
    cases: Case[];
    onshow: (entry: MapEntry) => void;
  }

  const { answer, cases, onshow }: Props = $props();

  /** Rows that are shown; more are not looked at one by one. */
  const MOST = 200;
  const rows = $derived(mapRows(answer));
  const gaps = $derived(rows.filter(({ entry }) => entry.row < 0).length);
  const wrong = $derived(answer.map.rows.filter(({ reach }) => reach !== 'ANSWERS').length);
</script>

<div class="map surface">
  <div class="top">
    <h2 class="surface-title">Map</h2>
    <span data-testid="map-state" class:wrong={gaps > 0 || wrong > 0} class:sound={gaps === 0 && wrong === 0}>
      {#if gaps > 0}
        {gaps === 1 ? 'one combination has' : `${gaps} combinations have`} no case
      {:else if wrong > 0}
        complete, but {wrong === 1 ? 'one case never answers' : `${wrong} cases never answer`}
      {:else}
        {answer.map.combinations === 1
          ? 'complete: nothing is told apart, and there is a case for it'
          : `complete: every one of ${answer.map.combinations} combinations has its case`}
      {/if}
    </span>
  </div>
  {#each answer.map.overlaps as overlap, i (i)}
    <p class="wrong">
      ‘{cases[overlap.first]?.name}’ and ‘{cases[overlap.second]?.name}’ both fit some values, though one is
      meant to be alone.
    </p>
  {/each}
  <div class="scroll">
    <table>
      <thead>
        <tr>
          {#each answer.map.dimensions as dimension (dimension.field)}
            <th>{dimension.field || 'on air'}</th>
          {/each}
          <th>answered by</th>
          <th><span class="hidden">Example</span></th>
        </tr>
      </thead>
      <tbody>
        {#each rows.slice(0, MOST) as { entry, words }, i (i)}
          <tr class:gap={entry.row < 0}>
            {#each words as word, at (at)}<td>{word}</td>{/each}
            <td>{entry.row < 0 ? 'no case' : cases[entry.row]?.name}</td>
            <td>
              <button
                class="plain act"
                title="Use as the values at hand: {Object.entries(entry.values)
                  .map(([field, text]) => `${field} ‘${text}’`)
                  .join(', ')}"
                onclick={() => onshow(entry)}>example</button
              >
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if rows.length > MOST}<p class="muted">and {rows.length - MOST} more</p>{/if}
  </div>
</div>

<style>
  .map {
    display: flex;
    flex: 1;
    flex-direction: column;
    min-height: 160px;
    padding: 12px;
  }

  .top {
    display: flex;
    gap: 12px;
    align-items: baseline;
    margin-bottom: 6px;
  }

  .sound {
    color: var(--accent);
  }

  .wrong {
    margin: 0 0 4px;
    color: var(--fault);
  }

  .scroll {
    flex: 1;
    overflow: auto;
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th,
  td {
    padding: 4px 8px 4px 0;
    border-bottom: 1px solid var(--border);
    text-align: left;
  }

  th {
    position: sticky;
    top: 0;
    background: var(--layer-1);
    color: var(--muted);
    font-size: 12px;
    font-weight: 500;
  }

  .gap td {
    color: var(--fault);
  }

  .hidden {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
</style>
