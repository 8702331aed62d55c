<script lang="ts">
  import type { Part, Size } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ManyPiece from './pieces/ManyPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import { GROUNDS, newSize, padsOf, sizeKind, type SizeKind } from './relations';

  interface Props {
    /** What is so large: width, height or room. */
    what: string;
    /** The part whose size it is. */
    part?: Part;
    size: Size;
    kinds: SizeKind[];
    /** Keys of parts it may follow. */
    others: string[];
    /** px it has now. */
    extent: number;
    onchange: (size: Size) => void;
  }

  const { what, part, size, kinds, others, extent, onchange }: Props = $props();

  const FOLLOWS = ['rest', 'are revealed'] as const;
  const TAKES = ['longest', 'union'] as const;
  const kind = $derived(sizeKind(size, part));
  const sides = $derived(what === 'height' ? ['top', 'bottom'] : ['left', 'right']);
  const pads = $derived(padsOf(size));
</script>

{what}
<ChoicePiece
  label="How {what} is given"
  value={kind}
  options={kinds}
  onchange={(chosen) => onchange(newSize(chosen, others, extent))}
/>
{#if kind === 'px'}
  <NumberPiece label={what} value={size.px!} unit="px" onchange={(px) => onchange({ px })} />
{:else if kind === 'wraps'}
  <ManyPiece
    label="What {what} wraps"
    values={size.wraps!}
    options={others}
    onchange={(wraps) => wraps.length > 0 && onchange({ ...size, wraps })}
  />
  the
  <ChoicePiece
    label="What {what} takes of them"
    value={size.take ?? 'longest'}
    options={TAKES}
    onchange={(take) => onchange({ ...size, take })}
  />
  pad
  {#each sides as side, i (side)}
    <NumberPiece
      label="Pad {side}"
      value={pads[i]!}
      onchange={(pad) => onchange({ ...size, pad: i === 0 ? [pad, pads[1]!] : [pads[0]!, pad] })}
    />
  {/each}
  <span class="muted">px</span>
  {#if what === 'width'}
    as they
    <ChoicePiece
      label="What of them {what} follows"
      value={size.revealed ? 'are revealed' : 'rest'}
      options={FOLLOWS}
      onchange={(chosen) => onchange({ ...size, revealed: chosen === 'are revealed' || undefined })}
    />
  {/if}
  {#if pads[0] !== pads[1]}
    <button class="plain act" onclick={() => onchange({ ...size, pad: [pads[0]!, pads[0]!] })}
      >one pad for both</button
    >
  {/if}
{:else if kind === 'as'}
  <ChoicePiece
    label="What {what} is as large as"
    value={size.matches!}
    options={others}
    onchange={(matches) => onchange({ ...size, matches })}
  />
  × <NumberPiece
    label="Factor of {what}"
    value={size.factor ?? 1}
    onchange={(factor) => onchange({ ...size, factor })}
  />
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
