<script lang="ts">
  import CenterCircle from 'carbon-icons-svelte/lib/CenterCircle.svelte';
  import Locked from 'carbon-icons-svelte/lib/Locked.svelte';
  import Unlocked from 'carbon-icons-svelte/lib/Unlocked.svelte';
  import View from 'carbon-icons-svelte/lib/View.svelte';
  import ViewOff from 'carbon-icons-svelte/lib/ViewOff.svelte';
  import { house } from '../house/house.svelte';
  import type { FloorState } from './floor.svelte';

  interface Props {
    floor: FloorState;
    part: string;
    /** How many groups it is in. */
    depth: number;
  }

  const { floor, part, depth }: Props = $props();

  const STEP = 10;
  const tag = $derived(floor.document?.parts?.find(({ key }) => key === part)?.tag ?? '');
  const view = $derived(floor.view);
  const chosen = $derived(part === floor.selected || floor.others.includes(part));
</script>

<span class="tag" style:background={tag ? house.shown(tag) : 'transparent'}></span>
<button
  class="plain name"
  style:padding-left="{8 + depth * STEP}px"
  aria-pressed={chosen}
  onclick={(event) => floor.choose(part, event.shiftKey)}>{part}</button
>
<span
  class="looks"
  class:kept={view.hidden.includes(part) || view.locked.includes(part) || view.only.includes(part)}
>
  <button
    class="plain"
    aria-label="Hide {part}"
    title="Hide, or show again (h)"
    aria-pressed={view.hidden.includes(part)}
    onclick={() => view.toggle('hidden', part)}
  >
    {#if view.hidden.includes(part)}<ViewOff size={16} />{:else}<View size={16} />{/if}
  </button>
  <button
    class="plain"
    aria-label="Lock {part}"
    title="Lock in the picture, or free it (k)"
    aria-pressed={view.locked.includes(part)}
    onclick={() => view.toggle('locked', part)}
  >
    {#if view.locked.includes(part)}<Locked size={16} />{:else}<Unlocked size={16} />{/if}
  </button>
  <button
    class="plain"
    aria-label="Show only {part}"
    title="Show only this, or all again (x)"
    aria-pressed={view.only.includes(part)}
    onclick={() => view.toggle('only', part)}
  >
    <CenterCircle size={16} />
  </button>
</span>

<style>
  .tag {
    flex: none;
    width: 4px;
    height: 18px;
    margin-left: 4px;
    border-radius: 2px;
  }

  .name {
    flex: 1;
    min-width: 0;
    height: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .looks {
    display: flex;
    gap: 2px;
    opacity: 0;
  }

  :global(.row:hover) .looks,
  :global(.row:focus-within) .looks,
  .looks.kept {
    opacity: 1;
  }

  .looks button {
    display: flex;
    color: var(--muted);
  }

  .looks button[aria-pressed='true'] {
    color: var(--accent);
  }
</style>
