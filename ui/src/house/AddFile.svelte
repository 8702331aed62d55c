<script lang="ts">
  interface Props {
    label: string;
    /** Endings of files that can be taken. */
    accept: string;
    /** What kind of file is chosen. */
    choose: string;
    /** Takes a file in and says so; fails with the reason. */
    take: (file: File) => Promise<string>;
  }

  const { label, accept, choose, take }: Props = $props();

  let said = $state('');
  let refused = $state(false);
  let busy = $state(false);

  async function add(event: Event & { currentTarget: HTMLInputElement }) {
    const input = event.currentTarget;
    const file = input.files?.[0];
    if (!file) return;
    busy = true;
    said = '';
    try {
      said = await take(file);
      refused = false;
    } catch (error) {
      refused = true;
      said = `Not added: ${(error as Error).message}`;
    } finally {
      busy = false;
      input.value = '';
    }
  }
</script>

<label class="act add">
  {busy ? 'adding …' : label}
  <input type="file" {accept} aria-label={choose} disabled={busy} onchange={add} />
</label>
{#if said}<span class="said" class:refused role={refused ? 'alert' : 'status'}>{said}</span>{/if}

<style>
  .add {
    position: relative;
    display: inline-block;
    flex: none;
    overflow: hidden;
    cursor: pointer;
  }

  .add:focus-within {
    outline: 2px solid var(--accent);
  }

  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }

  .said {
    display: block;
    line-height: 1.4;
  }

  .refused {
    color: var(--fault);
  }
</style>
