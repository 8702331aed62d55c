<script lang="ts">
  import { Modal } from 'carbon-components-svelte';

  interface Props {
    open: boolean;
  }

  let { open = $bindable() }: Props = $props();

  const KEYS: [string, string][] = [
    ['digits', 'the cue with that number; a point for 12.5'],
    ['Enter', 'take: the cue goes on air, or changes what stands of its graphic'],
    ['→', 'step: the in goes on where it waits'],
    ['c', 'change: a cue on air gets the texts it has by now'],
    ['x', 'out: what is chosen of what stands'],
    ['q, held for a second', 'all out'],
    ['b', 'choose the next of what stands, for step and out'],
    ['↓ · ↑', 'next cue and the one before'],
    ['f', 'into the form; Tab from field to field'],
    ['in the form: ↑ ↓ Enter', 'choose a name that is offered after three letters'],
    ['Escape', 'out of the form: keys are acts again'],
    ['/', 'find a cue by its words'],
    ['n', 'a new cue after this one'],
    ['s', 'spelling of the whole sheet'],
    ['p', 'play the preview'],
    ['r', 'begin or end a rehearsal'],
    ['Ctrl Z · Ctrl Shift Z', 'take a change of the sheet back, or make it again'],
    ['?', 'this list'],
  ];
</script>

<Modal passiveModal size="sm" modalHeading="Keys of the desk" bind:open>
  <dl>
    {#each KEYS as [key, act] (key)}
      <dt class="figures">{key}</dt>
      <dd>{act}</dd>
    {/each}
  </dl>
  <p class="muted">Whoever types in a field only types: no key is an act there.</p>
</Modal>

<style>
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 6px 20px;
    margin: 0 0 12px;
  }

  dd {
    margin: 0;
  }
</style>
