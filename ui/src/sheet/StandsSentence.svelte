<script lang="ts">
  import type { Graphic, Part, Stand, Variant } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';

  interface Props {
    floor: FloorState;
    part: Part;
  }

  const { floor, part }: Props = $props();

  const AXES = [
    ['x', 'across'],
    ['y', 'down'],
  ] as const;
  const HOW = ['stands as it does anyway', 'stands otherwise'] as const;
  const PHASES = ['in', 'loop', 'out'] as const;

  /** The variant that says where parts stand: the first that is played. */
  const phase = $derived(PHASES.find((key) => floor.played[key]));
  const name = $derived(phase ? floor.played[phase] : '');
  const variant = $derived(floor.design?.variants?.find((one) => one.phase === phase && one.name === name));

  function has(axis: 'x' | 'y'): boolean {
    return variant?.stands?.some((stand) => stand.part === part.key && stand.axis === axis) ?? false;
  }

  function choose(axis: 'x' | 'y', otherwise: boolean) {
    if (otherwise === has(axis)) return;
    void floor.changeDesign((before: Graphic) => ({
      ...before,
      variants: before.variants?.map((one) =>
        one.phase === phase && one.name === name ? changed(one) : one,
      ),
    }));
    function now(): Stand {
      const found = floor.design!.parts!.find(({ key }) => key === part.key)!;
      const [size, place] = axis === 'x' ? [found.width, found.x] : [found.height, found.y];
      return { part: part.key, axis, size: size ?? { own: true }, place: place! };
    }
    function changed(one: Variant): Variant {
      const stands = one.stands ?? [];
      if (!otherwise)
        return { ...one, stands: stands.filter((stand) => stand.part !== part.key || stand.axis !== axis) };
      // It begins where it stands anyway.
      return { ...one, stands: [...stands, now()] };
    }
  }
</script>

{#if variant}
  <p>
    <span class="muted">where ‘{name}’ is played it</span>
    {#each AXES as [axis, word] (axis)}
      <ChoicePiece
        label="How {part.key} stands {word} where {name} is played"
        value={has(axis) ? HOW[1] : HOW[0]}
        options={HOW}
        onchange={(chosen) => choose(axis, chosen === HOW[1])}
      />
      {word}{axis === 'x' ? ' and' : ''}
    {/each}
  </p>
{/if}

<style>
  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }
</style>
