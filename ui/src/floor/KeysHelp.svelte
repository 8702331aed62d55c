<script lang="ts">
  import { Modal } from 'carbon-components-svelte';

  interface Props {
    open: boolean;
  }

  let { open = $bindable() }: Props = $props();

  const KEYS: [string, string][] = [
    ['Space', 'play the whole graphic, or stop'],
    ['i · l · o', 'play in, loop, out'],
    ['← →', 'one frame back or on; with Shift ten'],
    ['Home · End', 'first and last frame of the phase'],
    [', · .', 'to the key before and the next one'],
    ['a · b · p', 'begin and end of a range · play it round and round'],
    ['q', 'look at the masks of the part alone'],
    ['v', 'out is the in backwards'],
    ['t', 'the in waits for the operator before the part, or no longer'],
    ['n', 'take it step by step; go on where it waits'],
    ['{ · }', 'which trial comes next, and the change to it'],
    ['u', 'play the change'],
    ['j', 'interrupt here: something else comes at this frame'],
    ['+ · -', 'zoom the score, as a pinch or Ctrl and the wheel do'],
    ['z · Z', 'score large · picture large'],
    ['f', 'fold the group into one row of the score, or unfold it'],
    ['0 · 1 · 2', 'all of the picture · at 100 % · the part as large as it goes'],
    ['> · <, wheel', 'zoom the picture; Shift or Alt and the wheel, or a pull, moves it'],
    ['=', 'what every number of the sheet is made of'],
    ['on a bar: ← → · Alt ← →', 'begin earlier or later · longer or shorter; with Shift by ten'],
    ['Shift click on a bar', 'choose several moves'],
    ['pull a dot of a bar', 'that bar waits for this one; with Shift this one for that'],
    ['r', 'to the rest picture'],
    ['[ · ]', 'previous and next trial'],
    ['s', 'safe lines on or off'],
    ['c', 'strip close up, or the whole picture'],
    ['Alt ← → ↑ ↓', 'move the part by 1 px; with Shift 10'],
    ['drag', 'move a part; it snaps to lines, with Alt it does not'],
    ['pull a name in the score', 'to where it is drawn in the stack'],
    ['d · D', 'copy the part: with the same fields · with new ones'],
    ['Delete', 'remove the part'],
    ['Shift click · g', 'choose several · group them'],
    ['h · k · x', 'hide, lock, show only the part'],
    ['e · E', 'point at an edge to hang on, across · down'],
    ['m', 'rulers, from which guides are pulled'],
    ['PageUp · PageDown', 'part forward or backward, with Shift all the way'],
    ['o, in a number or a colour', 'offer it to operators as a dial, or take it back'],
    ['w, held', 'why the part under the pointer is there'],
    ['Ctrl S', 'save'],
    ['Ctrl Z · Ctrl Shift Z', 'undo and redo'],
    ['?', 'this list'],
  ];
</script>

<Modal passiveModal size="sm" modalHeading="Keys" bind:open>
  <dl>
    {#each KEYS as [key, act] (key)}
      <dt class="figures">{key}</dt>
      <dd>{act}</dd>
    {/each}
  </dl>
</Modal>

<style>
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 8px 24px;
    font-size: 14px;
  }

  dt {
    color: var(--accent);
  }
</style>
