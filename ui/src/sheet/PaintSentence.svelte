<script lang="ts">
  import type { Paint } from '../api/types';
  import { house } from '../house/house.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  type Kind = 'one colour' | 'gradient' | 'gradient outwards' | 'picture';

  interface Props {
    label: string;
    paint: Paint;
    /** Whether it may be a picture. */
    pictures?: boolean;
    /** The ways it may be given. */
    kinds?: readonly Kind[];
    /** What is made of the paint that is there by then. */
    onchange: (rule: (now: Paint) => Paint) => void;
  }

  const { label, paint, pictures = false, kinds, onchange }: Props = $props();

  const KINDS = ['one colour', 'gradient', 'gradient outwards', 'picture'] as const;
  const gradient = $derived(typeof paint !== 'string' && 'from' in paint ? paint : undefined);
  const kind: Kind = $derived(
    typeof paint === 'string'
      ? 'one colour'
      : 'picture' in paint
        ? 'picture'
        : paint.radial
          ? 'gradient outwards'
          : 'gradient',
  );

  function choose(chosen: Kind) {
    onchange((now) => {
      const stops = typeof now !== 'string' && 'from' in now ? now : undefined;
      const from = typeof now === 'string' ? now : (stops?.from ?? '#F4F1EA');
      const to = stops?.to ?? from;
      if (chosen === 'one colour') return from;
      if (chosen === 'gradient') return { from, to, angle: 0 };
      if (chosen === 'picture') return { picture: house.pictures[0]?.key ?? 'none yet' };
      return { from, to, radial: true };
    });
  }
</script>

{#if !kinds}fill{/if}
<ChoicePiece
  label="Kind of {label.toLowerCase()}"
  value={kind}
  options={kinds ?? (pictures ? KINDS : KINDS.slice(0, -1))}
  onchange={choose}
/>
{#if typeof paint === 'string'}
  <ColourPiece {label} value={paint} onchange={(colour) => onchange(() => colour)} />
{:else if 'picture' in paint}
  <ChoicePiece
    label="{label}, picture"
    value={paint.picture}
    options={house.pictures.map(({ key }) => key)}
    onchange={(picture) => onchange(() => ({ picture }))}
  />
{:else if gradient}
  from <ColourPiece
    label="{label}, from"
    value={gradient.from}
    onchange={(from) => onchange(() => ({ ...gradient, from }))}
  />
  to <ColourPiece
    label="{label}, to"
    value={gradient.to}
    onchange={(to) => onchange(() => ({ ...gradient, to }))}
  />
  {#if !gradient.radial}
    at
    <NumberPiece
      label="Angle of the gradient"
      value={gradient.angle ?? 0}
      unit="°"
      onchange={(angle) => onchange(() => ({ ...gradient, angle }))}
    />
  {/if}
{/if}
