<script lang="ts">
  import type { Desk } from './desk.svelte';

  interface Props {
    desk: Desk;
  }

  const { desk }: Props = $props();

  let open = $state(false);
  let number = $state('');
  let note = $state('');
  let name = $state('');
  let first = $state(1);
  let by = $state(1);

  function toggle() {
    open = !open;
    number = desk.cue?.number ?? '';
    note = desk.cue?.note ?? '';
    name = desk.sheet.stored?.sheet.name ?? '';
  }

  function key(event: KeyboardEvent) {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    open = false;
  }

  function remove() {
    const cue = desk.cue;
    if (!cue) return;
    const place = desk.sheet.cues.indexOf(cue);
    const next = desk.sheet.cues[place + 1] ?? desk.sheet.cues[place - 1];
    void desk.edit({ what: 'REMOVE', cues: [cue.id] }).then(() => desk.select(next?.id));
  }
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<span class="holder" onkeydown={key}>
  <button class="plain act" aria-expanded={open} onclick={toggle}>cue and sheet …</button>
  <button class="plain act" disabled={!desk.sheet.canUndo} onclick={() => void desk.undo()}>undo</button>
  {#if open}
    <div class="panel surface">
      {#if desk.cue}
        {@const cue = desk.cue}
        <form
          onsubmit={(event) => {
            event.preventDefault();
            if (number.trim() !== cue.number) void desk.edit({ what: 'NUMBER', cue: cue.id, number });
            if (note !== cue.note) void desk.edit({ what: 'FILL', cue: cue.id, note });
          }}
        >
          <label>number <input class="figures" size="8" bind:value={number} /></label>
          <label class="wide">note <input bind:value={note} maxlength="2000" /></label>
          <button class="plain act" type="submit">keep</button>
        </form>
        <p>
          <button class="plain act" onclick={() => void desk.edit({ what: 'COPY', cue: cue.id })}
            >copy cue {cue.number}</button
          >
          <button class="plain act" onclick={remove}>remove cue {cue.number}</button>
        </p>
      {/if}
      <form
        onsubmit={(event) => {
          event.preventDefault();
          void desk.edit({ what: 'RENUMBER', first, by });
        }}
      >
        <label>all from <input type="number" min="1" max="9999" bind:value={first} /></label>
        <label>by <input type="number" min="1" max="1000" bind:value={by} /></label>
        <button class="plain act" type="submit">number anew</button>
      </form>
      <form
        onsubmit={(event) => {
          event.preventDefault();
          void desk.edit({ what: 'NAME', name });
        }}
      >
        <label class="wide">sheet <input bind:value={name} maxlength="60" /></label>
        <button class="plain act" type="submit">rename</button>
      </form>
      <p>
        {#if desk.sheet.stored}<a href="#/desk/{desk.sheet.stored.id}/table">as a table, from CSV</a> ·{/if}
        <a href="#/people">people</a> · <a href="#/desk">All cue sheets</a> ·
        <a href="#/log">What was on air</a>
        ·
        <a href="/output.html?output=1" target="_blank" rel="noopener">Output page</a>
      </p>
    </div>
  {/if}
</span>

<style>
  .holder {
    display: flex;
    position: relative;
    flex: none;
    gap: 14px;
  }

  .act {
    color: var(--accent);
  }

  .act:disabled {
    color: var(--muted);
  }

  .panel {
    display: grid;
    position: absolute;
    z-index: 20;
    top: 30px;
    left: 0;
    gap: 12px;
    width: 460px;
    padding: 14px;
    background: var(--layer-2);
  }

  form,
  p {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    margin: 0;
  }

  label {
    display: flex;
    gap: 6px;
    align-items: center;
    color: var(--muted);
  }

  .wide {
    flex: 1;
  }

  input {
    min-width: 0;
    padding: 4px 8px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-1);
    color: var(--text);
    font: inherit;
  }

  .wide input {
    flex: 1;
  }

  a {
    color: var(--accent);
  }
</style>
