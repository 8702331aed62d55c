<script lang="ts">
  import type { PartChange } from '../api/types';

  interface Props {
    doing: PartChange['doing'];
  }

  const { doing }: Props = $props();
</script>

<!-- What stood is at the left, what will stand at the right: filled where it is there. -->
<svg class={doing} viewBox="0 0 16 12" width="16" height="12" aria-hidden="true">
  {#if doing === 'STAYS'}
    <rect x="1" y="4" width="14" height="4" />
  {:else if doing === 'FLOWS'}
    <path d="M1 4H5L11 1H15V11H11L5 8H1Z" />
  {:else if doing === 'SWAPS'}
    <path d="M1 2H7V10H1Z" />
    <path class="hollow" d="M9.5 2.5H14.5V9.5H9.5Z" />
  {:else if doing === 'LEAVES'}
    <path d="M1 2H5L13 6L5 10H1Z" />
  {:else}
    <path d="M15 2H11L3 6L11 10H15Z" />
  {/if}
</svg>

<style>
  svg {
    flex: none;
    fill: var(--phase-swap);
  }

  .STAYS {
    fill: var(--muted);
  }

  .LEAVES {
    fill: var(--phase-out);
  }

  .ENTERS {
    fill: var(--phase-in);
  }

  .hollow {
    fill: none;
    stroke: var(--phase-swap);
  }
</style>
