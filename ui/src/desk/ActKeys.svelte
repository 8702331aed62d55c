<script lang="ts">
  import { berthOf } from '../air/stack';
  import type { Desk } from './desk.svelte';
  import { nameOf } from './words';

  interface Props {
    desk: Desk;
  }

  const { desk }: Props = $props();

  /** ms for which all out is held. */
  const HOLD_MS = 1000;

  let holding = $state(false);
  let timer: ReturnType<typeof setTimeout> | undefined;

  export function hold() {
    if (holding) return;
    holding = true;
    timer = setTimeout(() => {
      holding = false;
      void desk.allOut();
    }, HOLD_MS);
  }

  export function release() {
    clearTimeout(timer);
    holding = false;
  }

  const name = $derived(desk.cue && nameOf({ ...desk.cue, values: desk.values }, desk.graphic));
  const change = $derived(desk.changes[0]);
  const away = $derived(!desk.acting.heard);
</script>

<div class="acts" class:rehearsing={desk.rehearsal !== undefined}>
  <button class="plain press take" disabled={!desk.cue || away} onclick={() => void desk.take()}>
    <span class="name">{desk.rehearsal ? 'rehearse take' : 'take'} <kbd>⏎</kbd></span>
    <span class="what"
      >{#if desk.cue}{desk.cue.number}&#32;<bdi>{name}</bdi>{#if desk.graphic}&#32;to the <bdi
            >{berthOf(desk.graphic)}</bdi
          >{/if}{:else}choose a cue{/if}</span
    >
  </button>
  <button class="plain press" disabled={!desk.stepping || away} onclick={() => void desk.step()}>
    <span class="name">step <kbd>→</kbd></span>
    <span class="what"
      >{#if desk.stepping}<bdi>{desk.stepping.title}</bdi>: <bdi>{desk.stepping.next}</bdi>{:else}no step to
        come{/if}</span
    >
  </button>
  <button class="plain press" disabled={!change || away} onclick={() => void desk.change()}>
    <span class="name">change <kbd>c</kbd></span>
    <span class="what"
      >{#if change}<bdi>{change.on.title}</bdi>: <bdi>{change.what}</bdi>{:else}on air as in the sheet{/if}</span
    >
  </button>
  <span class="gap"></span>
  <button class="plain press out" disabled={!desk.target} onclick={() => void desk.out()}>
    <span class="name">out <kbd>x</kbd></span>
    <span class="what"><bdi>{desk.target ? desk.target.title : 'nothing is on air'}</bdi></span>
  </button>
  <button
    class="plain press all"
    class:holding
    disabled={desk.acting.standing.length === 0}
    onpointerdown={hold}
    onpointerup={release}
    onpointerleave={release}
    onkeydown={(event) => event.key === ' ' && hold()}
    onkeyup={release}
  >
    <span class="name">all out <kbd>q</kbd></span>
    <span class="what">hold for a second</span>
  </button>
</div>

<style>
  .acts {
    display: grid;
    grid-template-columns: 2fr 1.4fr 1.4fr 24px 1.4fr 1fr;
    gap: 12px;
    height: 92px;
  }

  .press {
    display: grid;
    align-content: center;
    min-width: 0;
    padding: 0 18px;
    border: 2px solid var(--border-strong);
    border-radius: 10px;
    background: var(--layer-1);
  }

  .press:active:not(:disabled) {
    background: var(--layer-2);
  }

  .press:disabled {
    border-color: var(--border);
    color: var(--muted);
    cursor: default;
  }

  .name {
    font-size: 22px;
    font-weight: 700;
    white-space: nowrap;
  }

  .what {
    overflow: hidden;
    font-size: 13px;
    line-height: 1.45;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .take:not(:disabled) {
    border-color: var(--accent);
    background: var(--accent);
    color: var(--on-accent);
  }

  .rehearsing .take:not(:disabled) {
    border-style: dashed;
    background: transparent;
    color: var(--accent);
  }

  .out:not(:disabled) {
    border-color: var(--text);
  }

  .all .name {
    font-size: 17px;
  }

  .holding {
    background: linear-gradient(var(--border-strong), var(--border-strong)) no-repeat left / 0 100%;
    animation: held 1s linear forwards;
  }

  @keyframes held {
    to {
      background-size: 100% 100%;
    }
  }
</style>
