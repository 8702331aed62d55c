<script lang="ts">
  import { USUAL_SHARE, type Arrangement } from './arrangement.svelte';

  interface Props {
    arrangement: Arrangement;
    /** px that picture and score share. */
    height: number;
  }

  const { arrangement, height }: Props = $props();

  const STEP = 0.04;
  let from = $state.raw<{ y: number; share: number }>();

  function take(event: PointerEvent) {
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    from = { y: event.clientY, share: arrangement.top };
  }

  function pull(event: PointerEvent) {
    if (from) arrangement.setShare(from.share + (event.clientY - from.y) / height);
  }

  function key(event: KeyboardEvent) {
    const way = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (!way) return;
    event.preventDefault();
    event.stopPropagation();
    arrangement.setShare(arrangement.top + way * STEP);
  }
</script>

<!-- A separator that can be moved takes the focus. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<div
  class="divider"
  role="separator"
  aria-orientation="horizontal"
  aria-label="Between picture and score"
  aria-valuemin="15"
  aria-valuemax="85"
  aria-valuenow={Math.round(arrangement.top * 100)}
  tabindex="0"
  title="Pull, or use ↑ ↓: more room for the picture or for the score. Twice: as usual"
  onpointerdown={take}
  onpointermove={pull}
  onpointerup={() => (from = undefined)}
  ondblclick={() => arrangement.setShare(USUAL_SHARE)}
  onkeydown={key}
></div>

<style>
  .divider {
    height: 10px;
    cursor: ns-resize;
    touch-action: none;
  }

  .divider::after {
    display: block;
    position: relative;
    top: 4px;
    width: 44px;
    height: 2px;
    margin: 0 auto;
    border-radius: 1px;
    background: var(--border-strong);
    content: '';
  }

  .divider:hover::after,
  .divider:focus-visible::after {
    background: var(--accent);
  }
</style>
