<script lang="ts">
  import { paintAir } from '../air/paint';
  import { backdrop } from '../picture/backdrops';
  import type { OnAir } from './onAir.svelte';

  interface Props {
    air: OnAir;
    /** Missing for what is seen together with another picture. */
    label?: string;
    /** Whether a berth is drawn; all are if it is missing. */
    only?: (berth: string) => boolean;
    /** Whether it lies over another picture, with nothing behind it. */
    over?: boolean;
  }

  const { air, label, only, over = false }: Props = $props();

  let canvas = $state<HTMLCanvasElement>();
  let width = $state(0);

  $effect(() => {
    if (!canvas) return;
    const context = canvas.getContext('2d')!;
    const on = canvas;
    const across = Math.round(width * devicePixelRatio);
    let last = -1;
    let asked = 0;
    const paint = () => {
      asked = requestAnimationFrame(paint);
      const { state } = air;
      const frame = air.now();
      if (!state || frame === last || across === 0) return;
      last = frame;
      on.width = across;
      on.height = Math.round((across * state.height) / state.width);
      paintAir(context, state, frame, air.reels.get, only);
      // For whoever compares screens.
      on.dataset.frame = String(frame);
      on.dataset.event = String(state.event);
    };
    paint();
    return () => cancelAnimationFrame(asked);
  });

  const ratio = $derived(air.state ? `${air.state.width} / ${air.state.height}` : '16 / 9');
</script>

<div
  class="picture"
  class:over
  role={label ? 'img' : 'presentation'}
  aria-label={label}
  style:background={over ? 'none' : backdrop('evening').css}
  style:aspect-ratio={ratio}
  bind:clientWidth={width}
>
  <canvas bind:this={canvas}></canvas>
</div>

<style>
  .picture {
    overflow: hidden;
  }

  .over {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }

  canvas {
    display: block;
    width: 100%;
    height: 100%;
  }
</style>
