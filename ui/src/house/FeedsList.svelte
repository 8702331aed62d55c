<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { addFeed, changeFeed, feeds, removeFeed } from '../api/feeds';
  import type { Feed } from '../api/types';

  let all = $state.raw<Feed[]>([]);
  let name = $state('');
  let url = $state('');
  let fault = $state('');

  async function done(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work();
      all = await feeds();
      fault = '';
      return true;
    } catch (error) {
      fault = (error as Error).message;
      return false;
    }
  }

  $effect(() => {
    void done(() => Promise.resolve());
  });

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (await done(() => addFeed(name, url, 1))) name = url = '';
  }
</script>

<div class="section"><h2>Feeds</h2></div>
<section class="surface" aria-label="Feeds">
  <p class="muted">Data of others, as JSON or CSV, that a cue may follow on the desk.</p>
  <ul class="feeds">
    {#each all as feed (feed.id)}
      <li>
        <strong>{feed.name}</strong>
        <input
          class="url"
          aria-label="Address of {feed.name}"
          value={feed.url}
          onchange={(event) => void done(() => changeFeed({ ...feed, url: event.currentTarget.value }))}
        />
        <label
          >every
          <input
            type="number"
            min="1"
            max="3600"
            aria-label="Seconds of {feed.name}"
            value={feed.seconds}
            onchange={(event) =>
              void done(() => changeFeed({ ...feed, seconds: Number(event.currentTarget.value) }))}
          /> s</label
        >
        <button
          class="plain act"
          aria-label="Remove the feed {feed.name}"
          onclick={() => void done(() => removeFeed(feed.id!))}>remove</button
        >
      </li>
    {/each}
  </ul>
  <form onsubmit={add}>
    <TextInput size="sm" labelText="Name of a new feed" bind:value={name} />
    <TextInput
      size="sm"
      labelText="Where it is asked for"
      placeholder="http://127.0.0.1:8091/heat.json"
      bind:value={url}
    />
    <Button size="small" type="submit" disabled={!name || !url}>Add feed</Button>
  </form>
  {#if fault}<p role="alert" class="fault">{fault}</p>{/if}
</section>

<style>
  section {
    padding: 16px;
  }

  section .feeds {
    display: block;
    margin: 0 0 10px;
    padding: 0;
    list-style: none;
  }

  li {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    padding: 4px 0;
  }

  form {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: end;
    margin-top: 12px;
  }

  input {
    width: 6ch;
    padding: 4px 8px;
    border: 1px solid var(--border-strong);
    border-radius: var(--corner);
    background: var(--layer-2);
    color: var(--text);
    font: inherit;
  }

  .url {
    flex: 1;
    min-width: 260px;
  }

  .act {
    color: var(--accent);
  }

  .fault {
    color: var(--fault);
  }
</style>
