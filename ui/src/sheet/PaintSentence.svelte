<script lang="ts">
  import type { Paint } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    label: string;
    paint: Paint;
    onchange: (paint: Paint) => void;
  }

  const { label, paint, onchange }: Props = $props();

  const KINDS = ['one colour', 'gradient', 'gradient outwards'] as const;
  const gradient = $derived(typeof paint === 'string' ? { from: paint, to: paint } : paint);
  const kind = $derived(typeof paint === 'string' ? KINDS[0] : paint.radial ? KINDS[2] : KINDS[1]);

  function choose(chosen: (typeof KINDS)[number]) {
    const { from, to } = gradient;
    if (chosen === 'one colour') onchange(from);
    else if (chosen === 'gradient') onchange({ from, to, angle: 0 });
    else onchange({ from, to, radial: true });
  }
</script>

fill
<ChoicePiece label="Kind of {label.toLowerCase()}" value={kind} options={KINDS} onchange={choose} />
{#if typeof paint === 'string'}
  <ColourPiece {label} value={paint} {onchange} />
{:else}
  from <ColourPiece
    label="{label}, from"
    value={paint.from}
    onchange={(from) => onchange({ ...paint, from })}
  />
  to <ColourPiece label="{label}, to" value={paint.to} onchange={(to) => onchange({ ...paint, to })} />
  {#if !paint.radial}
    at
    <NumberPiece
      label="Angle of the gradient"
      value={paint.angle ?? 0}
      unit="°"
      onchange={(angle) => onchange({ ...paint, angle })}
    />
  {/if}
{/if}
