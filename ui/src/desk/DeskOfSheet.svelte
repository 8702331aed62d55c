<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { allGraphics } from '../api/client';
  import type { StoredGraphic } from '../api/types';
  import { reach } from '../api/reach.svelte';
  import { house } from '../house/house.svelte';
  import { intoHeader } from '../frame/portal';
  import ActKeys from './ActKeys.svelte';
  import AirPicture from './AirPicture.svelte';
  import CueForm from './CueForm.svelte';
  import CueList from './CueList.svelte';
  import { Desk } from './desk.svelte';
  import DeskKeys from './DeskKeys.svelte';
  import NewCue from './NewCue.svelte';
  import { NOTHING, recalled, typed } from './numbers';
  import Preview from './Preview.svelte';
  import SheetActs from './SheetActs.svelte';
  import SpellingPanel from './SpellingPanel.svelte';
  import './desk.css';
  import { mayOperate } from '../session/may.svelte';

  interface Props {
    /** Of the sheet. */
    id: number;
  }

  const { id }: Props = $props();

  const desk = new Desk();
  let graphics = $state.raw<StoredGraphic[]>([]);
  let number = $state(NOTHING);
  let plays = $state(0);
  let adding = $state(false);
  /** What is typed while a new cue opens, which is meant for its first field; undefined while none does. */
  let early = $state<string>();
  let keys = $state(false);
  let spelling = $state(false);
  let list = $state<ReturnType<typeof CueList>>();
  let form = $state<ReturnType<typeof CueForm>>();
  let acts = $state<ReturnType<typeof ActKeys>>();

  /** Somebody may have designed something since. */
  function readShelf() {
    allGraphics()
      .then((all) => (graphics = all))
      .catch(() => {
        // Said above all screens; asked again once the server is back.
      });
  }

  $effect(() => {
    // Loads again whenever the server has come back.
    void reach.returned;
    void desk.sheet.open(id).then(() => desk.follow());
    void desk.readPeople();
    readShelf();
  });
  $effect(() => {
    if (adding) readShelf();
  });
  $effect(() => () => desk.leave());
  $effect(() => {
    if (!desk.sheet.stored) return;
    // Only another revision of the sheet asks for all of this, not what is typed or chosen.
    untrack(() => {
      desk.follow();
      desk.checkAll();
      void desk.spell();
    });
  });

  /** What was done last there: how things stand is told again and again. */
  const done = $derived(desk.acting.state?.event);
  const order = $derived(house.house.revision);

  $effect(() => {
    // What would be covered is another matter once something else stands, or berths are in another order.
    void done;
    void order;
    untrack(() => void desk.lookAhead());
  });

  const counts = $derived(desk.counts);
  const ratio = $derived(desk.air.state ? desk.air.state.width / desk.air.state.height : 16 / 9);
  const rehearsing = $derived(desk.rehearsal !== undefined);
  const lost = $derived(!desk.air.heard || desk.rehearsal?.heard === false);
  const told = $derived([
    ...desk.acting.undone.map(({ text }) => text),
    ...(desk.sheet.refusal ? [desk.sheet.refusal] : []),
  ]);

  function isTyping(target: EventTarget | null): boolean {
    return (
      target instanceof HTMLElement && target.closest('input, textarea, select, [role="dialog"]') !== null
    );
  }

  const ACTS: Record<string, () => unknown> = {
    ArrowRight: () => desk.step(),
    c: () => desk.change(),
    x: () => desk.out(),
    ArrowDown: () => desk.move(1),
    ArrowUp: () => desk.move(-1),
    f: () => form?.focusFirst(),
    p: () => (plays += 1),
    r: () => desk.rehearse(),
    s: () => (spelling = true),
    n: () => (adding = true),
    '/': () => list?.focusSearch(),
    '?': () => (keys = true),
    b: () => nextBerth(),
    Escape: () => (number = NOTHING),
  };
  /** What whoever looks on may press. */
  const LOOKS = ['ArrowDown', 'ArrowUp', 'p', '/', '?', 'Escape'];

  /** Step and out are about the next of what stands. */
  function nextBerth() {
    const all = desk.acting.standing.filter(({ leaves }) => !leaves);
    const place = all.findIndex(({ berth }) => berth === desk.target?.berth);
    desk.chosen = all[(place + 1) % all.length]?.berth;
  }

  function key(event: KeyboardEvent) {
    if (event.defaultPrevented) return;
    if (adding || keys || spelling) {
      // A dialog does not hear it once what was pressed in it has gone.
      if (event.key === 'Escape') adding = keys = spelling = false;
      return;
    }
    const command = event.ctrlKey || event.metaKey;
    if (early !== undefined && !command && !event.altKey) {
      event.preventDefault();
      if (event.key === 'Backspace') early = early.slice(0, -1);
      else if ([...event.key].length === 1) early += event.key;
      return;
    }
    if (isTyping(event.target)) {
      if (event.key === 'Escape') (event.target as HTMLElement).blur();
      return;
    }
    const onlyLooks = !mayOperate();
    if (command && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      if (onlyLooks) return;
      void (event.shiftKey ? desk.redo() : desk.undo());
      return;
    }
    if (command || event.altKey) return;
    if (event.key === 'Enter') {
      // What was chosen with Tab is pressed; anything else is a take.
      const onButton = event.target instanceof HTMLElement && event.target.closest('button, a, summary');
      if (onButton && !(onButton as HTMLElement).dataset.cue) return;
      event.preventDefault();
      number = NOTHING;
      if (!event.repeat && !onlyLooks) void desk.take();
      return;
    }
    if (/^[\d.,]$/.test(event.key)) {
      event.preventDefault();
      number = typed(number, event.key, performance.now(), desk.sheet.cues);
      const cue = recalled(desk.sheet.cues, number.text);
      if (cue) desk.select(cue.id);
      return;
    }
    if (event.key === 'q') {
      if (!event.repeat) acts?.hold();
      return;
    }
    const act = onlyLooks && !LOOKS.includes(event.key) ? undefined : ACTS[event.key];
    const moves = event.key === 'ArrowDown' || event.key === 'ArrowUp';
    if (!act || (event.repeat && !moves)) return;
    event.preventDefault();
    number = NOTHING;
    void act();
  }

  function keyUp(event: KeyboardEvent) {
    if (event.key === 'q') acts?.release();
  }

  async function add(graphic: number) {
    adding = false;
    early = '';
    const before = new Set(desk.sheet.cues.map(({ id }) => id));
    await desk.edit({ what: 'ADD', cue: desk.cue?.id, added: [{ graphic, values: {} }] });
    const made = desk.sheet.cues.find(({ id }) => !before.has(id));
    if (made) desk.select(made.id);
    await tick();
    const text = early;
    early = undefined;
    if (!made) return;
    form?.focusFirst();
    // Not before the field has what it is given.
    if (text) form?.typeFirst(text);
  }

  const shelf = $derived(
    graphics.map(({ id, revision, document }) => ({ id, revision, name: document.name })),
  );
  const saidOnAir = $derived(
    desk.air.standing.map(({ title, says }) => `${title} ${says}`).join(', ') || 'nothing is on air',
  );
</script>

<svelte:window onfocus={readShelf} onkeydown={key} onkeyup={keyUp} onblur={() => acts?.release()} />
<svelte:head><title>{desk.sheet.stored?.sheet.name ?? 'Desk'} · Glimble</title></svelte:head>

<div class="header" use:intoHeader>
  <strong class="sheet">{desk.sheet.stored?.sheet.name ?? (desk.sheet.fault ? '' : 'Loading …')}</strong>
  {#if desk.sheet.stored}
    <span class="counts">
      {desk.sheet.cues.length}
      {desk.sheet.cues.length === 1 ? 'cue' : 'cues'}: {counts.sound} sound, {counts.doubtful} doubtful, {counts.unfilled}
      to fill
    </span>
    {#if desk.spelling.length > 0 && mayOperate()}
      <button class="plain misspelt" onclick={() => (spelling = true)}
        >{desk.spelling.length} misspelt? <kbd>s</kbd></button
      >
    {/if}
    {#if mayOperate()}<SheetActs {desk} />{/if}
  {/if}
  <span class="right">
    {#if mayOperate()}<button class="plain rehearse" aria-pressed={rehearsing} onclick={() => desk.rehearse()}
        >{rehearsing ? 'end rehearsal' : 'rehearse'} <kbd>r</kbd></button
      >{/if}
    <button class="plain" onclick={() => (keys = true)}>keys <kbd>?</kbd></button>
  </span>
</div>

{#if desk.sheet.fault}
  <div class="page"><p role="alert">{desk.sheet.fault} <a href="#/desk">All cue sheets</a></p></div>
{:else}
  <div class="desk" class:rehearsing>
    {#if rehearsing}
      <div class="rehearsal">
        <strong>Rehearsal</strong> Nothing you press leaves the preview.
      </div>
    {/if}
    {#if lost}
      <div class="lost" role="alert">
        The server is not heard. What is on air goes on; until it is back only <em>out</em> and
        <em>all out</em> can be pressed.
      </div>
    {/if}
    {#if desk.acting.trying}
      <div class="refused trying" role="status">
        <span>It is tried until it is done: {desk.acting.trying}.</span>
        <button class="plain" onclick={() => desk.acting.stopTrying()}>stop trying</button>
      </div>
    {/if}
    {#if told.length > 0}
      <div class="refused" role="alert">
        <ul>
          {#each told as text, place (place)}<li dir="auto">{text}</li>{/each}
        </ul>
        <button
          class="plain"
          onclick={() => {
            desk.acting.understood();
            desk.sheet.refusal = '';
          }}>understood</button
        >
      </div>
    {/if}
    <div class="columns">
      <CueList bind:this={list} {desk} number={number.text} onadd={() => (adding = true)} />
      <CueForm bind:this={form} {desk} graphics={shelf} />
      <section class="pictures" aria-label="Pictures">
        <div class="head">
          <h2>{rehearsing ? 'Preview · rehearsal' : 'Preview'}</h2>
          {#if rehearsing}
            <span
              >{desk.acting.standing[0]
                ? `${desk.acting.standing[0].title} ${desk.acting.standing[0].says}`
                : 'nothing taken'}</span
            >
          {:else if desk.cue}
            <button class="plain" onclick={() => (plays += 1)}>{desk.cue.number} · play <kbd>p</kbd></button>
          {/if}
        </div>
        <div class="frame preview" style:--ratio={ratio}>
          {#if desk.rehearsal}<AirPicture air={desk.rehearsal} label="Rehearsal" />
          {:else}<Preview
              reel={desk.worked?.reel}
              {plays}
              graphic={desk.graphic}
              air={desk.air}
              misspelt={desk.unknown.map(({ field }) => field)}
              label="Preview of cue {desk.cue?.number ?? ''}"
            />
            {#if desk.cue && !desk.worked && (lost || desk.fault)}
              <p class="cannot">Cue {desk.cue.number} cannot be shown: the server is not heard.</p>
            {/if}{/if}
        </div>
        <div class="head">
          <h2 class="on-air">On air</h2>
          {#if desk.air.standing.length === 0}<span>nothing</span>
          {:else if rehearsing}<span class="what">{desk.air.standing.map((on) => on.title).join(', ')}</span
            >{/if}
        </div>
        <div class="frame air" style:--ratio={ratio} class:lit={desk.air.standing.length > 0}>
          <AirPicture air={desk.air} label="On air: {saidOnAir}" />
        </div>
        {#if rehearsing}<p class="caption">In rehearsal</p>{/if}
        <ul class="standing" class:rehearsed={rehearsing} aria-label="What stands">
          {#each desk.acting.standing as on (on.berth)}
            <li>
              <button
                class="plain"
                aria-pressed={on.berth === desk.target?.berth}
                onclick={() => (desk.chosen = on.berth)}
                ><span class="where">{on.berth}</span><span class="what"
                  ><strong><bdi>{on.title}</bdi></strong> {on.says}</span
                ><span class="figures" title={on.countsDown ? 'still to go' : 'on air for'}
                  >{on.countsDown ? '−' : ''}{on.time}</span
                ></button
              >
              {#if on.follows}<p class="follows" class:stale={on.stale} role={on.stale ? 'alert' : undefined}>
                  {on.stale ? '✕ ' : ''}{on.follows}
                </p>{/if}
            </li>
          {/each}
        </ul>
      </section>
    </div>
    {#if mayOperate()}<ActKeys bind:this={acts} {desk} />
    {:else}<p class="muted looks">You look on: operators fill, take, step, change and take out.</p>{/if}
  </div>
{/if}

{#if adding}
  <NewCue {shelf} onclose={() => (adding = false)} onadd={(graphic) => void add(graphic)} />
{/if}
<DeskKeys bind:open={keys} />
<SpellingPanel {desk} bind:open={spelling} />

<style>
  .follows {
    margin: 0 0 4px 12px;
    color: var(--muted);
    font-size: 13px;
  }

  .follows.stale {
    color: var(--fault);
  }

  .header {
    display: flex;
    flex: 1;
    gap: 18px;
    align-items: center;
    min-width: 0;
  }

  .sheet {
    overflow: hidden;
    font-size: 14px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .counts {
    overflow: hidden;
    color: var(--muted);
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .misspelt {
    flex: none;
    color: var(--warning);
  }

  .right {
    display: flex;
    flex: none;
    gap: 16px;
    align-items: center;
    margin-left: auto;
  }

  .rehearse {
    padding: 4px 12px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
  }

  .rehearse[aria-pressed='true'] {
    border-style: dashed;
    border-color: var(--warning);
    color: var(--warning);
  }

  .desk {
    display: flex;
    flex-direction: column;
    gap: 12px;
    height: 100%;
    padding: 12px 14px;
    box-sizing: border-box;
  }

  .rehearsal,
  .lost,
  .refused {
    flex: none;
    padding: 8px 14px;
    border-radius: var(--corner);
    font-size: 15px;
  }

  .rehearsal {
    background: repeating-linear-gradient(-45deg, #4a3413 0 14px, #2e2110 14px 28px);
    color: #ffe9cd;
    text-align: center;
  }

  .lost {
    background: var(--warning);
    color: var(--on-accent);
    font-weight: 650;
  }

  .refused {
    display: flex;
    justify-content: space-between;
    gap: 20px;
    border: 2px solid var(--warning);
    background: var(--layer-2);
  }

  .refused ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }

  .looks {
    margin: 0;
    font-size: 15px;
  }

  .columns {
    display: grid;
    flex: 1;
    grid-template-columns: minmax(300px, 352px) minmax(320px, 1fr) minmax(320px, 420px);
    grid-template-rows: minmax(0, 1fr);
    gap: 14px;
    min-height: 0;
  }

  .pictures {
    /* Both pictures are as large as leaves room for what stands. */
    container-type: size;
    display: flex;
    flex-direction: column;
    gap: 6px;
    min-height: 0;
  }

  .head {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    align-items: baseline;
    min-height: 20px;
  }

  h2 {
    margin: 0;
    font-size: 14px;
    font-weight: 700;
  }

  h2.on-air {
    color: var(--on-air-text);
  }

  .frame {
    position: relative;
    overflow: hidden;
    flex: none;
    width: min(100%, calc((100cqh - 166px) / 2 * var(--ratio)));
    box-sizing: border-box;
    border: 2px solid var(--border-strong);
    border-radius: var(--corner);
  }

  .cannot {
    position: absolute;
    inset: auto 0 0;
    margin: 0;
    padding: 6px 10px;
    background: var(--ground);
    font-size: 14px;
  }

  .rehearsing .preview {
    border: 3px dashed var(--warning);
  }

  .air {
    border-width: 5px;
    border-color: var(--border);
  }

  .air.lit {
    border-color: var(--on-air);
  }

  .standing {
    flex: 1;
    min-height: 0;
    margin: 0;
    padding: 0;
    overflow-y: auto;
    list-style: none;
  }

  .standing button {
    display: grid;
    grid-template-columns: 64px 1fr auto;
    gap: 10px;
    width: 100%;
    padding: 5px 8px;
    border: 1px solid transparent;
    border-radius: var(--corner);
    font-size: 14px;
  }

  .standing button[aria-pressed='true'] {
    border-color: var(--border-strong);
    background: var(--layer-1);
  }

  .rehearsed button[aria-pressed='true'] {
    border-style: dashed;
    border-color: var(--warning);
  }

  .where {
    overflow: hidden;
    color: var(--muted);
    text-overflow: ellipsis;
  }

  .what {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
</style>
