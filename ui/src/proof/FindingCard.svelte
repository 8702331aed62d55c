<script lang="ts">
  import type { Filling, Finding, Graphic, Values } from '../api/types';
  import { count } from './findings';
  import Worst from './Worst.svelte';

  interface Props {
    document: Graphic;
    finding: Finding;
    /** The same of rows that are alike. */
    others?: Finding[];
    fillings: Filling[];
    onopen: (finding: Finding, filling: Filling) => void;
    /** Takes back that it is meant; missing where nothing can be changed. */
    onreject: ((finding: Finding) => void) | undefined;
  }

  const { document, finding, others = [], fillings, onopen, onreject }: Props = $props();

  const worst = $derived(fillings[finding.trial]!);
  /** Those of a change are marked by the half that comes. */
  const WHEN = { IN: 'in', LOOP: 'loop', OUT: 'out', AWAY: 'the change', BACK: 'the change' } as const;
  const AT = { FIRST: 'at once', MIDDLE: 'half-way', LAST: 'at rest' } as const;

  function wordsOf(values: Values): string {
    const filled = Object.entries(values).filter(([, text]) => text !== '');
    return filled.map(([field, text]) => `${field} ‘${text}’`).join(', ') || 'everything blank';
  }

  function words({ values, then }: Filling): string {
    if (!then?.length) return wordsOf(values);
    return [
      `from ${wordsOf(values)}`,
      ...then.map((next) => `${AT[next.at]} to ${wordsOf(next.values)}`),
    ].join(', ');
  }
</script>

<article class="surface" class:accepted={finding.accepted}>
  <button
    class="plain picture"
    aria-label="Open {finding.check} of {finding.part || 'the graphic'} on the floor"
    onclick={() => onopen(finding, worst)}
  >
    <Worst {document} {finding} filling={worst} />
  </button>
  <div>
    <p class="what"><strong>{finding.part || 'graphic'}</strong> {finding.sentence}</p>
    {#if others.length > 0}
      <p>
        likewise
        {#each others as other (other.part)}
          <button
            class="plain act"
            title={other.sentence}
            onclick={() => onopen(other, fillings[other.trial]!)}>{other.part}</button
          >
        {/each}
      </p>
    {/if}
    <p class="muted">
      {finding.check} · worst in {WHEN[finding.phase]}, frame {finding.frame} · {count(
        finding.trials.length,
        'filling',
      )} of {fillings.length}
    </p>
    {#if finding.accepted}
      <p>
        accepted: {finding.accepted}
        {#if onreject}
          <button class="plain act" onclick={() => onreject(finding)}>no longer meant</button>
        {/if}
      </p>
    {:else}
      {#if finding.outgrown}<p class="outgrown">{finding.outgrown}</p>{/if}
      <p>to mend: {finding.mend}</p>
    {/if}
    {#if finding.reduced}
      <p class="muted" dir="auto">
        <button
          class="plain act"
          title="Open the shortest filling that still shows it"
          onclick={() => onopen(finding, finding.reduced!)}>shortest</button
        >
        {words(finding.reduced)}
      </p>
    {/if}
  </div>
</article>

<style>
  article {
    padding: 9px;
    border-left: 3px solid var(--fault);
  }

  .outgrown {
    color: var(--fault);
  }

  .accepted {
    border-left-color: var(--border-strong);
  }

  .picture {
    display: block;
    width: 100%;
    margin-bottom: 6px;
  }

  p {
    margin: 2px 0;
    overflow: hidden;
    font-size: 12px;
    line-height: 1.45;
    text-overflow: ellipsis;
  }

  .what {
    font-size: 13px;
  }
</style>
