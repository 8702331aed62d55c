<script lang="ts">
  import { getContext } from 'svelte';
  import { beginAct, endAct } from '../../floor/acts';
  import type { Piece } from '../../dials/offer';
  import { live } from './live';
  import { typedNumber } from './typed';

  interface Props {
    label: string;
    value: number;
    unit?: string;
    onchange: (value: number) => void;
  }

  const { label, value, unit = '', onchange }: Props = $props();

  /** Where every change is saved at once, it is not told while one is typing. */
  const whenDone = getContext<boolean | undefined>('when done') ?? false;
  const FINE = 1;
  const COARSE = 10;
  /** px of the screen for one step while it is pulled. */
  const PULL = 4;

  function stepped(from: number, steps: number): number {
    return Math.round((from + steps) * 1000) / 1000;
  }

  /** Whether changes are being worked out. */
  const onItsWay = getContext<(() => boolean) | undefined>('on its way') ?? (() => false);
  /** What was sent last and is still on its way: the next step goes on from there. */
  let last: number | undefined;
  let input: HTMLInputElement | undefined;
  $effect(() => {
    if (onItsWay()) return;
    last = undefined;
    // What came of it may be another number, or none.
    if (input && document.activeElement !== input) input.value = String(value);
  });

  function send(sent: number) {
    onchange(sent);
    last = onItsWay() ? sent : undefined;
  }

  function step(by: number) {
    send(stepped(last ?? value, by));
  }

  const offer = getContext<((piece: Piece) => void) | undefined>('offer');

  function key(event: KeyboardEvent) {
    if (offer && event.key === 'o' && !event.ctrlKey && !event.altKey && !event.metaKey) {
      event.preventDefault();
      offer({ label, kind: 'number', value, unit, change: (sent) => onchange(sent as number) });
    }
    const way = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (!way) return;
    event.preventDefault();
    step(way * (event.shiftKey ? COARSE : FINE));
  }

  function wheel(event: WheelEvent & { currentTarget: HTMLInputElement }) {
    if (whenDone || document.activeElement !== event.currentTarget || event.deltaY === 0) return;
    event.preventDefault();
    step(event.deltaY < 0 ? 1 : -1);
  }

  /** Pulled to the right or left the number goes up or down; a press without a pull is for typing. */
  let pulled: { fromX: number; had: number; by: number } | undefined;

  function take(event: PointerEvent & { currentTarget: HTMLInputElement }) {
    if (whenDone || document.activeElement === event.currentTarget || event.button !== 0) return;
    pulled = { fromX: event.clientX, had: last ?? value, by: 0 };
    event.currentTarget.setPointerCapture(event.pointerId);
  }

  function pull(event: PointerEvent) {
    if (!pulled) return;
    const by = Math.round((event.clientX - pulled.fromX) / PULL) * (event.shiftKey ? COARSE : FINE);
    if (by === pulled.by) return;
    if (pulled.by === 0) beginAct();
    pulled.by = by;
    send(stepped(pulled.had, by));
  }

  function release(event: PointerEvent & { currentTarget: HTMLInputElement }) {
    if (!pulled) return;
    if (pulled.by !== 0) {
      event.currentTarget.blur();
      endAct();
    } else event.currentTarget.select();
    pulled = undefined;
  }
</script>

<input
  bind:this={input}
  class="piece figures"
  aria-label={label}
  title="{label}{unit ? `, ${unit}` : ''}: type, pull, or turn the wheel{offer
    ? '; o offers it to operators'
    : ''}"
  inputmode="decimal"
  autocomplete="off"
  value={String(value)}
  use:live={{ value, read: typedNumber, write: String, change: send, whenDone }}
  onkeydown={key}
  onwheel={wheel}
  onpointerdown={take}
  onpointermove={pull}
  onpointerup={release}
/>{#if unit}<span class="muted unit">{unit}</span>{/if}

<style>
  input {
    min-width: 1ch;
    text-align: right;
    cursor: ew-resize;
  }

  input:focus {
    cursor: text;
  }

  .unit {
    margin-left: 3px;
    font-size: 11px;
  }
</style>
