<script lang="ts">
  import { Select, SelectItem, TextArea, TextInput, Toggle } from 'carbon-components-svelte';
  import type { Field } from '../api/types';

  interface Props {
    field: Field;
    text: string;
    onchange: (text: string) => void;
  }

  const { field, text, onchange }: Props = $props();

  const MOST = 2000;
  const labelText = $derived(field.required ? field.label : `${field.label} (may be blank)`);
  const warn = $derived(field.required === true && text.trim() === '');
  const warnText = 'Needed: without it a filling is not complete.';
  const maxlength = $derived(field.longest || MOST);
</script>

{#if field.kind === 'choice'}
  <Select
    size="sm"
    labelText={field.label}
    selected={text}
    on:update={(event) => onchange(String(event.detail))}
  >
    {#if !field.required || !field.options?.includes(text)}<SelectItem value="" text="—" />{/if}
    {#each field.options ?? [] as option (option)}<SelectItem value={option} />{/each}
  </Select>
{:else if field.kind === 'switch'}
  <Toggle
    size="sm"
    labelText={field.label}
    labelA="off"
    labelB="on"
    toggled={text.trim() !== ''}
    on:toggle={({ detail }) => onchange(detail.toggled ? 'on' : '')}
  />
{:else if field.kind === 'lines'}
  <TextArea
    {labelText}
    rows={3}
    value={text}
    {maxlength}
    dir="auto"
    on:input={(event) => onchange((event.target as HTMLTextAreaElement).value)}
  />
{:else}
  <TextInput
    size="sm"
    {labelText}
    value={text}
    {warn}
    {warnText}
    {maxlength}
    inputmode={field.kind === 'number' ? 'decimal' : undefined}
    autocomplete="off"
    dir="auto"
    on:input={(event) => onchange(String(event.detail ?? ''))}
  />
{/if}
