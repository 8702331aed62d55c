<script lang="ts">
  import { push } from 'svelte-spa-router';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import { isSame, seenIn } from '../proof/findings';
  import { ProofWatch } from '../proof/proof.svelte';
  import MendList from './MendList.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const AS_IT_IS = 'as far as it goes here';
  const HOWEVER = 'however far';
  const SUCH = 'for such fillings';
  const ANY = 'for any filling';

  let accepting = $state(false);
  let reason = $state('');
  let far = $state(AS_IT_IS);
  let fillings = $state(SUCH);

  /** What is accepted is what it comes to, not what had been found of it when it was opened. */
  const watch = new ProofWatch();
  const looking = $derived(
    watch.proof
      ? watch.proof.state === 'RUNNING' && watch.proof.done < watch.proof.fillings.length
      : watch.fault === '',
  );

  $effect(() => () => watch.leave());

  function begin() {
    const revision = /\/proof\/\d+\/(\d+)/.exec(floor.pointedFrom)?.[1] ?? floor.stored?.revision;
    if (floor.stored) watch.watch(floor.stored.id, Number(revision));
    accepting = true;
  }

  function leave() {
    accepting = false;
    watch.leave();
  }

  const finding = $derived.by(() => {
    const opened = floor.pointedOut;
    if (!opened || !accepting) return opened;
    return watch.proof?.findings.find((one) => isSame(one, opened)) ?? opened;
  });
  const measured = $derived(finding ? `${Number(finding.measured.toFixed(1))} ${finding.unit}` : '');

  async function accept() {
    if (!finding || !reason.trim()) return;
    const narrow = fillings === SUCH && finding.reachWords !== '';
    const accepted = {
      check: finding.check,
      ...(finding.part && { part: finding.part }),
      against: finding.other,
      phase: seenIn(finding),
      ...(far === AS_IT_IS && { measured: finding.measured }),
      ...(narrow && { with: finding.reach }),
      reason: reason.trim(),
    };
    await floor.changeDesign((before) => ({
      ...before,
      proof: {
        ...before.proof,
        // What it has outgrown is replaced.
        accepted: [
          ...(before.proof?.accepted ?? []).filter(
            (one) =>
              one.check !== accepted.check ||
              one.part !== accepted.part ||
              one.against !== accepted.against ||
              one.phase !== accepted.phase,
          ),
          accepted,
        ],
      },
    }));
    if (floor.refusal) return;
    leave();
    reason = '';
    floor.putAway();
  }
</script>

{#if finding}
  <div class="said" role="status" data-testid="pointed-out">
    <p><strong>{finding.part || 'graphic'}</strong> {finding.sentence}</p>
    {#if finding.outgrown}<p class="outgrown">{finding.outgrown}</p>{/if}
    <p class="muted">To mend: {finding.mend}</p>
    {#if !finding.accepted && floor.pointedWith}
      <MendList {floor} {finding} filling={floor.pointedWith.filling} />
    {/if}
    {#if accepting && looking}
      <p class="muted">
        The proof is still looking where else it is found …
        <button class="plain act" type="button" onclick={leave}>leave</button>
      </p>
    {:else if accepting}
      <form
        onsubmit={(event) => {
          event.preventDefault();
          void accept();
        }}
      >
        <p>
          Meant is {finding.check} of {finding.part || 'the graphic'}{finding.other &&
            ` against ${finding.other}`},
          <ChoicePiece
            label="How much of it is meant"
            value={far}
            options={[AS_IT_IS, HOWEVER]}
            onchange={(to) => (far = to)}
          />
          {#if far === AS_IT_IS}<span class="figures">({measured})</span>{/if}{#if finding.reachWords},
            <ChoicePiece
              label="For which fillings it is meant"
              value={fillings}
              options={[SUCH, ANY]}
              onchange={(to) => (fillings = to)}
            />
            {#if fillings === SUCH}<span class="muted">({finding.reachWords})</span>{/if}{/if}.
          <span class="muted">
            {far === AS_IT_IS || (fillings === SUCH && finding.reachWords)
              ? 'It is found again when it becomes more than that.'
              : 'Whatever becomes of it is not told any more.'}
          </span>
        </p>
        <div class="why">
          <!-- svelte-ignore a11y_autofocus -->
          <input
            class="piece"
            autofocus
            aria-label="Why it is meant"
            placeholder="why it is meant"
            bind:value={reason}
          />
          <button class="plain act" type="submit" disabled={!reason.trim()}>accept</button>
          <button class="plain act" type="button" onclick={leave}>leave</button>
        </div>
      </form>
    {:else}
      <button class="plain act" onclick={() => floor.showFinding(finding)}>show the frame</button>
      <button class="plain act" onclick={begin}>it is meant …</button>
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

  .why {
    display: flex;
    gap: 5px;
  }

  .why input {
    flex: 1;
  }

  .outgrown {
    color: var(--fault);
  }
</style>
