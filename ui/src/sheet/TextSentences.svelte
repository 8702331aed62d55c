<script lang="ts">
  import type { FloorState } from '../floor/floor.svelte';
  import StylePiece from './StylePiece.svelte';
  import type { FontInfo, Part } from '../api/types';
  import type { PartChanges } from '../floor/editing.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import { getContext } from 'svelte';
  import type { SvelteSet } from 'svelte/reactivity';
  import More from './pieces/More.svelte';
  import FontPiece from './pieces/FontPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import TextPiece from './pieces/TextPiece.svelte';
  import PaintSentence from './PaintSentence.svelte';
  import SizeSentence from './SizeSentence.svelte';
  import type { SizeKind } from './relations';

  interface Props {
    floor: FloorState;
    part: Part;
    fonts: FontInfo[];
    others: string[];
    onchange: (changes: PartChanges) => void;
  }

  const { floor, part, fonts, others, onchange }: Props = $props();

  const CASES = ['as typed', 'capitals', 'title case'] as const;
  const ALIGNS = ['start', 'centre', 'end'] as const;
  const TOO_LONG = ['grows', 'fits'] as const;
  const SQUEEZES = ['width only', 'both'] as const;
  const ROOMS: SizeKind[] = ['px', 'as', 'share of'];
  const PERCENT = 100;

  const open = getContext<SvelteSet<string>>('more');
  const more = $derived(open.has('letters'));
  const style = $derived(part.style!);
  const fit = $derived(part.fit);
</script>

<h3 class="caption">Letters</h3>
<p>
  <TextPiece
    label="Text, with {'{field}'} for a value"
    wide
    asTyped
    value={part.text ?? ''}
    onchange={(text) => onchange({ text })}
  />
</p>
<p>
  <StylePiece {part} onpreview={(changes) => floor.preview(changes)} {onchange} />
  <FontPiece value={style.font} {fonts} onchange={(font) => onchange({ style: { ...style, font } })} />
  size <NumberPiece
    label="Size of letters"
    value={style.size}
    unit="px"
    onchange={(size) => onchange({ style: { ...style, size } })}
  />
  {#if style.tracking || more}
    tracking
    <NumberPiece
      label="Tracking"
      value={style.tracking ?? 0}
      onchange={(tracking) => onchange({ style: { ...style, tracking } })}
    />
  {/if}
</p>
<p>
  <PaintSentence
    label="Fill of letters"
    paint={style.fill}
    onchange={(rule) => onchange((now) => ({ style: { ...now.style!, fill: rule(now.style!.fill) } }))}
  />
</p>
{#if more || (part.case ?? 'as typed') !== 'as typed' || (part.align ?? 'start') !== 'start'}
  <p>
    shown <ChoicePiece
      label="Case"
      value={part.case ?? 'as typed'}
      options={CASES}
      onchange={(letters) => onchange({ case: letters })}
    />
    aligned at its
    <ChoicePiece
      label="Alignment"
      value={part.align ?? 'start'}
      options={ALIGNS}
      onchange={(align) => onchange({ align })}
    />
  </p>
{/if}
<p>
  too long, it
  <ChoicePiece
    label="What it does when too long"
    value={fit ? 'fits' : 'grows'}
    options={TOO_LONG}
    onchange={(chosen) =>
      onchange({ fit: chosen === 'fits' ? { room: { px: 600 }, lines: 1, least: 0.6 } : undefined })}
  />
  {#if fit}
    a <SizeSentence
      what="room"
      size={fit.room}
      kinds={ROOMS}
      {others}
      extent={600}
      onchange={(room) => onchange({ fit: { ...fit, room } })}
    />
    in up to
    <NumberPiece
      label="Most lines"
      value={fit.lines ?? 1}
      onchange={(lines) => onchange({ fit: { ...fit, lines } })}
    /> lines, squeezed to
    <NumberPiece
      label="Least squeeze"
      value={Math.round((fit.least ?? 1) * PERCENT)}
      unit="%"
      onchange={(least) => onchange({ fit: { ...fit, least: least / PERCENT } })}
    />
    <ChoicePiece
      label="What is squeezed"
      value={fit.both ? 'both' : 'width only'}
      options={SQUEEZES}
      onchange={(chosen) => onchange({ fit: { ...fit, both: chosen === 'both' } })}
    />
    {#if fit.together || more}
      together with all named
      <TextPiece
        label="Squeezed together as"
        value={fit.together ?? ''}
        onchange={(together) => onchange({ fit: { ...fit, together: together.trim() || undefined } })}
      />
    {/if}
  {/if}
</p>
<p><More group="letters" what="tracking, case, alignment" /></p>
