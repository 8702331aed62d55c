<script lang="ts">
  import TextPiece from './TextPiece.svelte';

  interface Props {
    label: string;
    /** #RRGGBB or #RRGGBBAA. */
    value: string;
    onchange: (value: string) => void;
  }

  const { label, value, onchange }: Props = $props();

  const OPAQUE = 7;
</script>

<input
  type="color"
  class="piece swatch"
  aria-label="{label}, picked"
  value={value.slice(0, OPAQUE).toLowerCase()}
  onchange={(event) => onchange(event.currentTarget.value.toUpperCase() + value.slice(OPAQUE))}
/>
<TextPiece {label} {value} {onchange} />

<style>
  .swatch {
    width: 30px;
    padding: 2px;
    cursor: pointer;
  }
</style>
