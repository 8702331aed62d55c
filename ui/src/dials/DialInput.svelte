<script lang="ts">
  import type { Dial } from '../api/types';
  import { house } from '../house/house.svelte';
  import { typedNumber } from '../sheet/pieces/typed';
  import { designedSetting, isNumber, limitsOf, optionsOf, settingOf } from './settings';

  interface Props {
    dial: Dial;
    /** Blank for as designed. */
    setting: string;
    /** What is wrong with it; empty for nothing. */
    wrong?: string;
    onchange: (setting: string) => void;
  }

  const { dial, setting, wrong = '', onchange }: Props = $props();

  const id = $derived(`dial ${dial.key}`);
  const stands = $derived(settingOf(dial, setting));
  const options = $derived(optionsOf(dial));
  const isSet = $derived(setting !== '' && setting !== designedSetting(dial));
  /** Letters may be typed that are no number yet. */
  const pulled = $derived(typedNumber(stands) ?? Number(dial.value));

  function change(next: string) {
    onchange(next.trim() === designedSetting(dial) ? '' : next);
  }
</script>

<div class="dial" data-dial={dial.key}>
  <div class="top">
    <label for={id}>{dial.label}</label>
    {#if isSet}
      <button type="button" class="plain back" onclick={() => onchange('')}>as designed</button>
    {:else}
      <span class="designed">as designed</span>
    {/if}
  </div>
  {#if isNumber(dial)}
    <div class="number">
      <input
        type="range"
        aria-label="{dial.label}, pulled"
        min={dial.least}
        max={dial.most}
        step={dial.step ?? 1}
        value={pulled}
        oninput={(event) => change(event.currentTarget.value)}
      />
      <input
        {id}
        class="typed figures"
        inputmode="decimal"
        autocomplete="off"
        title="{limitsOf(dial)}; blank is as designed"
        value={stands}
        aria-invalid={wrong !== ''}
        oninput={(event) => change(event.currentTarget.value)}
      />
      {#if dial.unit}<span class="unit">{dial.unit}</span>{/if}
    </div>
  {:else}
    <div class="options" role="radiogroup" aria-label={dial.label} {id}>
      {#each options as option, i (i)}
        <button
          type="button"
          class="plain option"
          role="radio"
          aria-checked={stands === option}
          onclick={() => change(option)}
          >{#if dial.kind === 'colour' && house.has(option)}<span
              class="swatch"
              style:background={house.shown(option)}
            ></span>{/if}{option}</button
        >
      {/each}
    </div>
  {/if}
  {#if wrong}<p role="alert">✕ {dial.label} {wrong}.</p>{/if}
</div>

<style>
  .dial {
    min-width: 0;
    font-size: 13px;
  }

  .top {
    display: flex;
    gap: 8px;
    align-items: baseline;
    margin-bottom: 3px;
    color: var(--text);
    font-size: 12px;
  }

  .designed,
  .back,
  .unit {
    color: var(--muted);
  }

  .designed,
  .back {
    margin-left: auto;
    font-size: 12px;
  }

  .back {
    text-decoration: underline;
  }

  .number {
    display: flex;
    gap: 8px;
    align-items: center;
  }

  input[type='range'] {
    flex: 1;
    min-width: 40px;
    accent-color: var(--accent);
  }

  .typed {
    width: 5ch;
    padding: 4px 6px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
    text-align: right;
  }

  .typed[aria-invalid='true'] {
    border-color: var(--fault);
  }

  .options {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }

  .option {
    display: flex;
    gap: 6px;
    align-items: center;
    padding: 4px 10px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
  }

  .option[aria-checked='true'] {
    border-color: var(--accent);
    box-shadow: inset 0 0 0 1px var(--accent);
    color: var(--accent);
  }

  .swatch {
    width: 12px;
    height: 12px;
    border: 1px solid var(--border-strong);
    border-radius: 3px;
  }

  p {
    margin: 3px 0 0;
    color: var(--fault);
  }
</style>
