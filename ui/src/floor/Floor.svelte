<script lang="ts">
  import Awaiting from '../frame/Awaiting.svelte';
  import { reach } from '../api/reach.svelte';
  import type { EditWhat, Worked } from '../api/types';
  import type { Phase } from '../player/moment';
  import Picture from '../picture/Picture.svelte';
  import Conflict from './Conflict.svelte';
  import { attend, floorOf } from './floors.svelte';
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
  const aspect = $derived(
    floor.document?.frame ? floor.document.frame.width / floor.document.frame.height : 16 / 9,
  );
  /** What is played when it leaves before it rests. */
  let leaving = $state.raw<Worked>();

  $effect(() => {
    void reach.returned;
    // What is at hand is kept when the server comes back; only what is missing is loaded.
    if (!floor.stored) void floor.load(Number(params?.id));
    else if (floor.fault) void floor.workOutValues().then(() => floor.workOutTrials());
  });

  $effect(() => () => {
    playing.stop();
  });
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
    const { phase, frame } = floor.moment;
    const early = playing.run !== undefined && phase !== 'OUT' && frame !== floor.worked?.reel.in;
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
    playing.play(
      run,
      () => floor.worked,
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

  /** The in waits before a part enters, or no longer does. */
  function waitBefore(part: string) {
    if (!part) return;
    void floor.change((now) => {
      const steps = now.in?.steps ?? [];
      const left = steps.filter((step) => step.part !== part);
      return { ...now, in: { ...now.in, steps: left.length < steps.length ? left : [...steps, { part }] } };
    });
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
    t: () => waitBefore(floor.selected),
    v: () => void floor.edit({ what: 'MIRROR_OUT', key: '' }),
    q: () => (maskAlone = !maskAlone),
    a: () => floor.markRange(false),
    b: () => floor.markRange(true),
    p: () => floor.range && toggle(floor.range),
    ',': () => floor.toKey(false),
    '.': () => floor.toKey(true),
    '+': () => (floor.zoom = Math.min(8, floor.zoom * 1.5)),
    '-': () => (floor.zoom = Math.max(1, floor.zoom / 1.5)),
    Escape: () => floor.choose(floor.selected),
    d: () => onPart('DUPLICATE_PART'),
    D: () => onPart('DUPLICATE_WITH_FIELDS'),
    Delete: () => (floor.move ? floor.removeMoves() : onPart('REMOVE_PART')),
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
  <div class="floor">
    <div class="values surface">
      <ValuesForm {floor} />
    </div>
    <section class="stage" aria-label="Picture">
      <div class="surface picture" style:--aspect={aspect}>
        <Picture
          reel={playing.run === 'OUT' && leaving ? leaving.reel : floor.worked?.reel}
          masksOf={maskAlone ? floor.selected : undefined}
          moment={floor.moment}
          {backdropId}
          {safeLines}
          unseen={floor.view.unseen(floor.document.parts ?? [])}
          label="The graphic with the values at hand"
        />
        <PartHandles {floor} />
        <PointedOut {floor} />
      </div>
      <Transport {floor} {playing} onplay={play} onnext={next} bind:backdropId bind:safeLines />
    </section>
    <div class="sheet surface">
      <Sheet {floor} onlook={look} />
    </div>
    <div class="strip"><Strip {floor} {backdropId} bind:closeUp /></div>
    <div class="score surface"><Score {floor} onscrub={() => playing.stop()} /></div>
  </div>
{:else}
  <Awaiting fault={floor.fault} what="graphic" />
{/if}

<Conflict {floor} />
<KeysHelp bind:open={helpOpen} />

<style>
  .floor {
    display: grid;
    grid-template: auto auto minmax(120px, 1fr) / 232px minmax(0, 1fr) 290px;
    gap: 10px;
    height: 100%;
    padding: 10px 12px;
    box-sizing: border-box;
  }

  /* As high as the stage beside it, however many fields there are. */
  .values {
    grid-area: 1 / 1;
    height: 0;
    min-height: 100%;
    padding: 12px;
    overflow-y: auto;
    box-sizing: border-box;
  }

  .stage {
    grid-area: 1 / 2;
    min-width: 0;
  }

  /* As wide as there is room, and no higher than leaves room for transport, strip and score. */
  .picture {
    position: relative;
    max-width: max(160px, calc((100vh - 396px) * var(--aspect)));
    margin-inline: auto;
    overflow: hidden;
  }

  .sheet {
    grid-area: 1 / 3 / 4 / 4;
    padding: 14px;
    overflow-y: auto;
  }

  .strip {
    grid-area: 2 / 1 / 3 / 3;
    min-width: 0;
  }

  .score {
    grid-area: 3 / 1 / 4 / 3;
    min-width: 0;
    overflow: hidden;
  }
</style>
