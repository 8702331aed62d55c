<script lang="ts">
  import type { RestPart } from '../api/types';

  interface Props {
    entry: RestPart;
    /** Which of x, y, width and height the pointer is nearest to. */
    nearest: number;
    /** Whether it stands at the bottom, where it covers nothing of what it explains. */
    below: boolean;
  }

  const { entry, nearest, below }: Props = $props();

  const NAMES = ['x', 'y', 'width', 'height'];
</script>

<div class="why surface" class:below role="status">
  <strong>{entry.part}</strong>
  {#if entry.why}
    {#each entry.why as line, i (i)}
      <div class="figures" class:nearest={i === nearest}><span class="muted">{NAMES[i]}</span> {line}</div>
    {/each}
  {:else}
    <div class="muted">absent for these values</div>
  {/if}
</div>

<style>
  .why {
    position: absolute;
    top: 12px;
    left: 12px;
    max-width: calc(100% - 48px);
    padding: 8px 12px;
    border-color: var(--accent);
    line-height: 1.5;
    pointer-events: none;
  }

  .below {
    top: auto;
    bottom: 12px;
  }

  .nearest {
    color: var(--accent);
  }
</style>
