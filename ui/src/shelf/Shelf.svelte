<script lang="ts">
  import { Button, InlineLoading, Search } from 'carbon-components-svelte';
  import { push } from 'svelte-spa-router';
  import {
    addGraphic,
    allGraphics,
    deleteGraphic,
    proofNotes,
    restoreGraphic,
    saveGraphic,
  } from '../api/client';
  import { reach } from '../api/reach.svelte';
  import type { Graphic, ProofNote, StoredGraphic } from '../api/types';
  import { emptyGraphic, freeName } from './newGraphic';
  import NewGraphic from './NewGraphic.svelte';
  import ShelfCard from './ShelfCard.svelte';
  import TakeIn from './TakeIn.svelte';
  import { allTags, matches } from './tags';
  import { mayDesign } from '../session/may.svelte';

  let graphics = $state.raw<StoredGraphic[]>();
  /** ms. */
  const LOOKS = 1500;

  let proofs = $state.raw<ProofNote[]>([]);
  let fault = $state('');
  let sought = $state('');
  /** Only graphics with this tag are shown; all if empty. */
  let tag = $state('');
  const tags = $derived(allTags((graphics ?? []).map(({ document }) => document)));
  /** What was deleted last, so that it can be taken back. */
  let deleted = $state.raw<StoredGraphic>();

  const found = $derived(
    (graphics ?? []).filter(
      ({ document }) => matches(document, sought) && (!tag || document.tags?.includes(tag)),
    ),
  );

  $effect(() => {
    // Loads again whenever the server has come back.
    void reach.returned;
    void load();
  });

  /** Does something on the server and shows the shelf as it is then. */
  async function load(act: () => Promise<unknown> = () => Promise.resolve()) {
    try {
      await act();
      [graphics, proofs] = await Promise.all([allGraphics(), proofNotes()]);
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  // While something is proved anew behind the scenes, how far it is.
  const proving = $derived(proofs.some((one) => one.proving));
  $effect(() => {
    if (!proving) return;
    const look = setInterval(() => {
      void proofNotes()
        .then((notes) => (proofs = notes))
        // The page says when the server is away.
        .catch(() => {});
    }, LOOKS);
    return () => clearInterval(look);
  });

  /** Also asked for before the shelf has come. */
  async function names(): Promise<string[]> {
    return (graphics ?? (await allGraphics())).map(({ document }) => document.name);
  }

  /** What a new graphic begins with is asked. */
  let beginning = $state(false);
  let takingIn = $state(false);

  function create(document?: Graphic) {
    void load(async () => {
      const name = freeName(document?.name ?? 'New graphic', await names());
      const added = await addGraphic(document ? { ...document, name } : emptyGraphic(name));
      await push(`/floor/${added.id}`);
    });
  }

  function duplicate({ document }: StoredGraphic) {
    void load(async () => {
      await addGraphic({ ...document, name: freeName(document.name, await names()) });
    });
  }

  function rename(stored: StoredGraphic, document: Graphic) {
    void load(() => saveGraphic(stored.id, stored.revision, document));
  }

  function remove(stored: StoredGraphic) {
    void load(async () => {
      await deleteGraphic(stored.id);
      deleted = stored;
    });
  }

  function takeBack({ id }: StoredGraphic) {
    void load(async () => {
      await restoreGraphic(id);
      deleted = undefined;
    });
  }
</script>

<NewGraphic bind:open={beginning} graphics={graphics ?? []} onbegin={create} />

<TakeIn bind:open={takingIn} {names} ontaken={(id) => void push(`/floor/${id}`)} />

<svelte:head><title>Shelf · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>Shelf</h1>
    <p class="muted">Move the pointer over a graphic: left to right plays it from in to out.</p>
    <div class="search"><Search size="sm" placeholder="Search by name or tag" bind:value={sought} /></div>
    {#if mayDesign()}
      <Button size="small" kind="ghost" on:click={() => (takingIn = true)}>Take in …</Button>
      <Button size="small" on:click={() => (beginning = true)}>New graphic</Button>
    {/if}
  </div>
  {#if tags.length > 0}
    <div class="tags" role="group" aria-label="Tags">
      {#each tags as word (word)}
        <button class="plain tag" aria-pressed={tag === word} onclick={() => (tag = tag === word ? '' : word)}
          >{word}</button
        >
      {/each}
    </div>
  {/if}
  {#if deleted}
    {@const gone = deleted}
    <p class="deleted surface" role="status">
      ‘{gone.document.name}’ was deleted.
      <button class="plain undo" onclick={() => takeBack(gone)}>Undo</button>
    </p>
  {/if}
  {#if fault && graphics}<p class="fault" role="alert">{fault}</p>{/if}
  {#if graphics}
    <ul class="wall">
      {#each found as stored (stored.id)}
        <li>
          <ShelfCard
            {stored}
            proof={proofs.find(
              ({ graphic, revision }) => graphic === stored.id && revision === stored.revision,
            )}
            onrename={(document) => rename(stored, document)}
            onduplicate={() => duplicate(stored)}
            ondelete={() => remove(stored)}
          />
        </li>
      {:else}
        <li class="empty muted">
          {sought || tag
            ? `No graphic has ‘${sought || tag}’ in its name or tags. Clear the search to see all.`
            : 'There is no graphic yet. Make a new one to begin.'}
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
  .search {
    width: 260px;
  }

  .tags {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: -4px 0 16px;
  }

  .tag {
    padding: 2px 10px;
    border: 1px solid var(--border);
    border-radius: var(--corner);
  }

  .tag[aria-pressed='true'] {
    border-color: var(--accent);
    color: var(--accent);
  }

  .wall {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
    gap: 20px;
    margin: 0;
    padding: 0;
    list-style: none;
  }

  .deleted {
    display: flex;
    gap: 14px;
    margin: 0 0 16px;
    padding: 8px 14px;
  }

  .undo {
    color: var(--accent);
    text-decoration: underline;
  }

  .fault {
    margin: 0 0 16px;
    color: var(--fault);
  }

  .empty {
    padding: 40px 0;
    font-size: 14px;
  }
</style>
