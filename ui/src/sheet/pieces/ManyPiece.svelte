<script lang="ts">
  interface Props {
    label: string;
    values: string[];
    options: string[];
    /** What stands there when none is chosen. */
    none?: string;
    onchange: (values: string[]) => void;
  }

  const { label, values, options, none = 'none', onchange }: Props = $props();

  function toggle(option: string, on: boolean) {
    onchange(on ? [...values, option] : values.filter((value) => value !== option));
  }
</script>

<details class="many">
  <summary class="piece" aria-label="{label}: {values.join(', ') || none}"
    >{values.join(', ') || none}</summary
  >
  <div class="list surface" role="group" aria-label={label}>
    {#each options as option (option)}
      <label>
        <input
          type="checkbox"
          checked={values.includes(option)}
          onchange={(event) => toggle(option, event.currentTarget.checked)}
        />
        {option}
      </label>
    {:else}
      <span class="muted">There is nothing to choose yet.</span>
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
