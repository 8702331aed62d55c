import type { Bar, Change, Part, Reel } from '../api/types';
import type { AnyPhase } from '../player/moment';
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
/** px a frame; a graphic of ten seconds still stands in the score from its in to its out. */
const LEAST_SCALE = 0.5;
/** A phase without moves still has a column, as wide as so many frames. */
const LEAST_FRAMES = 8;
/** px for what each part does in a change, by shape and word. */
const TOLD = 66;
/** px of the column of a swap that has no moves, and of a change at least. */
const EMPTY_SWAP = 62;
const LEAST_SWAP = 170;

export interface Column {
  left: number;
  width: number;
  /** px a frame. */
  scale: number;
}

const NO_SWAP: SwapColumn = { frames: 0, bars: [], told: false };

/** The columns in which something is played, from left to right. */
export const STRETCHES = ['IN', 'LOOP', 'SWAP', 'OUT'] as const;
export type Stretch = (typeof STRETCHES)[number];

/** A bar where the score draws it. */
export interface Placed extends Bar {
  column: Stretch;
  /** First frame in that column. */
  at: number;
  /** Whether it is only shown: what leaves or enters in a change is changed in out or in. */
  passive?: boolean;
}

/** What stands in the column of the swap. */
export interface SwapColumn {
  frames: number;
  bars: Placed[];
  /** Whether what each part does is said in it. */
  told: boolean;
}

export function columnOf(phase: AnyPhase): Stretch {
  return phase === 'AWAY' || phase === 'BACK' ? 'SWAP' : phase;
}

/**
 * The column of the swap: of a change, as it falls out; without one, as it is designed, both halves as far apart as it says.
 *
 * @param meet frames between the halves
 */
export function swapColumn(bars: Bar[], meet: number, change?: Change): SwapColumn {
  if (change) {
    const placed = change.bars.map((bar): Placed => ({
      ...bar,
      column: 'SWAP',
      at: bar.start,
      passive: bar.phase === 'IN' || bar.phase === 'OUT',
    }));
    return { frames: change.reel.in, bars: placed, told: true };
  }
  const end = (phase: AnyPhase) =>
    Math.max(0, ...bars.filter((bar) => bar.phase === phase).map(({ start, length }) => start + length));
  const begins = Math.max(0, end('AWAY') + meet);
  const placed = bars
    .filter(({ phase }) => columnOf(phase) === 'SWAP')
    .map((bar): Placed => ({ ...bar, column: 'SWAP', at: bar.start + (bar.phase === 'BACK' ? begins : 0) }));
  const frames = placed.length === 0 ? 0 : Math.max(end('AWAY'), begins + end('BACK'));
  return { frames, bars: placed, told: false };
}

export interface Columns {
  /** px from the first to the last. */
  total: number;
  names: Column;
  rest: Column;
  IN: Column;
  LOOP: Column;
  /** What each part does in a change, before the frames of it. */
  told: Column;
  SWAP: Column;
  OUT: Column;
}

/**
 * Where the columns of the score stand: names, in, rest, loop, swap, out. In, swap and out share one scale, so that their speeds can be
 * compared, unless one of them was given more room, or a change would be too small to read; the loop has its own.
 *
 * @param width px of the score
 */
export function columns(
  reel: Reel,
  width: number,
  room: Room = USUAL_ROOM,
  swap: SwapColumn = NO_SWAP,
): Columns {
  const inFrames = Math.max(LEAST_FRAMES, reel.in);
  const outFrames = Math.max(LEAST_FRAMES, reel.out);
  const swapFrames = swap.told ? Math.max(LEAST_FRAMES, swap.frames) : swap.frames;
  const told = swap.told ? TOLD : 0;
  // A short change is not lost beside a long in.
  const apart = swap.told ? LEAST_SWAP : swapFrames > 0 ? 0 : EMPTY_SWAP;
  const fixed = NAMES + room.rest + room.LOOP + told + 6 * GAP;
  const shared = Math.max(LEAST_SCALE, (width - fixed) / (inFrames + swapFrames + outFrames));
  const scale =
    shared * swapFrames < apart
      ? Math.max(LEAST_SCALE, (width - fixed - apart) / (inFrames + outFrames))
      : shared;
  const inWidth = inFrames * scale * room.IN;
  const outWidth = outFrames * scale * room.OUT;
  const swapWidth = Math.max(apart, EMPTY_SWAP, swapFrames * scale) * (swapFrames > 0 ? room.SWAP : 1);
  const rest = NAMES + inWidth + 2 * GAP;
  const loop = rest + room.rest + GAP;
  const swapLeft = loop + room.LOOP + GAP;
  const out = swapLeft + told + swapWidth + GAP;
  return {
    total: Math.max(width, out + outWidth + GAP),
    names: { left: 0, width: NAMES, scale: 0 },
    IN: { left: NAMES + GAP / 2, width: inWidth, scale: scale * room.IN },
    rest: { left: rest, width: room.rest, scale: 0 },
    LOOP: { left: loop, width: room.LOOP, scale: reel.loop > 0 ? room.LOOP / reel.loop : 0 },
    told: { left: swapLeft, width: told, scale: 0 },
    SWAP: { left: swapLeft + told, width: swapWidth, scale: swapFrames > 0 ? swapWidth / swapFrames : 0 },
    OUT: { left: out, width: outWidth, scale: scale * room.OUT },
  };
}

/** The phase and frame at a distance from the left, if there is one; the frame may be between two. */
export function at(layout: Columns, x: number): { column: Stretch; frame: number } | undefined {
  for (const column of STRETCHES) {
    const { left, width, scale } = layout[column];
    if (scale > 0 && x >= left && x <= left + width) return { column, frame: (x - left) / scale };
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
  barTops: Map<Placed, number>;
  height: number;
}

/**
 * Where rows and bars stand. Bars of one part that overlap stand below each other, and make its row taller.
 *
 * @param parts keys from top to bottom
 */
export function scoreRows(parts: string[], bars: Placed[]): ScoreRows {
  const rows = new Map<string, Row>();
  const barTops = new Map<Placed, number>();
  let top = 0;
  for (const part of parts) {
    const lanes = new Map<Placed, number>();
    for (const bar of bars.filter((any) => any.part === part).sort((a, b) => a.at - b.at)) {
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

function overlap(a: Placed, b: Placed): boolean {
  return a.column === b.column && a.at < b.at + b.length && b.at < a.at + a.length;
}

/** A line from the bar that is waited for, its end or its beginning, to the beginning of the one that waits. */
export function wait(
  waited: Placed,
  waitedTop: number,
  bar: Placed,
  barTop: number,
  { scale }: Column,
): string {
  const fromX = (waited.at + (bar.afterEnd ? waited.length : 0)) * scale;
  const toX = bar.at * scale;
  const fromY = waitedTop + BAR / 2;
  const toY = barTop + BAR / 2;
  // Leaves and arrives level with the gap between two rows.
  const middle = (fromY + toY) / 2;
  return `M${fromX} ${fromY}C${fromX} ${middle} ${toX} ${middle} ${toX} ${toY}`;
}
