<script lang="ts">
  import type { Step } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  const steps = $derived(floor.document?.in?.steps ?? []);
  const keys = $derived((floor.document?.parts ?? []).map(({ key }) => key));
  const pauses = $derived(floor.worked?.reel.steps ?? []);

  function change(rule: (steps: Step[]) => Step[]) {
    void floor.change((now) => ({ ...now, in: { ...now.in, steps: rule(now.in?.steps ?? []) } }));
  }

  function at(index: number, changes: Partial<Step>) {
    change((all) => all.map((step, i) => (i === index ? { ...step, ...changes } : step)));
  }
</script>

<h3 class="caption">Steps</h3>
<p class="muted">The in waits for the operator before a part enters; without the part there is no step.</p>
{#each steps as step, i (i)}
  {@const pause = pauses.find(({ part }) => part === step.part)}
  <p>
    waits before
    <ChoicePiece
      label="Part of step {i + 1}"
      value={step.part}
      options={keys}
      onchange={(part) => at(i, { part })}
    />
    plus
    <NumberPiece
      label="Frames of step {i + 1}"
      value={step.plus ?? 0}
      unit="f"
      onchange={(value) => at(i, { plus: Math.round(value) || undefined })}
    />
    <span class="muted">{pause ? `frame ${pause.frame}` : 'not for these values'}</span>
    <button
      class="plain act"
      aria-label="Remove step {i + 1}"
      onclick={() => change((all) => all.filter((_, other) => other !== i))}>remove</button
    >
  </p>
{/each}
<p>
  <button
    class="plain act"
    title="Key t"
    disabled={keys.length === 0}
    onclick={() => change((all) => [...all, { part: floor.selected || keys[0]! }])}>wait before a part</button
  >
</p>

<style>
  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }

  .caption {
    margin: 12px 0 6px;
  }
</style>
