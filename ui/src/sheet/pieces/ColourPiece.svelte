<script lang="ts">
  import { getContext } from 'svelte';
  import type { Piece } from '../../dials/offer';
  import { house } from '../../house/house.svelte';
  import ChoicePiece from './ChoicePiece.svelte';
  import TextPiece from './TextPiece.svelte';

  interface Props {
    label: string;
    /** #RRGGBB, #RRGGBBAA, or a name of the palette or of the graphic itself. */
    value: string;
    /** Names it may have; missing for all there are. */
    names?: string[];
    onchange: (value: string) => void;
  }

  const { label, value, names, onchange }: Props = $props();

  const OPAQUE = 7;
  const OWN = 'own colour';
  /** Keys of colour fields of the graphic at hand; none where there is no graphic. */
  const fields = getContext<(() => string[]) | undefined>('colour fields') ?? (() => []);
  /** Colours that the graphic at hand makes, by name. */
  const made =
    getContext<(() => Record<string, string>) | undefined>('made colours') ??
    ((): Record<string, string> => ({}));
  const known = $derived(names ?? [...new Set([...Object.keys(made()), ...house.names])]);
  const options = $derived([OWN, ...known, ...fields().map((key) => `{${key}}`)]);
  const named = $derived(!value.startsWith('#'));
  const shown = $derived(made()[value] ?? house.shown(value));
  const offer = getContext<((piece: Piece) => void) | undefined>('offer');

  function key(event: KeyboardEvent) {
    if (!offer || event.key !== 'o' || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    offer({ label, kind: 'colour', value, options: known, change: (sent) => onchange(String(sent)) });
  }
</script>

<span class="colour" role="group" aria-label={label} onkeydowncapture={key}>
  <input
    type="color"
    class="piece swatch"
    aria-label="{label}, picked"
    title={offer ? `${label}; o offers it to operators` : label}
    value={shown.slice(0, OPAQUE).toLowerCase()}
    onchange={(event) => onchange(event.currentTarget.value.toUpperCase() + shown.slice(OPAQUE))}
  />
  <ChoicePiece
    label="{label}, of the palette"
    value={named ? value : OWN}
    {options}
    onchange={(chosen) => onchange(chosen === OWN ? shown : chosen)}
  />
</span>
{#if !named}<TextPiece {label} {value} {onchange} />{/if}

<style>
  .colour {
    display: contents;
  }

  .swatch {
    width: 30px;
    padding: 2px;
    cursor: pointer;
  }
</style>
