<script lang="ts">
  import type { Part, Size } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ManyPiece from './pieces/ManyPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import { GROUNDS, newSize, padsOf, sizeKind, type SizeKind } from './relations';

  interface Props {
    /** What is so large: width, height or room. */
    what: string;
    /** What people call it; as it is if missing. */
    name?: string;
    /** The part whose size it is. */
    part?: Part;
    size: Size;
    kinds: SizeKind[];
    /** Keys of parts it may follow. */
    others: string[];
    /** px it has now. */
    extent: number;
    /** Whether what is as usual is said too. */
    more?: boolean;
    /** The pads of both axes, left, right, top and bottom, if both wrap. */
    all?: number[];
    onpads?: (pads: number[]) => void;
    /** Whether each side has a number of its own, though they are alike. */
    each?: boolean;
    onchange: (size: Size) => void;
  }

  let {
    what,
    name = what,
    part,
    size,
    kinds,
    others,
    extent,
    more = false,
    all,
    onpads,
    each = $bindable(false),
    onchange,
  }: Props = $props();

  const FOLLOWS = ['rest', 'are revealed'] as const;
  const TAKES = ['longest', 'union'] as const;
  const kind = $derived(sizeKind(size, part));
  const sides = $derived(what === 'height' ? ['top', 'bottom'] : ['left', 'right']);
  const pads = $derived(padsOf(size));
  const ofAll = $derived(!each && onpads !== undefined && (all?.every((pad) => pad === all[0]) ?? false));
  const alike = $derived(!each && pads[0] === pads[1]);
</script>

{name}
<ChoicePiece
  label="How {name} is given"
  value={kind}
  options={kinds}
  onchange={(chosen) => onchange(newSize(chosen, others, extent))}
/>
{#if kind === 'px'}
  <NumberPiece label={name} value={size.px!} unit="px" onchange={(px) => onchange({ px })} />
{:else if kind === 'wraps'}
  <ManyPiece
    label="What {name} wraps"
    values={size.wraps!}
    options={others}
    onchange={(wraps) => wraps.length > 0 && onchange({ ...size, wraps })}
  />
  (<ChoicePiece
    label="What {what} takes of them"
    value={size.take ?? 'longest'}
    options={TAKES}
    words={(take) => (take === 'longest' ? 'the longest' : 'all together')}
    onchange={(take) => onchange({ ...size, take })}
  />){#if !(ofAll && what === 'height')}, pad{/if}
  {#if ofAll && what === 'height'}
    <span class="muted">padded alike</span>
  {:else if ofAll}
    <NumberPiece
      label="Pad on all sides"
      value={pads[0]!}
      unit="px"
      onchange={(pad) => onpads!([pad, pad, pad, pad])}
    />
    <span class="muted">on all sides</span>
  {:else if alike}
    <NumberPiece
      label="Pad {sides.join(' and ')}"
      value={pads[0]!}
      unit="px"
      onchange={(pad) => onchange({ ...size, pad: [pad, pad] })}
    />
  {:else}
    {#each sides as side, i (side)}
      <NumberPiece
        label="Pad {side}"
        value={pads[i]!}
        onchange={(pad) => onchange({ ...size, pad: i === 0 ? [pad, pads[1]!] : [pads[0]!, pad] })}
      />
    {/each}
    <span class="muted">px</span>
  {/if}
  {#if what !== 'room' && (ofAll || alike)}
    <button class="plain fewer each" title="A number for each side" onclick={() => (each = true)}
      >each side</button
    >
  {/if}
  {#if what === 'width' && (size.revealed || more)}
    as they
    <ChoicePiece
      label="What of them {what} follows"
      value={size.revealed ? 'are revealed' : 'rest'}
      options={FOLLOWS}
      onchange={(chosen) => onchange({ ...size, revealed: chosen === 'are revealed' || undefined })}
    />
  {/if}
  {#if !ofAll && !alike}
    <button
      class="plain fewer"
      title="One number for both sides"
      onclick={() => {
        each = false;
        onchange({ ...size, pad: [pads[0]!, pads[0]!] });
      }}>one pad for both</button
    >
  {/if}
  {#if !ofAll && onpads && what === 'width'}
    <button
      class="plain fewer"
      title="One number for all four sides"
      onclick={() => {
        each = false;
        onpads([pads[0]!, pads[0]!, pads[0]!, pads[0]!]);
      }}>one for all sides</button
    >
  {/if}
{:else if kind === 'as'}
  <ChoicePiece
    label="What {what} is as large as"
    value={size.matches!}
    options={others}
    onchange={(matches) => onchange({ ...size, matches })}
  />
  {#if (size.factor ?? 1) !== 1 || more}
    × <NumberPiece
      label="Factor of {what}"
      value={size.factor ?? 1}
      onchange={(factor) => onchange({ ...size, factor })}
    />
  {/if}
  + <NumberPiece
    label="Added to {what}"
    value={size.plus ?? 0}
    unit="px"
    onchange={(plus) => onchange({ ...size, plus })}
  />
{:else if kind === 'share of'}
  <ChoicePiece
    label="What {what} is a share of"
    value={size.of ?? 'frame'}
    options={GROUNDS}
    onchange={(of) => onchange({ ...size, of })}
  />
  × <NumberPiece
    label="Share for {what}"
    value={size.share!}
    onchange={(share) => onchange({ ...size, share })}
  />
  + <NumberPiece
    label="Added to {what}"
    value={size.plus ?? 0}
    unit="px"
    onchange={(plus) => onchange({ ...size, plus })}
  />
{/if}

<style>
  .fewer {
    color: var(--muted);
    font-size: 11px;
  }

  .fewer:hover {
    color: var(--accent);
  }
</style>
