<script lang="ts">
  import { push } from 'svelte-spa-router';
  import type { Area } from '../picture/area';
  import MendList from './MendList.svelte';
  import Outline from '../proof/Outline.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    /** px of the raster that are seen. */
    area: Area;
  }

  const { floor, area }: Props = $props();

  const finding = $derived(floor.pointedOut);
  /** It stands where it was found; at another moment it may be elsewhere. */
  const here = $derived(
    !!finding && floor.moment.phase === finding.phase && floor.moment.frame === finding.frame,
  );
  let accepting = $state(false);
  let reason = $state('');

  async function accept() {
    if (!finding || !reason.trim()) return;
    const accepted = {
      check: finding.check,
      ...(finding.part && { part: finding.part }),
      reason: reason.trim(),
    };
    await floor.changeDesign((before) => ({
      ...before,
      proof: { ...before.proof, accepted: [...(before.proof?.accepted ?? []), accepted] },
    }));
    if (floor.refusal) return;
    accepting = false;
    reason = '';
    floor.putAway();
  }
</script>

{#if finding}
  {#if here && floor.worked}<Outline {area} where={finding.where} />{/if}
  <div class="said" role="status" data-testid="pointed-out">
    <p><strong>{finding.part || 'graphic'}</strong> {finding.sentence}</p>
    <p class="muted">To mend: {finding.mend}</p>
    {#if !finding.accepted && floor.pointedWith}
      <MendList {floor} {finding} filling={floor.pointedWith.filling} />
    {/if}
    {#if accepting}
      <form
        onsubmit={(event) => {
          event.preventDefault();
          void accept();
        }}
      >
        <!-- svelte-ignore a11y_autofocus -->
        <input
          class="piece"
          autofocus
          aria-label="Why it is meant"
          placeholder="why it is meant"
          bind:value={reason}
        />
        <button class="plain act" type="submit" disabled={!reason.trim()}>accept</button>
        <button class="plain act" type="button" onclick={() => (accepting = false)}>leave</button>
      </form>
    {:else}
      <button class="plain act" onclick={() => floor.phaseAt(finding.phase, finding.frame)}
        >show the frame</button
      >
      <button class="plain act" onclick={() => (accepting = true)}>it is meant …</button>
      <button class="plain act" onclick={() => push(floor.pointedFrom)}>back to the proof</button>
      <button class="plain act" aria-label="Close" onclick={() => floor.putAway()}>×</button>
    {/if}
  </div>
{/if}

<style>
  .said {
    position: absolute;
    top: 10px;
    left: 10px;
    right: 10px;
    max-width: 620px;
    max-height: calc(100% - 20px);
    overflow-y: auto;
    box-sizing: border-box;
    padding: 8px 10px;
    border: 1px solid var(--fault);
    border-radius: var(--corner);
    background: color-mix(in srgb, var(--ground) 92%, transparent);
  }

  p {
    margin: 0 0 4px;
    font-size: 12px;
    line-height: 1.45;
  }

  form {
    display: flex;
    gap: 5px;
  }

  form input {
    flex: 1;
  }
</style>
