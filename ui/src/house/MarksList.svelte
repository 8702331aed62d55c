<script lang="ts">
  import { pictureAddress } from '../api/drawing';
  import type { GraphicUses } from '../api/types';
  import AddPicture from './AddPicture.svelte';
  import { house } from './house.svelte';

  interface Props {
    uses: GraphicUses[];
  }

  const { uses }: Props = $props();

  let removed = $state('');

  function users(key: string): string[] {
    return uses.filter(({ pictures }) => pictures.includes(key)).map(({ name }) => name);
  }

  async function remove(key: string) {
    await house.removePicture(key);
    removed = key;
  }

  async function takeBack() {
    await house.restorePicture(removed);
    removed = '';
  }
</script>

<div class="section">
  <h2>Marks and pictures</h2>
  <span class="muted"
    >PNG, JPEG or SVG, up to 20 MB. Scripts and outside references are taken out of an SVG.</span
  >
  <AddPicture label="Add a picture …" />
</div>
{#if removed}
  <p class="muted" role="status">
    ‘{removed}’ was removed. <button class="plain act" onclick={takeBack}>Undo</button>
  </p>
{/if}
<ul>
  {#each house.pictures as { key, width, height } (key)}
    <li class="surface">
      <img src={pictureAddress(key)} alt={key} />
      <p>
        <strong>{key}</strong> <span class="figures muted">{Math.round(width)} × {Math.round(height)}</span>
      </p>
      <p class="muted users">
        {users(key).length > 0 ? `in ${users(key).join(', ')}` : 'no graphic names it'}
      </p>
      {#if users(key).length === 0}
        <button class="plain act remove" aria-label="Remove picture {key}" onclick={() => remove(key)}
          >remove</button
        >
      {/if}
    </li>
  {:else}
    <li class="surface muted">No pictures yet. Add one, and show it in a picture part.</li>
  {/each}
</ul>

<style>
  img {
    display: block;
    width: 100%;
    height: 84px;
    border-radius: var(--corner);
    background: repeating-conic-gradient(#8b8497 0% 25%, #a69fb2 0% 50%) 0 0 / 16px 16px;
    object-fit: contain;
  }

  p {
    margin: 6px 0 0;
  }

  .users {
    margin: 0;
  }

  .remove {
    position: absolute;
    right: 12px;
    bottom: 10px;
  }
</style>
