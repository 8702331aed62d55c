<script lang="ts">
  import { Select, SelectItem, TextArea, TextInput, Toggle } from 'carbon-components-svelte';
  import type { Field, Filled } from '../api/types';
  import AddPicture from '../house/AddPicture.svelte';
  import { house } from '../house/house.svelte';
  import ColourPiece from '../sheet/pieces/ColourPiece.svelte';
  import '../sheet/pieces/pieces.css';

  interface Props {
    field: Field;
    text: string;
    /** What the server counts of it; missing until it has. */
    filled?: Filled;
    /** What is wrong with the captions that are filled in. */
    fault?: string;
    onchange: (text: string) => void;
  }

  const { field, text, filled, fault, onchange }: Props = $props();

  const MOST = 2000;
  const labelText = $derived(field.required ? field.label : `${field.label} (may be blank)`);
  const over = $derived(field.longest ? Math.max(0, (filled?.letters ?? 0) - field.longest) : 0);
  const needed = $derived(field.required === true && (filled ? filled.blank : text === ''));
  const warn = $derived(needed || over > 0);
  const warnText = $derived(
    needed
      ? 'Needed: without it a filling is not complete.'
      : `${over} ${over === 1 ? 'letter' : 'letters'} too many${field.series ? ' in a line' : ''}; at most ${field.longest}.`,
  );
  const help = $derived(
    field.kind === 'spoken'
      ? 'plain text, or WebVTT with the times of its words'
      : field.series
        ? 'one line after the other; blank ones are skipped'
        : '',
  );
  const pictures = $derived(house.pictures.map(({ key }) => key));

  let unread = $state('');

  /** What a file holds is filled in. */
  async function take(input: HTMLInputElement) {
    const [file] = input.files ?? [];
    if (!file) return;
    const read = await file.text();
    input.value = '';
    unread =
      read.length > MOST
        ? `${file.name} has ${read.length} characters, and a field holds ${MOST}. Leave out cues that are not shown here.`
        : '';
    if (!unread) onchange(read);
  }
</script>

{#if field.kind === 'choice'}
  <Select
    size="sm"
    labelText={field.label}
    selected={text}
    on:update={(event) => onchange(String(event.detail))}
  >
    {#if !field.required || !field.options?.includes(text)}<SelectItem value="" text="—" />{/if}
    {#each field.options ?? [] as option, i (i)}<SelectItem value={option} />{/each}
  </Select>
{:else if field.kind === 'picture'}
  <Select size="sm" {labelText} selected={text} on:update={(event) => onchange(String(event.detail))}>
    <SelectItem value="" text="none" />
    {#if text && !pictures.includes(text)}<SelectItem value={text} text="{text} (missing)" />{/if}
    {#each pictures as key (key)}<SelectItem value={key} />{/each}
  </Select>
  <div class="more"><AddPicture onadd={onchange} /></div>
{:else if field.kind === 'colour'}
  <div>
    <span class="bx--label">{labelText}</span>
    <ColourPiece label={field.label} value={text || field.sample || '#F4F1EA'} {onchange} />
  </div>
{:else if field.kind === 'switch'}
  <Toggle
    size="sm"
    labelText={field.label}
    labelA="off"
    labelB="on"
    toggled={filled ? !filled.blank : text !== ''}
    on:toggle={({ detail }) => onchange(detail.toggled ? 'on' : '')}
  />
{:else if field.kind === 'lines' || field.kind === 'spoken'}
  <TextArea
    {labelText}
    rows={3}
    value={text}
    maxlength={MOST}
    dir="auto"
    invalid={fault !== undefined}
    invalidText={fault}
    helperText={warn ? warnText : help}
    on:input={(event) => onchange((event.target as HTMLTextAreaElement).value)}
  />
  {#if field.kind === 'spoken'}
    <label class="more act">
      from a file
      <input
        type="file"
        accept=".vtt,text/vtt"
        aria-label="{field.label} from a WebVTT file"
        onchange={(event) => take(event.currentTarget)}
      />
    </label>
    {#if unread}<p class="unread" role="alert">{unread}</p>{/if}
  {/if}
{:else}
  <TextInput
    size="sm"
    {labelText}
    value={text}
    {warn}
    {warnText}
    maxlength={MOST}
    inputmode={field.kind === 'number' ? 'decimal' : undefined}
    autocomplete="off"
    dir="auto"
    on:input={(event) => onchange(String(event.detail ?? ''))}
  />
{/if}

<style>
  .more {
    margin-top: -8px;
  }

  label {
    position: relative;
    display: inline-block;
    cursor: pointer;
  }

  label:focus-within {
    outline: 2px solid var(--accent);
  }

  label input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }

  .unread {
    color: var(--fault);
    font-size: 12px;
  }
</style>
