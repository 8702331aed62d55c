<script lang="ts">
  import type { Graphic } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import { percent } from './ribbons';

  type Grade = NonNullable<Graphic['grade']>;

  interface Props {
    grade: Grade;
    onchange: (grade: Grade | undefined) => void;
  }

  const { grade, onchange }: Props = $props();

  const TINTS = ['no tint', 'tinted'] as const;
  const PERCENT = 100;
  const FIFTH = 0.2;

  /** What says nothing is left out. */
  function change(changes: Partial<Grade>) {
    const next = Object.fromEntries(
      Object.entries({ ...grade, ...changes }).filter(
        ([name, value]) => value !== undefined && value !== (name === 'warmth' ? 0 : 1),
      ),
    );
    onchange(Object.keys(next).length > 0 ? next : undefined);
  }
</script>

<h3 class="caption">Grade <span class="muted">of everything, at the end</span></h3>
<p>
  <NumberPiece
    label="Lightness of the grade"
    value={percent(grade.lightness ?? 1)}
    unit="% light"
    onchange={(lightness) => change({ lightness: lightness / PERCENT })}
  />, contrast
  <NumberPiece
    label="Contrast of the grade"
    value={percent(grade.contrast ?? 1)}
    unit="%"
    onchange={(contrast) => change({ contrast: contrast / PERCENT })}
  />, saturation
  <NumberPiece
    label="Saturation of the grade"
    value={percent(grade.saturation ?? 1)}
    unit="%"
    onchange={(saturation) => change({ saturation: saturation / PERCENT })}
  />,
  <NumberPiece
    label="Warmth of the grade"
    value={percent(grade.warmth ?? 0)}
    unit="% warmer"
    onchange={(warmth) => change({ warmth: warmth / PERCENT })}
  />,
  <ChoicePiece
    label="Whether the grade is tinted"
    value={grade.tint ? 'tinted' : 'no tint'}
    options={TINTS}
    onchange={(chosen) =>
      change({ tint: chosen === 'tinted' ? { colour: '#7AD3C0', share: FIFTH } : undefined })}
  />
  {#if grade.tint}
    {@const tint = grade.tint}
    <ColourPiece
      label="Tint of the grade"
      value={tint.colour}
      onchange={(colour) => change({ tint: { ...tint, colour } })}
    />
    by
    <NumberPiece
      label="Share of the tint"
      value={percent(tint.share)}
      unit="%"
      onchange={(share) => change({ tint: { ...tint, share: share / PERCENT } })}
    />
  {/if}
</p>

<style>
  p {
    margin: 0 0 8px;
    line-height: 1.8;
  }

  .caption {
    margin: 12px 0 6px;
  }
</style>
