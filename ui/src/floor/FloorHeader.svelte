<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import HandOver from '../handover/HandOver.svelte';
  import { intoHeader } from '../frame/portal';
  import { inWords } from '../proof/findings';
  import { ProofWatch } from '../proof/proof.svelte';
  import type { FloorState } from './floor.svelte';
  import { mayDesign, mayOperate } from '../session/may.svelte';

  interface Props {
    floor: FloorState;
    onhelp: () => void;
  }

  const { floor, onhelp }: Props = $props();

  const watch = new ProofWatch();
  let handing = $state(false);

  // The proof runs by itself after a save.
  $effect(() => {
    const stored = floor.stored;
    if (stored) watch.watch(stored.id, stored.revision);
  });

  $effect(() => () => watch.leave());

  const standing = $derived.by(() => {
    if (floor.saving) return 'saving';
    if (!floor.unsaved) return 'saved';
    if (!mayDesign()) return 'tried out, not to be kept';
    return floor.draftKept ? `draft kept ${floor.draftKept}` : 'not saved yet';
  });

  /** Where the change that is looked at goes from one trial to another, both of them. */
  const between = $derived.by(() => {
    const { next, stood } = floor.swapping;
    const known = next !== undefined && floor.trials[next] && floor.trial >= 0;
    return floor.moment.change && stood.length === 0 && known ? `/${floor.trial}/${next}` : '';
  });
</script>

<div class="header" use:intoHeader>
  {#if floor.stored && floor.document}
    <span class="title">{floor.document.name}</span>
    <span class="muted" role="status">
      revision {floor.stored.revision} · <span class:unsaved={floor.unsaved}>{standing}</span>
    </span>
    {#if watch.proof && !floor.unsaved}
      <a
        class="proved"
        class:found={watch.proof.open > 0}
        href="#/proof/{floor.stored.id}"
        data-testid="proved">{inWords(watch.proof)}</a
      >
    {/if}
    {#if floor.opened}<span class="opened">{floor.opened}</span>{/if}
    {#if floor.notKept || floor.fault}<span class="fault" role="alert">{floor.notKept || floor.fault}</span
      >{/if}
    <span class="acts">
      <Button size="small" kind="ghost" disabled={!floor.history.canUndo} on:click={() => floor.undo()}
        >Undo</Button
      >
      <Button size="small" kind="ghost" disabled={!floor.history.canRedo} on:click={() => floor.redo()}
        >Redo</Button
      >
      <Button
        size="small"
        kind="ghost"
        href="#/still/{floor.stored.id}/{floor.moment.phase}/{floor.moment.frame}{between}"
        target="_blank">Full size</Button
      >
      {#if mayOperate()}<Button
          size="small"
          kind="ghost"
          disabled={floor.unsaved}
          title={floor.unsaved ? 'Save it first; what is saved is handed over' : undefined}
          on:click={() => (handing = true)}>Hand over …</Button
        >{/if}
      <Button size="small" kind="ghost" on:click={onhelp}>Keys ?</Button>
      {#if mayDesign()}<Button
          size="small"
          disabled={!floor.unsaved || floor.saving}
          on:click={() => floor.save()}>Save</Button
        >{:else}<span class="muted only">animators save</span>{/if}
    </span>
  {/if}
</div>
{#if handing && floor.stored}
  <HandOver
    bind:open={handing}
    graphic={floor.stored.id}
    revision={floor.stored.revision}
    document={floor.stored.document}
    atHand={floor.values}
  />
{/if}

<style>
  .header {
    display: flex;
    flex: 1;
    align-items: center;
    gap: 12px;
    min-width: 0;
  }

  /* What it is called gives way last. */
  .title {
    flex: none;
    max-width: min(260px, 45%);
    overflow: hidden;
    padding-left: 18px;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-size: 14px;
    font-weight: 650;
  }

  /* In a narrow window these give way, the acts do not. */
  .header > [role='status'],
  .proved {
    flex: 0 1 auto;
    min-width: 24px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .proved {
    color: var(--accent);
  }

  .found {
    color: var(--fault);
  }

  .unsaved {
    color: var(--warning);
  }

  .opened {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .only {
    align-self: center;
    padding: 0 8px;
  }

  .fault {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    color: var(--fault);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .acts {
    display: flex;
    flex: none;
    gap: 6px;
    margin-left: auto;
  }

  @media (width < 1400px) {
    .acts {
      gap: 0;
    }

    .acts :global(.bx--btn) {
      padding-inline: 9px;
    }
  }

  @media (width < 1000px) {
    .header {
      gap: 6px;
    }

    .title {
      min-width: 30px;
      padding-left: 0;
    }

    .acts :global(.bx--btn) {
      padding-inline: 4px;
      font-size: 12px;
    }
  }
</style>
