<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { push } from 'svelte-spa-router';
  import { addSheet, allSheets, bringSheetBack, putSheetAside } from '../api/desk';
  import { reach } from '../api/reach.svelte';
  import type { SheetNote } from '../api/types';
  import { dateOf } from '../floor/time';
  import { mayOperate } from '../session/may.svelte';

  let sheets = $state.raw<SheetNote[]>();
  let name = $state('');
  let fault = $state('');

  async function load() {
    try {
      sheets = await allSheets();
      fault = '';
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  $effect(() => {
    void reach.returned;
    void load();
  });

  const kept = $derived((sheets ?? []).filter(({ aside }) => !aside));
  const aside = $derived((sheets ?? []).filter((sheet) => sheet.aside));

  async function make(of: string, copyOf?: number) {
    try {
      const made = await addSheet(of, copyOf);
      if (copyOf === undefined) await push(`/desk/${made.id}`);
      else await load();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function done(work: Promise<unknown>) {
    try {
      await work;
      await load();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  function saved({ savedAt }: SheetNote): string {
    return dateOf(savedAt);
  }
</script>

<svelte:head><title>Cue sheets · Glimble</title></svelte:head>

<div class="page">
  <div class="page-top">
    <h1>Cue sheets</h1>
    {#if mayOperate()}<form
        onsubmit={(event) => {
          event.preventDefault();
          if (name.trim()) void make(name);
        }}
      >
        <TextInput
          size="sm"
          hideLabel
          labelText="Name of a new cue sheet"
          placeholder="like Skerry Kite Week, Tuesday"
          maxlength={60}
          bind:value={name}
        />
        <Button size="small" type="submit" disabled={!name.trim()}>New cue sheet</Button>
      </form>{/if}
    <a href="#/people">People</a>
    <a href="#/log">What was on air</a>
  </div>
  {#if fault}<p role="alert" class="fault">{fault}</p>{/if}
  <ul>
    {#each kept as sheet (sheet.id)}
      <li class="surface">
        <a class="name" href="#/desk/{sheet.id}">{sheet.name}</a>
        <span class="muted">{sheet.cues} {sheet.cues === 1 ? 'cue' : 'cues'} · changed {saved(sheet)}</span>
        {#if mayOperate()}<span class="acts">
            <button class="plain act" onclick={() => void make(`${sheet.name.slice(0, 55)} copy`, sheet.id)}
              >copy<span class="for"> {sheet.name}</span></button
            >
            <button class="plain act" onclick={() => void done(putSheetAside(sheet.id))}
              >put aside<span class="for"> {sheet.name}</span></button
            >
          </span>{/if}
      </li>
    {:else}
      {#if sheets}<li class="muted">
          No cue sheets yet. Name one above: it holds the cues of a programme.
        </li>{/if}
    {/each}
  </ul>
  {#if aside.length > 0}
    <h2 class="caption">Put aside</h2>
    <ul>
      {#each aside as sheet (sheet.id)}
        <li class="surface">
          <span class="name">{sheet.name}</span>
          <span class="muted">{sheet.cues} cues</span>
          {#if mayOperate()}<span class="acts">
              <button class="plain act" onclick={() => void done(bringSheetBack(sheet.id))}
                >bring back<span class="for"> {sheet.name}</span></button
              >
            </span>{/if}
        </li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  form {
    display: flex;
    flex: 1;
    gap: 10px;
    max-width: 460px;
  }

  ul {
    display: grid;
    gap: 8px;
    margin: 0 0 20px;
    padding: 0;
    list-style: none;
  }

  li.surface {
    display: flex;
    gap: 18px;
    align-items: baseline;
    padding: 12px 16px;
  }

  .name {
    color: var(--text);
    font-size: 16px;
    font-weight: 650;
    text-decoration: none;
  }

  .acts {
    display: flex;
    gap: 16px;
    margin-left: auto;
  }

  .act,
  .page-top a {
    color: var(--accent);
  }

  .for {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }

  .fault {
    color: var(--fault);
  }
</style>
