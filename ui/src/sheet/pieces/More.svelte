<script lang="ts">
  import { getContext } from 'svelte';
  import type { SvelteSet } from 'svelte/reactivity';

  interface Props {
    /** What is offered, as the line says it. */
    what: string;
    /** The group it belongs to; all parts of a kind share what is open. */
    group: string;
  }

  const { what, group }: Props = $props();

  const open = getContext<SvelteSet<string>>('more');
  const isOpen = $derived(open.has(group));
</script>

<button
  class="plain more"
  aria-expanded={isOpen}
  aria-label="More of {group}"
  onclick={() => (isOpen ? open.delete(group) : open.add(group))}
  >{isOpen ? 'less' : `more: ${what} …`}</button
>

<style>
  .more {
    color: var(--muted);
    font-size: 12px;
  }

  .more:hover {
    color: var(--accent);
  }
</style>
