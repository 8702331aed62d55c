<script lang="ts">
  import type { Phase } from '../player/moment';

  interface Props {
    phase: Phase;
  }

  const { phase }: Props = $props();
</script>

<svg class={phase} viewBox="0 0 12 12" width="11" height="11" aria-hidden="true">
  {#if phase === 'IN'}
    <path d="M1 11H11V1Z" />
  {:else if phase === 'LOOP'}
    <circle cx="6" cy="6" r="4.25" />
  {:else}
    <path d="M1 1V11H11Z" />
  {/if}
</svg>

<style>
  svg {
    flex: none;
  }

  .IN {
    fill: var(--phase-in);
  }

  .LOOP {
    fill: none;
    stroke: var(--phase-loop);
    stroke-width: 2;
  }

  .OUT {
    fill: var(--phase-out);
  }
</style>
