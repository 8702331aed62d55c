<script lang="ts">
  import { workOut } from '../api/client';
  import type { Graphic, LetterStyle, Reel } from '../api/types';
  import Picture from '../picture/Picture.svelte';
  import { ready } from '../api/ready';
  import { house } from './house.svelte';

  interface Props {
    letters: LetterStyle;
  }

  const { letters }: Props = $props();

  const WIDTH = 720;
  const HEIGHT = 140;
  let reel = $state.raw<Reel>();

  const graphic = $derived<Graphic>({
    format: 'glimble-graphic/1',
    name: 'sample',
    frame: { width: WIDTH, height: HEIGHT, rate: '50', length: 1 },
    parts: [
      {
        key: 'sample',
        kind: 'text',
        text: 'Ingeborg Ågy Þór',
        ...letters,
        width: { own: true },
        height: { own: true },
        x: { hangs: 'left', on: 'frame', at: 'left', plus: 24 },
        y: { hangs: 'centre', on: 'frame', at: 'centre' },
      },
    ],
  });

  $effect(() => {
    // A colour of the palette may have changed.
    void house.house.revision;
    workOut(graphic, [{}])
      .then(async ([worked]) => {
        await ready([worked!.reel]);
        reel = worked!.reel;
      })
      .catch(() => (reel = undefined));
  });
</script>

<div class="sample">
  <Picture {reel} moment={{ phase: 'IN', frame: 0 }} backdropId="dark" label="Letters in this style" />
</div>

<style>
  .sample {
    overflow: hidden;
    border-radius: var(--corner);
  }
</style>
