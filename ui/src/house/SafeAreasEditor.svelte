<script lang="ts">
  import type { SafeAreas } from '../api/types';
  import NumberPiece from '../sheet/pieces/NumberPiece.svelte';
  import { house } from './house.svelte';

  interface Props {
    onsave: (safe: SafeAreas) => void;
  }

  const { onsave }: Props = $props();

  const safe = $derived(house.house.safe);
</script>

<div class="section">
  <h2>Safe areas</h2>
  <span class="muted">Whatever hangs on them follows, in every graphic.</span>
</div>
<p class="surface">
  action-safe <NumberPiece
    label="Action-safe"
    value={safe.action}
    unit="%"
    onchange={(action) => onsave({ ...safe, action })}
  /> and title-safe <NumberPiece
    label="Title-safe"
    value={safe.title}
    unit="%"
    onchange={(title) => onsave({ ...safe, title })}
  /> of the raster along each axis.
</p>
