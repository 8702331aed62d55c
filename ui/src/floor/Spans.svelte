<script lang="ts">
  import { length, type Phase } from '../player/moment';
  import type { FloorState } from './floor.svelte';
  import { phaseOf } from './moves';

  interface Props {
    floor: FloorState;
    phase: Phase;
    /** px a frame. */
    scale: number;
  }

  const { floor, phase, scale }: Props = $props();

  const document = $derived(phaseOf(floor.document, phase));
  const spans = $derived(document && 'spans' in document ? (document.spans ?? []) : []);

  /** Where each begins and how long it is; what is beyond the last is slack. */
  const placed = $derived.by(() => {
    const whole = floor.worked ? length(floor.worked.reel, phase) : 0;
    let at = 0;
    const found = spans.map(({ frames, firm }) => {
      const from = at;
      at = Math.min(whole, at + frames);
      return { from, frames: at - from, firm };
    });
    return at < whole && spans.length > 0 ? [...found, { from: at, frames: whole - at, firm: false }] : found;
  });
</script>

{#each placed as { from, frames, firm }, i (i)}
  <span
    class="span"
    class:firm
    style:left="{from * scale}px"
    style:width="{frames * scale}px"
    title="{frames} f {firm ? 'firm: they keep their length' : 'slack: they take up the change'}"
  ></span>
{/each}

<style>
  .span {
    position: absolute;
    bottom: 0;
    height: 4px;
    background: repeating-linear-gradient(115deg, var(--muted) 0 2px, transparent 2px 5px);
  }

  .firm {
    background: var(--text);
  }
</style>
