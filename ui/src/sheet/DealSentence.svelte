<script lang="ts">
  import type { Deal } from '../api/types';
  import ChoicePiece from './pieces/ChoicePiece.svelte';
  import NumberPiece from './pieces/NumberPiece.svelte';

  interface Props {
    deal: Deal | undefined;
    /** Frames each unit takes. */
    length: number;
    onchange: (deal: Deal | undefined) => void;
  }

  const { deal, length, onchange }: Props = $props();

  const ALL = 'all at once';
  const OVERS = [ALL, 'letters', 'words', 'lines'] as const;
  const ORDERS = ['first', 'last', 'centre', 'edges', 'random'] as const;
  const PACES = [
    'each takes the length',
    'all take the length',
    'so many a second',
    'as they are spoken',
  ] as const;
  const LONGEST = ['however long it takes', 'all in at most'] as const;
  const PERCENT = 100;
  const pace = $derived(
    deal?.spoken !== undefined
      ? PACES[3]
      : deal?.['per second'] !== undefined
        ? PACES[2]
        : deal?.total !== undefined
          ? PACES[1]
          : PACES[0],
  );
  const overlap = $derived(deal?.each ?? deal?.total ?? 0);

  function choosePace(chosen: (typeof PACES)[number]) {
    const plain: Deal = {
      ...deal!,
      each: undefined,
      longest: undefined,
      total: undefined,
      'per second': undefined,
      spoken: undefined,
      before: undefined,
    };
    if (chosen === PACES[3]) return onchange({ ...plain, spoken: 150, before: 15 });
    if (chosen === PACES[2]) onchange({ ...plain, 'per second': 20 });
    else onchange({ ...plain, [chosen === PACES[1] ? 'total' : 'each']: 0.5 });
  }
</script>

<p>
  dealt over
  <ChoicePiece
    label="Dealt over"
    value={deal?.over ?? ALL}
    options={OVERS}
    onchange={(over) => onchange(over === ALL ? undefined : { order: 'first', each: 0.6, ...deal, over })}
  />
  {#if deal}
    from the
    <ChoicePiece
      label="Order of the units"
      value={deal.order ?? 'first'}
      options={ORDERS}
      onchange={(order) => onchange({ ...deal, order })}
    />
    {#if deal.order === 'random' || deal.scatter}
      seed <NumberPiece
        label="Seed"
        value={deal.seed ?? 0}
        onchange={(seed) => onchange({ ...deal, seed })}
      />
    {/if}
    <ChoicePiece label="Pace" value={pace} options={PACES} onchange={choosePace} />
    {#if deal.spoken !== undefined}
      spread over
      <NumberPiece
        label="Frames of words without times"
        value={deal.spoken}
        unit="f"
        onchange={(frames) => onchange({ ...deal, spoken: Math.max(1, Math.round(frames)) })}
      />
      where they have no times, done
      <NumberPiece
        label="Frames before the end"
        value={deal.before ?? 0}
        unit="f"
        onchange={(frames) => onchange({ ...deal, before: Math.max(0, Math.round(frames)) || undefined })}
      />
      before the end,
    {:else if deal['per second'] !== undefined}
      <NumberPiece
        label="Units a second"
        value={deal['per second']}
        onchange={(units) => onchange({ ...deal, 'per second': units })}
      />
    {:else}
      overlapping
      <NumberPiece
        label="Overlap"
        value={Math.round(overlap * PERCENT)}
        unit="%"
        onchange={(share) =>
          onchange({ ...deal, [deal.total !== undefined ? 'total' : 'each']: share / PERCENT })}
      />
    {/if}
    {#if deal.each !== undefined}
      <span class="muted">:</span> one every
      <NumberPiece
        label="Frames from unit to unit"
        value={Math.round(length * (1 - deal.each) * 10) / 10}
        unit="f"
        onchange={(frames) => onchange({ ...deal, each: Math.max(0, Math.min(0.99, 1 - frames / length)) })}
      />,
      <ChoicePiece
        label="How long all of them may take"
        value={deal.longest ? LONGEST[1] : LONGEST[0]}
        options={LONGEST}
        onchange={(chosen) => onchange({ ...deal, longest: chosen === LONGEST[1] ? 50 : undefined })}
      />
      {#if deal.longest}
        <NumberPiece
          label="Frames that all of them may take"
          value={deal.longest}
          unit="f"
          onchange={(frames) => onchange({ ...deal, longest: Math.max(1, Math.round(frames)) })}
        />
      {/if}
    {/if}
    scattered
    <NumberPiece
      label="Scatter"
      value={Math.round((deal.scatter ?? 0) * PERCENT)}
      unit="%"
      onchange={(scatter) => onchange({ ...deal, scatter: scatter / PERCENT })}
    />
    {#if deal.scatter}
      changing
      <NumberPiece
        label="Changes a second"
        value={deal.rate ?? 0}
        unit="a second"
        onchange={(rate) => onchange({ ...deal, rate })}
      />
    {/if}
  {/if}
</p>

<style>
  p {
    margin: 0 0 8px;
    line-height: 1.7;
  }
</style>
