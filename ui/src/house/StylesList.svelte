<script lang="ts">
  import { onMount } from 'svelte';
  import type { FontInfo, LetterStyle, StyleEntry } from '../api/types';
  import { offeredFonts } from '../api/outlines';
  import ChoicePiece from '../sheet/pieces/ChoicePiece.svelte';
  import NumberPiece from '../sheet/pieces/NumberPiece.svelte';
  import TextPiece from '../sheet/pieces/TextPiece.svelte';
  import PaintSentence from '../sheet/PaintSentence.svelte';
  import { house } from './house.svelte';
  import StyleSample from './StyleSample.svelte';

  interface Props {
    onsave: (styles: StyleEntry[]) => void;
  }

  const { onsave }: Props = $props();

  const CASES = ['as typed', 'capitals', 'title case'] as const;
  let fonts = $state.raw<FontInfo[]>([]);
  const styles = $derived(house.house.styles);

  onMount(async () => (fonts = await offeredFonts().catch(() => [])));

  function change(index: number, changes: Partial<StyleEntry>) {
    onsave(styles.map((entry, i) => (i === index ? { ...entry, ...changes } : entry)));
  }

  function changeLetters(index: number, letters: LetterStyle, changes: Partial<LetterStyle['style']>) {
    change(index, { letters: { ...letters, style: { ...letters.style, ...changes } } });
  }

  function add() {
    let name = 'new style';
    for (let i = 2; styles.some((entry) => entry.name === name); i++) name = `new style ${i}`;
    const font = fonts[0]?.id ?? 'barlow-condensed-500';
    onsave([...styles, { name, letters: { style: { font, size: 48, fill: house.names[0] ?? '#F4F1EA' } } }]);
  }
</script>

<div class="section">
  <h2>Text styles</h2>
  <span class="muted">Copied to a text that uses one. The sheet of a text shows them on the text itself.</span
  >
  <button class="plain act" onclick={add}>Add a text style</button>
</div>
<ul>
  {#each styles as { name, letters }, i (name)}
    <li class="surface">
      <StyleSample {letters} />
      <p>
        <TextPiece
          label="Name of style {name}"
          value={name}
          onchange={(changed) => change(i, { name: changed.trim() })}
        />
        <ChoicePiece
          label="Font of {name}"
          value={letters.style.font}
          options={fonts.map(({ id }) => id)}
          words={(id) => fonts.find((font) => font.id === id)?.name ?? id}
          onchange={(font) => changeLetters(i, letters, { font })}
        />
        size <NumberPiece
          label="Size of {name}"
          value={letters.style.size}
          unit="px"
          onchange={(size) => changeLetters(i, letters, { size })}
        />
        tracking <NumberPiece
          label="Tracking of {name}"
          value={letters.style.tracking ?? 0}
          onchange={(tracking) => changeLetters(i, letters, { tracking })}
        />
        <PaintSentence
          label="Fill of {name}"
          paint={letters.style.fill}
          onchange={(rule) => changeLetters(i, letters, { fill: rule(letters.style.fill) })}
        />
        shown <ChoicePiece
          label="Case of {name}"
          value={letters.case ?? 'as typed'}
          options={CASES}
          onchange={(chosen) => change(i, { letters: { ...letters, case: chosen } })}
        />
        <button
          class="plain act"
          aria-label="Remove style {name}"
          onclick={() => onsave(styles.filter((_, other) => other !== i))}>remove</button
        >
      </p>
    </li>
  {:else}
    <li class="surface muted">No text styles yet. Add one here, or keep one from a text on the floor.</li>
  {/each}
</ul>

<style>
  p {
    margin: 8px 0 0;
    line-height: 1.7;
  }
</style>
