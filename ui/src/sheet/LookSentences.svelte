<script lang="ts">
  import type { Glow, Part, Shadow, Stroke } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import More from './pieces/More.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    part: Part;
    /** Whether what is as usual is said too. */
    more: boolean;
    onchange: (changes: Partial<Part>) => void;
  }

  const { part, more, onchange }: Props = $props();

  const GLOWS = ['no glow', 'a glow'] as const;
  const NEW_GLOW: Glow = { colour: '#7AD3C0', blur: 24 };
  const PERCENT = 100;
  const STROKES = ['no stroke', 'a stroke'] as const;
  const SHADOWS = ['no shadow', 'a shadow'] as const;
  const WHATS: Record<string, string> = {
    ribbon: 'shadow, glow, opacity',
    box: 'stroke, shadow, glow, opacity, slant, depth',
  };
  const NEW_STROKE: Stroke = { colour: '#F4F1EA', width: 3 };
  const NEW_SHADOW: Shadow = { colour: '#00000080', x: 0, y: 6, blur: 12 };
  const stroke = $derived(part.stroke);
  const shadow = $derived(part.shadow);
  const glow = $derived(part.glow);
</script>

<p>
  {#if part.kind !== 'line' && part.kind !== 'ribbon' && (stroke || more)}
    with
    <ChoicePiece
      label="Stroke"
      value={stroke ? 'a stroke' : 'no stroke'}
      options={STROKES}
      onchange={(chosen) => onchange({ stroke: chosen === 'a stroke' ? NEW_STROKE : undefined })}
    />
    {#if stroke}
      <ColourPiece
        label="Colour of the stroke"
        value={stroke.colour}
        onchange={(colour) => onchange({ stroke: { ...stroke, colour } })}
      />
      <NumberPiece
        label="Width of the stroke"
        value={stroke.width}
        unit="px"
        onchange={(width) => onchange({ stroke: { ...stroke, width } })}
      />
    {/if}
  {/if}
  {#if shadow || more}
    with
    <ChoicePiece
      label="Shadow"
      value={shadow ? 'a shadow' : 'no shadow'}
      options={SHADOWS}
      onchange={(chosen) => onchange({ shadow: chosen === 'a shadow' ? NEW_SHADOW : undefined })}
    />
    {#if shadow}
      <ColourPiece
        label="Colour of the shadow"
        value={shadow.colour}
        onchange={(colour) => onchange({ shadow: { ...shadow, colour } })}
      />
      right <NumberPiece
        label="Shadow to the right"
        value={shadow.x ?? 0}
        onchange={(x) => onchange({ shadow: { ...shadow, x } })}
      />
      down <NumberPiece
        label="Shadow downwards"
        value={shadow.y ?? 0}
        onchange={(y) => onchange({ shadow: { ...shadow, y } })}
      />
      blur <NumberPiece
        label="Blur of the shadow"
        value={shadow.blur ?? 0}
        unit="px"
        onchange={(blur) => onchange({ shadow: { ...shadow, blur } })}
      />
    {/if}
  {/if}
  {#if glow || more}
    with
    <ChoicePiece
      label="Glow"
      value={glow ? 'a glow' : 'no glow'}
      options={GLOWS}
      onchange={(chosen) => onchange({ glow: chosen === 'a glow' ? NEW_GLOW : undefined })}
    />
    {#if glow}
      <ColourPiece
        label="Colour of the glow"
        value={glow.colour}
        onchange={(colour) => onchange({ glow: { ...glow, colour } })}
      />
      <NumberPiece
        label="Blur of the glow"
        value={glow.blur}
        unit="px"
        onchange={(blur) => onchange({ glow: { ...glow, blur } })}
      />
    {/if}
  {/if}
  {#if (part.opacity ?? 1) !== 1 || more}
    at
    <NumberPiece
      label="Opacity"
      value={Math.round((part.opacity ?? 1) * PERCENT)}
      unit="% opacity"
      onchange={(opacity) => onchange({ opacity: opacity / PERCENT })}
    />
  {/if}
</p>
<p>
  <More group="look" what={WHATS[part.kind] ?? 'stroke, shadow, glow, opacity'} />
</p>
