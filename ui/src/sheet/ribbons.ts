import type { Part, Place } from '../api/types';

/** What a ribbon does that says nothing of it. */
export const TAPER = { start: 1, end: 1, over: 0.25 };
export const TILT = { turn: 0, x: 0, y: 0 };
export const USUAL_LEAST = 0.7;
export const LIGHT = { from: 235, height: 50, soft: 0.4, strength: 0.6 };

/** Points of its course that it may hold. */
export const HELD = ['start', 'middle', 'end'] as const;
export type Held = (typeof HELD)[number];
export const HOLDS: Record<Held, number> = { start: 0, middle: 0.5, end: 1 };

export const percent = (share: number): number => Math.round(share * 1000) / 10;

/** Kinds of parts that can ride on a ribbon. */
const RIDERS = ['text', 'line', 'box', 'picture'];

export function mayRide(part: Part): boolean {
  return RIDERS.includes(part.kind);
}

/** What something hangs on that rides: its ribbon, and all else that rides there. */
export function company(part: Part, parts: Part[]): Part[] {
  return parts.filter(
    (other) => other.key !== part.key && (other.key === part.rides || other.rides === part.rides),
  );
}

/**
 * What changes when a part begins to ride on a ribbon, or rides no more.
 *
 * @param ribbon its key; undefined for none
 * @param at where the part is seen, px
 */
export function ridingOn(ribbon: string | undefined, at: { x: number; y: number }): Partial<Part> {
  if (ribbon === undefined) {
    const here = (hangs: 'left' | 'top', plus: number): Place => ({ hangs, on: 'frame', at: hangs, plus });
    return { rides: undefined, x: here('left', Math.round(at.x)), y: here('top', Math.round(at.y)) };
  }
  const middle: Place = { hangs: 'centre', on: ribbon, at: 'centre' };
  return { rides: ribbon, x: middle, y: middle };
}
