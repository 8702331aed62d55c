<script lang="ts">
  import type { Part, Place } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import { company } from './ribbons';
  import { edges, GROUNDS, hangOn, placeOf, sizeOf, type Axis } from './relations';

  interface Props {
    part: Part;
    axis: Axis;
    parts: Part[];
    /** Whether an edge is being pointed at in the picture. */
    pointing: boolean;
    /** Whether what is as usual is said too. */
    more: boolean;
    onpoint: () => void;
    onchange: (place: Place) => void;
  }

  const { part, axis, parts, pointing, more, onpoint, onchange }: Props = $props();

  const IN = 'row of ';
  const AROUND = 'around its parts';
  const CLOSES = ['closes up', 'stays'] as const;
  const place = $derived(placeOf(part, axis));
  const others = $derived(
    part.rides ? company(part, parts) : parts.filter((other) => other.key !== part.key),
  );
  const stacks = $derived(others.filter((other) => other.kind === 'stack' && (other.along ?? 'y') === axis));
  const size = $derived(sizeOf(part, axis));
  const mayBeAround = $derived(size.wraps !== undefined && size.take === 'union');
  const targets = $derived([
    ...(part.rides ? [] : GROUNDS),
    ...others.map(({ key }) => key),
    ...stacks.map(({ key }) => IN + key),
    ...(mayBeAround ? [AROUND] : []),
  ]);

  function target(key: string | undefined): Part | undefined {
    return parts.find((other) => other.key === key);
  }

  function choose(chosen: string) {
    // Only a stack has a row of it; no part's name can begin so and be one.
    if (chosen.startsWith(IN) && !target(chosen)) onchange({ in: chosen.slice(IN.length) });
    else if (chosen === AROUND && !target(chosen)) onchange({ around: true });
    else onchange(hangOn(place, chosen, target(chosen), axis));
  }
</script>

{#if place.in !== undefined}
  {axis === 'x' ? 'across' : 'down'}, is a
  <ChoicePiece label="What {axis} hangs on" value={IN + place.in} options={targets} onchange={choose} />
{:else if place.around}
  {axis === 'x' ? 'across' : 'down'}, stands
  <ChoicePiece label="What {axis} hangs on" value={AROUND} options={targets} onchange={choose} />
{:else}
  <ChoicePiece
    label="Own edge along {axis}"
    value={place.hangs!}
    options={edges(part, axis)}
    onchange={(hangs) => onchange({ ...place, hangs })}
  />
  on
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
    onchange={(plus) => onchange({ ...place, plus })}
  />
  {#if target(place.on) && (place.stays || more)}
    <ChoicePiece
      label="What {axis} does when that is absent"
      value={place.stays ? 'stays' : 'closes up'}
      options={CLOSES}
      onchange={(chosen) => onchange({ ...place, stays: chosen === 'stays' || undefined })}
    />
  {/if}
{/if}
<button
  class="plain point"
  aria-label="Point at an edge for {axis}"
  aria-pressed={pointing}
  title="Point at an edge in the picture to hang on ({axis === 'x' ? 'e' : 'E'})"
  onclick={onpoint}>point</button
>

<style>
  .point {
    color: var(--muted);
    font-size: 12px;
  }

  .point:hover,
  .point[aria-pressed='true'] {
    color: var(--accent);
  }
</style>
