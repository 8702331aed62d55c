<script lang="ts">
  import { timecode } from '../player/moment';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    /** px. */
    height: number;
    /** px. */
    width: number;
  }

  const { floor, height, width }: Props = $props();

  const words = $derived(floor.worked?.words ?? []);
  const rate = $derived(floor.worked?.reel.rate ?? 50);
  /** The last one that has been spoken at the frame shown. */
  const now = $derived(
    floor.moment.phase === 'IN' && !floor.moment.change
      ? words.filter(({ frame }) => frame <= floor.moment.frame).length - 1
      : -1,
  );
</script>

{#if words.length > 0}
  <p
    class="words"
    dir="auto"
    aria-label="Words with their times"
    style:height="{height}px"
    style:max-width="{width}px"
  >
    {#each words as word, i (word.move + word.word)}
      <button
        class="plain"
        class:now={i === now}
        title="To when it is spoken"
        onclick={() => floor.phaseAt('IN', word.frame)}
        >{word.text} <span class="figures muted">{timecode(word.frame, rate)}</span></button
      >
    {/each}
  </p>
{/if}

<style>
  .words {
    margin: 0 auto;
    padding: 4px 8px 0;
    box-sizing: border-box;
    overflow-y: auto;
    font-size: 12px;
    line-height: 1.5;
    scrollbar-width: thin;
  }

  button {
    margin-right: 8px;
  }

  .muted {
    font-size: 10px;
  }

  .now {
    color: var(--phase-in);
  }
</style>
