<script lang="ts">
  import { untrack } from 'svelte';
  import Awaiting from '../frame/Awaiting.svelte';
  import { Button } from 'carbon-components-svelte';
  import { push } from 'svelte-spa-router';
  import { caseMap, editGraphic } from '../api/client';
  import { reach } from '../api/reach.svelte';
  import type { Case, MapAnswer, MapEntry } from '../api/types';
  import Conflict from '../floor/Conflict.svelte';
  import FieldInput from '../floor/FieldInput.svelte';
  import FloorHeader from '../floor/FloorHeader.svelte';
  import { attend, floorOf } from '../floor/floors.svelte';
  import KeysHelp from '../floor/KeysHelp.svelte';
  import type { PlayedKey } from '../floor/moves';
  import { saveKeys } from '../floor/saveKeys';
  import Picture from '../picture/Picture.svelte';
  import '../sheet/pieces/pieces.css';
  import CaseMapTable from './CaseMapTable.svelte';
  import CaseRow from './CaseRow.svelte';
  import { askOnAir } from './conditions';
  import OnAirPiece from './OnAirPiece.svelte';

  interface Props {
    params?: { id?: string };
  }

  const { params }: Props = $props();

  const id = $derived(Number(params?.id));
  const floor = $derived(floorOf(id));
  let answer = $state.raw<MapAnswer>();
  let fault = $state('');
  let helpOpen = $state(false);

  $effect(() => {
    void reach.returned;
    if (!floor.stored) void floor.load(id);
  });

  $effect(() => {
    const design = floor.design;
    if (!design) return;
    caseMap(design)
      .then((found) => {
        // A later change has its own answer.
        if (design === floor.design) answer = found;
        fault = '';
      })
      .catch((error: Error) => (fault = error.message));
  });

  attend(() => floor);

  const design = $derived(floor.design);
  const cases = $derived(design?.cases ?? []);
  const now = $derived(floor.worked?.answer);

  function change(rule: (cases: Case[]) => Case[]) {
    void floor.changeDesign((before) => ({ ...before, cases: rule(before.cases ?? []) }));
  }

  function add() {
    const taken = cases.map(({ name }) => name);
    let number = cases.length + 1;
    while (taken.includes(`case ${number}`)) number++;
    change((rows) => [...rows, { name: `case ${number}` }]);
  }

  /** A variant that is called as the case, to begin with like the phase; the case plays it. */
  function makeVariant(index: number, phase: PlayedKey) {
    const row = cases[index]!;
    const of = phase === 'swap' ? ['away', 'back'] : [phase as string];
    const taken = (design?.variants ?? []).filter((one) => of.includes(one.phase)).map(({ name }) => name);
    let name = row.name;
    for (let number = 2; taken.includes(name); number++) name = `${row.name} ${number}`;
    void floor.changeDesign(async (before) => {
      const half = phase === 'swap' ? 'away' : phase;
      const edited = await editGraphic(before, floor.values, { what: 'ADD_VARIANT', key: name, phase: half });
      const rows = edited.document.cases ?? [];
      return {
        ...edited.document,
        cases: rows.map((one, at) => (at === index ? { ...one, [phase]: name } : one)),
      };
    });
  }

  const OPENED = { in: 'IN', loop: 'LOOP', out: 'OUT', swap: 'AWAY' } as const;

  /** Opens what a case plays on the floor, to be worked on. */
  async function look(row: Case, phase: PlayedKey) {
    await floor.pin({ in: row.in ?? '', loop: row.loop ?? '', out: row.out ?? '', swap: row.swap ?? '' });
    floor.choosePhase(OPENED[phase]);
    await push(`/floor/${id}`);
  }

  // Whoever comes back to the floor sees what the values answer, unless a variant is opened from here.
  $effect(() => untrack(() => floor.pinned && void floor.pin()));

  function move(index: number, by: number) {
    change((rows) => {
      const moved = [...rows];
      moved.splice(index + by, 0, ...moved.splice(index, 1));
      return moved;
    });
  }

  /** The values at hand become an example of a combination. */
  function show(entry: MapEntry) {
    void floor.useValues(entry.values, entry.onAir);
  }
</script>

<svelte:window onkeydown={(event) => saveKeys(floor, event)} />
<svelte:head><title>Cases of {design?.name ?? ''} · Glimble</title></svelte:head>

<FloorHeader {floor} onhelp={() => (helpOpen = true)} />

{#if design}
  <div class="cases">
    <section class="table" aria-label="Case table">
      <div class="top">
        <h2 class="surface-title">Cases</h2>
        <span class="muted">Read from top to bottom; the first that fits answers.</span>
        {#if cases.length === 0 && (design.fields ?? []).length > 0}
          <Button
            size="small"
            kind="tertiary"
            on:click={() =>
              floor.changeDesign(
                async (before) =>
                  (await editGraphic(before, floor.values, { what: 'PROPOSE_CASES', key: '' })).document,
              )}>Propose cases</Button
          >
        {/if}
        <span class="add"><Button size="small" kind="tertiary" on:click={add}>Add a case</Button></span>
      </div>
      {#if floor.refusal}<p class="refusal" role="alert">Not changed: {floor.refusal}</p>{/if}
      {#if fault}<p class="refusal" role="alert">{fault}</p>{/if}
      <ol>
        {#each cases as row, i (i)}
          <CaseRow
            document={design}
            {row}
            index={i}
            {answer}
            answers={now?.row === i}
            onchange={(changed) => change((rows) => rows.map((other, at) => (at === i ? changed : other)))}
            onmove={(by) => move(i, by)}
            onvariant={(phase) => makeVariant(i, phase)}
            onlook={(phase) => look(row, phase)}
            onremove={() => change((rows) => rows.filter((_, at) => at !== i))}
          />
        {:else}
          <li class="none muted">
            No cases: in, loop and out are the same for all values. On the floor, make a variant of a phase
            (press the name of the phase in the score); then add a case here that plays it.
          </li>
        {/each}
      </ol>
    </section>
    <section class="side" aria-label="Values at hand and map">
      <div class="hand surface">
        <div class="picture">
          <Picture
            reel={floor.worked?.reel}
            moment={{ phase: 'IN', frame: floor.worked?.reel.in ?? 0 }}
            label="The graphic at rest with the values at hand"
          />
          <button class="plain act" onclick={() => push(`/floor/${id}`)}>look at it on the floor</button>
        </div>
        <form onsubmit={(event) => event.preventDefault()}>
          {#each design.fields ?? [] as field (field.key)}
            <FieldInput
              {field}
              text={floor.values[field.key] ?? ''}
              filled={floor.worked?.filled.find((one) => one.field === field.key)}
              onchange={(changed) => floor.setValue(field.key, changed)}
            />
          {/each}
          {#if askOnAir(cases)}
            <label class="air"
              >On air now
              <OnAirPiece {floor} />
            </label>
          {/if}
        </form>
        {#if now?.needed}
          <p class="answer" class:wrong={now.row < 0} data-testid="answer">
            {now.row < 0 ? 'No case answers.' : `‘${now.name}’ answers.`}
            {#each now.earlier as sentence, i (i)}<span class="muted">{sentence}.</span>{/each}
          </p>
        {/if}
      </div>
      {#if answer && cases.length > 0}
        <CaseMapTable {answer} {cases} onshow={show} />
      {/if}
    </section>
  </div>
{:else}
  <Awaiting fault={floor.fault} what="graphic" />
{/if}

<Conflict {floor} />
<KeysHelp bind:open={helpOpen} />

<style>
  .cases {
    display: grid;
    grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
    gap: 14px;
    height: 100%;
    padding: 12px 14px;
    box-sizing: border-box;
  }

  .table,
  .side {
    min-width: 0;
    overflow-y: auto;
  }

  .top {
    display: flex;
    gap: 12px;
    align-items: center;
    margin-bottom: 8px;
  }

  .add {
    margin-left: auto;
  }

  ol {
    display: flex;
    flex-direction: column;
    gap: 8px;
    margin: 0;
    padding: 0;
    list-style: none;
  }

  .none {
    max-width: 480px;
    padding: 14px 0;
    line-height: 1.5;
  }

  .side {
    display: flex;
    flex-direction: column;
    gap: 10px;
  }

  .hand {
    display: grid;
    flex: none;
    grid-template-columns: 300px minmax(0, 1fr);
    gap: 10px 14px;
    padding: 12px;
  }

  .picture {
    display: flex;
    flex-direction: column;
    gap: 6px;
    align-items: flex-start;
  }

  .picture > :global(:first-child) {
    width: 100%;
  }

  form {
    display: flex;
    flex-direction: column;
    gap: 8px;
    max-height: 210px;
    overflow-y: auto;
  }

  .air {
    font-size: 12px;
  }

  .answer {
    grid-column: 1 / 3;
    margin: 0;
    color: var(--accent);
  }

  .answer span {
    margin-left: 8px;
  }

  .wrong,
  .refusal {
    color: var(--fault);
  }
</style>
