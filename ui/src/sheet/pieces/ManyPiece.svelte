<script lang="ts">
  import { popup } from './popup';

  interface Props {
    label: string;
    values: string[];
    options: string[];
    /** What stands there when none is chosen. */
    none?: string;
    onchange: (values: string[]) => void;
  }

  const { label, values, options, none = 'none', onchange }: Props = $props();

  const NAMED = 3;
  const more = $derived(values.length - NAMED);
  /** All of them stand in the list. */
  const said = $derived(
    more > 1 ? `${values.slice(0, NAMED).join(', ')} and ${more} more` : values.join(', '),
  );
  /** From so many on a list can be filtered. */
  const MANY = 10;
  let filter = $state('');
  const shown = $derived(options.filter((option) => option.toLowerCase().includes(filter.toLowerCase())));

  function toggle(option: string, on: boolean) {
    onchange(on ? [...values, option] : values.filter((value) => value !== option));
  }
</script>

<details class="many" use:popup ontoggle={() => (filter = '')}>
  <summary class="piece" aria-label="{label}: {values.join(', ') || none}">{said || none}</summary>
  <div class="list surface" role="group" aria-label={label}>
    {#if options.length >= MANY}
      <input type="search" placeholder="filter" aria-label="Filter {label}" bind:value={filter} />
    {/if}
    {#each shown as option (option)}
      <label>
        <input
          type="checkbox"
          checked={values.includes(option)}
          onchange={(event) => toggle(option, event.currentTarget.checked)}
        />
        {option}
      </label>
    {:else}
      <span class="muted">{filter ? 'Nothing is called so.' : 'There is nothing to choose yet.'}</span>
    {/each}
  </div>
</details>

<style>
  label {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 3px 0;
    white-space: nowrap;
  }

  input {
    accent-color: var(--accent);
  }
</style>
