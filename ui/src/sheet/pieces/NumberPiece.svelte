<script lang="ts">
  interface Props {
    label: string;
    value: number;
    unit?: string;
    onchange: (value: number) => void;
  }

  const { label, value, unit = '', onchange }: Props = $props();

  const FINE = 1;
  const COARSE = 10;

  function commit(input: HTMLInputElement) {
    const typed = Number(input.value.replace(',', '.').replace('−', '-'));
    if (input.value.trim() === '' || Number.isNaN(typed)) input.value = String(value);
    else if (typed !== value) onchange(typed);
  }

  function key(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    const way = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (way) {
      event.preventDefault();
      onchange(Math.round((value + way * (event.shiftKey ? COARSE : FINE)) * 1000) / 1000);
    } else if (event.key === 'Enter') commit(event.currentTarget);
  }
</script>

<input
  class="piece figures"
  aria-label={label}
  title="{label}{unit ? `, ${unit}` : ''}"
  inputmode="decimal"
  size={Math.max(3, String(value).length)}
  value={String(value)}
  onchange={(event) => commit(event.currentTarget)}
  onkeydown={key}
/>{#if unit}<span class="muted unit">{unit}</span>{/if}

<style>
  input {
    text-align: right;
  }

  .unit {
    margin-left: 3px;
    font-size: 11px;
  }
</style>
