<script lang="ts" generics="T extends string">
  interface Props {
    label: string;
    value: T;
    options: readonly T[];
    onchange: (value: T) => void;
  }

  const { label, value, options, onchange }: Props = $props();
</script>

<select
  class="piece"
  aria-label={label}
  title={label}
  {value}
  onchange={(event) => onchange(event.currentTarget.value as T)}
>
  {#if !options.includes(value)}<option {value}>{value}</option>{/if}
  {#each options as option (option)}<option value={option}>{option}</option>{/each}
</select>

<style>
  select {
    padding-right: 3px;
    cursor: pointer;
  }
</style>
