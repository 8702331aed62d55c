<script lang="ts">
  import { Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { pictureAddress } from '../api/drawing';
  import type { Field, Spare } from '../api/types';
  import { briefly, inWords } from '../floor/spare.svelte';
  import { house } from '../house/house.svelte';

  interface Props {
    field: Field;
    text: string;
    /** How much more there is room for; missing until it is known. */
    spare: Spare | undefined;
    /** Letters there are. */
    letters: number;
    /** Whether it stands in a row with another one, its label inside. */
    compact?: boolean;
    /** What is wrong, said at the field; empty for nothing. */
    wrong: string;
    /** What becomes of the graphic because it is blank; empty for nothing. */
    blank: string;
    onchange: (text: string) => void;
  }

  const { field, text, spare, letters, compact = false, wrong, blank, onchange }: Props = $props();

  const MOST = 2000;
  /** With more of them a list is quicker. */
  const FEW = 6;
  const id = $derived(`field ${field.key}`);
  const kind = $derived(field.kind ?? 'text');
  const pictures = $derived(house.pictures.map(({ key }) => key));
  const choices = $derived.by(() => {
    if (kind === 'choice') return field.options ?? [];
    if (kind === 'picture') return pictures;
    if (kind === 'switch') return ['on'];
    return [];
  });
  const whole = $derived(Math.max(1, letters + (spare?.squeezed ?? 0)));
  const share = $derived(`${Math.min(100, (letters / whole) * 100)}%`);
  const help = $derived(
    kind === 'spoken'
      ? 'plain text, or WebVTT with the times of its words'
      : field.series
        ? 'one line after the other; blank ones are skipped'
        : '',
  );
</script>

<div class="field" class:compact class:wrong={wrong !== ''} data-field={field.key}>
  <div class="top">
    <label for={id}>{field.label}{field.required ? ' · needed' : ''}</label>
    {#if spare}<span class="spare" title={inWords(spare)}>{briefly(spare)}</span>{/if}
  </div>
  {#if kind === 'choice' || kind === 'picture' || kind === 'switch'}
    {#if choices.length <= FEW}
      <div class="choices" role="radiogroup" aria-label={field.label}>
        {#each choices as choice (choice)}
          <button
            type="button"
            class="plain choice"
            role="radio"
            aria-checked={text === choice}
            onclick={() => onchange(choice)}
          >
            {#if kind === 'picture'}<img src={pictureAddress(choice)} alt="" />{/if}
            {choice}
          </button>
        {/each}
        {#if !field.required}
          <button
            type="button"
            class="plain choice"
            role="radio"
            aria-checked={!text}
            onclick={() => onchange('')}>{kind === 'switch' ? 'off' : 'none'}</button
          >
        {/if}
        {#if text && !choices.includes(text)}<span class="missing">{text} (missing)</span>{/if}
      </div>
    {:else}
      <Select
        {id}
        hideLabel
        labelText={field.label}
        selected={text}
        on:update={(event) => onchange(String(event.detail))}
      >
        <SelectItem value="" text="none" />
        {#if text && !choices.includes(text)}<SelectItem value={text} text="{text} (missing)" />{/if}
        {#each choices as choice (choice)}<SelectItem value={choice} />{/each}
      </Select>
    {/if}
  {:else if kind === 'colour'}
    <div class="choices" role="radiogroup" aria-label={field.label}>
      {#each house.house.palette as { name, colour } (name)}
        <button
          type="button"
          class="plain choice"
          role="radio"
          aria-checked={text === name}
          onclick={() => onchange(name)}><span class="swatch" style:background={colour}></span>{name}</button
        >
      {/each}
      {#if !field.required}
        <button
          type="button"
          class="plain choice"
          role="radio"
          aria-checked={!text}
          onclick={() => onchange('')}>as designed</button
        >
      {/if}
    </div>
  {:else if kind === 'lines' || kind === 'spoken'}
    <TextArea
      {id}
      hideLabel
      labelText={field.label}
      rows={3}
      value={text}
      maxlength={MOST}
      dir="auto"
      helperText={help}
      on:input={(event) => onchange((event.target as HTMLTextAreaElement).value)}
    />
  {:else}
    <TextInput
      {id}
      hideLabel
      labelText={field.label}
      placeholder={compact ? field.label : undefined}
      value={text}
      maxlength={MOST}
      inputmode={kind === 'number' ? 'decimal' : undefined}
      autocomplete="off"
      dir="auto"
      on:input={(event) => onchange(String(event.detail ?? ''))}
    />
  {/if}
  {#if spare && !compact}
    <span class="track" aria-hidden="true"
      ><span class="full" class:none={spare.squeezed === 0} style:width={share}></span></span
    >
  {/if}
  {#if field.hint && !wrong}<p class="said blank">{field.hint}</p>{/if}
  {#if wrong}<p class="said" role="alert"><span aria-hidden="true">✕</span> {field.label} {wrong}.</p>
  {:else if blank}<p class="said blank">blank: {blank}</p>{/if}
</div>

<style>
  .field {
    margin-bottom: 14px;
  }

  .top {
    display: flex;
    gap: 10px;
    align-items: baseline;
    margin-bottom: 4px;
    font-size: 13px;
  }

  label {
    white-space: nowrap;
    color: var(--text);
  }

  .spare {
    margin-left: auto;
    color: var(--muted);
    text-align: right;
  }

  .field :global(.bx--text-input),
  .field :global(.bx--text-area) {
    height: auto;
    padding: 8px 12px;
    border-bottom: 2px solid var(--border-strong);
    background: var(--layer-2);
    font-family: var(--type);
    font-size: 19px;
  }

  .field.wrong :global(.bx--text-input),
  .field.wrong :global(.bx--text-area) {
    border-bottom-color: var(--fault);
  }

  .compact {
    margin-bottom: 4px;
  }

  .compact .top {
    display: none;
  }

  .compact :global(.bx--text-input) {
    padding: 5px 10px;
    font-size: 16px;
  }

  .track {
    display: block;
    height: 4px;
    overflow: hidden;
    border-radius: 2px;
    background: var(--border);
  }

  .full {
    display: block;
    height: 100%;
    background: var(--accent);
  }

  .full.none {
    background: var(--warning);
  }

  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }

  .choice {
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 8px 14px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    font-size: 15px;
  }

  .choice[aria-checked='true'] {
    border-color: var(--accent);
    box-shadow: inset 0 0 0 1px var(--accent);
    color: var(--accent);
    font-weight: 650;
  }

  .choice img {
    height: 22px;
  }

  .swatch {
    width: 16px;
    height: 16px;
    border: 1px solid var(--border-strong);
    border-radius: 3px;
  }

  .missing,
  .said {
    color: var(--fault);
  }

  .said {
    margin: 4px 0 0;
    font-size: 13px;
  }

  .blank {
    color: var(--muted);
  }
</style>
