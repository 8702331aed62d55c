<script lang="ts">
  import type { Part, Place, Size } from '../api/types';
  import type { PartChanges } from '../floor/editing.svelte';
  import type { Phase } from '../player/moment';
  import type { FloorState } from '../floor/floor.svelte';
  import { house } from '../house/house.svelte';
  import MovesList from './MovesList.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ManyPiece from './pieces/ManyPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import CopyActs from './CopyActs.svelte';
  import TextPiece from './pieces/TextPiece.svelte';
  import CornersPiece from './pieces/CornersPiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import LookSentences from './LookSentences.svelte';
  import PaintSentence from './PaintSentence.svelte';
  import PictureSentence from './PictureSentence.svelte';
  import PlaceSentence from './PlaceSentence.svelte';
  import { padsOf, resized, sizeKinds, sizeOf } from './relations';
  import More from './pieces/More.svelte';
  import { getContext } from 'svelte';
  import { SvelteSet } from 'svelte/reactivity';
  import SizeSentence from './SizeSentence.svelte';
  import StandsSentence from './StandsSentence.svelte';
  import RibbonSentences from './RibbonSentences.svelte';
  import { mayRide, ridingOn } from './ribbons';
  import TextSentences from './TextSentences.svelte';

  interface Props {
    floor: FloorState;
    part: Part;
    onplay: (phase: Phase | undefined) => void;
  }

  const { floor, part, onplay }: Props = $props();

  const ALIGNS = ['start', 'centre', 'end'] as const;
  const ALONGS = ['y', 'x'] as const;
  const ENDS = ['flat', 'round'] as const;
  const SCRIM_SIDES = ['left', 'right', 'top', 'bottom', 'middle'] as const;
  const PERCENT = 100;
  const DRAWN = ['text', 'box', 'line', 'picture', 'ribbon'];
  const NO_RIBBON = 'no ribbon';
  const MASK_SIDES = ['inside', 'outside'] as const;
  const SEEN = ['drawn', 'only a mask'] as const;
  const NO_TAG = 'no tag';
  const AXES = ['x', 'y'] as const;
  const SIZES = ['width', 'height'] as const;
  /** The reckonings come in this order. */
  const REASONS = { x: 0, y: 1, width: 2, height: 3 };

  const more = getContext<SvelteSet<string>>('more');
  const inRest = $derived(more.has('rest'));
  const inLook = $derived(more.has('look'));
  /** Whether each side's padding has a number of its own. */
  let each = $state(false);
  /** Lines whose sums are looked at. */
  const sums = new SvelteSet<string>();

  const parts = $derived(floor.document?.parts ?? []);
  /** What it may follow, texts first: they are followed most. */
  const others = $derived(
    parts
      .filter(({ key }) => key !== part.key)
      .sort((a, b) => Number(b.kind === 'text') - Number(a.kind === 'text'))
      .map(({ key }) => key),
  );
  const ribbons = $derived(
    parts.filter(({ kind, key }) => kind === 'ribbon' && key !== part.key).map(({ key }) => key),
  );
  const rest = $derived(floor.worked?.rest.find((entry) => entry.part === part.key));
  /** Along its course and across it, of a ribbon; else as it stands in the picture. */
  const extent = $derived.by(() => {
    const layer = floor.worked?.reel.layers.find((found) => found.part === part.key);
    return part.kind === 'ribbon' && layer && rest?.at
      ? { ...rest.at, width: layer.box.width, height: layer.box.height }
      : rest?.at;
  });
  const notes = $derived(floor.worked?.notes.filter((note) => note.part === part.key) ?? []);
  const gap = $derived(part.gap ?? { usual: 0 });

  /** Least, usual and widest stay in order: what is in the way of a change moves along. */
  function changeGap(changes: { least?: number; usual?: number; widest?: number }) {
    const usual = changes.usual ?? gap.usual;
    const least = changes.least ?? gap.least ?? usual;
    const widest = changes.widest ?? gap.widest ?? usual;
    const kept = Math.max(least, Math.min(widest, usual));
    if (changes.usual === undefined) change({ gap: { least, usual: kept, widest } });
    else change({ gap: { least: Math.min(least, usual), usual, widest: Math.max(widest, usual) } });
  }

  /** What stood around its parts stays where it is when it does not wrap all of them together any more. */
  function resize(what: 'width' | 'height', size: Size) {
    const axis = what === 'width' ? 'x' : 'y';
    const leaves = part[axis]?.around && !(size.wraps && size.take === 'union');
    const edge = axis === 'x' ? 'left' : 'top';
    const here: Place = { hangs: edge, on: 'frame', at: edge, plus: Math.round(rest?.at?.[axis] ?? 0) };
    const { key } = part;
    void floor.change((document) => {
      const now = resized(document, key, axis, size);
      if (!leaves) return now;
      return { ...now, parts: now.parts?.map((one) => (one.key === key ? { ...one, [axis]: here } : one)) };
    });
  }

  /** Of both axes, if both wrap something. */
  const pads = $derived(
    part.width?.wraps && part.height?.wraps ? [...padsOf(part.width), ...padsOf(part.height)] : undefined,
  );

  function padAll([left, right, top, bottom]: number[]) {
    change({
      width: { ...part.width!, pad: [left!, right!] },
      height: { ...part.height!, pad: [top!, bottom!] },
    });
  }

  function reorder(steps: number, { shiftKey }: MouseEvent) {
    void floor.edit({ what: 'REORDER_PART', key: part.key, steps: shiftKey ? steps * 1000 : steps });
  }

  function change(changes: PartChanges) {
    void floor.changePart(part.key, changes);
  }
</script>

<div class="head">
  <TextPiece
    label="Name of the part"
    value={part.key}
    onchange={(name) => floor.edit({ what: 'RENAME_PART', key: part.key, newName: name.trim() })}
  />
  <span class="muted">{part.kind}</span>
  <span class="acts">
    <button
      class="plain act"
      title="Forward past its neighbour (PageUp); with Shift to the front"
      aria-label="Forward"
      onclick={(event) => reorder(1, event)}>↑</button
    >
    <button
      class="plain act"
      title="Backward past its neighbour (PageDown); with Shift to the back"
      aria-label="Backward"
      onclick={(event) => reorder(-1, event)}>↓</button
    >
    <CopyActs {floor} {part} />
    <button
      class="plain act"
      title={part.kind === 'group'
        ? 'Remove it with all that is in it; can be undone (Delete)'
        : 'Remove; can be undone (Delete)'}
      onclick={() => floor.remove([part.key])}>remove</button
    >
  </span>
</div>

{#if rest && !rest.present}
  <p class="absent">Absent for these values; what hung on it takes its place.</p>
{/if}
{#each notes as note (note.sentence)}
  <p class="absent" role="alert">Note: {note.sentence}.</p>
{/each}

<h3 class="caption">
  Rest
  <button
    class="plain sums"
    aria-pressed={floor.view.sums}
    title="What every number is made of (=)"
    onclick={() => (floor.view.sums = !floor.view.sums)}>sums</button
  >
</h3>
<StandsSentence {floor} {part} />
{#each SIZES as what (what)}
  <p>
    <SizeSentence
      {what}
      {part}
      name={part.kind === 'ribbon' ? (what === 'width' ? 'length' : 'breadth') : what}
      size={sizeOf(part, what === 'width' ? 'x' : 'y')}
      kinds={sizeKinds(part)}
      {others}
      extent={extent?.[what] ?? 100}
      more={inRest}
      all={pads}
      onpads={pads && padAll}
      bind:each
      onchange={(size) => resize(what, size)}
    />
    {@render sum(what)}
  </p>
{/each}
{#if part.rides || (ribbons.length > 0 && mayRide(part))}
  <p>
    rides on
    <ChoicePiece
      label="The ribbon it rides on"
      value={part.rides ?? NO_RIBBON}
      options={[NO_RIBBON, ...ribbons]}
      onchange={(chosen) =>
        change(ridingOn(chosen === NO_RIBBON ? undefined : chosen, rest?.at ?? { x: 0, y: 0 }))}
    />
  </p>
{/if}
{#each AXES as axis (axis)}
  <p>
    <PlaceSentence
      {part}
      {axis}
      {parts}
      pointing={floor.pointing === axis}
      onpoint={() => (floor.pointing = floor.pointing === axis ? undefined : axis)}
      more={inRest}
      onchange={(place) => change({ [axis]: place })}
    />
    {@render sum(axis)}
  </p>
{/each}
{#if (part.masks ?? []).length > 0 || inRest}<p>
    seen through
    <ManyPiece
      label="Masks"
      none="no mask"
      values={(part.masks ?? []).map(({ by }) => by)}
      options={others}
      onchange={(keys) =>
        change({ masks: keys.map((by) => part.masks?.find((mask) => mask.by === by) ?? { by }) })}
    />
    {#each part.masks ?? [] as mask, i (mask.by)}
      <ChoicePiece
        label="Side of the mask {mask.by}"
        value={mask.side ?? 'inside'}
        options={MASK_SIDES}
        onchange={(side) =>
          change({ masks: part.masks!.map((other, j) => (j === i ? { ...mask, side } : other)) })}
      />
      {#if mask.soft || inRest}
        {mask.by}, edge
        <NumberPiece
          label="Softness of the mask {mask.by}"
          value={mask.soft ?? 0}
          unit="px"
          onchange={(soft) =>
            change({ masks: part.masks!.map((other, j) => (j === i ? { ...mask, soft } : other)) })}
        />
      {/if}
    {/each}
  </p>{/if}
{#if (part.needs ?? []).length > 0 || inRest}<p>
    needs
    <ManyPiece
      label="Fields it needs"
      none="no field"
      values={part.needs ?? []}
      options={(floor.document?.fields ?? []).map(({ key }) => key)}
      onchange={(needs) => change({ needs })}
    />
  </p>{/if}
{#if part.unseen || part.tag || inRest}<p>
    <ChoicePiece
      label="Whether it is drawn itself"
      value={part.unseen ? 'only a mask' : 'drawn'}
      options={SEEN}
      onchange={(chosen) => change({ unseen: chosen === 'only a mask' || undefined })}
    />
    tagged
    <ChoicePiece
      label="Tag in the score"
      value={part.tag ?? NO_TAG}
      options={[NO_TAG, ...house.names]}
      onchange={(tag) => change({ tag: tag === NO_TAG ? undefined : tag })}
    />
  </p>{/if}
<p><More group="rest" what="mask, needs, stays, tag" /></p>

{#if part.kind === 'text'}
  <TextSentences {floor} {part} fonts={floor.fonts} {others} onchange={change} />
{:else if part.kind === 'stack'}
  <h3 class="caption">Rows</h3>
  <p>
    along
    <ChoicePiece
      label="Direction of the stack"
      value={part.along ?? 'y'}
      options={ALONGS}
      onchange={(along) => change({ along })}
    />
    from its
    <ChoicePiece
      label="Where rows stand"
      value={part.align ?? 'start'}
      options={ALIGNS}
      onchange={(align) => change({ align })}
    />
    gap
    <NumberPiece label="Usual gap" value={gap.usual} unit="px" onchange={(usual) => changeGap({ usual })} />
    from <NumberPiece
      label="Least gap"
      value={gap.least ?? gap.usual}
      onchange={(least) => changeGap({ least })}
    />
    to <NumberPiece
      label="Widest gap"
      value={gap.widest ?? gap.usual}
      onchange={(widest) => changeGap({ widest })}
    />
  </p>
{:else if part.kind === 'picture'}
  <PictureSentence {part} fields={floor.document?.fields ?? []} onchange={change} />
{:else if part.kind === 'group'}
  <h3 class="caption">Group</h3>
  <p>
    holds
    <ManyPiece
      label="Parts of the group"
      values={part.parts ?? []}
      options={others}
      onchange={(members) => members.length > 0 && change({ parts: members })}
    />
    <button
      class="plain act"
      title="The group goes, its parts stay"
      onclick={() => floor.edit({ what: 'UNGROUP', key: part.key })}>ungroup</button
    >
  </p>
{:else if part.kind === 'ribbon'}
  <RibbonSentences {part} eased={rest?.eased ?? 1} onchange={change} />
{:else if part.kind === 'scrim'}
  <h3 class="caption">Scrim</h3>
  <p>
    of <ColourPiece
      label="Colour of the scrim"
      value={part.colour!}
      onchange={(colour) => change({ colour })}
    />
    strength
    <NumberPiece
      label="Strength"
      value={Math.round((part.strength ?? 0) * PERCENT)}
      unit="%"
      onchange={(strength) => change({ strength: strength / PERCENT })}
    />
    strongest at the
    <ChoicePiece
      label="Where the scrim is strongest"
      value={part.from ?? 'middle'}
      options={SCRIM_SIDES}
      onchange={(side) => change({ from: side === 'middle' ? undefined : side })}
    />
  </p>
{:else}
  <h3 class="caption">Look</h3>
  <p>
    <PaintSentence
      label="Fill"
      pictures={part.kind === 'box'}
      paint={part.fill!}
      onchange={(rule) => change((now) => ({ fill: rule(now.fill!) }))}
    />
    {#if part.kind === 'line'}
      with
      <ChoicePiece
        label="Ends of the line"
        value={part.ends ?? 'flat'}
        options={ENDS}
        onchange={(ends) => change({ ends })}
      />
      ends
    {/if}
    {#if part.kind === 'box'}
      <CornersPiece radius={part.radius} onchange={(radius) => change({ radius })} />
      {#if part.slant || inLook}
        slant
        <NumberPiece
          label="Slant of the ends"
          value={part.slant ?? 0}
          unit="px"
          onchange={(slant) => change({ slant })}
        />
      {/if}
      {#if part.depth || inLook}
        deep
        <NumberPiece
          label="Depth"
          value={part.depth ?? 0}
          unit="px"
          onchange={(depth) => change({ depth: depth || undefined })}
        />
        {#if part.depth}
          <span class="muted">(sides show off the middle, and when it tilts)</span>
        {/if}
      {/if}
    {/if}
  </p>
{/if}

{#if DRAWN.includes(part.kind)}<LookSentences {part} more={inLook} onchange={change} />{/if}

<MovesList {floor} {onplay} />

{#snippet sum(what: keyof typeof REASONS)}
  {#if rest?.why && extent}
    <button
      class="plain figures px"
      aria-label="What {what} is made of"
      aria-expanded={floor.view.sums || sums.has(what)}
      title={rest.why[REASONS[what]]}
      onclick={() => (sums.has(what) ? sums.delete(what) : sums.add(what))}
      >{Math.round(extent[what] * 100) / 100}</button
    >
    {#if floor.view.sums || sums.has(what)}
      <span class="figures muted why">{rest.why[REASONS[what]]}</span>
    {/if}
  {/if}
{/snippet}

<style>
  .sums {
    color: var(--muted);
    font-weight: 400;
    letter-spacing: 0;
    text-transform: none;
  }

  .sums[aria-pressed='true'] {
    color: var(--accent);
  }

  .px {
    float: right;
    color: var(--muted);
    font-size: 11px;
    line-height: 20px;
  }

  .px:hover,
  .px[aria-expanded='true'] {
    color: var(--accent);
  }

  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: center;
    margin-bottom: 8px;
  }

  .acts {
    display: flex;
    flex-basis: 100%;
    flex-wrap: wrap;
    gap: 3px;
  }

  .acts :global(.act) {
    padding: 1px 5px;
    font-size: 11.5px;
  }

  p {
    clear: both;
    margin: 0 0 5px;
    line-height: 1.5;
  }

  .why {
    display: block;
    font-size: 11px;
    line-height: 1.4;
  }

  .absent {
    color: var(--warning);
    line-height: 1.4;
  }

  .caption {
    margin: 8px 0 4px;
  }
</style>
