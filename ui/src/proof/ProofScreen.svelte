<script lang="ts">
  import { setContext } from 'svelte';
  import Awaiting from '../frame/Awaiting.svelte';
  import { Button, ProgressBar } from 'carbon-components-svelte';
  import { push } from 'svelte-spa-router';
  import { checks as allChecks, graphic, revision as readRevision, sheetAddress } from '../api/client';
  import { reach } from '../api/reach.svelte';
  import type { CheckInfo, Filling, Finding, Graphic, StoredGraphic } from '../api/types';
  import FloorHeader from '../floor/FloorHeader.svelte';
  import { attend, floorOf } from '../floor/floors.svelte';
  import KeysHelp from '../floor/KeysHelp.svelte';
  import { saveKeys } from '../floor/saveKeys';
  import '../sheet/pieces/pieces.css';
  import NumberPiece from '../sheet/pieces/NumberPiece.svelte';
  import FindingCard from './FindingCard.svelte';
  import NamesTable from './NamesTable.svelte';
  import { alike, inWords } from './findings';
  import { ProofWatch } from './proof.svelte';
  import ProofMatrix from './ProofMatrix.svelte';
  import { mayDesign } from '../session/may.svelte';

  interface Props {
    params?: { id?: string; revision?: string };
  }

  const { params }: Props = $props();

  const id = $derived(Number(params?.id));
  const floor = $derived(floorOf(id));
  const watch = new ProofWatch();
  let checks = $state.raw<CheckInfo[]>([]);
  let check = $state('');
  let helpOpen = $state(false);
  let fault = $state('');
  /** The revision that is looked at, if it is not the current one. */
  let other = $state.raw<StoredGraphic>();

  const revision = $derived(params?.revision ? Number(params.revision) : (floor.stored?.revision ?? 0));
  const design = $derived<Graphic | undefined>(params?.revision ? other?.document : floor.stored?.document);
  const proof = $derived(watch.proof);
  const rule = $derived(checks.find(({ word }) => word === check));
  const limit = $derived(rule && (floor.design?.proof?.limits?.[rule.word] ?? rule.usual));
  const findings = $derived((proof?.findings ?? []).filter((finding) => !check || finding.check === check));

  $effect(() => {
    void reach.returned;
    if (!floor.stored) void floor.load(id);
    allChecks()
      .then((found) => (checks = found))
      .catch((error: Error) => (fault = error.message));
  });

  $effect(() => {
    if (params?.revision) {
      void readRevision(id, Number(params.revision))
        .then((found) => (other = found))
        .catch((error: Error) => (fault = error.message));
    }
  });

  $effect(() => {
    if (revision > 0) watch.watch(id, revision);
  });

  $effect(() => () => {
    watch.leave();
  });
  attend(() => floor);

  /** Opens the floor with the values that show a finding, at the frame where it is worst. */
  async function open(finding: Finding, filling: Filling) {
    if (params?.revision) floor.openDocument(await readRevision(id, revision));
    await floor.pointOut(
      finding,
      filling,
      watch.proof?.fillings ?? [filling],
      params?.revision ? `/proof/${id}/${revision}` : `/proof/${id}`,
    );
    await push(`/floor/${id}`);
  }

  /** What was accepted is a fault again. */
  function reject({ check: word, part, other }: Finding) {
    void floor.changeDesign((before) => ({
      ...before,
      proof: {
        ...before.proof,
        accepted: before.proof?.accepted?.filter(
          (one) =>
            one.check !== word ||
            (one.part !== undefined && one.part !== part) ||
            (one.against !== undefined && one.against !== other),
        ),
      },
    }));
  }

  function setLimit(value: number) {
    if (!rule) return;
    const word = rule.word;
    void floor.changeDesign((before) => ({
      ...before,
      proof: { ...before.proof, limits: { ...before.proof?.limits, [word]: Math.max(0, value) } },
    }));
  }

  async function proveAgain() {
    // Another one may have been saved elsewhere.
    if (!params?.revision && !floor.unsaved) {
      const current = await graphic(id);
      if (current.revision !== floor.stored?.revision) floor.open(current);
    }
    await watch.start(id, revision);
  }

  setContext('when done', true);
</script>

<svelte:window onkeydown={(event) => saveKeys(floor, event)} />
<svelte:head><title>Proof of {design?.name ?? ''} · Glimble</title></svelte:head>

<FloorHeader {floor} onhelp={() => (helpOpen = true)} />

{#if design && proof}
  <div class="proof">
    <div class="top">
      <strong data-testid="proof-state" class:sound={proof.state === 'FINISHED' && proof.open === 0}
        >{inWords(proof)}</strong
      >
      <span class="muted">revision {revision}</span>
      {#if proof.left}<span class="warn">Not everything was tried: {proof.left}.</span>{/if}
      {#if floor.unsaved && !params?.revision}
        <span class="warn">Your changes are not in it; save to prove them.</span>
      {/if}
      {#if proof.state === 'RUNNING'}
        <span class="bar"
          ><ProgressBar
            size="sm"
            hideLabel
            labelText="Proving"
            value={proof.done}
            max={proof.fillings.length}
          /></span
        >
      {/if}
      <span class="acts">
        {#if !mayDesign()}<span class="muted">animators prove</span>
        {:else if proof.state === 'RUNNING'}
          <Button size="small" kind="tertiary" on:click={() => watch.stop(id, revision)}>Stop</Button>
        {:else}
          <Button size="small" kind="tertiary" on:click={proveAgain}>Prove again</Button>
        {/if}
        <Button size="small" kind="ghost" href={sheetAddress(id, revision)} target="_blank"
          >Proof sheet</Button
        >
      </span>
    </div>
    {#if fault || watch.fault}<p class="wrong" role="alert">{fault || watch.fault}</p>{/if}
    <section class="matrix surface" aria-label="Fillings and checks">
      <ProofMatrix
        document={design}
        {proof}
        {checks}
        {check}
        oncheck={(word) => (check = check === word ? '' : word)}
        onopen={(finding, trial) => open(finding, proof.fillings[trial]!)}
      />
    </section>
    <section class="side" aria-label="Findings">
      {#if rule}
        <div class="rule surface">
          <p><strong>{rule.word}</strong> {rule.rule}</p>
          <p>
            limit
            <NumberPiece
              label="Limit of {rule.word}"
              value={limit ?? 0}
              unit={rule.unit}
              onchange={setLimit}
            />
          </p>
          <button class="plain act" onclick={() => (check = '')}>show all checks</button>
        </div>
      {/if}
      {#each alike(findings) as { worst, others }, i (i)}
        <FindingCard
          document={design}
          finding={worst}
          {others}
          fillings={proof.fillings}
          onopen={open}
          onreject={params?.revision || !mayDesign() ? undefined : reject}
        />
      {:else}
        <p class="muted none">
          {#if proof.state === 'FINISHED'}
            {check
              ? `${check}: nothing found.`
              : 'Nothing found: every frame of every filling is as it should be.'}
          {:else if proof.state === 'NONE'}
            This revision is not proved yet. Prove it to see what breaks.
          {:else}
            Nothing found so far.
          {/if}
        </p>
      {/each}
      {#if mayDesign()}<NamesTable {id} onchange={proveAgain} />{/if}
    </section>
  </div>
{:else}
  <Awaiting fault={floor.fault || watch.fault} what="proof" />
{/if}
<KeysHelp bind:open={helpOpen} />

<style>
  .proof {
    display: grid;
    grid-template: auto auto minmax(0, 1fr) / minmax(0, 1fr) 318px;
    gap: 10px 12px;
    height: 100%;
    padding: 10px 14px;
    box-sizing: border-box;
  }

  .top {
    display: flex;
    grid-column: 1 / 3;
    gap: 14px;
    align-items: center;
    min-height: 32px;
    font-size: 14px;
  }

  .sound {
    color: var(--accent);
  }

  .warn {
    color: var(--warning);
  }

  .bar {
    width: 180px;
  }

  .acts {
    display: flex;
    gap: 6px;
    margin-left: auto;
  }

  .wrong {
    grid-column: 1 / 3;
    margin: 0;
    color: var(--fault);
  }

  .matrix {
    grid-row: 3;
    padding: 8px 12px;
    overflow: hidden;
  }

  .side {
    display: flex;
    flex-direction: column;
    grid-row: 3;
    gap: 10px;
    overflow-y: auto;
  }

  .rule {
    padding: 10px;
  }

  .rule p {
    margin: 0 0 6px;
    line-height: 1.45;
  }

  .none {
    padding: 8px 2px;
    line-height: 1.5;
  }
</style>
