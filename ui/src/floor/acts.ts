let count = 0;
let open: number | undefined;

/** From now on every change belongs to one act, and is undone with it, until it ends. */
export function beginAct(): void {
  open = ++count;
}

export function endAct(): void {
  open = undefined;
}

/** The act that a change made now belongs to; none for one of its own. */
export function actNow(): number | undefined {
  return open;
}
