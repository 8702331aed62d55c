<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { readPeople, readTable, savePeople } from '../api/filling';
  import type { People } from '../api/types';
  import { isFoundIn } from './numbers';

  /** Rows that are shown at once. */
  const SHOWN = 100;

  let people = $state.raw<People>({ revision: 0, columns: [], rows: [] });
  let changed = $state(false);
  let words = $state('');
  let said = $state('');
  let fault = $state('');

  async function load() {
    try {
      people = await readPeople();
      changed = false;
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  $effect(() => void load());

  const rows = $derived(
    people.rows
      .map((cells, place) => ({ cells, place }))
      .filter(({ cells }) => isFoundIn(cells.join('\n'), words)),
  );

  function change(other: Partial<People>) {
    people = { ...people, ...other };
    changed = true;
    said = '';
  }

  function setCell(place: number, column: number, text: string) {
    const cells = people.columns.map((_, i) => (i === column ? text : (people.rows[place]?.[i] ?? '')));
    change({ rows: people.rows.map((row, i) => (i === place ? cells : row)) });
  }

  function map(column: number, text: string) {
    const fields = text
      .split(',')
      .map((label) => label.trim())
      .filter((label) => label);
    change({ columns: people.columns.map((one, i) => (i === column ? { ...one, fields } : one)) });
  }

  async function save() {
    try {
      people = await savePeople(people);
      changed = false;
      fault = '';
      said = 'Kept.';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  /** What a column fills in stays as it was said once; a new one fills fields of its own name. */
  async function take(input: HTMLInputElement) {
    const [file] = input.files ?? [];
    if (!file) return;
    try {
      const table = await readTable(file);
      const columns = table.columns.map((name) => ({
        name,
        fields: people.columns.find((one) => one.name === name)?.fields ?? [name],
      }));
      change({ columns, rows: table.rows.map(({ cells }) => cells.slice(0, columns.length)) });
      said = `${table.rows.length} people read from ${file.name}. Keep them, or leave the page to have those of before.`;
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
    input.value = '';
  }
</script>

<svelte:head><title>People · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>People of the house</h1>
    <input type="search" aria-label="Words of a person" placeholder="part of a name" bind:value={words} />
    <label class="act"
      >from a CSV file
      <input
        type="file"
        accept=".csv,.txt,.tsv,text/csv"
        onchange={(event) => take(event.currentTarget)}
      /></label
    >
    <a href="/api/people/csv" download>Save as CSV</a>
    <Button size="small" disabled={!changed} on:click={() => void save()}>Keep</Button>
    <a href="#/desk">Cue sheets</a>
  </div>
  {#if fault}<p role="alert" class="fault">{fault}</p>{/if}
  {#if said}<p role="status">{said}</p>{/if}
  {#if people.columns.length === 0}
    <p class="muted">
      Nobody yet. Take a table from a CSV file: its first row names the columns, its first column the people.
      After three letters in a field of that name, operators are offered who may be meant, and the other
      columns are filled in as well.
    </p>
  {:else}
    <table>
      <thead>
        <tr>
          {#each people.columns as column, i (column.name)}
            <th>
              {column.name}
              <label class="muted"
                >fills
                <input
                  aria-label="Fields that {column.name} fills"
                  value={column.fields.join(', ')}
                  onchange={(event) => map(i, event.currentTarget.value)}
                /></label
              >
            </th>
          {/each}
          <th></th>
        </tr>
      </thead>
      <tbody>
        {#each rows.slice(0, SHOWN) as { cells, place } (place)}
          <tr>
            {#each people.columns as column, i (column.name)}
              <td>
                <input
                  aria-label="{column.name} of {cells[0] || `row ${place + 1}`}"
                  dir="auto"
                  value={cells[i] ?? ''}
                  onchange={(event) => setCell(place, i, event.currentTarget.value)}
                />
              </td>
            {/each}
            <td>
              <button
                class="plain act"
                aria-label="Remove {cells[0] || `row ${place + 1}`}"
                onclick={() => change({ rows: people.rows.filter((_, at) => at !== place) })}>remove</button
              >
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="muted">
      {rows.length > SHOWN
        ? `The first ${SHOWN} of ${rows.length}; find others by their names.`
        : `${rows.length} people.`}
      <button
        class="plain act"
        onclick={() => change({ rows: [...people.rows, people.columns.map(() => '')] })}>add a row</button
      >
    </p>
  {/if}
</div>

<style>
  input {
    padding: 4px 8px;
    border: 1px solid var(--border);
    border-radius: var(--corner);
    background: var(--layer-1);
    color: var(--text);
    font: inherit;
  }

  input[type='file'] {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }

  label.act {
    position: relative;
    cursor: pointer;
  }

  label.act:focus-within {
    outline: 2px solid var(--accent);
  }

  a,
  .act {
    color: var(--accent);
  }

  .fault {
    color: var(--fault);
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    padding: 4px 6px 8px 0;
    text-align: left;
  }

  th .muted {
    display: flex;
    gap: 6px;
    align-items: center;
    font-weight: 400;
  }

  th input {
    flex: 1;
    min-width: 0;
  }

  td {
    padding: 2px 6px 2px 0;
  }

  td input {
    width: 100%;
    box-sizing: border-box;
  }
</style>
