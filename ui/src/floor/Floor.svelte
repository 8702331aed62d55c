<script lang="ts">
  import { untrack } from 'svelte';
  import Awaiting from '../frame/Awaiting.svelte';
  import { reach } from '../api/reach.svelte';
  import type { EditWhat, Worked } from '../api/types';
  import type { Phase } from '../player/moment';
  import { ALL, areaOf, panned, showing, zoomed } from '../picture/sight';
  import { drawnIn } from '../proof/findings';
  import Outline from '../proof/Outline.svelte';
  import Picture from '../picture/Picture.svelte';
  import { Arrangement } from './arrangement.svelte';
  import Conflict from './Conflict.svelte';
  import Divider from './Divider.svelte';
  import { attend, floorOf } from './floors.svelte';
  import FirstSteps from './FirstSteps.svelte';
  import FloorHeader from './FloorHeader.svelte';
  import KeysHelp from './KeysHelp.svelte';
  import PartHandles from './PartHandles.svelte';
  import PointedOut from './PointedOut.svelte';
  import { Playing, type Run } from './playing.svelte';
  import { saveKeys } from './saveKeys';
  import { takesText } from './takesText';
  import Score from './Score.svelte';
  import Sheet from '../sheet/Sheet.svelte';
  import Strip from './Strip.svelte';
  import Transport from './Transport.svelte';
  import ValuesForm from './ValuesForm.svelte';
  import WordsLine from './WordsLine.svelte';

  interface Props {
    params?: { id?: string };
  }

  const { params }: Props = $props();

  const floor = $derived(floorOf(Number(params?.id)));
  const playing = new Playing();
  let backdropId = $state('evening');
  let safeLines = $state(true);
  let closeUp = $state(true);
  let helpOpen = $state(false);
  let maskAlone = $state(false);
  const arrangement = new Arrangement();
  let score = $state<Score>();
  let height = $state(0);
  let wide = $state(0);
  /** px that picture and score share: without paddings and transport. */
  const shared = $derived(height - 68);
  const aspect = $derived(
    floor.document?.frame ? floor.document.frame.width / floor.document.frame.height : 16 / 9,
  );
  /** A graphic that was opened with nothing in it is led through its first steps, unless they were put away. */
  let guided = $state(false);
  let looked = 0;
  $effect(() => {
    const stored = floor.stored;
    if (!stored || stored.id === looked) return;
    looked = stored.id;
    guided = (stored.document.parts ?? []).length === 0 && !arrangement.stepsAway;
  });

  function leaveSteps() {
    guided = false;
    arrangement.putStepsAway();
  }

  /** px that the words under the picture take. */
  const words = $derived(floor.worked?.words.length ? 46 : 0);
  /** px; as wide as its height allows, and no wider than leaves room beside it. */
  const pictureWidth = $derived.by(() => {
    const large = arrangement.how === 'picture';
    const upper = large ? shared - 66 : Math.min(shared * arrangement.top, shared - 194);
    const room = wide - 24 - 300 - (large ? 0 : 230);
    return Math.max(160, Math.min(room, (upper - 2 - words) * aspect));
  });
  /** What is played when it leaves before it rests. */
  let leaving = $state.raw<Worked>();

  $effect(() => {
    void reach.returned;
    // What is at hand is kept when the server comes back; only what is missing is loaded.
    if (!floor.stored) void floor.load(Number(params?.id));
    else if (untrack(() => floor.fault)) void floor.workOutValues().then(() => floor.workOutTrials());
  });

  $effect(() => () => {
    playing.stop();
  });

  let frame = $state<HTMLElement>();
  let sight = $state.raw(ALL);
  const area = $derived(floor.worked && areaOf(sight, floor.worked.reel));
  /** The fault that is pointed out, at the moment at which it was found; at another it may be elsewhere. */
  const pointed = $derived(
    floor.pointedOut &&
      drawnIn(floor.pointedOut) === floor.moment.phase &&
      (floor.pointedOut.phase === 'BACK') === (floor.moment.change === true) &&
      floor.pointedOut.frame === floor.moment.frame
      ? floor.pointedOut
      : undefined,
  );
  /** Where the pointer was when the picture was last pulled. */
  let grabbed = $state.raw<{ x: number; y: number }>();

  function wheel(event: WheelEvent) {
    event.preventDefault();
    const { left, top, width: w, height: h } = frame!.getBoundingClientRect();
    if (event.shiftKey || event.altKey) {
      const by = -(event.deltaY || event.deltaX) / 600;
      sight = panned(sight, event.shiftKey ? by : 0, event.altKey ? by : 0);
    } else {
      const factor = Math.exp(-event.deltaY / 400);
      sight = zoomed(sight, sight.zoom * factor, (event.clientX - left) / w, (event.clientY - top) / h);
    }
  }

  /** The ground is pulled; pressed where it cannot be, nothing is chosen any more. */
  function grab(event: PointerEvent) {
    if (sight.zoom === 1) {
      if (event.button === 0 && !event.shiftKey) floor.choose('');
      return;
    }
    event.preventDefault();
    frame!.setPointerCapture(event.pointerId);
    grabbed = { x: event.clientX, y: event.clientY };
  }

  function pan(event: PointerEvent) {
    if (!grabbed) return;
    const { width: w, height: h } = frame!.getBoundingClientRect();
    sight = panned(sight, (event.clientX - grabbed.x) / w, (event.clientY - grabbed.y) / h);
    grabbed = { x: event.clientX, y: event.clientY };
  }

  /** As large as the selected part can be seen. */
  function showPart() {
    const at = floor.worked?.rest.find(({ part }) => part === floor.selected)?.at;
    if (at && floor.worked) sight = showing(at, floor.worked.reel);
  }

  function showActual() {
    if (floor.worked) sight = zoomed(sight, floor.worked.reel.width / pictureWidth);
  }
  attend(() => floor);

  /** A gesture that is pointed at is played round and round; nothing when it is left. */
  function look(phase: Phase | undefined) {
    playing.stop();
    if (phase)
      playing.play(
        phase,
        () => floor.worked,
        (moment) => (floor.moment = moment),
        true,
      );
    else floor.toRest();
  }

  /** Out, also in the middle of in or loop: from wherever each part stands. */
  async function leave() {
    const { phase, frame, change } = floor.moment;
    const rests = phase === 'IN' && frame === floor.reel?.in;
    const early = change ? phase === 'IN' : playing.run !== undefined && phase !== 'OUT' && !rests;
    const worked = early ? await floor.leaving(floor.moment) : floor.worked;
    playing.play(
      'OUT',
      () => worked,
      (moment) => {
        leaving = early ? worked : undefined;
        floor.moment = moment;
      },
    );
  }

  function play(run: Run) {
    leaving = undefined;
    if (run === 'OUT') return void leave();
    const changes = run === 'SWAP' || (typeof run === 'object' && run.change);
    const change = () => floor.swapping.change;
    playing.play(
      run,
      () => (changes ? floor.worked && change() && { ...floor.worked, reel: change()!.reel } : floor.worked),
      (moment) => (floor.moment = moment),
    );
  }

  function toggle(run: Run) {
    if (playing.run) playing.stop();
    else play(run);
  }

  /** Takes the graphic step by step, or goes on where it waits. */
  function next() {
    if (playing.run === 'STEPS' && floor.worked) playing.next(floor.worked);
    else play('STEPS');
  }

  function interrupt() {
    playing.stop();
    floor.interrupt();
  }

  /** The in waits before a part enters, or no longer does. */
  function waitBefore(part: string) {
    if (!part) return;
    void floor.change((now) => {
      const steps = now.in?.steps ?? [];
      const left = steps.filter((step) => step.part !== part);
      return { ...now, in: { ...now.in, steps: left.length < steps.length ? left : [...steps, { part }] } };
    });
  }

  /** The group that is chosen, or the one that the chosen part is in, becomes one row, or again as many as it has parts. */
  function fold() {
    const parts = floor.document?.parts ?? [];
    const group =
      floor.part?.kind === 'group' ? floor.part : parts.find((part) => part.parts?.includes(floor.selected));
    if (!group) return;
    floor.view.toggle('folded', group.key);
    floor.choose(group.key);
  }

  function onPart(what: EditWhat, steps?: number) {
    if (floor.part) void floor.edit({ what, key: floor.part.key, steps });
  }

  const KEYS: Record<string, () => unknown> = {
    ' ': () => toggle('ALL'),
    i: () => play('IN'),
    l: () => play('LOOP'),
    o: () => play('OUT'),
    r: () => floor.toRest(),
    s: () => (safeLines = !safeLines),
    c: () => (closeUp = !closeUp),
    Home: () => floor.toEnd(false),
    End: () => floor.toEnd(true),
    '[': () => floor.useTrial(floor.trial - 1),
    ']': () => floor.useTrial(floor.trial + 1),
    '?': () => (helpOpen = true),
    h: () => floor.selected && floor.view.toggle('hidden', floor.selected),
    k: () => floor.selected && floor.view.toggle('locked', floor.selected),
    x: () => floor.selected && floor.view.toggle('only', floor.selected),
    m: () => (floor.view.rulers = !floor.view.rulers),
    g: () => floor.group(),
    e: () => (floor.pointing = floor.pointing === 'x' ? undefined : 'x'),
    E: () => (floor.pointing = floor.pointing === 'y' ? undefined : 'y'),
    n: () => next(),
    u: () => floor.swapping.change && toggle('SWAP'),
    j: () => interrupt(),
    '{': () => void floor.nextBy(-1),
    '}': () => void floor.nextBy(1),
    t: () => waitBefore(floor.selected),
    v: () => void floor.edit({ what: 'MIRROR_OUT', key: '' }),
    q: () => (maskAlone = !maskAlone),
    a: () => floor.markRange(false),
    b: () => floor.markRange(true),
    p: () => floor.range && toggle(floor.range),
    ',': () => floor.toKey(false),
    '.': () => floor.toKey(true),
    '+': () => score?.zoomBy(1.5),
    '-': () => score?.zoomBy(1 / 1.5),
    z: () => arrangement.toggle('score'),
    Z: () => arrangement.toggle('picture'),
    f: () => fold(),
    '0': () => (sight = ALL),
    '1': () => showActual(),
    '2': () => showPart(),
    '>': () => (sight = zoomed(sight, sight.zoom * 1.5)),
    '<': () => (sight = zoomed(sight, sight.zoom / 1.5)),
    '=': () => (floor.view.sums = !floor.view.sums),
    Escape: () => floor.letGo(),
    d: () => onPart('DUPLICATE_PART'),
    D: () => onPart('DUPLICATE_WITH_FIELDS'),
    Delete: () => (floor.move ? floor.removeMoves() : floor.remove()),
    PageUp: () => onPart('REORDER_PART', 1),
    PageDown: () => onPart('REORDER_PART', -1),
  };

  /** Whether a key is meant for what has the focus and not for the floor. */
  function isTaken(event: KeyboardEvent): boolean {
    const target = event.target as HTMLElement;
    if (target.closest('[role="dialog"]')) return true;
    // Space plays wherever it is pressed but where it is a letter; buttons are pressed by Enter.
    return event.key === ' ' ? takesText(target) : target.closest('input, textarea, select') !== null;
  }

  /** A button that has the focus would be pressed when the space bar is let go. */
  function released(event: KeyboardEvent) {
    if (event.key === ' ' && !isTaken(event)) event.preventDefault();
  }

  function key(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey) return saveKeys(floor, event);
    if (isTaken(event)) return;
    if (event.altKey) return nudge(event);
    if (event.shiftKey && ENDS[event.key]) {
      event.preventDefault();
      return onPart('REORDER_PART', ENDS[event.key]);
    }
    const arrow = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    const act = arrow ? () => floor.step(event.shiftKey ? arrow * 10 : arrow) : KEYS[event.key];
    if (!act) return;
    event.preventDefault();
    if (arrow || event.key === 'r' || event.key === 'Home' || event.key === 'End') playing.stop();
    act();
  }

  /** All the way to the front or back. */
  const ENDS: Record<string, number> = { PageUp: 1000, PageDown: -1000 };

  const NUDGES: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
  };

  function nudge(event: KeyboardEvent) {
    const way = NUDGES[event.key];
    if (!way) return;
    event.preventDefault();
    const far = event.shiftKey ? 10 : 1;
    void floor.movePart(way[0] * far, way[1] * far);
  }

  /** What is not kept as a draft yet would be lost with the page. */
  function warnOfLoss(event: BeforeUnloadEvent) {
    if (floor.unsaved && !floor.draftKept) event.preventDefault();
  }
</script>

<svelte:window onkeydown={key} onkeyup={released} onbeforeunload={warnOfLoss} />
<svelte:head><title>{floor.document?.name ?? 'Floor'} · Glimble</title></svelte:head>

<FloorHeader {floor} onhelp={() => (helpOpen = true)} />

{#if floor.document}
  <div
    class="floor"
    class:picture-large={arrangement.how === 'picture'}
    style:--top={arrangement.top}
    style:--aspect={aspect}
    bind:clientHeight={height}
    bind:clientWidth={wide}
  >
    <section class="stage" aria-label="Picture">
      <div
        class="surface picture-area"
        role="presentation"
        style:width="{pictureWidth}px"
        bind:this={frame}
        onwheel={wheel}
        onpointerdown={(event) => event.button === 1 && grab(event)}
        onpointermove={pan}
        onpointerup={() => (grabbed = undefined)}
      >
        <Picture
          reel={floor.moment.phase === 'OUT' && leaving ? leaving.reel : floor.reel}
          masksOf={maskAlone ? floor.selected : undefined}
          moment={floor.moment}
          {backdropId}
          {safeLines}
          {area}
          unseen={floor.view.unseen(floor.document.parts ?? [])}
          label="The graphic with the values at hand"
        />
        <div
          class="over"
          style:left="{-sight.x * sight.zoom * 100}%"
          style:top="{-sight.y * sight.zoom * 100}%"
          style:width="{sight.zoom * 100}%"
          style:height="{sight.zoom * 100}%"
        >
          <PartHandles {floor} onground={grab} />
        </div>
        {#if area && pointed}<Outline {area} where={pointed.where} />{/if}
        {#if sight.zoom > 1}
          <button class="plain act sight" title="All of the picture again (0)" onclick={() => (sight = ALL)}
            >{Math.round(((sight.zoom * pictureWidth) / (floor.worked?.reel.width ?? 1)) * 100)} % · fit</button
          >
        {/if}
      </div>
      <WordsLine {floor} height={words} width={pictureWidth} />
    </section>
    <div class="sheet surface">
      <PointedOut {floor} />
      <Sheet {floor} onlook={look} />
    </div>
    {#if arrangement.how !== 'picture'}
      <div class="beside">
        <div class="columns">
          <div class="values surface"><ValuesForm {floor} /></div>
          <div class="strip"><Strip {floor} {backdropId} oninterrupt={interrupt} bind:closeUp /></div>
        </div>
      </div>
    {/if}
    <div class="under">
      <Transport {floor} {playing} {arrangement} onplay={play} onnext={next} bind:backdropId bind:safeLines />
      <Divider {arrangement} height={shared} />
    </div>
    <div class="score surface">
      {#if guided}<FirstSteps {floor} onleave={leaveSteps} />{/if}
      <Score {floor} {arrangement} onscrub={() => playing.stop()} bind:this={score} />
    </div>
  </div>
{:else}
  <Awaiting fault={floor.fault} what="graphic" />
{/if}

<Conflict {floor} />
<KeysHelp bind:open={helpOpen} />

<style>
  /* Picture, values and strip share the height with the score as it is arranged; at least six rows of the score are left. */
  .floor {
    --between: 48px;
    --least-score: 194px;
    --shared: calc(100% - 20px - var(--between));
    --upper: min(calc(var(--shared) * var(--top)), calc(var(--shared) - var(--least-score)));
    display: grid;
    grid-template-areas: 'stage beside sheet' 'under under sheet' 'score score sheet';
    grid-template-rows: var(--upper) var(--between) minmax(0, 1fr);
    grid-template-columns: auto minmax(220px, 1fr) 290px;
    gap: 0 10px;
    height: 100%;
    padding: 10px 12px;
    box-sizing: border-box;
  }

  .floor.picture-large {
    --least-score: 66px;
    --upper: calc(var(--shared) - var(--least-score));
    grid-template-columns: minmax(0, 1fr) 0 290px;
  }

  .stage {
    grid-area: stage;
    min-width: 0;
    min-height: 0;
  }

  .floor.picture-large .stage {
    grid-column: 1 / 3;
  }

  /* As high as there is room, and no wider than leaves room for the values. */
  .picture-area {
    position: relative;
    margin-inline: auto;
    overflow: hidden;
  }

  .over {
    position: absolute;
  }

  .sight {
    position: absolute;
    right: 8px;
    bottom: 8px;
    background: var(--layer-1);
  }

  .beside {
    container: beside / inline-size;
    grid-area: beside;
    min-width: 0;
    min-height: 0;
  }

  .columns {
    display: flex;
    flex-direction: column;
    gap: 8px;
    height: 100%;
  }

  .values {
    flex: 0 1 auto;
    min-height: 96px;
    max-height: 52%;
    padding: 10px 12px;
    overflow-y: auto;
    box-sizing: border-box;
    scrollbar-width: thin;
  }

  .strip {
    display: flex;
    flex: 1 1 0;
    flex-direction: column;
    min-height: 0;
  }

  /* Where there is room, beside each other. */
  @container beside (min-width: 480px) {
    .columns {
      flex-direction: row;
    }

    .values {
      flex: 0 0 44%;
      max-height: none;
    }
  }

  .under {
    display: flex;
    grid-area: under;
    flex-direction: column;
    justify-content: flex-end;
    min-width: 0;
  }

  .sheet {
    grid-area: sheet;
    padding: 14px;
    overflow-y: auto;
    scrollbar-width: thin;
  }

  .score {
    grid-area: score;
    display: flex;
    flex-direction: column;
    min-width: 0;
    overflow: hidden;
  }
</style>
