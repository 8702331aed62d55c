<script lang="ts">
  import type { FloorState } from '../floor/floor.svelte';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import { STANDINGS } from './conditions';

  interface Props {
    floor: FloorState;
  }

  const { floor }: Props = $props();

  function choose(word: string) {
    const found = Object.entries(STANDINGS).find(([, words]) => words === word)!;
    void floor.setOnAir(found[0] as typeof floor.onAir);
  }
</script>

<ChoicePiece
  label="On air now"
  value={STANDINGS[floor.onAir]}
  options={Object.values(STANDINGS)}
  onchange={choose}
/>
