import type { Bar, Reel } from '../api/types';

/** Height of a row, px. */
export const ROW = 30;

const NAMES = 112;
const REST = 204;
const LOOP = 120;
const GAP = 18;
/** A phase without moves still has a column, as wide as so many frames. */
const LEAST_FRAMES = 8;

export interface Column {
  left: number;
  width: number;
  /** px a frame. */
  scale: number;
}

export interface Columns {
  names: Column;
  rest: Column;
  IN: Column;
  LOOP: Column;
  OUT: Column;
}

/**
 * Where the columns of the score stand: names, in, rest, loop, out. In and out share one scale, so that their speeds can be
 * compared; the loop has its own.
 *
 * @param width px of the score
 */
export function columns(reel: Reel, width: number): Columns {
  const inFrames = Math.max(LEAST_FRAMES, reel.in);
  const outFrames = Math.max(LEAST_FRAMES, reel.out);
  const scale = Math.max(1, (width - NAMES - REST - LOOP - 5 * GAP) / (inFrames + outFrames));
  const inWidth = inFrames * scale;
  const rest = NAMES + inWidth + 2 * GAP;
  const loop = rest + REST + GAP;
  const out = loop + LOOP + GAP;
  return {
    names: { left: 0, width: NAMES, scale: 0 },
    IN: { left: NAMES + GAP / 2, width: inWidth, scale },
    rest: { left: rest, width: REST, scale: 0 },
    LOOP: { left: loop, width: LOOP, scale: reel.loop > 0 ? LOOP / reel.loop : 0 },
    OUT: { left: out, width: outFrames * scale, scale },
  };
}

/** A line from the bar that is waited for, its end or its beginning, to the beginning of the one that waits. */
export function wait(waited: Bar, waitedRow: number, bar: Bar, barRow: number, { scale }: Column): string {
  const fromX = (waited.start + (bar.afterEnd ? waited.length : 0)) * scale;
  const toX = bar.start * scale;
  const fromY = waitedRow * ROW + ROW / 2;
  const toY = barRow * ROW + ROW / 2;
  // Leaves and arrives level with the gap between two rows.
  const middle = (fromY + toY) / 2;
  return `M${fromX} ${fromY}C${fromX} ${middle} ${toX} ${middle} ${toX} ${toY}`;
}
