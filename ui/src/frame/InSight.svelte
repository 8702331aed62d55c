<script lang="ts" generics="T extends { id: string }">
  import type { Snippet } from 'svelte';

  interface Props {
    items: T[];
    /** Of each item with the line below it, px. */
    height: number;
    label: string;
    item: Snippet<[T]>;
    empty: Snippet;
    /** Told whenever others are in sight. */
    onsight?: (items: T[]) => void;
  }

  const { items, height, label, item, empty, onsight }: Props = $props();

  /** Items drawn above and below those that are in sight. */
  const BEYOND = 4;

  let list = $state<HTMLElement>();
  let top = $state(0);
  let room = $state(0);

  const many = $derived(Math.ceil(room / height) + 1 + 2 * BEYOND);
  /** Where it was scrolled to may be beyond the end of what there is by now. */
  const first = $derived(Math.max(0, Math.min(Math.floor(top / height) - BEYOND, items.length - many)));
  const drawn = $derived(items.slice(first, first + many));

  $effect(() => {
    if (drawn.length > 0) onsight?.(drawn);
  });

  /** Scrolls no further than it must. */
  export function show(id: string) {
    const place = items.findIndex((one) => one.id === id);
    if (!list || place < 0) return;
    const from = place * height;
    if (from < list.scrollTop) list.scrollTop = from;
    else if (from + height > list.scrollTop + room) list.scrollTop = from + height - room;
  }
</script>

<!-- A list of which only that much is drawn as can be seen, so that it may be long. -->
<div
  class="window"
  bind:this={list}
  bind:clientHeight={room}
  onscroll={(event) => (top = event.currentTarget.scrollTop)}
>
  <ol
    aria-label={label}
    style:padding-block="{first * height}px {Math.max(0, items.length - first - drawn.length) * height}px"
  >
    {#each drawn as one, place (one.id)}
      <li
        class="item"
        style:height="{height}px"
        aria-setsize={items.length}
        aria-posinset={first + place + 1}
      >
        {@render item(one)}
      </li>
    {:else}
      <li class="empty">{@render empty()}</li>
    {/each}
  </ol>
</div>

<style>
  .window {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
  }

  ol {
    margin: 0;
    padding-inline: 0;
    list-style: none;
  }

  .item {
    box-sizing: border-box;
    border-bottom: 1px solid var(--border);
  }

  .empty {
    padding: 16px;
    color: var(--muted);
  }
</style>
