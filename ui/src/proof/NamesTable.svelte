<script lang="ts">
  import { dropNamesTable, keepNamesTable, namesTable } from '../api/client';
  import { count } from './findings';

  interface Props {
    id: number;
    /** The fillings are other ones now. */
    onchange: () => void;
  }

  const { id, onchange }: Props = $props();

  let rows = $state<number>();
  /** Which of them would not be let through, and why. */
  let refused = $state.raw<string[]>([]);
  let kept = $state(false);
  let fault = $state('');

  $effect(() => {
    namesTable(id)
      .then((csv) => (kept = csv !== undefined))
      .catch((error: Error) => (fault = error.message));
  });

  async function take(input: HTMLInputElement) {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    try {
      ({ rows, refused } = await keepNamesTable(id, file));
      kept = true;
      fault = '';
      onchange();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function drop() {
    await dropNamesTable(id);
    kept = false;
    rows = undefined;
    refused = [];
    onchange();
  }
</script>

<div class="names surface">
  <p>
    <strong>Names</strong>
    {#if kept}
      A table of your own is proved too{rows ? `: ${count(rows, 'row')}` : ''}.
      <button class="plain act" onclick={drop}>leave it out</button>
    {:else}
      Prove it with a table of your own as well: a CSV file with a heading row of fields.
    {/if}
  </p>
  <label class="act">
    {kept ? 'another file' : 'choose a file'}
    <input
      type="file"
      accept=".csv,.tsv,.txt,text/csv"
      aria-label="Table of names"
      onchange={(e) => take(e.currentTarget)}
    />
  </label>
  {#if refused.length > 0}
    <details class="wrong">
      <summary>{count(refused.length, 'value')} would not be let through</summary>
      <ul>
        {#each refused as row (row)}<li>{row}</li>{/each}
      </ul>
    </details>
  {/if}
  {#if fault}<p class="wrong" role="alert">{fault}</p>{/if}
</div>

<style>
  .names {
    padding: 10px;
  }

  p {
    margin: 0 0 6px;
    font-size: 12px;
    line-height: 1.5;
  }

  label {
    display: inline-block;
    cursor: pointer;
  }

  label:focus-within {
    outline: 2px solid var(--accent);
  }

  input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }

  ul {
    margin: 4px 0 0;
    padding-left: 16px;
    font-size: 12px;
    line-height: 1.5;
  }

  summary {
    font-size: 12px;
    cursor: pointer;
  }

  .wrong {
    margin-top: 6px;
    color: var(--fault);
  }
</style>
