<script lang="ts">
  import { Button, Modal } from 'carbon-components-svelte';
  import { bundleContents, takeBundle } from '../api/bundles';
  import { addGraphic } from '../api/client';
  import type { BundleContents, Graphic } from '../api/types';
  import { freeName } from './newGraphic';

  interface Props {
    open: boolean;
    /** Of the graphics that are here. */
    names: () => Promise<string[]>;
    /** A graphic was taken in. */
    ontaken: (id: number) => void;
  }

  let { open = $bindable(), names, ontaken }: Props = $props();

  let file = $state.raw<File>();
  let contents = $state.raw<BundleContents>();
  /** Of a file that is only that. */
  let document = $state.raw<Graphic>();
  let answers = $state<Record<string, 'here' | 'other'>>({});
  let busy = $state(false);
  let fault = $state('');

  const news = $derived(
    contents
      ? [
          ['colours', contents.colours],
          ['pictures', contents.pictures],
          ['fonts', contents.fonts],
        ].filter((of): of is [string, string[]] => of[1]!.length > 0)
      : [],
  );

  $effect(() => {
    if (!open) {
      file = undefined;
      contents = undefined;
      document = undefined;
      fault = '';
    }
  });

  function asked({ kind, name }: BundleContents['clashes'][number]): string {
    return `${kind.toLowerCase()}:${name}`;
  }

  async function look(event: Event & { currentTarget: HTMLInputElement }) {
    file = event.currentTarget.files?.[0];
    contents = undefined;
    document = undefined;
    fault = '';
    if (!file) return;
    busy = true;
    try {
      if (file.name.toLowerCase().endsWith('.json')) {
        document = await read(file);
        return;
      }
      contents = await bundleContents(file);
      answers = Object.fromEntries(contents.clashes.map((clash) => [asked(clash), 'other' as const]));
    } catch (error) {
      fault = (error as Error).message;
    } finally {
      busy = false;
    }
  }

  /** What is wrong with it is said when it is taken in, as of any save. */
  async function read(from: File): Promise<Graphic> {
    let sent: unknown;
    try {
      sent = JSON.parse(await from.text());
    } catch (error) {
      throw new Error(`${from.name} is no JSON: ${(error as Error).message}. Choose another file.`, {
        cause: error,
      });
    }
    const { name } = (sent ?? {}) as Partial<Graphic>;
    if (typeof name !== 'string')
      throw new Error(`${from.name} is no graphic: it has no name. Choose another file.`);
    return { ...(sent as Graphic), name: freeName(name, await names()) };
  }

  async function take() {
    busy = true;
    fault = '';
    try {
      ontaken(document ? (await addGraphic(document)).id : await takeBundle(file!, answers));
      open = false;
    } catch (error) {
      fault = (error as Error).message;
    } finally {
      busy = false;
    }
  }
</script>

<svelte:window onkeydown={({ key }) => key === 'Escape' && (open = false)} />

<div class="take">
  <Modal passiveModal size="sm" modalHeading="Take in a graphic" bind:open>
    <p class="muted">
      A bundle (zip) is a graphic that another house has handed over, with what it names there. A document
      (JSON) is the graphic alone: what it names has to be here.
    </p>
    <input
      type="file"
      accept=".zip,.json"
      aria-label="Bundle or document"
      data-modal-primary-focus
      disabled={busy}
      onchange={look}
    />
    {#if document}
      <p>It will be called <strong>{document.name}</strong>.</p>
    {:else if contents}
      <p>It will be called <strong>{contents.name}</strong>.</p>
      {#each news as [kind, names] (kind)}
        <p class="muted">New {kind}: {names.join(', ')}</p>
      {/each}
      {#if contents.clashes.length > 0}
        <table aria-label="What is asked about">
          <thead>
            <tr><th>the same name</th><th>here</th><th>in the bundle</th><th>use</th></tr>
          </thead>
          <tbody>
            {#each contents.clashes as clash (asked(clash))}
              <tr>
                <td>{clash.kind.toLowerCase()} {clash.name}</td>
                {#each [clash.here, clash.there] as of, i (i)}
                  <td class="figures">
                    {#if clash.kind === 'COLOUR'}<span class="swatch" style:background={of}></span>{/if}
                    {of}
                  </td>
                {/each}
                <td>
                  <select class="piece" aria-label="Use for {clash.name}" bind:value={answers[asked(clash)]}>
                    <option value="other">the bundle’s, under another name</option>
                    <option value="here">the one that is here</option>
                  </select>
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
      {/if}
      {#each contents.notes as note (note)}<p class="muted">{note}</p>{/each}
    {/if}
    {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
    <div class="foot">
      <Button size="small" disabled={(!contents && !document) || busy} on:click={take}>Take it in</Button>
    </div>
  </Modal>
</div>

<style>
  .take :global(.bx--modal) {
    align-items: flex-start;
  }

  .take :global(.bx--modal-container) {
    margin-top: 12vh;
  }

  p {
    margin: 0 0 10px;
    padding: 0;
  }

  p + p,
  input + p {
    margin-top: 10px;
  }

  table {
    width: 100%;
    margin: 10px 0;
    border-collapse: collapse;
  }

  th {
    text-align: left;
    font-weight: 400;
    color: var(--muted);
  }

  td,
  th {
    padding: 4px 10px 4px 0;
  }

  td.figures {
    white-space: nowrap;
  }

  .swatch {
    display: inline-block;
    width: 14px;
    height: 14px;
    margin-right: 4px;
    border: 1px solid var(--border);
    border-radius: 2px;
    vertical-align: -2px;
  }

  .fault {
    color: var(--fault);
  }

  .foot {
    margin-top: 12px;
  }
</style>
