<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { readPeople, readTable, savePeople, type TableRead } from '../api/filling';
  import type { People } from '../api/types';
  import { History } from '../floor/history.svelte';
  import { mayDesign, mayOperate, ONLY_ANIMATORS } from '../session/may.svelte';
  import { isFoundIn } from './numbers';
  import PeopleFilePanel from './PeopleFilePanel.svelte';

  /** Rows that are shown at once. */
  const SHOWN = 100;

  const NOBODY: People = { revision: 0, columns: [], rows: [] };
  const history = new History<People>();
  /** The one that is changed, whatever of it is taken back. */
  let revision = $state(0);
  const people = $derived({ ...(history.present ?? NOBODY), revision });
  let changed = $state(false);
  let words = $state('');
  let said = $state('');
  let fault = $state('');
  let file = $state.raw<{ name: string; table: TableRead }>();

  async function load() {
    try {
      const found = await readPeople();
      history.begin(found);
      revision = found.revision;
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
    history.change({ ...people, ...other });
    touched();
  }

  function undo() {
    if (!history.canUndo) return;
    history.undo();
    touched();
  }

  function redo() {
    if (!history.canRedo) return;
    history.redo();
    touched();
  }

  function touched() {
    changed = true;
    said = '';
  }

  function key(event: KeyboardEvent) {
    const inText = event.target instanceof HTMLInputElement && event.target.type !== 'radio';
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || inText) return;
    event.preventDefault();
    if (event.shiftKey) redo();
    else undo();
  }

  /** Nothing that was typed is lost with the page. */
  function leaving(event: BeforeUnloadEvent) {
    if (changed) event.preventDefault();
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
      ({ revision } = await savePeople(people));
      changed = false;
      fault = '';
      said = 'Kept.';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function look(input: HTMLInputElement) {
    const [chosen] = input.files ?? [];
    input.value = '';
    if (!chosen) return;
    try {
      const table = await readTable(chosen);
      file = { name: chosen.name, table };
      fault = '';
      if (table.rows.length > 0) return;
      file = undefined;
      fault = `${chosen.name} has a heading row and nobody below it; nothing was taken.`;
    } catch (error) {
      fault = `${chosen.name}: ${(error as Error).message}`;
    }
  }
</script>

<svelte:window onkeydown={key} onbeforeunload={leaving} />
<svelte:head><title>People · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>People of the house</h1>
    <input type="search" aria-label="Words of a person" placeholder="part of a name" bind:value={words} />
    {#if mayOperate()}<label class="act"
        >from a CSV file
        <input
          type="file"
          accept=".csv,.txt,.tsv,text/csv"
          onchange={(event) => look(event.currentTarget)}
        /></label
      >{/if}
    <a href="/api/people/csv" download>Save as CSV</a>
    {#if mayOperate()}
      <Button size="small" disabled={!changed} on:click={() => void save()}>Keep</Button>
      <button class="plain act" disabled={!history.canUndo} onclick={undo}>undo</button>
    {/if}
    <a href="#/desk">Cue sheets</a>
  </div>
  {#if fault}<p role="alert" class="fault">{fault}</p>{/if}
  {#if said}<p role="status">{said}</p>{/if}
  {#if file}
    <PeopleFilePanel
      before={people}
      {file}
      noReplacing={mayDesign() ? '' : ONLY_ANIMATORS}
      ontake={(taken, sentence) => {
        change(taken);
        file = undefined;
        said = sentence;
      }}
      onleave={() => (file = undefined)}
    />
  {/if}
  {#if people.columns.length === 0}
    <p class="muted">
      Nobody yet. Take a table from a CSV file: its first row names the columns, its first column the people.
      After three letters in a field of that name, operators are offered who may be meant, and the other
      columns are filled in as well.
    </p>
  {:else}
    <fieldset class="bare" disabled={!mayOperate()}>
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
    </fieldset>
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
