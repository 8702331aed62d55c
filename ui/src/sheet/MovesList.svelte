<script lang="ts">
  import type { Bar } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { briefly } from '../floor/briefly';
  import { ANY_PHASES, movesOf, PHASE_KEYS } from '../floor/moves';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import { house } from '../house/house.svelte';
  import { type AnyPhase, type Phase } from '../player/moment';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import { newMove } from './travels';

  interface Props {
    floor: FloorState;
    /** Plays a phase while a gesture is looked at. */
    onplay: (phase: Phase | undefined) => void;
  }

  const { floor, onplay }: Props = $props();

  const WORDS = PHASE_KEYS;
  const TO = 'copy to …';
  const LINK = 'link to …';
  /** A gesture of a swap gives both halves their moves. */
  const GESTURE_PHASES = ['IN', 'LOOP', 'OUT', 'AWAY'] as const;

  let phase = $state<(typeof GESTURE_PHASES)[number]>('IN');

  const bars = $derived(floor.worked?.bars.filter(({ part }) => part === floor.selected) ?? []);
  /** Those of a part that is absent, of which no bar is worked out. */
  const absentMoves = $derived(
    ANY_PHASES.flatMap((of) =>
      movesOf(floor.document, of)
        .filter(({ part }) => part === floor.selected)
        .map((move) => ({ phase: of, move })),
    ),
  );
  const entry = $derived(floor.worked?.rest.find(({ part }) => part === floor.selected));
  const gestures = $derived(
    phase === 'LOOP'
      ? (entry?.loopGestures ?? [])
      : phase === 'AWAY'
        ? (entry?.swapGestures ?? [])
        : [...(entry?.gestures ?? []), ...house.house.gestures.map(({ name }) => name)],
  );
  const others = $derived(
    (floor.document?.parts ?? []).map(({ key }) => key).filter((key) => key !== floor.selected),
  );
  const kept = $derived(movesOf(floor.document, phase).filter(({ part }) => part === floor.selected));

  function edit(name: string) {
    const at = floor.moment.phase === phase && floor.moment.frame < (floor.worked?.reel.in ?? 0);
    return {
      what: 'ADD_GESTURE' as const,
      key: floor.selected,
      newName: name,
      phase: PHASE_KEYS[phase],
      steps: at ? floor.moment.frame : 0,
    };
  }

  /** Until the pointer has left the list: what was dropped is looked at, not the next one that happens to be under the pointer. */
  let dropped = false;

  async function look(name: string) {
    if (dropped) return;
    if (phase === 'AWAY') return;
    if (await floor.previewEdit(edit(name))) onplay(phase);
  }

  async function leave() {
    if (phase === 'AWAY') return;
    onplay(undefined);
    await floor.previewEdit();
  }

  async function drop(name: string) {
    dropped = true;
    if (phase !== 'AWAY') onplay(undefined);
    await floor.edit(edit(name));
  }

  /** What a gesture brings along, or lacks, that is not seen of its name. */
  function brings(name: string): string | undefined {
    const { selected, part } = floor;
    const [mask] = part?.masks ?? [];
    if (name === 'glint along it' || name === 'light along it')
      return `A light of its own, seen only through ${selected}, which is its mask; at rest it stands beside it, unseen`;
    if (name !== 'rise') return undefined;
    return mask
      ? `From below ${mask.by}, through which it is seen`
      : 'From its own height below, opened as it rises; seen through a box it rises in that';
  }

  function add(to: AnyPhase) {
    const taken = movesOf(floor.document, to).map(({ key }) => key);
    const move = newMove(floor.selected, taken, floor.moment.phase === to ? floor.moment.frame : 0);
    void floor
      .changeMoves(to, (moves) => [...moves, move])
      .then(() => floor.chooseMove({ phase: to, key: move.key }, floor.selected));
  }

  function choose(bar: Bar) {
    floor.chooseMove({ phase: bar.phase, key: bar.move }, bar.part);
  }

  /** The moves of the part in a phase, as a gesture that can be dropped on any part. */
  async function keep() {
    const moves = kept.map((move) => ({ ...move, part: 'part' }));
    const names = house.house.gestures.map(({ name }) => name);
    let name = `${floor.selected} ${WORDS[phase]}`;
    for (let i = 2; names.includes(name); i++) name = `${floor.selected} ${WORDS[phase]} ${i}`;
    await house.change({ gestures: [...house.house.gestures, { name, moves: { moves } }] });
  }
</script>

<h3 class="caption">Moves</h3>
<ul>
  {#each bars as bar (bar.phase + bar.move)}
    <li>
      <button class="plain move" onclick={() => choose(bar)}>
        <PhaseMark phase={bar.phase} />
        <span title="{bar.move}: {bar.words}">
          <strong>{bar.move}</strong>
          <span class="muted">{briefly(bar)},</span>
          <span class="figures">{bar.length} f</span>
          {#if bar.waitsFor ?? bar.waitsForPart}
            {bar.afterEnd ? 'after' : 'with'}
            {bar.waitsFor ?? bar.waitsForPart}
            <span class="figures muted">→ {bar.start}</span>
          {:else}
            at <span class="figures">{bar.start}</span>
          {/if}
        </span>
      </button>
    </li>
  {:else}
    {#each absentMoves as { phase: of, move } (of + move.key)}
      <li>
        <button
          class="plain move"
          onclick={() => floor.chooseMove({ phase: of, key: move.key }, floor.selected)}
        >
          <PhaseMark phase={of} />
          <span><strong>{move.key}</strong> <span class="muted">when it is there</span></span>
        </button>
      </li>
    {:else}
      <li class="muted">It does not move of itself.</li>
    {/each}
  {/each}
</ul>
<p>
  add a move to
  {#each ANY_PHASES as to (to)}
    <button class="plain act" aria-label="Add a move to {WORDS[to]}" onclick={() => add(to)}
      >{WORDS[to]}</button
    >
  {/each}
  {#if bars.length > 0 && others.length > 0}
    · all
    <ChoicePiece
      label="Copy its moves to"
      value={TO}
      acts
      options={[TO, ...others]}
      onchange={(to) => to !== TO && floor.edit({ what: 'COPY_MOVES', key: floor.selected, newName: to })}
    />
    <ChoicePiece
      label="Link its moves to"
      value={LINK}
      acts
      options={[LINK, ...others]}
      onchange={(to) => to !== LINK && floor.edit({ what: 'LINK_MOVES', key: floor.selected, newName: to })}
    />
  {/if}
</p>

<h3 class="caption" title="Point at one to see it on the part">
  Gestures for <ChoicePiece
    label="Phase of a gesture"
    value={phase}
    options={GESTURE_PHASES}
    words={(one) => (one === 'AWAY' ? 'swap' : WORDS[one])}
    onchange={(to) => (phase = to)}
  />
</h3>
<div class="gestures" role="group" aria-label="Gestures" onpointerleave={() => (dropped = false)}>
  {#each gestures as name (name)}
    <button
      class="plain act"
      title={brings(name)}
      onpointerenter={() => look(name)}
      onpointerleave={leave}
      onclick={() => drop(name)}>{name}</button
    >
  {/each}
  {#if kept.length > 0 && phase !== 'LOOP' && phase !== 'AWAY'}
    <button class="plain act keep" title="Kept in the house style" onclick={keep}
      >keep its moves as one</button
    >
  {/if}
</div>

<style>
  h3 {
    margin: 8px 0 4px;
  }

  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }

  li {
    margin-bottom: 3px;
    font-size: 12px;
    line-height: 1.4;
  }

  p {
    margin: 0 0 4px;
    line-height: 1.5;
  }

  .move {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }

  .move:hover strong {
    color: var(--accent);
  }

  .gestures {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }

  .keep {
    border-style: dashed;
  }
</style>
