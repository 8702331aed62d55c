import type { Bar, Part, Reel } from '../api/types';
import { PHASES, type Phase } from '../player/moment';
import { USUAL_ROOM, type Room } from './arrangement.svelte';

/** Height of a row with one lane of bars, px. */
export const ROW = 26;
/** Height of a bar, px. */
export const BAR = 16;
const BAR_TOP = (ROW - BAR) / 2;
/** From one lane of bars to the next, px. */
const LANE = BAR + 4;

const NAMES = 156;
const GAP = 14;
/** A phase without moves still has a column, as wide as so many frames. */
const LEAST_FRAMES = 8;

export interface Column {
  left: number;
  width: number;
  /** px a frame. */
  scale: number;
}

export interface Columns {
  /** px from the first to the last. */
  total: number;
  names: Column;
  rest: Column;
  IN: Column;
  LOOP: Column;
  OUT: Column;
}

/**
 * Where the columns of the score stand: names, in, rest, loop, out. In and out share one scale, so that their speeds can be
 * compared, unless one of them was given more room; the loop has its own.
 *
 * @param width px of the score
 */
export function columns(reel: Reel, width: number, room: Room = USUAL_ROOM): Columns {
  const inFrames = Math.max(LEAST_FRAMES, reel.in);
  const outFrames = Math.max(LEAST_FRAMES, reel.out);
  const scale = Math.max(1, (width - NAMES - room.rest - room.LOOP - 5 * GAP) / (inFrames + outFrames));
  const inWidth = inFrames * scale * room.IN;
  const outWidth = outFrames * scale * room.OUT;
  const rest = NAMES + inWidth + 2 * GAP;
  const loop = rest + room.rest + GAP;
  const out = loop + room.LOOP + GAP;
  return {
    total: Math.max(width, out + outWidth + GAP),
    names: { left: 0, width: NAMES, scale: 0 },
    IN: { left: NAMES + GAP / 2, width: inWidth, scale: scale * room.IN },
    rest: { left: rest, width: room.rest, scale: 0 },
    LOOP: { left: loop, width: room.LOOP, scale: reel.loop > 0 ? room.LOOP / reel.loop : 0 },
    OUT: { left: out, width: outWidth, scale: scale * room.OUT },
  };
}

/** The phase and frame at a distance from the left, if there is one; the frame may be between two. */
export function at(layout: Columns, x: number): { phase: Phase; frame: number } | undefined {
  for (const phase of PHASES) {
    const { left, width, scale } = layout[phase];
    if (scale > 0 && x >= left && x <= left + width) return { phase, frame: (x - left) / scale };
  }
  return undefined;
}

export interface Tick {
  frame: number;
  words: string;
  /** Whether it is a whole second. */
  second: boolean;
}

/** px between the numbers of a ruler at least. */
const APART = 30;
const STEPS = [1, 2, 5, 10, 20, 25, 50, 100, 200, 500, 1000];

/**
 * The frames that a ruler names, and the whole seconds among them.
 *
 * @param scale px of a frame
 * @param rate frames per second
 */
export function ticks(frames: number, scale: number, rate: number): Tick[] {
  const step = STEPS.find((one) => one * scale >= APART);
  if (!step || scale === 0) return [];
  const found = new Map<number, Tick>();
  for (let second = 1; second * rate <= frames; second++) {
    const frame = Math.round(second * rate);
    if (rate * scale >= APART) found.set(frame, { frame, words: `${second} s`, second: true });
  }
  const seconds = [...found.keys()];
  for (let frame = 0; frame <= frames; frame += step) {
    const clear = seconds.every((one) => one === frame || Math.abs(one - frame) * scale >= APART);
    if (clear && !found.has(frame)) found.set(frame, { frame, words: `${frame}`, second: false });
  }
  return [...found.values()].sort((a, b) => a.frame - b.frame);
}

/** How many groups each part is in, by its key. */
export function depthsOf(parts: Part[]): Map<string, number> {
  const depths = new Map<string, number>();
  const groupOf = (key: string) => parts.find((part) => part.parts?.includes(key));
  for (const { key } of parts) {
    let depth = 0;
    for (let group = groupOf(key); group; group = groupOf(group.key)) depth++;
    depths.set(key, depth);
  }
  return depths;
}

export interface Row {
  top: number;
  height: number;
}

export interface ScoreRows {
  /** By key of the part. */
  rows: Map<string, Row>;
  /** px from the top of the score to that of each bar. */
  barTops: Map<Bar, number>;
  height: number;
}

/**
 * Where rows and bars stand. Bars of one part that overlap stand below each other, and make its row taller.
 *
 * @param parts keys from top to bottom
 */
export function scoreRows(parts: string[], bars: Bar[]): ScoreRows {
  const rows = new Map<string, Row>();
  const barTops = new Map<Bar, number>();
  let top = 0;
  for (const part of parts) {
    const lanes = new Map<Bar, number>();
    for (const bar of bars.filter((any) => any.part === part).sort((a, b) => a.start - b.start)) {
      const taken = [...lanes].filter(([other]) => overlap(other, bar)).map(([, lane]) => lane);
      let lane = 0;
      while (taken.includes(lane)) lane++;
      lanes.set(bar, lane);
    }
    const height = ROW + Math.max(0, ...lanes.values()) * LANE;
    for (const [bar, lane] of lanes) barTops.set(bar, top + BAR_TOP + lane * LANE);
    rows.set(part, { top, height });
    top += height;
  }
  return { rows, barTops, height: top };
}

function overlap(a: Bar, b: Bar): boolean {
  return a.phase === b.phase && a.start < b.start + b.length && b.start < a.start + a.length;
}

/** A line from the bar that is waited for, its end or its beginning, to the beginning of the one that waits. */
export function wait(waited: Bar, waitedTop: number, bar: Bar, barTop: number, { scale }: Column): string {
  const fromX = (waited.start + (bar.afterEnd ? waited.length : 0)) * scale;
  const toX = bar.start * scale;
  const fromY = waitedTop + BAR / 2;
  const toY = barTop + BAR / 2;
  // Leaves and arrives level with the gap between two rows.
  const middle = (fromY + toY) / 2;
  return `M${fromX} ${fromY}C${fromX} ${middle} ${toX} ${middle} ${toX} ${toY}`;
}
