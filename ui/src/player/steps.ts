import type { Reel } from '../api/types';
import type { Moment } from './moment';

/** A moment of a graphic that is stepped through. */
export interface Stepped extends Moment {
  /** Whether the in waits for the operator. */
  waits: boolean;
}

/**
 * What is shown so many frames after the graphic was taken, until it is taken out: the in waits at each step, while what stands already
 * loops; when the operator goes on, that goes back to rest while the in plays on.
 *
 * @param nexts frames at which the operator went on
 */
export function steppedAt(reel: Reel, nexts: number[], frame: number): Stepped {
  let resumed = 0;
  let from = 0;
  let looped = 0;
  let passed: Reel['steps'][number] | undefined;
  for (const [i, step] of reel.steps.entries()) {
    const reached = resumed + step.frame - from;
    if (frame < reached) break;
    const next = nexts[i];
    if (next === undefined || frame < next) {
      const at = reel.loop > 0 ? (frame - reached) % reel.loop : 0;
      return { phase: 'IN', frame: step.frame, looped: at, share: reel.loop > 0 ? 1 : 0, waits: true };
    }
    resumed = Math.max(reached, next);
    from = step.frame;
    passed = step;
    looped = reel.loop > 0 ? (resumed - reached) % reel.loop : 0;
  }
  const since = frame - resumed;
  if (from + since < reel.in) {
    const share = looped > 0 ? (passed?.left[since] ?? 0) : 0;
    return { phase: 'IN', frame: from + since, looped, share, waits: false };
  }
  if (reel.loop === 0) return { phase: 'IN', frame: reel.in, waits: false };
  return { phase: 'LOOP', frame: (from + since - reel.in) % reel.loop, waits: false };
}

/** Whether a layer stands already, and loops, at a moment of the in. */
export function isLooped(reel: Reel, moment: Moment, layer: number): boolean {
  if (moment.phase !== 'IN' || !moment.share) return false;
  const step = reel.steps.filter(({ frame }) => frame <= moment.frame).at(-1);
  return step?.standing.includes(layer) ?? false;
}
