<script lang="ts">
  import { Button, Modal } from 'carbon-components-svelte';
  import { bundleContents, takeBundle } from '../api/bundles';
  import type { BundleContents } from '../api/types';

  interface Props {
    open: boolean;
    /** A graphic was taken in. */
    ontaken: (id: number) => void;
  }

  let { open = $bindable(), ontaken }: Props = $props();

  let file = $state.raw<File>();
  let contents = $state.raw<BundleContents>();
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
      fault = '';
    }
  });

  function asked({ kind, name }: BundleContents['clashes'][number]): string {
    return `${kind.toLowerCase()}:${name}`;
  }

  async function look(event: Event & { currentTarget: HTMLInputElement }) {
    file = event.currentTarget.files?.[0];
    contents = undefined;
    fault = '';
    if (!file) return;
    busy = true;
    try {
      contents = await bundleContents(file);
      answers = Object.fromEntries(contents.clashes.map((clash) => [asked(clash), 'other' as const]));
    } catch (error) {
      fault = (error as Error).message;
    } finally {
      busy = false;
    }
  }

  async function take() {
    busy = true;
    fault = '';
    try {
      ontaken(await takeBundle(file!, answers));
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
  <Modal passiveModal size="sm" modalHeading="Take in a bundle" bind:open>
    <p class="muted">A bundle is a graphic that another house has handed over, with what it names there.</p>
    <input
      type="file"
      accept=".zip"
      aria-label="Bundle"
      data-modal-primary-focus
      disabled={busy}
      onchange={look}
    />
    {#if contents}
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
      <Button size="small" disabled={!contents || busy} on:click={take}>Take it in</Button>
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
