<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import DialInput from '../dials/DialInput.svelte';
  import CaseNote from './CaseNote.svelte';
  import FieldInput from './FieldInput.svelte';
  import type { FloorState } from './floor.svelte';
  import { SpareRoom } from './spare.svelte';
  import SpareBar from './SpareBar.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const spare = new SpareRoom();
  /** What is only looked at changes nothing of it. */
  const isWorked = $derived(floor.worked !== undefined);
  $effect(() => {
    if (floor.document && isWorked) spare.ask(floor.document, floor.values, floor.dials);
  });
  $effect(() => () => spare.leave());

  const fields = $derived(floor.document?.fields ?? []);
  const dials = $derived(floor.document?.dials ?? []);
  /** What the values at hand ask for and cannot be drawn. */
  const undrawn = $derived(
    (floor.worked?.notes ?? []).filter(({ kind }) => kind === 'LETTERS' || kind === 'PICTURE'),
  );
  const trialName = $derived(floor.trials[floor.trial]?.name);

  /** What is wrong with captions is said with their line. */
  function faultOf(key: string): string | undefined {
    const begins = `${key}, line `;
    return floor.worked?.notes
      .find(({ part, sentence }) => part === '' && sentence.startsWith(begins))
      ?.sentence.slice(key.length + 2);
  }
</script>

<form aria-label="Values" onsubmit={(event) => event.preventDefault()}>
  {#each fields as field (field.key)}
    {@const text = floor.values[field.key] ?? ''}
    {@const filled = floor.worked?.filled.find((one) => one.field === field.key)}
    {@const left = spare.fields.find((one) => one.field === field.key)}
    <div>
      <FieldInput
        {field}
        {text}
        {filled}
        fault={faultOf(field.key)}
        onchange={(changed) => floor.setValue(field.key, changed)}
      />
      {#if left && filled}<SpareBar spare={left} letters={filled.letters} />{/if}
    </div>
  {:else}
    <p class="muted">This graphic has no fields; it always looks the same.</p>
  {/each}
</form>

{#if dials.length > 0}
  <div class="dials" role="group" aria-label="Dials">
    {#each dials as dial (dial.key)}
      <DialInput
        {dial}
        setting={floor.dials[dial.key] ?? ''}
        onchange={(setting) => floor.setDial(dial.key, setting)}
      />
    {/each}
  </div>
{/if}

<div aria-live="polite">
  {#each undrawn as note (note.part + note.sentence)}
    <p class="undrawn">{note.part}: {note.sentence}</p>
  {/each}
</div>

<CaseNote {floor} />

<div class="trial">
  {#if trialName}
    <p class="muted">
      Trial: <span class="name">{trialName}</span>{floor.valuesChanged ? ', changed' : ''}
    </p>
  {/if}
  <div class="acts">
    <Button size="small" kind="tertiary" on:click={() => floor.keepAsTrial()}>Keep as new trial</Button>
    {#if floor.valuesChanged && trialName}
      <Button size="small" kind="tertiary" on:click={() => floor.updateTrial()}>Update trial</Button>
    {/if}
    {#if fields.length > 0 && floor.trials.length < 4}
      <Button size="small" kind="tertiary" on:click={() => floor.edit({ what: 'PROPOSE_TRIALS', key: '' })}>
        Propose trials
      </Button>
    {/if}
    {#if floor.trials.length > 1 && !floor.valuesChanged}
      <Button size="small" kind="ghost" on:click={() => floor.removeTrial()}>Remove trial</Button>
    {/if}
  </div>
</div>

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(180px, 100%), 1fr));
    gap: 10px 12px;
  }

  .dials {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(180px, 100%), 1fr));
    gap: 10px 12px;
    margin-top: 10px;
  }

  .undrawn {
    margin: 10px 0 0;
    font-size: 12px;
    color: var(--fault);
    overflow-wrap: anywhere;
  }

  .trial {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
    margin-top: 10px;
  }

  .trial p {
    margin: 0;
    font-size: 12px;
  }

  .name {
    color: var(--text);
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
</style>
