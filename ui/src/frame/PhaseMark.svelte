<script lang="ts">
  import type { AnyPhase } from '../player/moment';

  interface Props {
    /** Of the swap as a whole, or of one of its halves. */
    phase: AnyPhase | 'SWAP';
  }

  const { phase }: Props = $props();
</script>

<svg class={phase} viewBox="0 0 12 12" width="11" height="11" aria-hidden="true">
  {#if phase === 'IN'}
    <path d="M1 11H11V1Z" />
  {:else if phase === 'LOOP'}
    <circle cx="6" cy="6" r="4.25" />
  {:else if phase === 'AWAY'}
    <path d="M1 1V11H6Z" />
  {:else if phase === 'BACK'}
    <path d="M11 1V11H6Z" />
  {:else if phase === 'SWAP'}
    <path d="M0.5 1V11H5.25ZM11.5 1V11H6.75Z" />
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

  .AWAY,
  .BACK,
  .SWAP {
    fill: var(--phase-swap);
  }

  .OUT {
    fill: var(--phase-out);
  }
</style>
