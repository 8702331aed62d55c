<script lang="ts">
  import { timecode } from '../player/moment';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

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
  <p class="words" dir="auto" aria-label="Words with their times">
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
    position: absolute;
    right: 0;
    bottom: 0;
    left: 0;
    max-height: 44px;
    margin: 0;
    padding: 2px 8px;
    overflow-y: auto;
    background: color-mix(in srgb, var(--ground) 82%, transparent);
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
