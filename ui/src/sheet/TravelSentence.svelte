<script lang="ts">
  import type { Move, Travel } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import ColourPiece from './pieces/ColourPiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';
  import { GROUNDS } from './relations';
  import { DISTANCES, distanceKind, isDistance, newDistance } from './travels';

  interface Props {
    move: Move;
    /** What it comes to for the values at hand. */
    away: number | undefined;
    others: string[];
    onchange: (travel: Travel) => void;
  }

  const { move, away, others, onchange }: Props = $props();

  const PERCENT = 100;
  const channel = $derived(move.channel!);
  const travel = $derived(move.travel!);
  const kind = $derived(distanceKind(travel));
  const sides = $derived(channel === 'x' ? (['left', 'right'] as const) : (['up', 'down'] as const));
  const lines = $derived(
    channel === 'x' ? (['left', 'centre', 'right'] as const) : (['top', 'centre', 'bottom'] as const),
  );
  const shares = $derived(channel === 'opacity' || channel === 'reveal' || channel === 'draw');
</script>

{#if isDistance(channel)}
  <ChoicePiece
    label="How far it goes"
    value={kind}
    options={DISTANCES}
    onchange={(chosen) => onchange(newDistance(chosen, channel, away ?? 0, others))}
  />
  {#if kind === 'px'}
    <NumberPiece label="Distance" value={travel.px ?? 0} unit="px" onchange={(px) => onchange({ px })} />
  {:else if kind === 'own width' || kind === 'own height'}
    × <NumberPiece
      label="Times"
      value={travel[kind] ?? 0}
      onchange={(times) => onchange({ [kind]: times })}
    />
  {:else if kind === 'size of'}
    <ChoicePiece
      label="Part whose size it goes"
      value={travel['size of']!}
      options={others}
      onchange={(part) => onchange({ ...travel, 'size of': part })}
    />
    × <NumberPiece
      label="Times"
      value={travel.times ?? 1}
      onchange={(times) => onchange({ ...travel, times })}
    />
  {:else if kind === 'share of'}
    <ChoicePiece
      label="What it goes a share of"
      value={travel.of ?? 'frame'}
      options={GROUNDS}
      onchange={(of) => onchange({ ...travel, of })}
    />
    × <NumberPiece
      label="Share"
      value={travel.share ?? 0}
      onchange={(share) => onchange({ ...travel, share })}
    />
  {:else if kind === 'to line'}
    <ChoicePiece
      label="Line it goes to"
      value={travel.to!}
      options={GROUNDS}
      onchange={(to) => onchange({ ...travel, to })}
    />
    <ChoicePiece
      label="Edge of the line"
      value={travel.at ?? lines[0]}
      options={lines}
      onchange={(at) => onchange({ ...travel, at })}
    />
  {:else}
    <ChoicePiece
      label="Which way it goes clear"
      value={travel.toward as 'left'}
      options={sides}
      onchange={(toward) => onchange({ ...travel, toward })}
    />
  {/if}
  {#if away !== undefined}<span class="figures muted">→ {Math.round(away * 10) / 10} px</span>{/if}
{:else if travel.degrees !== undefined}
  <NumberPiece
    label="Degrees"
    value={travel.degrees}
    unit="°"
    onchange={(degrees) => onchange({ degrees })}
  />
{:else if channel === 'blur'}
  <NumberPiece label="Blur" value={travel.px ?? 0} unit="px" onchange={(px) => onchange({ px })} />
{:else if channel === 'tint'}
  to <ColourPiece
    label="Colour of the tint"
    value={travel.colour ?? '#FFFFFF'}
    onchange={(colour) => onchange({ ...travel, colour })}
  />
  by <NumberPiece
    label="Share of the tint"
    value={Math.round((travel.share ?? 1) * PERCENT)}
    unit="%"
    onchange={(share) => onchange({ ...travel, share: share / PERCENT })}
  />
{:else if channel === 'tracking'}
  <NumberPiece
    label="More between letters"
    value={travel.thousandths ?? 0}
    unit="/1000 em"
    onchange={(thousandths) => onchange({ thousandths })}
  />
{:else if shares}
  <NumberPiece
    label="Share when away"
    value={Math.round((travel.factor ?? 0) * PERCENT)}
    unit="%"
    onchange={(factor) => onchange({ factor: factor / PERCENT })}
  />
{:else}
  <NumberPiece
    label="Factor when away"
    value={travel.factor ?? 0}
    onchange={(factor) => onchange({ factor })}
  />
{/if}
