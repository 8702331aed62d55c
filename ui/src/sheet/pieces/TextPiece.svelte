<script lang="ts">
  interface Props {
    label: string;
    value: string;
    wide?: boolean;
    onchange: (value: string) => void;
  }

  const { label, value, wide = false, onchange }: Props = $props();
</script>

<input
  class="piece"
  class:wide
  aria-label={label}
  title={label}
  autocomplete="off"
  dir="auto"
  size={Math.max(4, Math.min(24, value.length + 1))}
  {value}
  onchange={(event) => event.currentTarget.value !== value && onchange(event.currentTarget.value)}
  onkeydown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
/>

<style>
  .wide {
    width: 100%;
  }
</style>
