<script lang="ts">
  import { makePageKey, outputs, pageKey, takeBackPageKey } from '../api/outputs';
  import { session } from '../api/session.svelte';
  import type { Output } from '../api/types';

  let all = $state.raw<Output[]>([]);
  let keys = $state.raw<Record<number, string | undefined>>({});
  let fault = $state('');
  let said = $state('');

  const keyed = $derived(session.needed && session.role === 'ANIMATOR');

  async function load() {
    try {
      all = await outputs();
      if (keyed)
        keys = Object.fromEntries(await Promise.all(all.map(async ({ id }) => [id, await pageKey(id)])));
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  $effect(() => {
    void keyed;
    void load();
  });

  async function change(work: Promise<unknown>, then: string) {
    try {
      await work;
      said = then;
      await load();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  function address({ id }: Output): string {
    const key = keys[id] ? `&key=${keys[id]}` : '';
    return `${location.origin}/output.html?output=${id}${key}`;
  }
</script>

<div class="section">
  <h2>Output pages</h2>
  <span class="muted">What is on air, over nothing, for any web renderer.</span>
</div>
<section class="surface" aria-label="Output pages">
  {#each all as output (output.id)}
    <p>
      <strong>{output.name}</strong>
      <a href={address(output)} target="_blank" rel="noreferrer">{address(output)}</a>
      {#if keyed && keys[output.id]}
        <button
          class="plain act"
          onclick={() =>
            change(makePageKey(output.id), `Pages of ${output.name} with the address before are let go.`)}
          >another key</button
        >
        <button
          class="plain act"
          onclick={() => change(takeBackPageKey(output.id), `${output.name} is seen by accounts alone now.`)}
          >take the key back</button
        >
      {:else if keyed}
        <span class="muted">for accounts alone</span>
        <button
          class="plain act"
          onclick={() =>
            change(makePageKey(output.id), `Whoever has this address sees what is on air at ${output.name}.`)}
          >make a key for its page</button
        >
      {/if}
    </p>
  {/each}
  {#if fault}<p role="alert" class="fault">{fault}</p>{/if}
  {#if said}<p role="status">{said}</p>{/if}
</section>

<style>
  section {
    padding: 10px 16px;
  }

  p {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    margin: 4px 0;
  }

  a {
    color: var(--accent);
    overflow-wrap: anywhere;
  }

  .act {
    color: var(--accent);
  }

  .fault {
    color: var(--fault);
  }
</style>
