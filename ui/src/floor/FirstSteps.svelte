<script lang="ts">
  import { FIRST_STEPS } from './firstSteps';
  import type { FloorState } from './floor.svelte';
  import { sameValues, sampleValues } from './values';

  interface Props {
    floor: FloorState;
    onleave: () => void;
  }

  const { floor, onleave }: Props = $props();

  /** Done once is done for good: what is looked at may change afterwards. */
  let reached = $state(0);
  const seen = $derived(
    floor.document && {
      document: floor.document,
      saved: (floor.stored?.revision ?? 0) > 1 && !floor.unsaved,
      tried: !sameValues(floor.values, sampleValues(floor.document)),
    },
  );
  const step = $derived(FIRST_STEPS[reached]);

  $effect(() => {
    if (seen && step?.isDone(seen)) reached += 1;
  });
</script>

{#if step}
  <p class="steps" data-testid="first-step">
    <span class="muted figures">{reached + 1} of {FIRST_STEPS.length}</span>
    <strong>{step.title}</strong>
    <span class="muted">{step.how}</span>
    <button class="plain act" onclick={onleave}>put away</button>
  </p>
{/if}

<style>
  .steps {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 10px;
    align-items: baseline;
    margin: 0;
    padding: 6px 12px;
    border-bottom: 1px solid var(--border);
    font-size: 12px;
    line-height: 1.5;
  }

  .act {
    margin-left: auto;
  }
</style>
