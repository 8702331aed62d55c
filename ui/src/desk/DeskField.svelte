<script lang="ts">
  import { untrack } from 'svelte';
  import { Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { pictureAddress } from '../api/drawing';
  import type { Field, Spare } from '../api/types';
  import { briefly, inWords } from '../floor/spare.svelte';
  import { house } from '../house/house.svelte';
  import type { Completion } from './people';

  interface Props {
    field: Field;
    text: string;
    /** How much more there is room for; missing until it is known. */
    spare: Spare | undefined;
    /** Letters there are. */
    letters: number;
    /** Whether it stands in a row with another one, its label inside. */
    compact?: boolean;
    /** What of a feed stands in it; empty if it is typed. */
    followed?: string;
    /** What is wrong, said at the field; empty for nothing. */
    wrong: string;
    /** What becomes of the graphic because it is blank; empty for nothing. */
    blank: string;
    /** Names that may be meant; undefined until the names are known. */
    completions: Completion[] | undefined;
    onchange: (text: string) => void;
    oncomplete: (completion: Completion) => void;
  }

  const {
    field,
    text,
    spare,
    letters,
    compact = false,
    followed = '',
    wrong,
    blank,
    completions,
    onchange,
    oncomplete,
  }: Props = $props();

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

  /** Which of the names; none while nobody has pointed at one. */
  let pointed = $state(-1);
  let closed = $state(false);
  let focused = $state(false);
  const offered = $derived(focused && !closed ? (completions ?? []) : []);
  /** Keys that came before the names that they choose from. */
  let early: string[] = [];

  $effect(() => {
    if (!completions) return;
    const keys = early;
    early = [];
    untrack(() => keys.forEach(point));
  });

  function typedIn(changed: string) {
    early = [];
    pointed = -1;
    closed = false;
    onchange(changed);
  }

  function choose(completion: Completion) {
    closed = true;
    pointed = -1;
    oncomplete(completion);
  }

  /** Whether the key was for the names. */
  function point(pressed: string): boolean {
    if (offered.length === 0) return false;
    if (pressed === 'ArrowDown' || pressed === 'ArrowUp') {
      const by = pressed === 'ArrowDown' ? 1 : -1;
      pointed = (pointed + by + offered.length + (pointed < 0 && by < 0 ? 1 : 0)) % offered.length;
    } else if (pressed === 'Enter') choose(offered[Math.max(0, pointed)]!);
    else if (pressed === 'Escape') closed = true;
    else return false;
    return true;
  }

  function key(event: KeyboardEvent) {
    const isForNames = ['ArrowDown', 'ArrowUp', 'Enter'].includes(event.key);
    if (!completions && isForNames && isOneLine(event.target)) early.push(event.key);
    else if (!point(event.key)) return;
    event.preventDefault();
    event.stopPropagation();
  }

  /** In others Enter is a new line. */
  function isOneLine(target: EventTarget | null): boolean {
    return target instanceof HTMLInputElement && target.type === 'text';
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div
  class="field"
  class:compact
  class:wrong={wrong !== ''}
  data-field={field.key}
  onkeydown={key}
  onfocusin={() => (focused = true)}
  onfocusout={() => {
    focused = false;
    early = [];
  }}
>
  <div class="top">
    <label for={id}>{field.label}{field.required ? ' · needed' : ''}</label>
    {#if spare}<span class="spare" title={inWords(spare)}>{briefly(spare)}</span>{/if}
  </div>
  {#if followed}
    <p class="followed" {id} dir="auto">
      <span class="value">{text || '–'}</span> <span class="from">{followed}</span>
    </p>
  {:else if kind === 'choice' || kind === 'picture' || kind === 'switch'}
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
      on:input={(event) => typedIn(String(event.detail ?? ''))}
    />
    {#if offered.length > 0}
      <ul class="offered" role="listbox" aria-label="Names for {field.label}">
        {#each offered as completion, i (completion.text)}
          <li role="option" aria-selected={i === Math.max(0, pointed)}>
            <button
              type="button"
              class="plain"
              tabindex="-1"
              onpointerdown={(event) => {
                event.preventDefault();
                choose(completion);
              }}
              ><span dir="auto">{completion.text}</span><span class="with"
                >{Object.values(completion.fills).join(' · ')}</span
              ></button
            >
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
  {#if spare && !compact}
    <span class="track" aria-hidden="true"
      ><span class="full" class:none={spare.squeezed === 0} style:width={share}></span></span
    >
  {/if}
  {#if field.hint && !wrong}<p class="said blank">{field.hint}</p>{/if}
  {#if wrong}<p class="said" role="alert"><span aria-hidden="true">✕</span> {field.label} {wrong}.</p>
  {:else if blank && !followed}<p class="said blank">blank: {blank}</p>{/if}
</div>

<style>
  .field {
    position: relative;
    margin-bottom: 14px;
  }

  .offered {
    position: absolute;
    z-index: 10;
    right: 0;
    left: 0;
    margin: 2px 0 0;
    padding: 4px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    list-style: none;
  }

  .offered button {
    display: flex;
    gap: 12px;
    justify-content: space-between;
    width: 100%;
    padding: 6px 8px;
    font-size: 15px;
  }

  .offered [aria-selected='true'] {
    border-radius: 4px;
    background: var(--border);
  }

  .with {
    overflow: hidden;
    color: var(--muted);
    font-size: 13px;
    text-overflow: ellipsis;
    white-space: nowrap;
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

  .followed {
    display: flex;
    gap: 10px;
    align-items: baseline;
    min-width: 0;
    margin: 0;
    padding: 4px 10px;
    border-left: 3px solid var(--accent);
    font-size: 16px;
  }

  .value {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .from {
    margin-left: auto;
    color: var(--muted);
    font-size: 12px;
    white-space: nowrap;
  }

  .compact .from {
    display: none;
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
