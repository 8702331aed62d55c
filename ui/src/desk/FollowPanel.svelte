<script lang="ts">
  import { boundOf, feeds } from '../api/feeds';
  import type { Bound, Cue, Feed, Follow, Graphic } from '../api/types';
  import type { Desk } from './desk.svelte';
  import { ago } from './followed';

  interface Props {
    desk: Desk;
    cue: Cue;
    graphic: Graphic;
  }

  const { desk, cue, graphic }: Props = $props();

  const NONE = 0;
  let all = $state.raw<Feed[]>([]);
  const says = $derived(desk.feed.now?.state);
  const follow = $derived(cue.follow ?? undefined);
  const stale = $derived(says?.fault ?? desk.feed.fault);

  $effect(() => {
    feeds()
      .then((found) => (all = found))
      .catch(() => {
        // Those that are known stay.
      });
  });

  function change(next: Follow | undefined) {
    void desk.edit({ what: 'FOLLOW', cue: cue.id, ...(next && { follow: next }) });
  }

  async function choose(id: number) {
    if (id === NONE) return change(undefined);
    const bound = await boundOf(id, cue.graphic, cue.revision).catch(() => [] as Bound[]);
    const [first] = graphic.fields ?? [];
    // Where nothing is called alike, somebody has to say what belongs together.
    const begun = bound.length > 0 ? bound : first ? [{ field: first.key, column: '', row: 1 }] : [];
    if (begun.length > 0) change({ feed: id, seconds: follow?.seconds ?? 1, bound: begun });
  }

  function bind(field: string, changes: Partial<Bound>) {
    if (!follow) return;
    const had = follow.bound.find((one) => one.field === field) ?? { field, column: '', row: 1 };
    const next = { ...had, ...changes };
    const others = follow.bound.filter((one) => one.field !== field);
    const bound = next.column === '' ? others : [...others, next];
    change(bound.length > 0 ? { ...follow, bound } : undefined);
  }
</script>

<div class="follow" role="group" aria-label="Feed of the cue">
  <p>
    <label
      >follows
      <select
        aria-label="Feed that the cue follows"
        value={follow?.feed ?? NONE}
        onchange={(event) => void choose(Number(event.currentTarget.value))}
      >
        <option value={NONE}>no feed</option>
        {#each all as { id, name } (id)}<option value={id}>{name}</option>{/each}
      </select></label
    >
    {#if follow}
      <label
        >at most every
        <input
          class="figures"
          type="number"
          min="1"
          max="3600"
          aria-label="Seconds between changes"
          value={follow.seconds}
          onchange={(event) => change({ ...follow, seconds: Number(event.currentTarget.value) })}
        /> s</label
      >
    {/if}
  </p>
  {#if follow}
    {#if stale}
      <p class="stale" role="alert">
        <span aria-hidden="true">✕</span>
        {desk.feed.now?.feed.name ?? 'The feed'}: {stale}{says?.readAt
          ? `. What it said ${ago(says.readAt, desk.feed.time)} stands`
          : ''}.
      </p>
    {:else if desk.follows.missing.length > 0}
      <p class="stale" role="alert">
        <span aria-hidden="true">✕</span>
        {desk.feed.now?.feed.name}
        {desk.follows.missing.join('; ')}. What is there stays.
      </p>
    {:else if says?.readAt}
      <p class="muted">{desk.feed.now?.feed.name} was read {ago(says.readAt, desk.feed.time)}.</p>
    {/if}
    <details>
      <summary>what of it stands where</summary>
      <div class="bound">
        {#each graphic.fields ?? [] as field (field.key)}
          {@const bound = follow.bound.find((one) => one.field === field.key)}
          <span>{field.label}</span>
          <select
            aria-label="Column for {field.label}"
            value={bound?.column ?? ''}
            onchange={(event) => bind(field.key, { column: event.currentTarget.value })}
          >
            <option value="">as typed</option>
            {#each new Set( [...(says?.columns ?? []), ...(bound?.column ? [bound.column] : [])] ) as column (column)}
              <option value={column}>{column}</option>
            {/each}
          </select>
          <label class:none={!bound}
            >row
            <input
              class="figures"
              type="number"
              min="1"
              max="500"
              disabled={!bound}
              aria-label="Row for {field.label}"
              value={bound?.row ?? 1}
              onchange={(event) => bind(field.key, { row: Number(event.currentTarget.value) })}
            /></label
          >
        {/each}
      </div>
    </details>
  {/if}
</div>

<style>
  .follow {
    margin-bottom: 10px;
    color: var(--muted);
    font-size: 14px;
  }

  p {
    margin: 0 0 6px;
  }

  .stale {
    color: var(--fault);
  }

  summary {
    cursor: pointer;
  }

  .bound {
    display: grid;
    grid-template-columns: 1fr auto auto;
    gap: 6px 10px;
    align-items: center;
    margin-top: 6px;
  }

  .none {
    opacity: 0.5;
  }

  select,
  input {
    padding: 3px 6px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
  }

  input {
    width: 6ch;
  }
</style>
