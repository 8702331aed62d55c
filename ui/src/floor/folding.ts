import type { Bar, Part } from '../api/types';
import { members } from './members';
import { STRETCHES, type Placed, type Stretch } from './scoreLayout';

/** What all moves of a folded group come to in a phase. */
export interface Sum {
  column: Stretch;
  /** First frame of any. */
  start: number;
  /** Frames from the first of any to the last of any. */
  length: number;
  moves: number;
}

/** Rows of a group that move alike. */
export interface Alike {
  rows: number;
  /** Frames from one to the next; 0 if they move together. */
  apart: number;
}

/** The parts that have a row of their own: those in a folded group have none. */
export function unfolded(parts: Part[], keys: string[], folded: string[]): string[] {
  const inside = members(parts, folded);
  folded.forEach((key) => {
    if (!insideAny(parts, key, folded)) inside.delete(key);
  });
  return keys.filter((key) => !inside.has(key));
}

function insideAny(parts: Part[], key: string, folded: string[]): boolean {
  return folded.some((group) => group !== key && members(parts, [group]).has(key));
}

/** One for each phase in which anything of a group moves. */
export function sums(parts: Part[], bars: Placed[], group: string): Sum[] {
  const all = members(parts, [group]);
  return everySum(bars.filter((bar) => all.has(bar.part)));
}

/** One for each phase in which anything moves. */
export function everySum(bars: Placed[]): Sum[] {
  return STRETCHES.flatMap((column) => {
    const of = bars.filter((bar) => bar.column === column);
    if (of.length === 0) return [];
    const start = Math.min(...of.map((bar) => bar.at));
    const end = Math.max(...of.map((bar) => bar.at + bar.length));
    return [{ column, start, length: end - start, moves: of.length }];
  });
}

/** Whether the parts of a group do the same in the in, one so many frames after the other; those that are absent do not count. */
export function alike(parts: Part[], bars: Bar[], group: string): Alike | undefined {
  const rows = parts.find(({ key }) => key === group)?.parts ?? [];
  const shapes = rows.map((row) => shapeOf(parts, bars, row)).filter(({ moves }) => moves.length > 0);
  const [first, second] = shapes;
  if (!first || !second) return undefined;
  const apart = second.from - first.from;
  const same = shapes.every(
    ({ from, moves }, i) => from === first.from + i * apart && moves.join() === first.moves.join(),
  );
  return same ? { rows: shapes.length, apart } : undefined;
}

/** When the first of its moves begins, and what they do from then on. */
function shapeOf(parts: Part[], bars: Bar[], row: string): { from: number; moves: string[] } {
  const all = members(parts, [row]);
  const own = bars.filter((bar) => bar.phase === 'IN' && all.has(bar.part));
  const from = Math.min(...own.map(({ start }) => start));
  return { from, moves: own.map((bar) => `${bar.start - from} ${bar.length} ${bar.words}`).sort() };
}
