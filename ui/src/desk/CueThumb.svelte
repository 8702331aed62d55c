<script lang="ts">
  import type { Cue, Graphic, Reel } from '../api/types';
  import { commonArea } from '../picture/area';
  import Picture from '../picture/Picture.svelte';
  import { fillingOf, workedOut } from './checks';
  import WordMarks from './WordMarks.svelte';

  interface Props {
    cue: Cue;
    label: string;
    /** Keys of fields in which a word is in no dictionary. */
    misspelt?: string[];
    /** Needed for these. */
    graphic?: Graphic;
  }

  const { cue, label, misspelt = [], graphic }: Props = $props();

  let reel = $state.raw<Reel>();
  let seen = $state(false);
  /** As close as it goes: of a bar in the whole frame nothing could be read. */
  const area = $derived(reel && commonArea([reel]));

  function watch(thumb: HTMLElement) {
    const sight = new IntersectionObserver(
      (entries) => (seen ||= entries.some(({ isIntersecting }) => isIntersecting)),
      { rootMargin: '100px' },
    );
    sight.observe(thumb);
    return () => sight.disconnect();
  }

  $effect(() => {
    if (!seen) return;
    let left = false;
    workedOut(fillingOf(cue))
      .then((worked) => {
        if (!left) reel = worked.reel;
      })
      .catch(() => {
        // It stays as it was; the form says why.
      });
    return () => (left = true);
  });
</script>

<span class="thumb" {@attach watch}>
  <Picture {reel} {area} moment={{ phase: 'IN', frame: reel?.in ?? 0 }} {label} />
  {#if misspelt.length > 0}<WordMarks {reel} {area} {graphic} fields={misspelt} />{/if}
</span>

<style>
  .thumb {
    position: relative;
    display: block;
    overflow: hidden;
    border-radius: 3px;
  }
</style>
