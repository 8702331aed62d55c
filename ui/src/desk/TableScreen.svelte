<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { allGraphics } from '../api/client';
  import { doubtfulLetters, lookAtRows, readTable, type TableRead } from '../api/filling';
  import type { Cue, CueRow, StoredGraphic } from '../api/types';
  import CueGrid from './CueGrid.svelte';
  import CueThumb from './CueThumb.svelte';
  import { SheetKeeper } from './sheet.svelte';
  import { guessed } from './columns';
  import { mayOperate } from '../session/may.svelte';

  interface Props {
    params?: { id?: string };
  }

  const { params }: Props = $props();

  /** Rows of which the picture is shown. */
  const PICTURES = 4;

  const sheet = new SheetKeeper();
  let graphics = $state.raw<StoredGraphic[]>([]);
  let graphic = $state(0);
  let table = $state.raw<TableRead>();
  let columns = $state.raw<string[]>([]);
  let rows = $state.raw<CueRow[]>([]);
  let pasted = $state('');
  let fault = $state('');
  let said = $state('');

  $effect(() => void sheet.open(Number(params?.id)));
  $effect(() => {
    allGraphics()
      .then((all) => {
        graphics = all;
        graphic ||= all[0]?.id ?? 0;
      })
      .catch((error: Error) => (fault = error.message));
  });

  const chosen = $derived(graphics.find(({ id }) => id === graphic));
  const fields = $derived(chosen?.document.fields ?? []);
  const good = $derived(rows.filter(({ wrong }) => wrong.length === 0));
  const bad = $derived(rows.filter(({ wrong }) => wrong.length > 0));

  async function read(from: File | string) {
    try {
      table = await readTable(from);
      columns = guessed(table.columns, fields);
      fault = '';
      said = doubtfulLetters(table);
      await look();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function look() {
    if (!table || !sheet.stored) return;
    try {
      rows = await lookAtRows(sheet.stored.id, graphic, columns, table.rows);
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  function choose(id: number) {
    graphic = id;
    if (table) columns = guessed(table.columns, fields);
    void look();
  }

  async function make() {
    const added = good.map(({ number, values, note }) => ({
      graphic,
      values,
      note,
      ...(number && { number }),
    }));
    if (await sheet.change({ what: 'ADD', added })) {
      said = `${added.length} cues made. They are in the sheet now.`;
      table = undefined;
      rows = [];
      pasted = '';
    }
  }

  function cueOf({ line, values, note }: CueRow): Cue {
    return {
      id: String(line),
      number: '',
      graphic,
      revision: chosen?.revision ?? 1,
      values,
      dials: {},
      note,
    };
  }
</script>

<svelte:head><title>Table · {sheet.stored?.sheet.name ?? ''} · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>{sheet.stored?.sheet.name ?? 'Cue sheet'} as a table</h1>
    {#if sheet.stored}
      <a href="#/desk/{sheet.stored.id}">Back to the desk</a>
      <a href="/api/sheets/{sheet.stored.id}/csv" download>Save as CSV</a>
    {/if}
    <label
      >graphic
      <select
        aria-label="Graphic of the table"
        value={graphic}
        onchange={(event) => choose(Number(event.currentTarget.value))}
      >
        {#each graphics as { id, document } (id)}<option value={id}>{document.name}</option>{/each}
      </select></label
    >
  </div>
  {#if fault || sheet.fault || sheet.refusal}<p role="alert" class="fault">
      {fault || sheet.fault || sheet.refusal}
    </p>{/if}
  {#if said}<p role="status">{said}</p>{/if}

  {#if chosen && sheet.stored}
    <h2 class="caption">Cues of {chosen.document.name}</h2>
    <fieldset class="bare" disabled={!mayOperate()}><CueGrid {sheet} {graphic} {fields} /></fieldset>
  {/if}
  {#if mayOperate()}
    <h2 class="caption">New cues from a table</h2>
    <div class="from">
      <label class="act"
        >from a CSV file
        <input
          type="file"
          accept=".csv,.txt,.tsv,text/csv"
          onchange={(event) => {
            const [file] = event.currentTarget.files ?? [];
            if (file) void read(file);
            event.currentTarget.value = '';
          }}
        /></label
      >
      <textarea
        rows="2"
        aria-label="A table, pasted"
        placeholder="or paste rows from a spreadsheet here, the first with the names of the columns"
        bind:value={pasted}
        onpaste={() => setTimeout(() => pasted.trim() && void read(pasted))}></textarea>
      <Button size="small" kind="tertiary" disabled={!pasted.trim()} on:click={() => void read(pasted)}
        >Look at it</Button
      >
    </div>

    {#if table}
      <div class="columns">
        {#each table.columns as name, i (i)}
          <label
            >{name || `column ${i + 1}`}
            <select
              value={columns[i]}
              onchange={(event) => {
                columns = columns.map((one, at) => (at === i ? event.currentTarget.value : one));
                void look();
              }}
            >
              <option value="">left out</option>
              <option value="number">number of the cue</option>
              <option value="note">note</option>
              {#each fields as { key, label } (key)}<option value="field {key}">{label}</option>{/each}
            </select></label
          >
        {/each}
      </div>
      <p>
        {good.length} of {rows.length} rows can be taken{bad.length > 0 ? `, ${bad.length} cannot:` : '.'}
      </p>
      {#if bad.length > 0}
        <ul class="bad">
          {#each bad as { line, wrong } (line)}<li>
              <strong>line {line}</strong>: {wrong.join('; ')}
            </li>{/each}
        </ul>
      {/if}
      <div class="pictures">
        {#each good.slice(0, PICTURES) as row (row.line)}
          <figure>
            <CueThumb cue={cueOf(row)} label="Line {row.line}" />
            <figcaption>line {row.line}</figcaption>
          </figure>
        {/each}
      </div>
      <p class="acts">
        <Button size="small" disabled={good.length === 0} on:click={() => void make()}>
          Make {good.length} cues{bad.length > 0 ? `, leave ${bad.length} out` : ''}
        </Button>
        <Button
          size="small"
          kind="ghost"
          on:click={() => {
            table = undefined;
            rows = [];
          }}>Leave it</Button
        >
      </p>
    {/if}
  {/if}
</div>

<style>
  a,
  .act {
    color: var(--accent);
  }

  label {
    color: var(--muted);
  }

  label.act {
    position: relative;
    color: var(--accent);
    cursor: pointer;
  }

  label.act:focus-within {
    outline: 2px solid var(--accent);
  }

  input[type='file'] {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }

  select,
  textarea {
    padding: 4px 8px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
  }

  h2 {
    margin-top: 18px;
  }

  .from,
  .columns,
  .pictures,
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 12px 18px;
    align-items: center;
    margin: 8px 0 14px;
  }

  textarea {
    flex: 1;
    min-width: 260px;
  }

  figure {
    width: 220px;
    margin: 0;
  }

  figcaption {
    color: var(--muted);
    font-size: 12px;
  }

  .bad {
    margin: 0 0 12px;
    padding: 0;
    list-style: none;
  }

  .bad li {
    padding: 4px 10px;
    border-left: 4px solid var(--fault);
  }

  .fault {
    color: var(--fault);
  }
</style>
