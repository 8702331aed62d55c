import { beginAct, endAct } from '../../floor/acts';

/** ms after the last letter. */
const AFTER = 140;

export interface Live<T> {
  /** What stands there now, as the document says. */
  value: T;
  /** @returns undefined for what is no value (yet) */
  read: (text: string) => T | undefined;
  write: (value: T) => string;
  change: (value: T) => void;
  /** Whether it is only told once one is done. */
  whenDone?: boolean;
}

/**
 * A piece that is typed in changes as one types. All of it is one act; Escape gives back what stood there before.
 */
export function live<T>(input: HTMLInputElement, first: Live<T>) {
  let now = first;
  let before: T | undefined;
  let sent: T | undefined;
  let due: ReturnType<typeof setTimeout> | undefined;

  function begin() {
    before = now.value;
    sent = now.value;
    beginAct();
  }

  function send() {
    clearTimeout(due);
    const typed = now.read(input.value);
    if (typed === undefined || typed === sent) return;
    sent = typed;
    now.change(typed);
  }

  function soon() {
    clearTimeout(due);
    if (!now.whenDone) due = setTimeout(send, AFTER);
  }

  function leave() {
    if (now.read(input.value) === undefined) input.value = now.write(now.value);
    else send();
    before = undefined;
    endAct();
  }

  function key(event: KeyboardEvent) {
    if (event.key === 'Enter') send();
    if (event.key !== 'Escape' || before === undefined) return;
    event.stopPropagation();
    input.value = now.write(before);
    send();
    input.blur();
  }

  input.addEventListener('focus', begin);
  input.addEventListener('input', soon);
  input.addEventListener('blur', leave);
  input.addEventListener('keydown', key);
  return {
    update(next: Live<T>) {
      now = next;
      // What is being typed is not taken away.
      if (document.activeElement !== input) input.value = next.write(next.value);
      else if (next.value !== sent && now.read(input.value) !== next.value) {
        sent = next.value;
        input.value = next.write(next.value);
      }
    },
    destroy() {
      clearTimeout(due);
      if (before !== undefined) endAct();
      input.removeEventListener('focus', begin);
      input.removeEventListener('input', soon);
      input.removeEventListener('blur', leave);
      input.removeEventListener('keydown', key);
    },
  };
}
