<script lang="ts">
  import type { FontInfo } from '../../api/types';
  import StyleSample from '../../house/StyleSample.svelte';
  import { popup } from './popup';

  interface Props {
    value: string;
    fonts: FontInfo[];
    onchange: (id: string) => void;
  }

  const { value, fonts, onchange }: Props = $props();

  let list = $state<HTMLDetailsElement>();
  /** From so many on a list can be filtered. */
  const MANY = 10;
  let open = $state(false);
  let filter = $state('');
  const shown = $derived(fonts.filter(({ name: own }) => own.toLowerCase().includes(filter.toLowerCase())));
  const name = (id: string) => fonts.find((font) => font.id === id)?.name ?? id;

  function choose(id: string) {
    list!.open = false;
    filter = '';
    if (id !== value) onchange(id);
  }
</script>

<details class="many" use:popup bind:this={list} ontoggle={() => (open = list!.open)}>
  <summary class="piece" aria-label="Font: {name(value)}">{name(value)}</summary>
  <div class="list surface" role="group" aria-label="Fonts">
    {#if open}
      {#if fonts.length >= MANY}
        <input type="search" placeholder="filter" aria-label="Filter fonts" bind:value={filter} />
      {/if}
      {#each shown as font (font.id)}
        <button class="plain font" aria-pressed={font.id === value} onclick={() => choose(font.id)}>
          <span class="muted">{font.name}</span>
          <StyleSample letters={{ style: { font: font.id, size: 72, fill: '#F4F1EA' } }} />
        </button>
      {/each}
    {/if}
  </div>
</details>

<style>
  .font {
    display: block;
    width: 230px;
    padding: 3px;
    font-size: 11px;
    text-align: left;
  }

  .font:hover,
  .font:focus-visible,
  .font[aria-pressed='true'] {
    outline: 1px solid var(--accent);
  }
</style>
