<script lang="ts">
  import type { Filling, Finding, Mend } from '../api/types';
  import { count } from '../proof/findings';
  import Worst from '../proof/Worst.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    finding: Finding;
    filling: Filling;
  }

  const { floor, finding, filling }: Props = $props();

  const mending = $derived(floor.mending);
  /** They are changes of what was there when they were asked for. */
  const current = $derived(mending.of === floor.design);

  function words({ mended, of, added, worse, proved }: Mend): string {
    const adds = added === 0 ? 'adds nothing' : `adds ${count(added, 'finding')}`;
    const more = worse.length === 0 ? '' : `, makes worse: ${worse.join('; ')}`;
    return `mends this in ${mended} of ${count(of, 'filling')}, ${adds}${more}; proved with ${proved}`;
  }

  async function apply(mend: Mend) {
    await floor.changeDesign(() => mend.document);
    if (!floor.refusal) floor.putAway();
  }
</script>

{#if mending.busy}
  <p class="muted">Looking for what mends it; each is proved before it is offered …</p>
{:else if mending.fault}
  <p class="muted">No mends: {mending.fault}</p>
{:else if !current}
  <button class="plain act" onclick={() => floor.askMends()}>look for mends again</button>
{:else if mending.mends.length === 0}
  <p class="muted">No simple change was found that mends it and adds nothing.</p>
{:else}
  <ul aria-label="Mends">
    {#each mending.mends as mend (mend.words)}
      <li>
        <p><strong>{mend.words}</strong></p>
        <div class="pair">
          <Worst document={mending.of!} {finding} {filling} />
          <Worst document={mend.document} {finding} {filling} outlined={false} />
        </div>
        <p class="muted">{words(mend)}</p>
        <button class="plain act" aria-label="Apply: {mend.words}" onclick={() => apply(mend)}>apply</button>
      </li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    margin: 6px 0;
    padding: 0;
    list-style: none;
  }

  li {
    margin-bottom: 10px;
  }

  /* Before and after. */
  .pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px;
  }

  p {
    margin: 3px 0;
    font-size: 12px;
    line-height: 1.35;
  }
</style>
