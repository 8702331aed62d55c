<script lang="ts">
  import { workOut, workOutChanges } from '../api/client';
  import type { Filling, Finding, Graphic, Reel, Standing, Values } from '../api/types';
  import { around } from '../picture/area';
  import Picture from '../picture/Picture.svelte';
  import { ready } from '../api/ready';
  import { drawnIn, stagesOf } from './findings';
  import Outline from './Outline.svelte';

  interface Props {
    document: Graphic;
    finding: Finding;
    filling: Filling;
    /** Whether the fault is outlined. */
    outlined?: boolean;
  }

  const { document, finding, filling, outlined = true }: Props = $props();

  let reel = $state.raw<Reel>();
  const area = $derived(reel && around(reel, finding.where));

  /** What is worked out; while a proof runs the filling comes anew with each look at it, but with the same values. */
  const asked = $derived(JSON.stringify([filling.values, filling.onAir, filling.then, filling.dials]));

  $effect(() => {
    let current = true;
    const [values, onAir, then, dials] = JSON.parse(asked) as [Values, Standing, Filling['then'], Values?];
    const found = then?.length
      ? workOutChanges(
          document,
          stagesOf(values, then),
          [then.at(-1)!.values],
          undefined,
          then.at(-1)!.dials ?? dials,
        ).then(({ changes }) => changes[0]!.reel)
      : workOut(document, [values], { onAir, dials }).then(([worked]) => worked!.reel);
    void found
      .then(async (of) => {
        await ready([of]);
        if (current) reel = of;
      })
      .catch(() => {
        // The picture only illustrates what the sentence says.
      });
    return () => (current = false);
  });
</script>

<span class="worst">
  <Picture
    {reel}
    {area}
    moment={{ phase: drawnIn(finding), frame: finding.frame }}
    label="{finding.part || 'The graphic'} at its worst frame"
  />
  {#if area && outlined}<Outline {area} where={finding.where} />{/if}
</span>

<style>
  .worst {
    position: relative;
    display: block;
    overflow: hidden;
    border-radius: 4px;
  }
</style>
