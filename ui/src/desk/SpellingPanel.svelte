<script lang="ts">
  import { Modal } from 'carbon-components-svelte';
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
      <CueThumb {cue} label="Cue {cue.number}" />
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
</Modal>

<style>
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
