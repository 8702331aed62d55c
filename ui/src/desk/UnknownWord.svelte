<script lang="ts">
  import type { Unknown } from '../api/types';

  interface Props {
    unknown: Unknown;
    oncorrect: (by: string) => void;
    onaccept: () => void;
  }

  const { unknown, oncorrect, onaccept }: Props = $props();
</script>

<p class="unknown">
  <strong>{unknown.word}</strong>
  {#each unknown.suggested as by (by)}
    <button type="button" class="plain word" onclick={() => oncorrect(by)}>{by}?</button>
  {/each}
  <button type="button" class="plain word" onclick={onaccept}
    >accept for the house<span class="for"> {unknown.word}</span></button
  >
</p>

<style>
  .unknown {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    margin: 0 0 8px;
    padding: 8px 12px;
    border-left: 4px solid var(--warning);
    background: var(--layer-2);
    font-size: 14px;
  }

  strong {
    text-decoration: underline wavy var(--warning);
    text-underline-offset: 3px;
  }

  .word {
    color: var(--accent);
  }

  .for {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
</style>
