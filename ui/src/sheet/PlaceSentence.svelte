<script lang="ts">
  import type { Part, Place } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import { edges, GROUNDS, hangOn, type Axis } from './relations';

  interface Props {
    part: Part;
    axis: Axis;
    parts: Part[];
    onchange: (place: Place) => void;
  }

  const { part, axis, parts, onchange }: Props = $props();

  const IN = 'row of ';
  const place = $derived(part[axis]);
  const others = $derived(parts.filter((other) => other.key !== part.key));
  const stacks = $derived(others.filter((other) => other.kind === 'stack' && (other.along ?? 'y') === axis));
  const targets = $derived([
    ...GROUNDS,
    ...others.map(({ key }) => key),
    ...stacks.map(({ key }) => IN + key),
  ]);

  function target(key: string | undefined): Part | undefined {
    return parts.find((other) => other.key === key);
  }

  function choose(chosen: string) {
    // Only a stack has a row of it; no part's name can begin so and be one.
    if (chosen.startsWith(IN) && !target(chosen)) onchange({ in: chosen.slice(IN.length) });
    else onchange(hangOn(place, chosen, target(chosen), axis));
  }
</script>

{#if place.in !== undefined}
  {axis === 'x' ? 'across' : 'down'}, is a
  <ChoicePiece label="What {axis} hangs on" value={IN + place.in} options={targets} onchange={choose} />
{:else}
  <ChoicePiece
    label="Own edge along {axis}"
    value={place.hangs!}
    options={edges(part, axis)}
    onchange={(hangs) => onchange({ ...place, hangs })}
  />
  hangs on
  <ChoicePiece label="What {axis} hangs on" value={place.on!} options={targets} onchange={choose} />
  ·
  <ChoicePiece
    label="Edge it hangs on along {axis}"
    value={place.at!}
    options={edges(target(place.on), axis)}
    onchange={(at) => onchange({ ...place, at })}
  />
  +
  <NumberPiece
    label="Offset along {axis}"
    value={place.plus ?? 0}
    unit="px"
    onchange={(plus) => onchange({ ...place, plus })}
  />
{/if}
