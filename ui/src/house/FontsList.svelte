<script lang="ts">
  import { onMount } from 'svelte';
  import { addFont, removeFont, restoreFont } from '../api/client';
  import { allFonts, forgetFonts } from '../api/outlines';
  import type { FontInfo } from '../api/types';
  import AddFile from './AddFile.svelte';
  import StyleSample from './StyleSample.svelte';

  let fonts = $state.raw<FontInfo[]>([]);
  let removed = $state.raw<FontInfo>();
  let fault = $state('');

  const ofHouse = $derived(fonts.filter((font) => font.house && !font.removed));

  onMount(load);

  async function load() {
    forgetFonts();
    try {
      fonts = await allFonts();
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function take(file: File): Promise<string> {
    const { name, handedOn } = await addFont(file);
    await load();
    return handedOn
      ? `Added: ${name}.`
      : `Added: ${name}. Its licence lets it be shown, not handed on: it does not go along in packages and bundles.`;
  }

  async function remove(font: FontInfo) {
    await removeFont(font.id);
    removed = font;
    await load();
  }

  async function takeBack() {
    await restoreFont(removed!.id);
    removed = undefined;
    await load();
  }
</script>

<div class="section">
  <h2>Fonts</h2>
  <span class="muted">TTF or OTF, up to 20 MB. Letters that one lacks are taken from Noto Sans.</span>
  <AddFile label="Add a font …" {take} choose="Choose a font file" accept=".ttf,.otf" />
</div>
{#if fault}<p class="muted" role="alert">{fault}</p>{/if}
{#if removed}
  <p class="muted" role="status">
    {removed.name} was removed; graphics that use it keep it.
    <button class="plain act" onclick={takeBack}>Undo</button>
  </p>
{/if}
<ul>
  {#each ofHouse as font (font.id)}
    <li class="surface">
      <StyleSample letters={{ style: { font: font.id, size: 48, fill: '#F4F1EA' } }} />
      <p>
        <strong>{font.name}</strong>
        <span class="muted">{font.handedOn ? '' : 'shown only, not handed on'}</span>
        <button class="plain act" aria-label="Remove font {font.name}" onclick={() => remove(font)}
          >remove</button
        >
      </p>
    </li>
  {:else}
    <li class="surface muted">No fonts of the house yet.</li>
  {/each}
</ul>

<style>
  p {
    margin: 8px 0 0;
  }
</style>
