import type { Reel } from '../api/types';
import type { Moment } from '../player/moment';
import { steppedAt } from '../player/steps';
import type { AirState, Play } from './types';

/** The frame of an output at a time of the server, ms since 1970. */
export function frameAt(state: AirState, now: number): number {
  return Math.floor(((now - state.begins) * state.frames) / (1000 * state.per));
}

/** What of a berth is shown at a frame; undefined if nothing is. */
export function playAt(plays: Play[], frame: number): Play | undefined {
  const play = plays.filter(({ from }) => from <= frame).at(-1);
  return play && (play.end ?? Infinity) > frame ? play : undefined;
}

/** What has been taken and waits until another one has gone. */
export function waitingAt(plays: Play[], frame: number): Play | undefined {
  const last = plays.at(-1);
  return last && last.from > frame ? last : undefined;
}

/** A moment of a reel. */
export interface ShownMoment {
  reel: Reel;
  moment: Moment;
  /** Whether the in waits at a step. */
  waits: boolean;
}

/** @param reelOf the reel of an id; undefined while it is not there */
export function momentAt(
  play: Play,
  frame: number,
  reelOf: (id: string) => Reel | undefined,
): ShownMoment | undefined {
  if (play.leaves !== undefined && play.leaves !== null && play.out && frame >= play.leaves) {
    const out = reelOf(play.out);
    return out && { reel: out, moment: { phase: 'OUT', frame: frame - play.leaves }, waits: false };
  }
  const reel = reelOf(play.reel);
  if (!reel) return undefined;
  const { waits, ...moment } = steppedAt(
    reel,
    play.nexts.map((next) => next - play.from),
    frame - play.from,
  );
  return { reel, moment, waits };
}

/**
 * What is drawn of a berth: what is shown at the frame, or as long as its reel is not there yet, what was shown before it.
 */
export function drawnAt(
  plays: Play[],
  frame: number,
  reelOf: (id: string) => Reel | undefined,
): ShownMoment | undefined {
  const play = playAt(plays, frame);
  if (!play) return undefined;
  const found = momentAt(play, frame, reelOf);
  if (found) return found;
  const earlier = plays[plays.indexOf(play) - 1];
  return earlier && (earlier.end ?? Infinity) > frame ? momentAt(earlier, frame, reelOf) : undefined;
}
