<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { workOut } from '../api/client';
  import type { Graphic, ProofNote, StoredGraphic, Worked } from '../api/types';
  import { sampleValues } from '../floor/values';
  import Picture from '../picture/Picture.svelte';
  import { inShort } from '../proof/findings';
  import { tagsOf } from './tags';
  import { momentOf, timecode, wholeLength, type Moment } from '../player/moment';
  import '../sheet/pieces/pieces.css';
  import { ready } from '../api/ready';
  import HandOver from '../handover/HandOver.svelte';
  import { mayDesign, mayOperate } from '../session/may.svelte';

  interface Props {
    stored: StoredGraphic;
    /** What its proof came to, if it is proved. */
    proof: ProofNote | undefined;
    onrename: (document: Graphic) => void;
    onduplicate: () => void;
    ondelete: () => void;
  }

  const { stored, proof, onrename, onduplicate, ondelete }: Props = $props();

  let worked = $state.raw<Worked>();
  let fault = $state('');
  /** 0 at the left of the card, 1 at its right; undefined while nobody points at it. */
  let share = $state<number>();

  const REST: Moment = { phase: 'IN', frame: Number.MAX_SAFE_INTEGER };
  const KEY_STEP = 0.02;

  const frame = $derived(
    worked && share !== undefined ? Math.round(share * (wholeLength(worked.whole) - 1)) : undefined,
  );
  const moment = $derived(
    worked && frame !== undefined ? momentOf(worked.whole, frame)! : { ...REST, frame: worked?.reel.in ?? 0 },
  );

  /** Whether it has ever been in sight, or nearly: a long shelf is not worked out all at once. */
  let seen = $state(false);

  function watch(card: HTMLElement) {
    const sight = new IntersectionObserver(
      (entries) => (seen ||= entries.some(({ isIntersecting }) => isIntersecting)),
      { rootMargin: '200px' },
    );
    sight.observe(card);
    return () => sight.disconnect();
  }

  $effect(() => {
    if (!seen) return;
    workOut(stored.document, [sampleValues(stored.document)])
      .then(async ([first]) => {
        await ready([first!.reel]);
        worked = first;
      })
      .catch((error: Error) => (fault = error.message));
  });

  let handing = $state(false);
  let renaming = $state(false);
  let name = $state('');
  let tags = $state('');

  function rename() {
    renaming = !renaming;
    name = stored.document.name;
    tags = (stored.document.tags ?? []).join(', ');
  }

  function keep() {
    renaming = false;
    const changed = { ...stored.document, name: name.trim(), tags: tagsOf(tags) };
    if (changed.name) onrename(changed);
  }

  function scrub(event: PointerEvent) {
    const card = (event.currentTarget as HTMLElement).getBoundingClientRect();
    share = Math.max(0, Math.min(1, (event.clientX - card.left) / card.width));
  }

  function scrubByKey(event: KeyboardEvent) {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    const step = event.key === 'ArrowRight' ? KEY_STEP : -KEY_STEP;
    share = Math.max(0, Math.min(1, (share ?? 0) + step));
  }
</script>

<article class="card surface" {@attach watch}>
  <button
    class="plain open"
    onpointermove={scrub}
    onpointerleave={() => (share = undefined)}
    onkeydown={scrubByKey}
    onblur={() => (share = undefined)}
    onclick={() => push(`/floor/${stored.id}`)}
  >
    <Picture reel={worked?.reel} {moment} label="{stored.document.name} at this moment" />
    <span class="progress" style:transform="scaleX({share ?? 0})"></span>
    <span class="foot">
      <span class="title">{stored.document.name}</span>
      {#if fault}
        <span class="fault">{fault}</span>
      {:else if !worked}
        <span class="muted fields">loading …</span>
      {:else}
        <span class="muted fields"
          >{(stored.document.fields ?? []).map((field) => field.label).join(', ')}</span
        >
      {/if}
      <span class="figures muted">
        {#if worked && frame !== undefined}
          {timecode(frame, worked.reel.rate)}
        {:else}
          rev {stored.revision}
        {/if}
      </span>
    </span>
  </button>
  {#if renaming}
    <form
      class="rename"
      onsubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <input class="piece" aria-label="Name of {stored.document.name}" maxlength="60" bind:value={name} />
      <input
        class="piece"
        aria-label="Tags of {stored.document.name}"
        placeholder="tags, like name"
        bind:value={tags}
      />
      <button class="plain act" type="submit">keep</button>
      <button class="plain act" type="button" onclick={() => (renaming = false)}>leave</button>
    </form>
  {/if}
  <span class="acts">
    {#if proof}
      <a
        class="proved"
        class:found={!proof.proving && (proof.open > 0 || !proof.finished)}
        class:proving={proof.proving}
        href="#/proof/{stored.id}">{inShort(proof)}</a
      >
    {/if}
    {#if mayDesign()}
      <button class="plain act" aria-label="Rename {stored.document.name}" onclick={rename}
        >rename, tag</button
      >
      <button class="plain act" aria-label="Duplicate {stored.document.name}" onclick={onduplicate}
        >duplicate</button
      >
    {/if}
    {#if mayOperate()}
      <button class="plain act" aria-label="Hand over {stored.document.name}" onclick={() => (handing = true)}
        >hand over …</button
      >
    {/if}
    {#if mayDesign()}
      <button class="plain act" aria-label="Delete {stored.document.name}" onclick={ondelete}>delete</button>
    {/if}
  </span>
</article>
{#if handing}
  <HandOver bind:open={handing} graphic={stored.id} revision={stored.revision} document={stored.document} />
{/if}

<style>
  .card {
    overflow: hidden;
  }

  .card:hover {
    border-color: var(--border-strong);
  }

  .open {
    position: relative;
    display: block;
    width: 100%;
  }

  .open:focus-visible {
    outline-offset: -2px;
  }

  .foot {
    display: grid;
    grid-template-columns: auto 1fr auto;
    gap: 12px;
    align-items: baseline;
    padding: 10px 14px 4px;
  }

  .title {
    font-size: 15px;
    font-weight: 650;
  }

  .fields {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .fault {
    color: var(--fault);
  }

  .progress {
    display: block;
    height: 2px;
    background: var(--accent);
    transform-origin: left;
  }

  .rename {
    display: flex;
    gap: 6px;
    align-items: center;
    padding: 4px 14px 6px;
  }

  .rename input {
    flex: 1;
    min-width: 0;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 16px;
    padding: 0 14px 10px;
    color: var(--muted);
    font-size: 12px;
  }

  .proved {
    flex-basis: 100%;
    color: var(--accent);
    text-decoration: none;
  }

  .found {
    color: var(--fault);
  }

  .proving {
    color: var(--muted);
  }

  .act:hover {
    color: var(--text);
  }
</style>
