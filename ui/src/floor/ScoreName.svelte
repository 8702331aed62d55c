<script lang="ts">
  import CaretDown from 'carbon-icons-svelte/lib/CaretDown.svelte';
  import CaretRight from 'carbon-icons-svelte/lib/CaretRight.svelte';
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
    /** It is a group that can be folded. */
    group: boolean;
    /** It is taken to another place of the stack. */
    ontake: (event: PointerEvent) => void;
  }

  const { floor, part, depth, group, ontake }: Props = $props();

  const STEP = 10;
  const tag = $derived(floor.document?.parts?.find(({ key }) => key === part)?.tag ?? '');
  const view = $derived(floor.view);
  const chosen = $derived(part === floor.selected || floor.others.includes(part));
</script>

<span class="tag" style:background={tag ? house.shown(tag) : 'transparent'}></span>
{#if group}
  {@const folded = view.folded.includes(part)}
  <button
    class="plain fold"
    style:margin-left="{depth * STEP}px"
    aria-label="{folded ? 'Unfold' : 'Fold'} {part}"
    aria-expanded={!folded}
    title="One row for all that is in it, or a row for each (f)"
    onclick={() => view.toggle('folded', part)}
    >{#if folded}<CaretRight size={16} />{:else}<CaretDown size={16} />{/if}</button
  >
{/if}
<button
  class="plain name"
  style:padding-left="{group ? 0 : 8 + depth * STEP}px"
  title="{part}: drag it up or down to where it is to be drawn"
  aria-pressed={chosen}
  onpointerdown={ontake}
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

  .fold {
    display: flex;
    flex: none;
    color: var(--muted);
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
