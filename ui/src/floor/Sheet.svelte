<script lang="ts">
  import type { Bar, Move } from '../api/types';
  import PhaseMark from '../frame/PhaseMark.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const rest = $derived(floor.worked?.rest.find(({ part }) => part === floor.selected));
  const bars = $derived(floor.worked?.bars.filter(({ part }) => part === floor.selected) ?? []);
  /** The reckonings come in this order; the relations in the order width, height, x, y. */
  const REASON_OF_RELATION = [2, 3, 0, 1];

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

{#if rest}
  <h2><span class="part">{rest.part}</span> <span class="muted">{rest.kind}</span></h2>

  <h3 class="caption">Rest</h3>
  {#if !rest.present}
    <p class="absent">Absent for these values, and what hung on it takes its place.</p>
  {/if}
  <ul>
    {#each rest.relations as relation, i (i)}
      <li>
        {relation}
        {#if rest.why}<span class="figures muted why">{rest.why[REASON_OF_RELATION[i]!]}</span>{/if}
      </li>
    {/each}
  </ul>

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
      <li class="muted">{rest.present ? 'It does not move of itself.' : 'None while it is absent.'}</li>
    {/each}
  </ul>
{:else}
  <p class="muted">Choose a part in the score to see how it is sized, placed and moved.</p>
{/if}

<style>
  h2 {
    margin: 0 0 18px;
    font-size: 14px;
    font-weight: 400;
  }

  .part {
    font-weight: 650;
  }

  h3 {
    margin-bottom: 8px;
  }

  ul {
    margin: 0 0 20px;
    padding: 0;
    list-style: none;
  }

  li {
    margin-bottom: 10px;
    line-height: 1.45;
  }

  .why {
    display: block;
    font-size: 11px;
    line-height: 1.4;
  }

  .move {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }

  .absent {
    margin: 0 0 10px;
    color: var(--warning);
  }
</style>
