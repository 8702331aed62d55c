<script lang="ts">
  import type { AirRules } from '../api/types';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import NumberPiece from '../sheet/pieces/NumberPiece.svelte';
  import { house } from './house.svelte';

  interface Props {
    onsave: (air: AirRules) => void;
  }

  const { onsave }: Props = $props();

  const STAYS = 'leaves what stands';
  const BLANK = 'blanks what follows it';

  const air = $derived(house.house.air);
</script>

<div class="section">
  <h2>On air</h2>
  <span class="muted">Nothing that was pressed is done later, as a surprise.</span>
</div>
<p class="surface">
  An act is done within <NumberPiece
    label="Seconds within which an act is done"
    value={air.within ?? 2}
    unit="s"
    onchange={(within) => onsave({ ...air, within })}
  /> or not at all. A feed that says it has no rows <ChoicePiece
    label="What a feed without rows does"
    value={air.empty === 'BLANK' ? BLANK : STAYS}
    options={[STAYS, BLANK]}
    onchange={(choice) => onsave({ ...air, empty: choice === BLANK ? 'BLANK' : 'STAYS' })}
  />.
</p>
