<script lang="ts">
  import type { CueCheck } from '../api/types';

  interface Props {
    /** Missing while it is checked. */
    standing: CueCheck['standing'] | undefined;
  }

  const { standing }: Props = $props();

  const SAID = { SOUND: 'sound', DOUBTFUL: 'doubtful', NOT_FILLABLE: 'not fillable' } as const;
  const said = $derived(standing ? SAID[standing] : 'being checked');
</script>

<svg class={standing ?? 'none'} viewBox="0 0 16 16" width="16" height="16" role="img" aria-label={said}>
  <title>{said}</title>
  {#if standing === 'SOUND'}<circle cx="8" cy="8" r="5" />
  {:else if standing === 'DOUBTFUL'}<path d="M8 2.5 14 13.5H2z" />
  {:else if standing === 'NOT_FILLABLE'}<path d="M3.5 3.5l9 9M12.5 3.5l-9 9" />
  {:else}<circle cx="8" cy="8" r="1.5" />{/if}
</svg>

<style>
  svg {
    flex: none;
    stroke-width: 2;
    fill: none;
  }

  .SOUND {
    fill: var(--accent);
  }

  .DOUBTFUL {
    stroke: var(--warning);
  }

  .NOT_FILLABLE {
    stroke: var(--fault);
  }

  .none {
    fill: var(--muted);
  }
</style>
