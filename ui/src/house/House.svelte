<script lang="ts">
  import AirRulesEditor from './AirRulesEditor.svelte';
  import AccountsList from './AccountsList.svelte';
  import FeedsList from './FeedsList.svelte';
  import FontsList from './FontsList.svelte';
  import { setContext } from 'svelte';
  import { Button } from 'carbon-components-svelte';
  import { graphicUses } from '../api/client';
  import { reach } from '../api/reach.svelte';
  import type { GraphicUses, House } from '../api/types';
  import '../sheet/pieces/pieces.css';
  import { house } from './house.svelte';
  import MarksList from './MarksList.svelte';
  import OutputsList from './OutputsList.svelte';
  import PaletteList from './PaletteList.svelte';
  import EdgesEditor from './EdgesEditor.svelte';
  import StackEditor from './StackEditor.svelte';
  import SafeAreasEditor from './SafeAreasEditor.svelte';
  import StylesList from './StylesList.svelte';
  import { mayDesign } from '../session/may.svelte';

  let uses = $state.raw<GraphicUses[]>([]);
  let refusals = $state(0);

  $effect(() => {
    // Loads again whenever the server has come back.
    void reach.returned;
    void house.load();
    graphicUses().then(
      (all) => (uses = all),
      () => (uses = []),
    );
  });

  async function save(changes: Partial<House>) {
    await house.change(changes);
    // What was typed is put back where it was refused.
    if (house.fault) refusals += 1;
  }

  setContext('when done', true);
</script>

<svelte:head><title>House · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>House</h1>
    {#if mayDesign()}
      <p class="muted">What all graphics share. Every change is saved at once.</p>
      <Button size="small" kind="ghost" disabled={!house.canUndo} on:click={() => house.undo()}>Undo</Button>
    {:else}
      <p class="muted">What all graphics share. It can be looked at here; animators change it.</p>
    {/if}
  </div>
  {#if house.fault}<p class="fault" role="alert">{house.fault}</p>{/if}
  {#key refusals}
    <div class="house">
      <fieldset class="bare" disabled={!mayDesign()}>
        <PaletteList {uses} onsave={(palette) => save({ palette })} />
        <StylesList onsave={(styles) => save({ styles })} />
        <FontsList />
        <MarksList {uses} />
        <SafeAreasEditor onsave={(safe) => save({ safe })} />
        <EdgesEditor onsave={(wholePixels) => save({ wholePixels })} />
        <AirRulesEditor onsave={(air) => save({ air })} />
        <StackEditor onsave={(air) => save({ air })} />
        <OutputsList />
        <FeedsList />
      </fieldset>
      <AccountsList />
    </div>
  {/key}
</div>

<style>
  .fault {
    color: var(--fault);
  }

  .house :global(.section) {
    display: flex;
    gap: 14px;
    align-items: baseline;
    margin: 22px 0 10px;
  }

  .house :global(.section:first-child) {
    margin-top: 0;
  }

  .house :global(p.surface) {
    margin: 0;
    padding: 10px 14px;
  }

  .house :global(h2) {
    margin: 0;
    font-size: 15px;
    font-weight: 650;
  }

  .house :global(ul) {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(188px, 1fr));
    gap: 12px;
    margin: 0;
    padding: 0;
    list-style: none;
  }

  .house :global(ul:has(.sample)) {
    grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
  }

  .house :global(li) {
    position: relative;
    padding: 10px;
  }
</style>
