<script lang="ts">
  import { Button, Modal } from 'carbon-components-svelte';
  import { sheet, allSheets } from '../api/desk';
  import { readPeople, readTable } from '../api/filling';
  import { carried, dropHandover, handOver, handoverFile, watchHandover } from '../api/handovers';
  import type { Graphic, Handover, HandoverRequest, HandoverRow, SheetNote, Values } from '../api/types';
  import { nameOf } from '../desk/words';
  import { sampleValues } from '../floor/values';
  import '../sheet/pieces/pieces.css';
  import { FORMS, GROUPS, RATES, sizes } from './forms';
  import { named, rowsOf, rowsOfPeople, unknownColumns } from './rows';

  interface Props {
    open: boolean;
    graphic: number;
    revision: number;
    document: Graphic;
    /** Values that stand on the floor; missing where there are none. */
    atHand?: Values;
  }

  let { open = $bindable(), graphic, revision, document, atHand }: Props = $props();

  let form = $state('package');
  /** `hand`, `samples`, `trial 0`, `sheet 3`, `people` or `table`. */
  let source = $state('samples');
  let overGround = $state(false);
  let ground = $state('#2a2340');
  let allFonts = $state(false);
  let atRest = $state(true);
  let frame = $state(0);
  /** px; 0 for as designed. */
  let width = $state(0);
  /** Empty for as designed. */
  let rate = $state('');
  let sheets = $state.raw<SheetNote[]>([]);
  let rows = $state.raw<HandoverRow[]>([]);
  let tableWords = $state('');
  let lacking = $state.raw<string[]>([]);
  /** Of a filling, where each is painted. */
  let frames = $state<number>();
  let fault = $state('');
  let made = $state.raw<Handover>();
  let leave: (() => void) | undefined;

  const isSpoken = $derived((document.fields ?? []).some(({ kind }) => kind === 'spoken'));
  const forms = $derived(FORMS.filter(({ spoken }) => !spoken || isSpoken));
  const chosen = $derived(FORMS.find((of) => of.form === form)!);
  const running = $derived(made !== undefined && (made.stage === 'WAITING' || made.stage === 'RUNNING'));
  const request = $derived<HandoverRequest>(
    chosen.filled
      ? {
          graphic,
          revision,
          form,
          rows,
          ground: chosen.overGround && overGround ? ground : '',
          frame: chosen.still && !atRest ? frame : undefined,
          width: chosen.sized && width ? width : undefined,
          rate: chosen.timed && rate ? rate : undefined,
        }
      : { graphic, revision, form, allFonts: chosen.anyText ? allFonts : undefined },
  );

  $effect(() => {
    if (!open) return;
    source = atHand ? 'hand' : 'samples';
    allSheets().then(
      (all) => (sheets = all.filter(({ aside }) => !aside)),
      // Without them there is still everything else to fill it with.
      () => {},
    );
  });

  $effect(() => {
    if (!open) return;
    // What is told of a form that is no longer asked for is of no account.
    let past = false;
    lacking = [];
    frames = undefined;
    carried({ graphic, revision, form, allFonts }).then(
      (told) => {
        if (past) return;
        lacking = told.sentences;
        frames = told.frames;
      },
      (error: Error) => past || (fault = said(error)),
    );
    return () => (past = true);
  });

  $effect(() => {
    if (open) void fill(source);
  });

  $effect(() => () => leave?.());

  async function fill(from: string) {
    fault = '';
    if (from === 'table') return;
    tableWords = '';
    if (from === 'samples') rows = [{ name: '', values: sampleValues(document) }];
    else if (from === 'hand') rows = [{ name: '', values: { ...atHand } }];
    else if (from.startsWith('trial ')) {
      const trial = document.trials![Number(from.slice(6))]!;
      rows = [{ name: trial.name, values: trial.values }];
    } else if (from === 'people') await fillFromPeople();
    else await fillFromSheet(Number(from.slice(6)));
  }

  async function fillFromPeople() {
    try {
      rows = rowsOfPeople(await readPeople(), document.fields ?? []);
      if (rows.length === 0)
        fault = 'No people of the house have anything that fills a field of this graphic.';
    } catch (error) {
      rows = [];
      fault = (error as Error).message;
    }
  }

  async function fillFromSheet(id: number) {
    try {
      const { sheet: of } = await sheet(id);
      const cues = of.cues.filter((cue) => cue.graphic === graphic);
      rows = cues.map((cue) => named(`${cue.number} ${nameOf(cue, document)}`, cue.values, cue.dials));
      if (rows.length === 0) fault = 'This sheet has no cue with this graphic.';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function takeTable(event: Event) {
    const file = (event.currentTarget as HTMLInputElement).files?.[0];
    if (!file) return;
    fault = '';
    try {
      const table = await readTable(file);
      const fields = document.fields ?? [];
      rows = rowsOf(
        table.columns,
        table.rows.map(({ cells }) => cells),
        fields,
      );
      const unknown = unknownColumns(table.columns, fields);
      tableWords = `${rows.length} ${rows.length === 1 ? 'row' : 'rows'}`;
      if (unknown.length > 0) tableWords += `; no field is called ${unknown.join(', ')}`;
      if (rows.length === 0) fault = 'The table has no rows below its headings.';
    } catch (error) {
      rows = [];
      fault = (error as Error).message;
    }
  }

  async function begin() {
    fault = '';
    try {
      made = await handOver(request);
      leave?.();
      leave = watchHandover(made.id, (now) => (made = now));
    } catch (error) {
      fault = said(error as Error);
    }
  }

  /** Without the place in what was sent, which nobody has seen who looks at this. */
  function said({ message }: Error): string {
    return message.replace(/^\$\.form: /, 'It ').replace(/^\$\.rows: /, 'They ');
  }

  async function stop() {
    if (made) await dropHandover(made.id);
  }

  function size(bytes: number): string {
    return bytes < 1_000_000 ? `${Math.ceil(bytes / 1_000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
  }

  /** Something else is asked for than what was made. */
  function again() {
    if (!running) made = undefined;
  }
</script>

<!-- Also where what had the focus has gone, such as the button that stopped it. -->
<svelte:window onkeydown={({ key }) => key === 'Escape' && (open = false)} />

<div class="handover">
  <Modal passiveModal size="sm" modalHeading="Hand over {document.name}" bind:open>
    <div class="asked" onchange={again}>
      <label>
        as
        <select class="piece" aria-label="As" data-modal-primary-focus bind:value={form} disabled={running}>
          {#each GROUPS as group (group)}
            <optgroup label={group}>
              {#each forms.filter((of) => of.group === group) as of (of.form)}
                <option value={of.form}>{of.name}</option>
              {/each}
            </optgroup>
          {/each}
        </select>
      </label>
      <p class="muted">{chosen.use}</p>
      {#if chosen.filled}
        <label>
          filled with
          <select class="piece" aria-label="Filled with" bind:value={source} disabled={running}>
            {#if atHand}<option value="hand">the values at hand</option>{/if}
            <option value="samples">its samples</option>
            {#each document.trials ?? [] as trial, i (trial.name)}
              <option value="trial {i}">trial: {trial.name}</option>
            {/each}
            {#each sheets as of (of.id)}<option value="sheet {of.id}">cues of {of.name}</option>{/each}
            <option value="people">people of the house</option>
            <option value="table">rows of a table (CSV)</option>
          </select>
        </label>
        {#if source === 'table'}
          <label>
            table
            <input type="file" aria-label="Table" accept=".csv,.tsv,.txt,text/csv" onchange={takeTable} />
          </label>
          <p class="muted">
            {tableWords || 'Its first row names fields; each row is a filling, named by its first column.'}
          </p>
        {:else if rows.length > 1}
          <p class="muted">{rows.length} {chosen.together ? 'rows' : 'files'}, one for each.</p>
        {/if}
        {#if frames && rows.length > 0}
          <p class="muted">{(rows.length * frames).toLocaleString('en')} frames or so are painted.</p>
        {/if}
        {#if chosen.sized}
          <label>
            size
            <select class="piece" aria-label="Size" bind:value={width} disabled={running}>
              <option value={0}>as designed, {document.frame.width} × {document.frame.height}</option>
              {#each sizes(document.frame) as of (of.width)}
                <option value={of.width}>{of.width} × {of.height}</option>
              {/each}
            </select>
          </label>
        {/if}
        {#if chosen.timed}
          <label>
            rate
            <select class="piece" aria-label="Rate" bind:value={rate} disabled={running}>
              <option value="">as designed, {document.frame.rate} frames a second</option>
              {#each RATES.filter((of) => of !== document.frame.rate) as of (of)}
                <option value={of}>{of}, some frames left out or shown twice</option>
              {/each}
            </select>
          </label>
        {/if}
        {#if chosen.still}
          <label class="line">
            <input type="checkbox" bind:checked={atRest} disabled={running} />
            as it rests
            {#if !atRest}
              · at frame
              <input
                type="number"
                class="piece"
                aria-label="Frame"
                min="0"
                step="1"
                bind:value={frame}
                disabled={running}
              />
            {/if}
          </label>
        {/if}
        {#if chosen.overGround}
          <label class="line">
            <input type="checkbox" bind:checked={overGround} disabled={running} />
            over a colour
            {#if overGround}<input type="color" aria-label="Colour under it" bind:value={ground} />{/if}
          </label>
        {/if}
      {:else if chosen.anyText}
        <label class="line">
          <input type="checkbox" bind:checked={allFonts} disabled={running} />
          with fonts for Chinese and pictographs, 11 MB more
        </label>
      {/if}
    </div>
    {#if lacking.length > 0}
      <ul class="lacking" aria-label="What it does not carry">
        {#each lacking as sentence (sentence)}<li>{sentence}</li>{/each}
      </ul>
    {/if}
    {#if fault}
      <p class="fault" role="alert">
        {fault}
        {#if form === 'findings'}<a href="#/proof/{graphic}" onclick={() => (open = false)}>Its proof</a>{/if}
      </p>
    {/if}
    <div class="foot" aria-live="polite">
      {#if made && running}
        <progress aria-label="How far it has come" value={made.done} max={made.all}></progress>
        <span class="muted">
          {made.stage === 'WAITING' ? 'waits for others' : `${Math.floor((100 * made.done) / made.all)} %`}
        </span>
        <Button size="small" kind="ghost" on:click={stop}>Stop</Button>
      {:else if made?.stage === 'DONE'}
        <a class="file" href={handoverFile(made.id)} download={made.file}>{made.file}</a>
        <span class="muted">{size(made.bytes)} · kept for a day</span>
      {:else}
        {#if made?.stage === 'FAILED'}<span class="fault" role="alert">{made.why}</span>{/if}
        {#if made?.stage === 'STOPPED'}<span class="muted">stopped</span>{/if}
        <Button size="small" disabled={chosen.filled && rows.length === 0} on:click={begin}>Make it</Button>
      {/if}
    </div>
  </Modal>
</div>

<style>
  .handover :global(.bx--modal) {
    align-items: flex-start;
  }

  .handover :global(.bx--modal-container) {
    margin-top: 12vh;
  }

  .asked {
    display: grid;
    gap: 8px;
  }

  label {
    display: grid;
    grid-template-columns: 90px 1fr;
    gap: 10px;
    align-items: center;
  }

  label.line {
    display: flex;
  }

  p {
    margin: 0;
    padding-left: 100px;
    font-size: 13px;
  }

  .lacking {
    margin: 14px 0 0;
    padding: 8px 12px 8px 28px;
    border-left: 2px solid var(--warning);
    list-style: disc;
  }

  .fault {
    margin-top: 10px;
    padding: 0;
    color: var(--fault);
  }

  .foot {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 40px;
    margin-top: 16px;
  }

  progress {
    flex: 1;
    accent-color: var(--accent);
  }

  .fault a,
  .file {
    color: var(--accent);
    font-size: 15px;
  }
</style>
