import type { Worked } from '../api/types';
import { length, momentOf, type Moment, type Phase } from '../player/moment';
import { steppedAt } from '../player/steps';

/** A phase, a change, the whole graphic, the in step by step, or frames of a phase round and round. */
export type Run =
  | Phase
  /** The change that is looked at. */
  | 'SWAP'
  | 'ALL'
  | 'STEPS'
  | { phase: Phase; from: number; to: number; change?: boolean };

/** Plays at real speed: the frame shown is the one the clock says, so frames are dropped rather than slowed down, and counted. */
export class Playing {
  run = $state.raw<Run>();
  /** Frames of this run that were due but never shown. */
  dropped = $state(0);
  /** Whether the in waits at a step. */
  waits = $state(false);
  /** Frames of this run at which it went on. */
  #nexts: number[] = [];
  #began = 0;
  #request = 0;
  #shown = -1;

  /**
   * @param run a phase (in and out once, the loop round and round), the whole graphic, or a range round and round
   * @param worked asked anew for each frame, so that typing does not stop the motion
   * @param show takes each moment that is due
   * @param again whether in or out begins again at its end
   */
  play(run: Run, worked: () => Worked | undefined, show: (moment: Moment) => void, again = false): void {
    this.stop();
    this.run = run;
    this.dropped = 0;
    this.#nexts = [];
    this.#shown = -1;
    this.#began = performance.now();
    const tick = () => {
      const now = worked();
      if (!now) return this.stop();
      const frame = Math.floor(((performance.now() - this.#began) * now.reel.rate) / 1000);
      const moment = this.#momentOf(run, now, frame, again);
      if (!moment) return this.#end(run, now, frame, show);
      if (this.#shown >= 0) this.dropped += Math.max(0, frame - this.#shown - 1);
      this.#shown = frame;
      show(moment);
      this.#request = requestAnimationFrame(tick);
    };
    tick();
  }

  /** However late it is, the last frame is shown: nothing is left standing because a frame was dropped. */
  #end(run: Run, worked: Worked, frame: number, show: (moment: Moment) => void): void {
    let last: Moment | undefined;
    for (let at = frame - 1; at > this.#shown && !last; at--) last = this.#momentOf(run, worked, at, false);
    if (last) show(last);
    this.stop();
  }

  /** Goes on at a step. */
  next(worked: Worked): void {
    if (this.run !== 'STEPS' || this.#nexts.length >= worked.reel.steps.length) return;
    this.#nexts.push(Math.floor(((performance.now() - this.#began) * worked.reel.rate) / 1000));
  }

  #momentOf(run: Run, worked: Worked, frame: number, again: boolean): Moment | undefined {
    if (run === 'STEPS') {
      const { waits, ...moment } = steppedAt(worked.reel, this.#nexts, frame);
      this.waits = waits;
      return moment;
    }
    if (typeof run === 'object')
      return { phase: run.phase, frame: run.from + (frame % (run.to - run.from + 1)), change: run.change };
    if (run === 'SWAP') return frame <= worked.reel.in ? { phase: 'IN', frame, change: true } : undefined;
    if (run === 'ALL') return momentOf(worked.whole, frame);
    const frames = length(worked.reel, run);
    if (run === 'LOOP') return frames > 0 ? { phase: run, frame: frame % frames } : undefined;
    if (again && frames > 0) return { phase: run, frame: Math.min(frames, frame % (frames + PAUSE)) };
    return frame <= frames ? { phase: run, frame } : undefined;
  }

  stop(): void {
    cancelAnimationFrame(this.#request);
    this.waits = false;
    this.run = undefined;
  }
}

/** Frames that a phase is looked at in full before it begins again. */
const PAUSE = 25;
