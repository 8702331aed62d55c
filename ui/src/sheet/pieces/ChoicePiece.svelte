<script lang="ts" generics="T extends string">
  interface Props {
    label: string;
    value: T;
    options: readonly T[];
    /** How an option is called. */
    words?: (option: T) => string;
    /** Whether it stands for acts: what is chosen is done, and the list says again what it is for. */
    acts?: boolean;
    onchange: (value: T) => void;
  }

  const { label, value, options, words = (option) => option, acts = false, onchange }: Props = $props();
</script>

<select
  class="piece"
  aria-label={label}
  title={label}
  {value}
  onchange={(event) => {
    onchange(event.currentTarget.value as T);
    if (acts) event.currentTarget.value = value;
  }}
>
  {#if !options.includes(value)}<option {value}>{words(value)}</option>{/if}
  {#each options as option, i (i)}<option value={option}>{words(option)}</option>{/each}
</select>
