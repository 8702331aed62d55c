<script lang="ts">
  import type { Bar, Move } from '../api/types';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import type { FloorState } from '../floor/floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const bars = $derived(floor.worked?.bars.filter(({ part }) => part === floor.selected) ?? []);

  const moves = $derived({
    IN: floor.document?.in?.moves ?? [],
    LOOP: floor.document?.loop?.moves ?? [],
    OUT: floor.document?.out?.moves ?? [],
  });

  function move(bar: Bar): Move | undefined {
    return moves[bar.phase].find(({ key }) => key === bar.move);
  }

  function ease(bar: Bar): string {
    const given = move(bar)?.ease ?? 'linear';
    if (typeof given === 'string') return given;
    return 'steps' in given ? `${given.steps} steps` : `bezier ${given.bezier.join(' ')}`;
  }

  function number(bar: Bar): string {
    const channel = move(bar)?.channel;
    if (channel === 'turn' || (channel !== 'x' && channel !== 'y')) return '';
    return `${Math.round(bar.away * 10) / 10} px`;
  }
</script>

<h3 class="caption">Moves</h3>
<ul>
  {#each bars as bar (bar.phase + bar.move)}
    <li class="move">
      <PhaseMark phase={bar.phase} />
      <span>
        <strong>{bar.move}</strong><br />
        {bar.words}
        {#if number(bar)}<span class="figures muted">→ {number(bar)}</span>{/if}<br />
        <span class="figures">{bar.length} f</span>
        {#if bar.waitsFor}
          {bar.afterEnd ? 'after' : 'with'}
          {bar.waitsFor}
          <span class="figures muted">→ frame {bar.start}</span>
        {:else}
          at <span class="figures">frame {bar.start}</span>
        {/if}<br />
        ease {ease(bar)}
      </span>
    </li>
  {:else}
    <li class="muted">It does not move of itself.</li>
  {/each}
</ul>

<style>
  h3 {
    margin: 14px 0 8px;
  }

  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }

  li {
    margin-bottom: 10px;
    line-height: 1.45;
  }

  .move {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
</style>
