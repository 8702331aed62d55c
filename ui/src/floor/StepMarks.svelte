<script lang="ts">
  import type { Step } from '../api/types';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    /** px a frame. */
    scale: number;
  }

  const { floor, scale }: Props = $props();

  const pauses = $derived(floor.worked?.reel.steps ?? []);
  let drag = $state<{ part: string; fromX: number; by: number }>();

  function take(part: string, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { part, fromX: event.clientX, by: 0 };
  }

  function pull(event: PointerEvent) {
    if (drag) drag = { ...drag, by: Math.round((event.clientX - drag.fromX) / scale) };
  }

  function release() {
    const done = drag;
    drag = undefined;
    if (done?.by) shift(done.part, done.by);
  }

  function change(rule: (steps: Step[]) => Step[]) {
    void floor.change((now) => ({ ...now, in: { ...now.in, steps: rule(now.in?.steps ?? []) } }));
  }

  function shift(part: string, by: number) {
    change((steps) =>
      steps.map((step) => (step.part === part ? { ...step, plus: (step.plus ?? 0) + by } : step)),
    );
  }

  function key(part: string, event: KeyboardEvent) {
    const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (way) shift(part, event.shiftKey ? way * 10 : way);
    else if (event.key === 'Delete') change((steps) => steps.filter((step) => step.part !== part));
    else return;
    event.preventDefault();
    event.stopPropagation();
  }
</script>

{#each pauses as pause (pause.part)}
  <button
    class="plain step"
    aria-label="Step before {pause.part}, frame {pause.frame}"
    title="The in waits here before {pause.part} enters. Drag it or use ← → to move it, Delete to remove it"
    style:left="{(pause.frame + (drag?.part === pause.part ? drag.by : 0)) * scale}px"
    onpointerdown={(event) => take(pause.part, event)}
    onpointermove={pull}
    onpointerup={release}
    onkeydown={(event) => key(pause.part, event)}
  >
    <span></span>
  </button>
{/each}

<style>
  .step {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 9px;
    margin-left: -5px;
    cursor: ew-resize;
    touch-action: none;
  }

  .step span {
    position: absolute;
    top: 0;
    bottom: 0;
    left: 4px;
    border-left: 2px dotted var(--warning);
  }

  .step::before {
    position: absolute;
    top: 0;
    left: 0;
    width: 9px;
    height: 9px;
    border-radius: 50%;
    background: var(--warning);
    content: '';
  }
</style>
