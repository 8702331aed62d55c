import type { MoveKey } from '../api/types';
import type { AnyPhase } from '../player/moment';

/** Ways of a move of the loop, from rest and to it again. */
export const WAYS_OF_LOOP = ['there and back', 'there and jumps back', 'there, waits, back'] as const;
export const BY_KEYS = 'by its keys';
export type Way = (typeof WAYS_OF_LOOP)[number] | typeof BY_KEYS;

const SOFT = 'in-out sine';

/**
 * The keys that make it go so.
 *
 * @param length frames of the move
 */
export function keysOf(way: Way, length: number): MoveKey[] {
  if (way === 'there, waits, back') {
    return [
      { at: 0.4, near: 0, ease: 'linear' },
      { at: 0.6, near: 0, ease: SOFT },
    ];
  }
  // On its last frame it is at rest again: the frame before that it is away.
  if (way === 'there and jumps back') {
    return [{ at: Math.max(0.5, 1 - 1 / Math.max(2, length)), near: 0, ease: { steps: 1 } }];
  }
  return [];
}

export function wayOf(keys: MoveKey[]): Way {
  if (keys.length === 0) return 'there and back';
  const [first, second] = keys;
  if (keys.length === 1 && first!.near === 0 && typeof first!.ease === 'object' && 'steps' in first!.ease)
    return 'there and jumps back';
  if (keys.length === 2 && first!.near === 0 && second!.near === 0) return 'there, waits, back';
  return BY_KEYS;
}

/** Half-way: of a move in or back it is at rest already, of any other it is away. */
export function firstKey(phase: AnyPhase): MoveKey {
  return { at: 0.5, near: phase === 'IN' || phase === 'BACK' ? 1 : 0, ease: SOFT };
}
