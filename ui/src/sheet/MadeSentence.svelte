<script lang="ts">
  import { percent } from './ribbons';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  /** How a colour is made from another; what is missing changes nothing. */
  interface Made {
    of: string;
    mixed?: { with: string; share: number };
    lighter?: number;
    vivid?: number;
    turned?: number;
  }

  interface Props {
    /** What it is called. */
    name: string;
    made: Made;
    /** Names it may be made from. */
    names: string[];
    onchange: (changes: Partial<Made>) => void;
  }

  const { name, made, names, onchange }: Props = $props();

  const MIXED = ['by itself', 'mixed'] as const;
  const PERCENT = 100;
  const HALF = 0.5;
</script>

from
<ColourPiece label="What {name} is made from" value={made.of} {names} onchange={(of) => onchange({ of })} />
<ChoicePiece
  label="Whether {name} is mixed"
  value={made.mixed ? 'mixed' : 'by itself'}
  options={MIXED}
  onchange={(chosen) =>
    onchange({ mixed: chosen === 'mixed' ? { with: '#FFFFFF', share: HALF } : undefined })}
/>
{#if made.mixed}
  {@const mixed = made.mixed}
  with
  <ColourPiece
    label="What {name} is mixed with"
    value={mixed.with}
    {names}
    onchange={(other) => onchange({ mixed: { ...mixed, with: other } })}
  />
  by
  <NumberPiece
    label="Share of it in {name}"
    value={percent(mixed.share)}
    unit="%"
    onchange={(share) => onchange({ mixed: { ...mixed, share: share / PERCENT } })}
  />
{/if}
·
<NumberPiece
  label="How much lighter {name} is"
  value={percent(made.lighter ?? 0)}
  unit="% lighter"
  onchange={(lighter) => onchange({ lighter: lighter / PERCENT || undefined })}
/> ·
<NumberPiece
  label="How much more vivid {name} is"
  value={percent(made.vivid ?? 0)}
  unit="% more vivid"
  onchange={(vivid) => onchange({ vivid: vivid / PERCENT || undefined })}
/> · hue turned
<NumberPiece
  label="How far {name} is turned"
  value={made.turned ?? 0}
  unit="°"
  onchange={(turned) => onchange({ turned: turned || undefined })}
/>
