<script lang="ts">
  import { Modal } from 'carbon-components-svelte';
  import { startsOf, workOut } from '../api/client';
  import type { Graphic, Reel, StoredGraphic } from '../api/types';
  import { commonArea } from '../picture/area';
  import Picture from '../picture/Picture.svelte';
  import { ready } from '../api/ready';
  import { sampleValues } from '../floor/values';

  interface Props {
    open: boolean;
    /** What is on the shelf: each can be begun with as well. */
    graphics: StoredGraphic[];
    /** Begins with a document, or with nothing. */
    onbegin: (document?: Graphic) => void;
  }

  let { open = $bindable(), graphics, onbegin }: Props = $props();

  let starts = $state.raw<{ document: Graphic; reel?: Reel }[]>([]);

  $effect(() => {
    if (open && starts.length === 0) void load();
  });

  async function load() {
    try {
      const documents = (await startsOf()).map(({ document }) => document);
      starts = await Promise.all(
        documents.map(async (document) => {
          const [worked] = await workOut(document, [sampleValues(document)], {});
          await ready([worked!.reel]);
          return { document, reel: worked!.reel };
        }),
      );
    } catch {
      // One can still begin with nothing; the page says when the server is away.
    }
  }

  function begin(document?: Graphic) {
    open = false;
    onbegin(document);
  }
</script>

<div class="begin">
  <Modal passiveModal size="sm" modalHeading="New graphic" bind:open>
    <p>It begins with</p>
    <ul aria-label="What it begins with">
      <li>
        <button class="plain surface" data-modal-primary-focus onclick={() => begin()}>
          <span class="empty"></span>
          nothing
        </button>
      </li>
      {#each starts as { document, reel } (document.name)}
        <li>
          <button class="plain surface" onclick={() => begin(document)}>
            <Picture
              {reel}
              moment={{ phase: 'IN', frame: reel?.in ?? 0 }}
              area={reel && commonArea([reel])}
              label={document.name}
            />
            {document.name.toLowerCase()}
          </button>
        </li>
      {/each}
    </ul>
    {#if graphics.length > 0}
      <label>
        or with a copy of
        <select
          class="piece"
          aria-label="A copy of"
          onchange={(event) => {
            const from = graphics.find(({ id }) => String(id) === event.currentTarget.value);
            event.currentTarget.value = '';
            if (from) begin(from.document);
          }}
        >
          <option value="">a graphic on the shelf …</option>
          {#each graphics as stored (stored.id)}
            <option value={String(stored.id)}>{stored.document.name}</option>
          {/each}
        </select>
      </label>
    {/if}
  </Modal>
</div>

<style>
  /* It grows downwards as more comes in, and nothing goes away under the pointer. */
  .begin :global(.bx--modal) {
    align-items: flex-start;
  }

  .begin :global(.bx--modal-container) {
    margin-top: 12vh;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 10px;
    margin: 10px 0 16px;
    padding: 0;
    list-style: none;
  }

  button {
    display: block;
    width: 100%;
    padding: 0 0 6px;
    overflow: hidden;
    text-align: center;
  }

  button:hover {
    border-color: var(--accent);
  }

  .empty {
    display: block;
    aspect-ratio: 16 / 9;
  }
</style>
