<script lang="ts">
  import { graphic, workOut } from '../api/client';
  import type { Reel } from '../api/types';
  import { sampleValues } from '../floor/values';
  import { drawReel } from '../player/draw';
  import type { Phase } from '../player/moment';
  import { ready } from '../player/ready';

  interface Props {
    params?: { id?: string; phase?: string; frame?: string };
  }

  const { params }: Props = $props();

  let canvas = $state<HTMLCanvasElement>();
  let reel = $state.raw<Reel>();
  let name = $state('');
  let fault = $state('');

  const phase = $derived((params?.phase ?? 'IN') as Phase);
  const frame = $derived(Number(params?.frame ?? 0));

  $effect(() => {
    graphic(Number(params?.id))
      .then(async ({ document }) => {
        const [worked] = await workOut(document, [sampleValues(document)]);
        await ready([worked!.reel]);
        name = document.name;
        reel = worked!.reel;
      })
      .catch((error: Error) => (fault = error.message));
  });

  $effect(() => {
    if (!canvas || !reel) return;
    canvas.width = reel.width;
    canvas.height = reel.height;
    drawReel(canvas.getContext('2d')!, reel, { phase, frame }, new DOMMatrix());
    canvas.dataset.shown = `${params?.id} ${phase} ${frame}`;
  });
</script>

<svelte:head><title>{name} · a frame · Glimble</title></svelte:head>

<div class="page">
  <p class="muted">
    {name || 'A frame'}, {phase.toLowerCase()} frame {frame}, at full size over nothing.
    <a href="#/floor/{params?.id}">Back to the floor</a>
  </p>
  {#if fault}<p role="alert">{fault}</p>{/if}
  <canvas bind:this={canvas} aria-label="{name}, {phase.toLowerCase()} frame {frame}"></canvas>
</div>

<style>
  a {
    color: var(--accent);
  }

  canvas {
    display: block;
    border: 1px solid var(--border);
    background: repeating-conic-gradient(#8b8497 0% 25%, #a69fb2 0% 50%) 0 0 / 24px 24px;
  }
</style>
