<script lang="ts">
  import { logAddress, readLog } from '../api/desk';
  import { reach } from '../api/reach.svelte';
  import type { LogLine } from '../api/types';

  const OUTPUT = 1;
  const PAGE = 100;
  const DID = { TAKE: 'take', STEP: 'step', CHANGE: 'change', OUT: 'out' } as const;

  let lines = $state.raw<LogLine[]>();
  let more = $state(false);
  let words = $state('');
  let berth = $state('');
  let fault = $state('');

  async function load(before?: number) {
    try {
      const found = await readLog(OUTPUT, { words, berth, before });
      lines = before === undefined ? found : [...(lines ?? []), ...found];
      more = found.length === PAGE;
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  $effect(() => {
    void reach.returned;
    const asked = setTimeout(() => void load(), words || berth ? 250 : 0);
    return () => clearTimeout(asked);
  });

  function time({ doneAt }: LogLine): string {
    return new Date(doneAt).toLocaleString(undefined, { dateStyle: 'short', timeStyle: 'medium' });
  }

  function texts({ values }: LogLine): string {
    return Object.entries(values)
      .map(([label, text]) => `${label}: ${text}`)
      .join(' · ');
  }
</script>

<svelte:head><title>What was on air · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>What was on air</h1>
    <input
      type="search"
      aria-label="Words that were on air"
      placeholder="words, or the number of a cue"
      bind:value={words}
    />
    <input type="search" aria-label="Berth" placeholder="berth, like bar" bind:value={berth} />
    <a href={logAddress(OUTPUT, { words, berth })} download>Save as CSV</a>
    <a href="#/desk">Cue sheets</a>
  </div>
  {#if fault}<p role="alert">{fault}</p>{/if}
  {#if lines?.length === 0}
    <p class="muted">
      {words || berth
        ? 'Nothing of the kind was on air.'
        : 'Nothing has been on air yet. Whatever is taken stands here from then on.'}
    </p>
  {:else if lines}
    <table>
      <thead>
        <tr><th>time</th><th>act</th><th>berth</th><th>cue</th><th>graphic</th><th>texts</th><th>by</th></tr>
      </thead>
      <tbody>
        {#each lines as line (line.event)}
          <tr>
            <td class="figures">{time(line)}</td>
            <td>{DID[line.kind]}</td>
            <td>{line.berth}</td>
            <td class="figures">{line.number}</td>
            <td class="graphic">{line.graphic}{line.revision ? ` rev ${line.revision}` : ''}</td>
            <td class="texts" dir="auto">{texts(line)}</td>
            <td>{line.person}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if more}<button class="plain act" onclick={() => void load(lines!.at(-1)!.event)}>earlier ones</button
      >{/if}
  {/if}
</div>

<style>
  input {
    padding: 5px 10px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-1);
    color: var(--text);
    font: inherit;
  }

  .page-top input:first-of-type {
    width: 240px;
  }

  a,
  .act {
    color: var(--accent);
  }

  table {
    width: 100%;
    border-collapse: collapse;
  }

  th {
    color: var(--muted);
    font-weight: 600;
    text-align: left;
  }

  th,
  td {
    padding: 6px 14px 6px 0;
    border-bottom: 1px solid var(--border);
    vertical-align: top;
  }

  td.graphic,
  td.figures {
    white-space: nowrap;
  }

  .texts {
    overflow-wrap: anywhere;
  }
</style>
