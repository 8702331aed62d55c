<script lang="ts">
  import type { Part } from '../../api/types';
  import NumberPiece from './NumberPiece.svelte';

  interface Props {
    radius: Part['radius'];
    onchange: (radius: Part['radius']) => void;
  }

  const { radius, onchange }: Props = $props();

  const NAMES = ['top left', 'top right', 'bottom right', 'bottom left'];
  const each = $derived(Array.isArray(radius) ? radius : undefined);
  const one = $derived(Array.isArray(radius) ? (radius[0] ?? 0) : (radius ?? 0));
</script>

corners
{#if each}
  {#each NAMES as name, i (name)}
    <NumberPiece
      label="Radius {name}"
      value={each[i] ?? 0}
      onchange={(px) => onchange(each.map((old, other) => (other === i ? px : old)))}
    />
  {/each}
  <span class="muted">px</span>
  <button class="plain act" onclick={() => onchange(one)}>all alike</button>
{:else}
  <NumberPiece label="Radius of corners" value={one} unit="px" {onchange} />
  <button class="plain act" onclick={() => onchange([one, one, one, one])}>each</button>
{/if}
