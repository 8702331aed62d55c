<script lang="ts">
  import { allGraphics } from '../api/client';
  import { berthOf, moved, upwards } from '../air/stack';
  import type { AirRules } from '../api/types';
  import { house } from './house.svelte';

  interface Props {
    onsave: (air: AirRules) => void;
  }

  const { onsave }: Props = $props();

  let used = $state.raw<string[]>([]);

  $effect(() => {
    allGraphics().then(
      (all) => (used = all.map(({ document }) => berthOf(document))),
      () => (used = []),
    );
  });

  const air = $derived(house.house.air);
  const order = $derived(upwards([...(air.stack ?? []), ...used], air.stack ?? []));
  const downwards = $derived([...order].reverse());

  function move(berth: string, by: 1 | -1) {
    onsave({ ...air, stack: moved(order, berth, by) });
  }
</script>

<div class="section">
  <h2>Berths, one over the other</h2>
  <span class="muted">What stands further up here covers what stands below it on air.</span>
</div>
<ol class="surface" aria-label="Berths, from the highest to the lowest">
  {#each downwards as berth, place (berth)}
    <li>
      <span class="name">{berth}</span>
      <button
        class="plain act"
        aria-label="Raise {berth}"
        disabled={place === 0}
        onclick={() => move(berth, 1)}>raise</button
      >
      <button
        class="plain act"
        aria-label="Lower {berth}"
        disabled={place === downwards.length - 1}
        onclick={() => move(berth, -1)}>lower</button
      >
    </li>
  {:else}
    <li class="muted">No graphic has a berth yet.</li>
  {/each}
</ol>

<style>
  ol {
    margin: 0;
    padding: 6px 14px;
    list-style: none;
  }

  ol > li {
    display: flex;
    gap: 14px;
    align-items: baseline;
    padding: 4px 0;
  }

  .name {
    min-width: 120px;
    font-weight: 650;
  }

  .act {
    color: var(--accent);
  }

  .act:disabled {
    color: var(--muted);
  }
</style>
