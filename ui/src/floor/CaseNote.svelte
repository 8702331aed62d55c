<script lang="ts">
  import { askOnAir } from '../cases/conditions';
  import OnAirPiece from '../cases/OnAirPiece.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const answer = $derived(floor.worked?.answer);
</script>

{#if answer?.needed}
  <div class="case" data-testid="case">
    {#if floor.pinned}
      <p class="warn">
        A variant is looked at, whatever the case says.
        <button class="plain act" onclick={() => floor.pin()}>follow the case</button>
      </p>
    {/if}
    <p class:wrong={answer.row < 0}>
      {answer.row < 0 ? 'No case answers.' : `Case ‘${answer.name}’ answers.`}
    </p>
    {#each answer.earlier as sentence, i (i)}<p class="muted">{sentence}.</p>{/each}
    {#if askOnAir(floor.design?.cases)}
      <p>
        on air now
        <OnAirPiece {floor} />
      </p>
    {/if}
  </div>
{/if}

<style>
  .case {
    margin-top: 14px;
    padding-top: 10px;
    border-top: 1px solid var(--border);
  }

  p {
    margin: 0 0 4px;
    font-size: 12px;
    line-height: 1.5;
  }

  .wrong {
    color: var(--fault);
  }

  .warn {
    color: var(--warning);
  }
</style>
