<script lang="ts">
  import { Modal } from 'carbon-components-svelte';
  import { acceptedWords, takeWordBack } from '../api/filling';
  import type { Desk } from './desk.svelte';
  import UnknownWord from './UnknownWord.svelte';
  import CueThumb from './CueThumb.svelte';
  import { nameOf } from './words';

  interface Props {
    desk: Desk;
    open: boolean;
  }

  let { desk, open = $bindable() }: Props = $props();

  $effect(() => {
    if (open) void desk.spell();
  });

  let accepted = $state.raw<string[]>([]);
  let fault = $state('');

  async function readAccepted() {
    try {
      accepted = await acceptedWords();
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  /** It is looked up in the dictionaries again. */
  async function takeBack(word: string) {
    try {
      await takeWordBack(word);
      await desk.spell();
      await readAccepted();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  const found = $derived(
    desk.spelling.flatMap(({ cue: id, unknown }) => {
      const cue = desk.sheet.cues.find((one) => one.id === id);
      return cue ? [{ cue, unknown }] : [];
    }),
  );
</script>

<Modal passiveModal size="sm" modalHeading="Spelling of the sheet" bind:open>
  {#each found as { cue, unknown } (cue.id)}
    <article class="cue">
      <CueThumb
        {cue}
        label="Cue {cue.number}"
        misspelt={unknown.map(({ field }) => field)}
        graphic={desk.sheet.graphicOf(cue)}
      />
      <div>
        <p><span class="figures">{cue.number}</span> {nameOf(cue, desk.sheet.graphicOf(cue))}</p>
        {#each unknown as one (one.field + one.word)}
          <UnknownWord
            unknown={one}
            oncorrect={(by) => void desk.correct(cue, one, by)}
            onaccept={() => void desk.accept(one.word)}
          />
        {/each}
      </div>
    </article>
  {:else}
    <p>
      Every word of the sheet is known: from a dictionary, the words of the house, or the names of its people.
    </p>
  {/each}
  <details ontoggle={(event) => event.currentTarget.open && void readAccepted()}>
    <summary>words that the house has accepted</summary>
    <ul>
      {#each accepted as word (word)}
        <li>
          {word}
          <button class="plain" aria-label="Accept {word} no longer" onclick={() => void takeBack(word)}
            >take back</button
          >
        </li>
      {:else}
        <li class="muted">none yet</li>
      {/each}
    </ul>
    {#if fault}<p role="alert">{fault}</p>{/if}
  </details>
</Modal>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    margin: 8px 0 0;
    padding: 0;
    list-style: none;
  }

  summary {
    cursor: pointer;
    color: var(--muted);
  }

  li button {
    margin-left: 6px;
    color: var(--accent);
    font-size: 13px;
  }

  .cue {
    display: grid;
    grid-template-columns: 120px 1fr;
    gap: 14px;
    margin-bottom: 14px;
  }

  .cue p {
    margin: 0 0 6px;
  }
</style>
