<script lang="ts">
  import type { LetterStyle, Part } from '../api/types';
  import { popup } from './pieces/popup';
  import { house } from '../house/house.svelte';

  interface Props {
    part: Part;
    /** Shows the part with changes that are not made; without any, as it is. */
    onpreview: (changes?: Partial<Part>) => void;
    onchange: (changes: Partial<Part>) => void;
  }

  const { part, onpreview, onchange }: Props = $props();

  let list = $state<HTMLDetailsElement>();
  const named = $derived(house.house.styles.find(({ letters }) => isLike(letters))?.name);

  /** All that a style says; what it does not say is as usual. */
  function changes(letters: LetterStyle): Partial<Part> {
    const plain = {
      case: undefined,
      leading: undefined,
      stroke: undefined,
      shadow: undefined,
      glow: undefined,
    };
    return { ...plain, opacity: undefined, ...letters };
  }

  function isLike(letters: LetterStyle): boolean {
    const { font, size, tracking, fill } = letters.style;
    const own = part.style!;
    return (
      own.font === font &&
      own.size === size &&
      (own.tracking ?? 0) === (tracking ?? 0) &&
      JSON.stringify(own.fill) === JSON.stringify(fill) &&
      (part.case ?? 'as typed') === (letters.case ?? 'as typed')
    );
  }

  function use(letters: LetterStyle) {
    list!.open = false;
    onchange(changes(letters));
  }
</script>

<details class="many" use:popup bind:this={list} ontoggle={() => list?.open || onpreview()}>
  <summary class="piece" aria-label="Text style: {named ?? 'own'}">style {named ?? 'own'}</summary>
  <div class="list surface" role="group" aria-label="Text styles" onpointerleave={() => onpreview()}>
    {#each house.house.styles as { name, letters } (name)}
      <button
        class="plain choice"
        onpointerenter={() => onpreview(changes(letters))}
        onfocus={() => onpreview(changes(letters))}
        onblur={() => onpreview()}
        onclick={() => use(letters)}>{name}</button
      >
    {:else}
      <span class="muted">The house has no text styles yet; make one from this text.</span>
    {/each}
    <a class="muted" href="#/house">text styles of the house</a>
  </div>
</details>

<style>
  .choice {
    padding: 4px 8px;
    border-radius: var(--corner);
  }

  .choice:hover,
  .choice:focus-visible {
    background: var(--layer-2);
    color: var(--accent);
  }
</style>
