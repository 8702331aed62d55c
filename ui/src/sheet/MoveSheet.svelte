<script lang="ts">
  import type { Ease, Move, MoveKey } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { movesOf, waitedFor, waiting } from '../floor/moves';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import DealSentence from './DealSentence.svelte';
  import EaseEditor from './EaseEditor.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import TextPiece from './pieces/TextPiece.svelte';
  import { channelsOf, newTravel } from './travels';
  import { BY_KEYS, firstKey, keysOf, wayOf, WAYS_OF_LOOP } from './ways';
  import TravelSentence from './TravelSentence.svelte';

  interface Props {
    floor: FloorState;
    move: Move;
  }

  const { floor, move }: Props = $props();

  const PIVOTS = [
    'centre',
    'left',
    'right',
    'top',
    'bottom',
    'top left',
    'top right',
    'bottom left',
    'bottom right',
  ] as const;
  const SIDES = ['right', 'left', 'down', 'up', 'angle'] as const;
  const WAYS = ['from one side', 'from the middle'] as const;
  const TURNING = ['scale x', 'scale y', 'turn', 'tilt x', 'tilt y'];
  const AT = 'at frame';
  const PERCENT = 100;

  const phase = $derived(floor.moves[0]!.phase);
  const bars = $derived(floor.worked?.bars.filter((bar) => bar.phase === phase) ?? []);
  const bar = $derived(bars.find((found) => found.move === move.key));
  const curve = $derived(
    floor.worked?.curves.find((found) => found.phase === phase && found.move === move.key)?.near ?? [],
  );
  /** Of a linked copy, the move that it is like. */
  const shape = $derived(
    move.like ? (movesOf(floor.document, phase).find(({ key }) => key === move.like) ?? move) : move,
  );
  const parts = $derived(floor.document?.parts ?? []);
  const others = $derived(parts.map(({ key }) => key).filter((key) => key !== move.part));
  const part = $derived(parts.find(({ key }) => key === move.part));
  const several = $derived(floor.moves.length);
  const start = $derived(move.start ?? { at: 0 });
  const waited = $derived(waitedFor(start));
  const waitedPart = $derived(start['after part'] ?? start['with part']);
  const options = $derived([
    AT,
    ...bars
      .filter((other) => other.move !== move.key)
      .flatMap((other) => [`after ${other.move}`, `with ${other.move}`]),
    ...parts.flatMap(({ key }) => (key === move.part ? [] : [`after all of ${key}`, `with ${key}`])),
  ]);
  const now = $derived(
    start.after
      ? `after ${start.after}`
      : start.with
        ? `with ${start.with}`
        : start['after part']
          ? `after all of ${start['after part']}`
          : start['with part']
            ? `with ${start['with part']}`
            : AT,
  );
  const keys = $derived(shape.keys ?? []);
  const toward = $derived(typeof shape.toward === 'number' ? 'angle' : (shape.toward ?? 'right'));

  function change(changes: Partial<Move>) {
    void floor.changeChosen(() => changes);
  }

  /** Of this move alone, whether it is a linked copy or not. */
  function changeStart(changed: Move['start']) {
    void floor.changeMoves(phase, (moves) =>
      moves.map((other) => (other.key === move.key ? { ...other, start: changed } : other)),
    );
  }

  function chooseStart(chosen: string) {
    if (chosen === AT) return changeStart({ at: bar?.start ?? 0 });
    const ofPart = chosen.startsWith('after all of ');
    const end = chosen.startsWith('after ');
    const name = ofPart
      ? chosen.slice('after all of '.length)
      : chosen.slice(end ? 'after '.length : 'with '.length);
    if (!ofPart && bars.some((other) => other.move === name)) {
      void floor.changeMoves(phase, (moves) => waiting(moves, bars, move.key, name, end));
    } else changeStart(ofPart ? { 'after part': name } : { 'with part': name });
  }

  function changeKeys(changed: MoveKey[]) {
    change({ keys: [...changed].sort((a, b) => a.at - b.at) });
  }

  function changeKey(index: number, changes: Partial<MoveKey>) {
    changeKeys(keys.map((key, i) => (i === index ? { ...key, ...changes } : key)));
  }

  function makeOwn() {
    void floor.changeMoves(phase, (moves) =>
      moves.map((other) =>
        other.key === move.key ? { ...shape, key: move.key, part: move.part, start: move.start } : other,
      ),
    );
  }
</script>

<div class="head">
  <PhaseMark {phase} />
  <TextPiece label="Name of the move" value={move.key} onchange={(name) => floor.renameMove(name.trim())} />
  <button class="plain act" title="Remove (Delete)" onclick={() => floor.removeMoves()}>remove</button>
</div>
{#if several > 1}<p class="muted">
    {several} moves are chosen: what is changed here changes in all of them.
  </p>{/if}
{#if move.like}
  <p class="linked">
    Linked: all but its start is like <strong>{move.like}</strong>, and changes with it.
    <button class="plain act" onclick={makeOwn}>make it its own</button>
  </p>
{/if}
<p>
  <ChoicePiece
    label="Channel"
    value={shape.channel!}
    options={channelsOf(part)}
    onchange={(channel) =>
      change({
        channel,
        travel: newTravel(channel),
        toward: undefined,
        'from middle': undefined,
        soft: undefined,
      })}
  />
  <TravelSentence move={shape} away={bar?.away} {others} onchange={(travel) => change({ travel })} />
  {#if TURNING.includes(shape.channel!)}
    about <ChoicePiece
      label="Pivot"
      value={shape.about ?? 'centre'}
      options={PIVOTS}
      onchange={(about) => change({ about })}
    />
  {/if}
  {#if shape.channel === 'reveal' || shape.channel === 'draw'}
    opens
    <ChoicePiece
      label="Which way it opens"
      value={toward}
      options={SIDES}
      onchange={(side) => change({ toward: side === 'angle' ? 45 : side })}
    />
    {#if typeof shape.toward === 'number'}
      <NumberPiece
        label="Angle it opens at"
        value={shape.toward}
        unit="°"
        onchange={(degrees) => change({ toward: degrees })}
      />
    {/if}
    <ChoicePiece
      label="Where it opens from"
      value={shape['from middle'] ? WAYS[1] : WAYS[0]}
      options={WAYS}
      onchange={(way) => change({ 'from middle': way === WAYS[1] || undefined })}
    />
    edge
    <NumberPiece
      label="Softness of the edge"
      value={shape.soft ?? 0}
      unit="px"
      onchange={(soft) => change({ soft })}
    />
  {/if}
</p>
<p>
  takes <NumberPiece
    label="Length of the move"
    value={shape.length ?? 1}
    unit="f"
    onchange={(length) => change({ length: Math.max(1, Math.round(length)) })}
  />
  {#if bar && bar.length !== shape.length}<span class="muted figures">→ {bar.length} f</span>{/if}
  and begins
  <ChoicePiece label="When it begins" value={now} {options} onchange={chooseStart} />
  {#if waited || waitedPart}
    +
    <NumberPiece
      label="Frames after that"
      value={start.plus ?? 0}
      unit="f"
      onchange={(plus) => changeStart({ ...start, plus: Math.round(plus) })}
    />
    {#if bar}<span class="muted figures">→ frame {bar.start}</span>{/if}
  {:else}
    <NumberPiece
      label="Frame it begins at"
      value={start.at ?? 0}
      onchange={(at) => changeStart({ at: Math.max(0, Math.round(at)) })}
    />
  {/if}
  {#if phase === 'LOOP'}
    , again every
    <NumberPiece
      label="Round"
      value={shape.round ?? 0}
      unit="f"
      onchange={(round) => change({ round: Math.max(0, Math.round(round)) })}
    />
    <span class="muted">(0: with the loop)</span>
  {/if}
</p>
{#if phase === 'LOOP'}
  <p>
    it goes
    <ChoicePiece
      label="How it goes"
      value={wayOf(keys)}
      options={keys.length > 0 && wayOf(keys) === BY_KEYS ? [...WAYS_OF_LOOP, BY_KEYS] : WAYS_OF_LOOP}
      onchange={(way) => change({ keys: keysOf(way, shape.length ?? 1) })}
    />
  </p>
{/if}
<EaseEditor
  label="Ease"
  ease={shape.ease ?? 'linear'}
  curve={keys.length > 0 ? [] : curve}
  onchange={(ease: Ease) => change({ ease })}
/>
{#each keys as key, i (i)}
  <p>
    at <NumberPiece
      label="Time of key {i + 1}"
      value={Math.round(key.at * PERCENT)}
      unit="%"
      onchange={(at) => changeKey(i, { at: Math.max(1, Math.min(99, at)) / PERCENT })}
    />
    <NumberPiece
      label="Nearness of key {i + 1}"
      value={Math.round(key.near * PERCENT)}
      unit="% at rest"
      onchange={(near) => changeKey(i, { near: near / PERCENT })}
    />
    <button
      class="plain act"
      aria-label="Remove key {i + 1}"
      onclick={() => changeKeys(keys.filter((_, other) => other !== i))}>remove</button
    >
  </p>
  <EaseEditor
    label="Ease after key {i + 1}"
    ease={key.ease ?? 'linear'}
    curve={[]}
    onchange={(ease: Ease) => changeKey(i, { ease })}
  />
{/each}
<p>
  <button
    class="plain act"
    onclick={() =>
      changeKeys([
        ...keys,
        keys.length === 0
          ? firstKey(phase)
          : { at: Math.min(0.99, keys.at(-1)!.at + 0.2), near: keys.at(-1)!.near, ease: 'in-out sine' },
      ])}>add a key</button
  >
  <span class="muted">a point on the way: 0 % is away, 100 % at rest</span>
</p>
{#if part?.kind === 'text'}<DealSentence
    deal={shape.deal}
    length={shape.length ?? 1}
    onchange={(deal) => change({ deal })}
  />{/if}

<style>
  .head {
    display: flex;
    gap: 8px;
    align-items: center;
    margin-bottom: 10px;
  }

  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }

  .linked {
    color: var(--warning);
  }
</style>
