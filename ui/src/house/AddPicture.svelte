<script lang="ts">
  import { house } from './house.svelte';

  interface Props {
    label?: string;
    onadd?: (key: string) => void;
  }

  const { label = 'add a picture …', onadd }: Props = $props();

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
      const { picture, removed } = await house.addPicture(file);
      refused = false;
      said =
        removed.length > 0
          ? `Added as ‘${picture.key}’, without what acts or asks elsewhere: ${removed.join(', ')}.`
          : `Added as ‘${picture.key}’.`;
      onadd?.(picture.key);
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
  <input
    type="file"
    accept=".png,.jpg,.jpeg,.svg"
    aria-label="Choose a picture file"
    disabled={busy}
    onchange={add}
  />
</label>
{#if said}<span class="said" class:refused role={refused ? 'alert' : 'status'}>{said}</span>{/if}

<style>
  .add {
    position: relative;
    display: inline-block;
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
