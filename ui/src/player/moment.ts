import type { Reel, Run, Track } from '../api/types';

/** What moves are of: a phase, or one half of a swap. */
export type AnyPhase = Track['phase'];

/** What a reel has. */
export type Phase = Exclude<AnyPhase, 'AWAY' | 'BACK'>;

/** A frame of a phase: 0 to its length. */
export interface Moment {
  phase: Phase;
  frame: number;
  /** While the in waits at a step, or has just gone on: the frame of the loop of what stands already. */
  looped?: number;
  /** How much of that loop is seen: 1 all of it. */
  share?: number;
  /** Whether it is one of the change that is looked at, of which the in is the change. */
  change?: boolean;
}

export const PHASES: Phase[] = ['IN', 'LOOP', 'OUT'];

/** Frames from the first to the last of a phase. */
export function length(reel: Reel, phase: Phase): number {
  return phase === 'IN' ? reel.in : phase === 'LOOP' ? reel.loop : reel.out;
}

/**
 * The same moment in a reel whose phases may be of other lengths: past its last frame, that one holds.
 *
 * @param of the reel it is a moment of: where its in or its out ends, that of the other one is at its end too
 */
export function within(reel: Reel, moment: Moment, of?: Reel): Moment {
  const { phase } = moment;
  const last = length(reel, phase);
  const ended = of !== undefined && phase !== 'LOOP' && moment.frame >= length(of, phase);
  return {
    phase,
    frame: ended ? last : Math.max(0, Math.min(last, moment.frame)),
    ...(moment.change && { change: true }),
  };
}

/** The moment a frame on; phases meet at rest, so the first frame of the next one is skipped. */
export function next(reel: Reel, moment: Moment): Moment {
  if (moment.frame < length(reel, moment.phase)) return { ...moment, frame: moment.frame + 1 };
  const later = PHASES.slice(PHASES.indexOf(moment.phase) + 1).find((phase) => length(reel, phase) > 0);
  return later ? { phase: later, frame: 1, ...(moment.change && { change: true }) } : moment;
}

/** The moment a frame back. */
export function previous(reel: Reel, moment: Moment): Moment {
  if (moment.frame > 1 || (moment.frame === 1 && moment.phase === 'IN'))
    return { ...moment, frame: moment.frame - 1 };
  const earlier = PHASES.slice(0, PHASES.indexOf(moment.phase))
    .reverse()
    .find((phase) => length(reel, phase) > 0);
  return earlier
    ? { phase: earlier, frame: length(reel, earlier), ...(moment.change && { change: true }) }
    : { ...moment, frame: 0 };
}

/** The moment at a frame of the whole graphic; undefined once it is over. */
export function momentOf(whole: Run[], frame: number): Moment | undefined {
  const run = whole.find(({ first, length }) => frame >= first && frame < first + length);
  if (!run) return undefined;
  const within = (frame - run.first) % run.round;
  if (run.state === 'IN' || run.state === 'OUT') return { phase: run.state, frame: within };
  return { phase: 'LOOP', frame: run.state === 'LOOP' ? within : 0 };
}

/** Frames of the whole graphic. */
export function wholeLength(whole: Run[]): number {
  return whole.reduce((sum, run) => sum + run.length, 0);
}

/** Seconds and frames, like 0:14: what a rate of 50 makes of 14 frames. */
export function timecode(frame: number, rate: number): string {
  const perSecond = Math.round(rate);
  return `${Math.floor(frame / perSecond)}:${String(frame % perSecond).padStart(2, '0')}`;
}
