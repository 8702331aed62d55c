<script lang="ts">
  import { ticks } from './scoreLayout';

  interface Props {
    frames: number;
    /** px of a frame. */
    scale: number;
    /** Frames per second. */
    rate: number;
  }

  const { frames, scale, rate }: Props = $props();
</script>

{#each ticks(frames, scale, rate) as tick (tick.frame)}
  <span class="tick figures" class:second={tick.second} style:left="{tick.frame * scale}px">{tick.words}</span
  >
{/each}

<style>
  .tick {
    position: absolute;
    bottom: 1px;
    padding-left: 3px;
    border-left: 1px solid var(--border);
    color: var(--muted);
    font-size: 10px;
    line-height: 12px;
    white-space: nowrap;
    pointer-events: none;
  }

  .second {
    border-color: var(--border-strong);
    color: var(--text);
  }
</style>
