<script lang="ts">
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import { house } from './house.svelte';

  interface Props {
    onsave: (wholePixels: boolean) => void;
  }

  const { onsave }: Props = $props();

  const WHOLE = 'on whole px';
  const EXACT = 'exactly where they are reckoned';
</script>

<div class="section">
  <h2>Edges</h2>
  <span class="muted">Letters and everything that moves are always exact.</span>
</div>
<p class="surface">
  At rest the edges of boxes, lines, pictures and scrims stand <ChoicePiece
    label="Where edges stand"
    value={house.house.wholePixels ? WHOLE : EXACT}
    options={[WHOLE, EXACT]}
    onchange={(choice) => onsave(choice === WHOLE)}
  />. What wraps something goes outwards.
</p>
