<script lang="ts">
  import { push } from 'svelte-spa-router';
  import MendList from './MendList.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const finding = $derived(floor.pointedOut);
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
      <button class="plain act" onclick={() => floor.showFinding(finding)}>show the frame</button>
      <button class="plain act" onclick={() => (accepting = true)}>it is meant …</button>
      <button class="plain act" onclick={() => push(floor.pointedFrom)}>back to the proof</button>
      <button class="plain act" aria-label="Close" onclick={() => floor.putAway()}>×</button>
    {/if}
  </div>
{/if}

<style>
  .said {
    margin-bottom: 12px;
    padding: 8px 10px;
    border: 1px solid var(--fault);
    border-radius: var(--corner);
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
