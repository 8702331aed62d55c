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
  .many {
    display: inline-block;
    position: relative;
    vertical-align: middle;
  }

  summary {
    overflow: hidden;
    line-height: 22px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
  }

  .list {
    position: absolute;
    z-index: 5;
    top: 28px;
    left: 0;
    min-width: 140px;
    max-height: 220px;
    padding: 6px 10px;
    overflow-y: auto;
    background: var(--layer-2);
    box-shadow: 0 6px 20px rgb(0 0 0 / 45%);
  }

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
