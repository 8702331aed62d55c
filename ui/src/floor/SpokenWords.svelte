<script lang="ts">
  import type { Spoken } from '../api/types';
  import type { FloorState } from './floor.svelte';
  import { BAR, type Column, type Placed } from './scoreLayout';
  import { moved } from './spoken';

  interface Props {
    floor: FloorState;
    column: Column;
    bars: Placed[];
    /** px from the top of the score to that of each bar. */
    tops: Map<Placed, number>;
  }

  const { floor, column, bars, tops }: Props = $props();

  let drag = $state.raw<{ bar: Placed; index: number; fromX: number; frame: number; words: Spoken[] }>();

  /** The bars that go by words, each with its words. */
  const speaking = $derived(
    bars.flatMap((bar) => {
      const words = floor.worked?.words.filter(({ move, phase }) => move === bar.move && phase === bar.phase);
      const top = tops.get(bar);
      return words?.length && top !== undefined && bar.column === 'IN' ? [{ bar, words, top }] : [];
    }),
  );

  function shown(bar: Placed, words: Spoken[]): Spoken[] {
    return drag?.bar === bar ? drag.words : words;
  }

  /** px until the next word begins, or the bar ends. */
  function room(bar: Placed, words: Spoken[], index: number): number {
    const until = words[index + 1]?.frame ?? bar.start + bar.length;
    return Math.max(3, (until - words[index]!.frame) * column.scale);
  }

  function take(bar: Placed, words: Spoken[], index: number, event: PointerEvent) {
    event.stopPropagation();
    (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
    drag = { bar, index, fromX: event.clientX, frame: words[index]!.frame, words };
  }

  function pull(event: PointerEvent) {
    if (!drag) return;
    event.stopPropagation();
    const frame = drag.frame + Math.round((event.clientX - drag.fromX) / column.scale);
    drag = { ...drag, words: moved(drag.words, drag.index, frame, drag.bar.start) };
  }

  function release(event: PointerEvent) {
    event.stopPropagation();
    const done = drag;
    drag = undefined;
    if (done) floor.speak(done.bar, done.words);
  }

  function key(bar: Placed, words: Spoken[], index: number, event: KeyboardEvent) {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (!by || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    const frame = words[index]!.frame + by * (event.shiftKey ? 10 : 1);
    floor.speak(bar, moved(words, index, frame, bar.start));
  }
</script>

{#each speaking as { bar, words, top } (bar.move)}
  {#each shown(bar, words) as word, index (word.word)}
    <button
      class="plain word"
      aria-label="‘{word.text}’ at frame {word.frame}"
      title="‘{word.text}’ is spoken at frame {word.frame}: pull it to another"
      style:left="{word.frame * column.scale}px"
      style:width="{room(bar, shown(bar, words), index)}px"
      style:top="{top}px"
      style:height="{BAR}px"
      onpointerdown={(event) => take(bar, words, index, event)}
      onpointermove={pull}
      onpointerup={release}
      onkeydown={(event) => key(bar, words, index, event)}>{word.text}</button
    >
  {/each}
{/each}

<style>
  .word {
    position: absolute;
    padding: 0 2px 0 3px;
    overflow: hidden;
    border-left: 2px solid var(--text);
    background: var(--phase-in);
    color: var(--on-accent);
    font-size: 10.5px;
    line-height: 16px;
    text-overflow: clip;
    white-space: nowrap;
    cursor: ew-resize;
    touch-action: none;
  }

  .word:focus-visible,
  .word:hover {
    background: var(--text);
  }
</style>
