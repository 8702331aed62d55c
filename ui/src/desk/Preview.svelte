<script lang="ts">
  import type { Graphic, Reel } from '../api/types';
  import { berthOf, isBelow } from '../air/stack';
  import { house } from '../house/house.svelte';
  import AirPicture from './AirPicture.svelte';
  import type { OnAir } from './onAir.svelte';
  import Picture from '../picture/Picture.svelte';
  import type { Moment } from '../player/moment';
  import WordMarks from './WordMarks.svelte';

  interface Props {
    reel: Reel | undefined;
    label: string;
    /** Grows each time it is to be played. */
    plays: number;
    graphic: Graphic | undefined;
    /** Keys of fields in which a word is in no dictionary. */
    misspelt: string[];
    /** What stands beside it. */
    air: OnAir;
  }

  const { reel, label, plays, graphic, misspelt, air }: Props = $props();

  const own = $derived(berthOf(graphic));
  const stack = $derived(house.house.air.stack ?? []);
  const below = $derived((berth: string) => isBelow(berth, own, stack));
  const above = $derived((berth: string) => isBelow(own, berth, stack));

  let frame = $state<number>();

  $effect(() => {
    const of = reel;
    if (plays === 0 || !of) return;
    const began = performance.now();
    let asked = 0;
    const play = () => {
      const at = Math.floor(((performance.now() - began) * of.rate) / 1000);
      frame = at > of.in ? undefined : at;
      if (frame !== undefined) asked = requestAnimationFrame(play);
    };
    play();
    return () => {
      cancelAnimationFrame(asked);
      frame = undefined;
    };
  });

  const moment = $derived<Moment>({ phase: 'IN', frame: frame ?? reel?.in ?? 0 });
</script>

<AirPicture {air} only={below} />
<div class="own"><Picture {reel} {moment} {label} over /></div>
<AirPicture {air} only={above} over />
{#if frame === undefined}<WordMarks {reel} {graphic} fields={misspelt} />{/if}

<style>
  .own {
    position: absolute;
    inset: 0;
  }
</style>
