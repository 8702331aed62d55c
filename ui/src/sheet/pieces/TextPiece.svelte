<script lang="ts">
  import { live } from './live';

  interface Props {
    label: string;
    value: string;
    wide?: boolean;
    /** What is said while it is blank. */
    empty?: string;
    /** Whether it changes as one types; otherwise when one is done. */
    asTyped?: boolean;
    onchange: (value: string) => void;
  }

  const { label, value, wide = false, empty, asTyped = false, onchange }: Props = $props();

  let had = '';

  function key(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key === 'Enter') event.currentTarget.blur();
    if (event.key !== 'Escape' || asTyped) return;
    event.stopPropagation();
    event.currentTarget.value = had;
    event.currentTarget.blur();
  }
</script>

{#if asTyped}
  <input
    class="piece"
    class:wide
    aria-label={label}
    title={label}
    autocomplete="off"
    dir="auto"
    placeholder={empty}
    {value}
    use:live={{ value, read: (text) => text, write: String, change: onchange }}
    onkeydown={key}
  />
{:else}
  <input
    class="piece"
    class:wide
    aria-label={label}
    title={label}
    autocomplete="off"
    dir="auto"
    placeholder={empty}
    {value}
    onfocus={(event) => (had = event.currentTarget.value)}
    onchange={(event) => event.currentTarget.value !== value && onchange(event.currentTarget.value)}
    onkeydown={key}
  />
{/if}

<style>
  .wide {
    width: 100%;
  }
</style>
