<script lang="ts">
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    /** px of a frame. */
    scale: number;
  }

  const { floor, scale }: Props = $props();

  const ENDS = ['from', 'to'] as const;
  type End = (typeof ENDS)[number];
  const WORDS: Record<End, string> = { from: 'Beginning', to: 'End' };

  let pulled = $state.raw<{ end: End; fromX: number; had: number }>();

  const range = $derived(floor.range!);

  function take(end: End, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    pulled = { end, fromX: event.clientX, had: range[end] };
  }

  function pull(event: PointerEvent) {
    if (!pulled) return;
    floor.setRange(pulled.end === 'to', pulled.had + Math.round((event.clientX - pulled.fromX) / scale));
  }

  function key(end: End, event: KeyboardEvent) {
    const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (way) floor.setRange(end === 'to', range[end] + (event.shiftKey ? way * 10 : way));
    else if (event.key === 'Delete') floor.dropRange();
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

<span class="range" style:left="{range.from * scale}px" style:width="{(range.to - range.from) * scale}px"
></span>
{#each ENDS as end (end)}
  <button
    class="plain end"
    aria-label="{WORDS[end]} of the range, frame {range[end]}"
    title="{WORDS[end]} of what p plays round and round. Pull it or use ← →; Delete takes the range away"
    style:left="{range[end] * scale}px"
    onpointerdown={(event) => take(end, event)}
    onpointermove={pull}
    onpointerup={() => (pulled = undefined)}
    onkeydown={(event) => key(end, event)}
  ></button>
{/each}

<style>
  .range {
    position: absolute;
    top: 0;
    bottom: 0;
    background: color-mix(in srgb, var(--accent) 12%, transparent);
    pointer-events: none;
  }

  .end {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 9px;
    margin-left: -5px;
    cursor: ew-resize;
    touch-action: none;
  }

  .end::after {
    position: absolute;
    top: 0;
    bottom: 0;
    left: 4px;
    border-left: 1px solid var(--accent);
    content: '';
  }
</style>
