<script lang="ts">
  import type { Spare } from '../api/types';
  import { ENDLESS, inWords } from './spare.svelte';

  interface Props {
    spare: Spare;
    /** Letters there are. */
    letters: number;
  }

  const { spare, letters }: Props = $props();

  const whole = $derived(Math.max(1, letters + spare.squeezed));
  const share = (count: number) => `${Math.min(100, (count / whole) * 100)}%`;
</script>

<div class="spare" title={inWords(spare)} data-testid="spare {spare.field}">
  <span class="track">
    <span class="full" class:none={spare.squeezed === 0} style:width={share(letters)}></span>
    <span class="tight" style:left={share(letters + spare.asIs)}></span>
  </span>
  <span class="words figures"
    >{spare.asIs >= ENDLESS ? '∞' : `+${spare.asIs}`}{spare.squeezed > spare.asIs && spare.asIs < ENDLESS
      ? ` · ${spare.squeezed}`
      : ''}</span
  >
  <span class="said">{inWords(spare)}</span>
</div>

<style>
  .spare {
    display: flex;
    position: relative;
    gap: 8px;
    align-items: center;
    margin-top: 2px;
    color: var(--muted);
    font-size: 10px;
    line-height: 12px;
  }

  .track {
    position: relative;
    flex: 1;
    height: 3px;
    overflow: hidden;
    border-radius: 2px;
    background: var(--border);
  }

  .full {
    position: absolute;
    inset: 0 auto 0 0;
    background: var(--accent);
  }

  .full.none {
    background: var(--warning);
  }

  /* From here on letters are squeezed. */
  .tight {
    position: absolute;
    inset: 0 0 0 auto;
    background: color-mix(in srgb, var(--warning) 45%, transparent);
  }

  .words {
    white-space: nowrap;
  }

  /* For those who do not see the bar. */
  .said {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
    white-space: nowrap;
  }
</style>
