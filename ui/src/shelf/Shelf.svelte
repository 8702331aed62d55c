<script lang="ts">
  import { InlineLoading, Search } from 'carbon-components-svelte';
  import { allGraphics } from '../api/client';
  import { reach } from '../api/reach.svelte';
  import type { StoredGraphic } from '../api/types';
  import ShelfCard from './ShelfCard.svelte';

  let graphics = $state.raw<StoredGraphic[]>();
  let fault = $state('');
  let sought = $state('');

  const found = $derived(
    (graphics ?? []).filter(({ document }) =>
      document.name.toLocaleLowerCase().includes(sought.trim().toLocaleLowerCase()),
    ),
  );

  $effect(() => {
    // Loads again whenever the server has come back.
    void reach.returned;
    allGraphics().then(
      (all) => {
        graphics = all;
        fault = '';
      },
      (error: Error) => (fault = error.message),
    );
  });
</script>

<svelte:head><title>Shelf · Glimble</title></svelte:head>

<div class="shelf">
  <div class="top">
    <h1>Shelf</h1>
    <p class="muted">Move the pointer over a graphic: left to right plays it from in to out.</p>
    <div class="search"><Search size="sm" placeholder="Search by name" bind:value={sought} /></div>
  </div>
  {#if graphics}
    <ul class="wall">
      {#each found as stored (stored.id)}
        <li><ShelfCard {stored} /></li>
      {:else}
        <li class="empty muted">
          {sought
            ? `No graphic is called ‘${sought}’. Clear the search to see all.`
            : 'There is no graphic yet.'}
        </li>
      {/each}
    </ul>
  {:else if fault}
    <p class="empty" role="alert">{fault}</p>
  {:else}
    <InlineLoading description="Fetching the graphics" />
  {/if}
</div>

<style>
  .shelf {
    height: 100%;
    padding: 20px 24px;
    overflow-y: auto;
    box-sizing: border-box;
  }

  .top {
    display: flex;
    align-items: center;
    gap: 20px;
    margin-bottom: 18px;
  }

  h1 {
    margin: 0;
    font-size: 20px;
    font-weight: 700;
  }

  .top p {
    flex: 1;
    margin: 0;
    font-size: 13px;
  }

  .search {
    width: 260px;
  }

  .wall {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
    gap: 20px;
    margin: 0;
    padding: 0;
    list-style: none;
  }

  .empty {
    padding: 40px 0;
    font-size: 14px;
  }
</style>
