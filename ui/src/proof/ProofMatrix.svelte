<script lang="ts">
  import type { CheckInfo, Finding, Graphic, Proof } from '../api/types';
  import { byTrial, count, telling } from './findings';
  import Worst from './Worst.svelte';

  interface Props {
    document: Graphic;
    proof: Proof;
    checks: CheckInfo[];
    /** The check whose rule is shown. */
    check: string;
    oncheck: (word: string) => void;
    onopen: (finding: Finding, trial: number) => void;
  }

  const { document, proof, checks, check, oncheck, onopen }: Props = $props();

  /** Sound fillings that are listed by name. */
  const MOST = 40;
  const rows = $derived(byTrial(proof.findings));
  const first = $derived(telling(proof.findings));
  const faulty = $derived([
    ...first,
    ...[...rows.keys()].filter((at) => !first.includes(at)).sort((a, b) => a - b),
  ]);
  const sound = $derived(proof.fillings.map((_, at) => at).filter((at) => !rows.has(at)));
  let allFaulty = $state(false);
  let allSound = $state(false);
  const FEW = 12;
  const shown = $derived(allFaulty ? faulty : faulty.slice(0, Math.max(FEW, first.length)));

  function title(findings: Finding[]): string {
    return findings.map(({ part, sentence }) => `${part || 'graphic'}: ${sentence}`).join('\n');
  }
</script>

<div class="scroll">
  <table>
    <thead>
      <tr>
        <th class="trial">filling</th>
        {#each checks as { word } (word)}
          <th class="check">
            <button
              class="plain word"
              aria-pressed={check === word}
              title="What is looked for"
              onclick={() => oncheck(word)}>{word}</button
            >
          </th>
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each shown as at (at)}
        {@const worst = [...rows.get(at)!.values()].flat().sort((a, b) => b.measured - a.measured)[0]!}
        <tr>
          <th class="trial" title={proof.fillings[at]!.name} dir="auto">
            <span class="thumb"><Worst {document} finding={worst} filling={proof.fillings[at]!} /></span>
            {proof.fillings[at]!.name}
          </th>
          {#each checks as { word } (word)}
            {@const found = rows.get(at)?.get(word) ?? []}
            {@const open = found.filter(({ accepted }) => !accepted)}
            <td>
              {#if found.length > 0}
                <button
                  class="plain cell"
                  class:accepted={open.length === 0}
                  aria-label="{word} with {proof.fillings[at]!.name}"
                  title={title(found)}
                  onclick={() => onopen(open[0] ?? found[0]!, at)}>{found.length}</button
                >
              {/if}
            </td>
          {/each}
        </tr>
      {/each}
      {#if faulty.length > shown.length}
        <tr>
          <td colspan={checks.length + 1}>
            <button class="plain act" onclick={() => (allFaulty = true)}
              >{count(faulty.length - shown.length, 'more filling')} with the same findings</button
            >
          </td>
        </tr>
      {/if}
      {#if proof.state === 'FINISHED' && sound.length > 0}
        <tr>
          <td colspan={checks.length + 1} class="soundly">
            {count(sound.length, 'filling')} without a finding
            <button class="plain act" aria-pressed={allSound} onclick={() => (allSound = !allSound)}
              >{allSound ? 'hide' : 'list'}</button
            >
          </td>
        </tr>
        {#if allSound}
          {#each sound.slice(0, MOST) as at (at)}
            <tr><td colspan={checks.length + 1} class="muted" dir="auto">{proof.fillings[at]!.name}</td></tr>
          {/each}
          {#if sound.length > MOST}
            <tr><td colspan={checks.length + 1} class="muted">and {sound.length - MOST} more</td></tr>
          {/if}
        {/if}
      {/if}
    </tbody>
  </table>
</div>

<style>
  .scroll {
    height: 100%;
    overflow: auto;
  }

  table {
    width: 100%;
    border-collapse: collapse;
    table-layout: fixed;
  }

  th,
  td {
    padding: 3px 0;
    border-bottom: 1px solid var(--border);
    font-weight: 400;
    text-align: left;
  }

  thead th {
    position: sticky;
    top: 0;
    background: var(--layer-1);
    vertical-align: bottom;
  }

  .trial {
    width: 232px;
    padding-right: 10px;
    overflow: hidden;
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .thumb {
    display: inline-block;
    width: 50px;
    margin-right: 8px;
    vertical-align: middle;
  }

  .check {
    height: 66px;
  }

  .word {
    padding: 4px 0;
    color: var(--muted);
    font-size: 12px;
    writing-mode: vertical-rl;
    transform: rotate(180deg);
  }

  .word[aria-pressed='true'] {
    color: var(--accent);
  }

  .cell {
    width: 24px;
    height: 22px;
    border-radius: 4px;
    background: var(--fault);
    color: var(--on-accent);
    font-size: 12px;
    font-weight: 650;
    text-align: center;
  }

  .cell.accepted {
    background: var(--border-strong);
    color: var(--text);
  }

  .soundly {
    padding: 7px 0;
    color: var(--accent);
  }
</style>
