<script lang="ts">
  import type { Cue } from '../api/types';
  import InSight from '../frame/InSight.svelte';
  import CueThumb from './CueThumb.svelte';
  import type { Desk } from './desk.svelte';
  import { isFound, recalled } from './numbers';
  import StandingMark from './StandingMark.svelte';
  import { nameOf } from './words';
  import { mayOperate } from '../session/may.svelte';

  interface Props {
    desk: Desk;
    /** What is typed of a number. */
    number: string;
    onadd: () => void;
  }

  const { desk, number, onadd }: Props = $props();

  /** Of a cue in the list, px. */
  const HEIGHT = 54;

  let words = $state('');
  let search = $state<HTMLInputElement>();
  let list = $state<ReturnType<typeof InSight<Cue>>>();

  export function focusSearch() {
    search?.focus();
    search?.select();
  }

  const shown = $derived(
    desk.sheet.cues.filter((cue) => isFound(cue, desk.sheet.graphicOf(cue)?.name ?? '', words)),
  );
  const onAir = $derived(
    new Set(desk.air.standing.filter(({ leaves }) => !leaves).map(({ play }) => play.shows.cue)),
  );
  const misspelt = $derived(new Set(desk.spelling.map(({ cue }) => cue)));
  const missing = $derived(number !== '' && !recalled(desk.sheet.cues, number));

  $effect(() => {
    const id = desk.selected;
    if (id) list?.show(id);
  });

  function key(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
    if (event.key !== 'Enter' && event.key !== 'Escape') return;
    event.preventDefault();
    const first = shown[0];
    if (event.key === 'Enter' && first) desk.select(first.id);
    words = '';
    event.currentTarget.blur();
  }

  function label(cue: Cue): string {
    return `${cue.number} ${nameOf(cue, desk.sheet.graphicOf(cue))}`;
  }
</script>

<section class="surface" aria-label="Cues">
  <div class="top">
    <output class="number figures" class:missing aria-label="Number"
      >{number || desk.cue?.number || '–'}</output
    >
    <input
      bind:this={search}
      bind:value={words}
      type="search"
      aria-label="Words of a cue"
      placeholder="number, or / and words"
      onkeydown={key}
    />
    {#if mayOperate()}<button class="plain add" onclick={onadd} title="New cue (n)">new <kbd>n</kbd></button
      >{/if}
  </div>
  <InSight
    bind:this={list}
    items={shown}
    height={HEIGHT}
    label="Cues of the sheet"
    onsight={(cues) => desk.looksAt(cues)}
  >
    {#snippet item(cue)}
      <button
        class="plain cue"
        data-cue={cue.id}
        class:air={onAir.has(cue.id)}
        aria-current={cue.id === desk.selected ? 'true' : undefined}
        aria-label={label(cue)}
        tabindex={cue.id === desk.selected ? 0 : -1}
        onclick={() => desk.select(cue.id)}
      >
        <span class="figures place">{cue.number}</span>
        <CueThumb {cue} label="Cue {cue.number}" />
        <span class="texts">
          <span class="name" dir="auto">{nameOf(cue, desk.sheet.graphicOf(cue))}</span>
          <span class="graphic"
            >{desk.sheet.graphicOf(cue)?.name ?? ''}{onAir.has(cue.id) ? ' · on air' : ''}{cue.note
              ? ` · ${cue.note}`
              : ''}</span
          >
        </span>
        {#if misspelt.has(cue.id)}<span class="misspelt" title="a word of it is not known">abc</span>{/if}
        <span class="mark"><StandingMark standing={desk.checks[cue.id]?.standing} /></span>
      </button>
    {/snippet}
    {#snippet empty()}
      {#if words}No cue has these words. <button class="plain link" onclick={() => (words = '')}
          >Show all</button
        >
      {:else if !desk.sheet.stored}Loading the sheet …
      {:else}No cues yet.{#if mayOperate()}
          Press <kbd>n</kbd> for the first one.{/if}{/if}
    {/snippet}
  </InSight>
</section>

<style>
  section {
    display: flex;
    flex-direction: column;
    min-height: 0;
    overflow: hidden;
  }

  .top {
    display: flex;
    flex: none;
    gap: 10px;
    align-items: center;
    padding: 10px 12px;
    border-bottom: 1px solid var(--border);
  }

  .number {
    min-width: 64px;
    padding: 4px 10px;
    border-bottom: 2px solid var(--accent);
    background: var(--layer-2);
    font-size: 18px;
    font-weight: 700;
  }

  .number.missing {
    border-color: var(--warning);
    color: var(--warning);
  }

  input {
    flex: 1;
    min-width: 0;
    padding: 6px 8px;
    border: 0;
    border-radius: var(--corner);
    background: transparent;
    color: var(--text);
    font: inherit;
    font-size: 13px;
  }

  input::placeholder {
    color: var(--muted);
  }

  .add {
    color: var(--text);
  }

  .cue {
    display: grid;
    grid-template-columns: 48px 72px 1fr auto 16px;
    gap: 10px;
    align-items: center;
    width: 100%;
    height: 100%;
    padding: 3px 12px 3px 4px;
    border: 2px solid transparent;
    border-left-width: 5px;
    box-sizing: border-box;
  }

  .cue.air {
    border-left-color: var(--on-air);
  }

  .cue[aria-current] {
    border-color: var(--accent);
    border-radius: var(--corner);
    background: var(--layer-2);
  }

  .cue[aria-current].air {
    border-left-color: var(--on-air);
  }

  .place {
    font-size: 16px;
    font-weight: 700;
    text-align: right;
  }

  .texts {
    display: grid;
    min-width: 0;
  }

  .name,
  .graphic {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .name {
    font-size: 14px;
    line-height: 19px;
  }

  .graphic {
    color: var(--muted);
    font-size: 12px;
  }

  .misspelt {
    color: var(--warning);
    font-size: 11px;
    text-decoration: underline wavy;
  }

  .mark {
    grid-column: 5;
  }

  .link {
    color: var(--accent);
  }
</style>
