<script lang="ts">
  import type { Field } from '../api/types';
  import { cells, pastedOver } from './columns';
  import type { SheetKeeper } from './sheet.svelte';

  interface Props {
    sheet: SheetKeeper;
    graphic: number;
    fields: Field[];
  }

  const { sheet, graphic, fields }: Props = $props();

  const cues = $derived(sheet.cues.filter((cue) => cue.graphic === graphic));

  function keep(place: number, key: string, text: string) {
    const cue = cues[place];
    if (!cue || (cue.values[key] ?? '') === text) return;
    void sheet.change({ what: 'FILL', cue: cue.id, values: { ...cue.values, [key]: text } });
  }

  /** What a spreadsheet gives goes over several cells; anything else into this one. */
  function paste(event: ClipboardEvent, place: number, column: number) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!/[\t\n]/.test(text.trimEnd())) return;
    event.preventDefault();
    const fills = pastedOver(cues, fields, place, column, cells(text));
    if (fills.length > 0) void sheet.change({ what: 'FILL', fills });
  }

  function key(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key !== 'Enter' && event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    const cell = event.currentTarget.closest('td')!;
    const row = cell.parentElement!;
    const next = event.key === 'ArrowUp' ? row.previousElementSibling : row.nextElementSibling;
    next?.children[[...row.children].indexOf(cell)]?.querySelector('input')?.focus();
  }
</script>

{#if cues.length === 0}
  <p class="muted">
    The sheet has no cue of this graphic yet. Make some from a table below, or one by one at the desk.
  </p>
{:else}
  <div class="scroll">
    <table>
      <thead>
        <tr
          ><th>cue</th>{#each fields as { key: of, label } (of)}<th>{label}</th>{/each}</tr
        >
      </thead>
      <tbody>
        {#each cues as cue, place (cue.id)}
          <tr>
            <td class="figures">{cue.number}</td>
            {#each fields as field, column (field.key)}
              <td>
                <input
                  aria-label="{field.label} of cue {cue.number}"
                  dir="auto"
                  value={cue.values[field.key] ?? ''}
                  onchange={(event) => keep(place, field.key, event.currentTarget.value)}
                  onpaste={(event) => paste(event, place, column)}
                  onkeydown={key}
                />
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="muted">
    What is copied from a spreadsheet can be pasted over many cells at once.
    <button class="plain act" disabled={!sheet.canUndo} onclick={() => void sheet.undo()}>undo</button>
  </p>
{/if}

<style>
  .scroll {
    overflow-x: auto;
  }

  table {
    border-collapse: collapse;
  }

  th {
    padding: 4px 6px;
    color: var(--muted);
    font-weight: 600;
    text-align: left;
    white-space: nowrap;
  }

  td {
    padding: 1px 3px;
  }

  td.figures {
    padding-right: 10px;
    text-align: right;
  }

  input {
    min-width: 130px;
    padding: 4px 8px;
    border: 1px solid var(--border);
    border-radius: 3px;
    background: var(--layer-1);
    color: var(--text);
    font: inherit;
  }

  .act {
    color: var(--accent);
  }
</style>
