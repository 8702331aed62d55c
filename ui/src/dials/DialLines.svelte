<script lang="ts">
  import type { Dial } from '../api/types';
  import type { FloorState } from '../floor/floor.svelte';
  import { house } from '../house/house.svelte';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import ManyPiece from '../sheet/pieces/ManyPiece.svelte';
  import NumberPiece from '../sheet/pieces/NumberPiece.svelte';
  import TextPiece from '../sheet/pieces/TextPiece.svelte';
  import { setContext } from 'svelte';
  import { isNumber } from './settings';

  interface Props {
    floor: FloorState;
    /** Where what the sheet is about stands in the document; blank for all of it. */
    about: string;
  }

  const { floor, about }: Props = $props();

  // What a dial itself is made of cannot be offered.
  setContext('offer', undefined);

  const ALONE = 'alone';
  const all = $derived(floor.document?.dials ?? []);
  const dials = $derived(all.filter(({ sets }) => sets.some((place) => place.startsWith(about))));

  function change(key: string, changes: Partial<Dial>) {
    void floor.changeDial(key, (dial) => ({ ...dial, ...changes }));
  }

  /** One place earlier in the form. */
  function earlier(key: string) {
    void floor.change((document) => {
      const others = [...(document.dials ?? [])];
      const place = others.findIndex((dial) => dial.key === key);
      others.splice(place - 1, 0, ...others.splice(place, 1));
      return { ...document, dials: others };
    });
  }

  function remove(key: string) {
    void floor.change((document) => ({
      ...document,
      dials: document.dials?.filter((dial) => dial.key !== key),
    }));
  }

  /** The other one sets what this one did. */
  function join(key: string, other: string) {
    void floor.change((document) => {
      const joined = document.dials?.find((dial) => dial.key === key);
      return {
        ...document,
        dials: document.dials
          ?.filter((dial) => dial.key !== key)
          .map((dial) => (dial.key === other ? { ...dial, sets: [...dial.sets, ...joined!.sets] } : dial)),
      };
    });
  }

  function likewise(dial: Dial): string[] {
    return all.filter(({ key, kind }) => kind === dial.kind && key !== dial.key).map(({ key }) => key);
  }

  /** What a place is called: without what every place begins with. */
  function words(place: string): string {
    return place.split('/').slice(1).join(' · ');
  }

  let lines = $state<HTMLElement>();

  // Whoever has just offered something gives it a name.
  $effect(() => {
    if (!dials.some(({ key }) => key === floor.offered)) return;
    const line = lines?.querySelector(`[data-line="${CSS.escape(floor.offered)}"]`);
    if (!line) return;
    floor.offered = '';
    line.scrollIntoView({ block: 'nearest' });
    line.querySelector('input')?.select();
  });
</script>

{#if dials.length > 0 || about === ''}
  <h3 class="caption">Dials <span class="muted">what operators may set</span></h3>
{/if}
<div bind:this={lines}>
  {#each dials as dial (dial.key)}
    <div class="line" data-line={dial.key}>
      <p>
        <TextPiece
          label="Name of the dial {dial.key}"
          value={dial.label}
          onchange={(label) => change(dial.key, { label })}
        />
        {#if isNumber(dial)}
          from
          <NumberPiece
            label="Least of {dial.key}"
            value={dial.least ?? 0}
            onchange={(least) => change(dial.key, { least })}
          />
          to
          <NumberPiece
            label="Most of {dial.key}"
            value={dial.most ?? 0}
            onchange={(most) => change(dial.key, { most })}
          />
          by
          <NumberPiece
            label="Step of {dial.key}"
            value={dial.step ?? 1}
            onchange={(step) => change(dial.key, { step })}
          />
          <TextPiece
            label="Unit of {dial.key}"
            value={dial.unit ?? ''}
            empty="no unit"
            onchange={(unit) => change(dial.key, { unit: unit.trim() || undefined })}
          />
        {:else if dial.kind === 'colour'}
          one of
          <ManyPiece
            label="Colours of {dial.key}"
            values={dial.options ?? []}
            options={[...new Set([...(dial.options ?? []), ...Object.keys(floor.colours), ...house.names])]}
            onchange={(options) =>
              change(dial.key, { options: [...new Set([String(dial.value), ...options])] })}
          />
        {:else if dial.kind === 'choice'}
          one of <span>{(dial.options ?? []).join(', ')}</span>
        {:else}
          on or off
        {/if}
      </p>
      <p class="muted">
        sets {dial.sets.map(words).join(', ')}
        {#if likewise(dial).length > 0}
          <ChoicePiece
            label="Which dial sets what {dial.key} sets"
            value={ALONE}
            options={[ALONE, ...likewise(dial)]}
            words={(other) => (other === ALONE ? ALONE : `together with ${other}`)}
            onchange={(other) => other !== ALONE && join(dial.key, other)}
          />
        {/if}
        {#if all[0]?.key !== dial.key}
          <button
            class="plain act"
            aria-label="Ask for the dial {dial.key} earlier"
            onclick={() => earlier(dial.key)}>earlier</button
          >
        {/if}
        <button class="plain act" aria-label="Offer {dial.key} no longer" onclick={() => remove(dial.key)}
          >offer no longer</button
        >
      </p>
    </div>
  {:else}
    {#if about === ''}
      <p class="muted">
        None yet. Press o in any number or colour of the sheet, and operators may set it within its limits.
      </p>
    {/if}
  {/each}
</div>

<style>
  .caption {
    margin: 14px 0 6px;
  }

  .line {
    margin-bottom: 6px;
    padding-bottom: 6px;
    border-bottom: 1px solid var(--border);
  }

  p {
    margin: 0;
    line-height: 1.7;
    overflow-wrap: anywhere;
  }
</style>
