<script lang="ts">
  import { graphic, workOut, workOutChanges } from '../api/client';
  import type { Graphic, Reel } from '../api/types';
  import { sampleValues } from '../floor/values';
  import { drawReel } from '../player/draw';
  import type { Phase } from '../player/moment';
  import { ready } from '../api/ready';

  interface Props {
    /** With `from` and `to`, places of trials, it is a frame of the change from the one to the other. */
    params?: { id?: string; phase?: string; frame?: string; from?: string; to?: string };
  }

  const { params }: Props = $props();

  let canvas = $state<HTMLCanvasElement>();
  let made = $state.raw<{ of: string; reel: Reel }>();
  let name = $state('');
  let fault = $state('');
  let between = $state('');

  const phase = $derived((params?.phase ?? 'IN') as Phase);
  const frame = $derived(Number(params?.frame ?? 0));
  const shown = $derived(Object.values(params ?? {}).join(' '));
  /** What reel it is a frame of. */
  const of = $derived([params?.id, params?.from, params?.to].join(' '));
  const reel = $derived(made?.of === of ? made.reel : undefined);

  async function reelOf(document: Graphic): Promise<Reel> {
    if (params?.to === undefined) return (await workOut(document, [sampleValues(document)]))[0]!.reel;
    const [from, to] = [params.from, params.to].map((at) => document.trials?.[Number(at)]);
    if (!from || !to) throw new Error('There is no such trial. Go back to the floor and choose another.');
    between = `from ${from.name} to ${to.name}, `;
    return (await workOutChanges(document, [{ values: from.values }], [to.values])).changes[0]!.reel;
  }

  $effect(() => {
    const asked = of;
    graphic(Number(params?.id))
      .then(async ({ document }) => {
        const drawn = await reelOf(document);
        await ready([drawn]);
        name = document.name;
        if (asked === of) made = { of: asked, reel: drawn };
      })
      .catch((error: Error) => (fault = error.message));
  });

  $effect(() => {
    if (!canvas || !reel) return;
    canvas.width = reel.width;
    canvas.height = reel.height;
    drawReel(canvas.getContext('2d')!, reel, { phase, frame }, new DOMMatrix());
    canvas.dataset.shown = shown;
  });
</script>

<svelte:head><title>{name} · a frame · Glimble</title></svelte:head>

<div class="page">
  <p class="muted">
    {name || 'A frame'}, {between}{between && phase === 'IN' ? 'change' : phase.toLowerCase()} frame {frame},
    at full size over nothing.
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
