<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { doubtfulLetters, type TableRead } from '../api/filling';
  import type { People } from '../api/types';
  import { doubts, known, taken, type Choices, type Same } from './peopleFile';

  interface Props {
    before: People;
    file: { name: string; table: TableRead };
    /** Why all there are may not be replaced; empty if they may. */
    noReplacing: string;
    ontake: (people: People, said: string) => void;
    onleave: () => void;
  }

  const { before, file, noReplacing, ontake, onleave }: Props = $props();

  const LINES = 8;
  const SAME: [Same, string][] = [
    ['first', 'take the first of each'],
    ['last', 'take the last of each'],
    ['all', 'they are different people, take all'],
  ];

  let adds = $state(true);
  let sure = $state(false);
  let beyond = $state<Choices['beyond']>('cells');
  let same = $state<Same>('last');

  const letters = $derived(doubtfulLetters(file.table));
  const found = $derived(doubts(before, file.table));
  const result = $derived(taken(before, file.table, { beyond, same, adds }));
  const nameless = $derived(adds && before.rows.length > 0 && known(before, file.table) < 0);
  const any = $derived(before.rows.length > 0);

  function lines(all: number[]): string {
    const shown = all.slice(0, LINES).join(', ');
    return all.length > LINES ? `${shown} and ${all.length - LINES} more` : shown;
  }

  function take() {
    const { added, changed, gone } = result;
    const parts = [`${added} new`, `${changed} changed`, ...(gone ? [`${gone} gone`] : [])];
    ontake(result.people, `From ${file.name}: ${parts.join(', ')}. Keep them, or undo.`);
  }
</script>

<section class="surface" aria-label="People from a file">
  <h2>{file.name}: {file.table.rows.length} {file.table.rows.length === 1 ? 'row' : 'rows'}</h2>
  {#if letters}<p>{letters}</p>{/if}
  {#each found.headings as { name, renamed } (name)}
    <p>The heading {name} stands more than once; the others are called {renamed.join(', ')}.</p>
  {/each}
  {#if found.beyond.length > 0}
    <fieldset>
      <legend
        >{found.beyond.length === 1 ? 'Line' : 'Lines'}
        {lines(found.beyond)}
        {found.beyond.length === 1 ? 'has' : 'have'} more cells than there are headings</legend
      >
      <label><input type="radio" bind:group={beyond} value="cells" /> leave out the cells beyond</label>
      <label><input type="radio" bind:group={beyond} value="row" /> leave out these rows</label>
    </fieldset>
  {/if}
  {#if found.same.length > 0}
    <fieldset>
      <legend>
        Names that stand in several rows:
        {#each found.same.slice(0, LINES) as { name, lines: at }, place (name)}{place > 0 ? '; ' : ''}<bdi
            >{name}</bdi
          >
          in lines {lines(at)}{/each}{found.same.length > LINES
          ? ` and ${found.same.length - LINES} more names`
          : ''}
      </legend>
      {#each SAME as [which, label] (which)}
        <label><input type="radio" bind:group={same} value={which} /> {label}</label>
      {/each}
    </fieldset>
  {/if}
  {#if any}
    <fieldset>
      <legend>People who are here already</legend>
      <label><input type="radio" bind:group={adds} value={true} /> stay: add and change</label>
      <label
        ><input type="radio" bind:group={adds} value={false} disabled={noReplacing !== ''} /> are replaced by
        those of the file{noReplacing ? ` · ${noReplacing}` : ''}</label
      >
      {#if !adds}
        <label class="sure"
          ><input type="checkbox" bind:checked={sure} /> yes, {result.gone}
          {result.gone === 1 ? 'person is' : 'people are'} to go</label
        >
      {/if}
    </fieldset>
  {/if}
  {#if nameless}
    <p role="alert" class="fault">
      It has no column called {before.columns[0]?.name}, by which people are known. Give it that heading, or
      replace all.
    </p>
  {/if}
  <p class="result">
    {result.added} new, {result.changed} changed, {result.same} as they are{adds
      ? ''
      : `, ${result.gone} gone`}
  </p>
  <p class="acts">
    <Button size="small" disabled={nameless || (any && !adds && !sure)} on:click={take}>Take them</Button>
    <button class="plain act" onclick={onleave}>leave it</button>
  </p>
</section>

<style>
  section {
    display: grid;
    gap: 10px;
    margin-bottom: 16px;
    padding: 14px 18px;
  }

  h2,
  p {
    margin: 0;
  }

  h2 {
    font-size: 16px;
  }

  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 22px;
    margin: 0;
    padding: 0;
    border: 0;
  }

  legend {
    margin-bottom: 4px;
    color: var(--muted);
  }

  .sure {
    color: var(--warning);
  }

  .fault {
    color: var(--fault);
  }

  .result {
    font-weight: 650;
  }

  .acts {
    display: flex;
    gap: 16px;
    align-items: center;
  }

  .act {
    color: var(--accent);
  }
</style>
