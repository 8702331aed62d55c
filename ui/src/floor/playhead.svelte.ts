import type { Worked } from '../api/types';
import { length, next, PHASES, previous, within, type Moment, type Phase } from '../player/moment';
import { keyFrames } from './moves';

/** Which moment of what is worked out is looked at, and which frames are played round and round. */
export class Playhead {
  worked = $state.raw<Worked>();
  moment = $state<Moment>({ phase: 'IN', frame: 0 });
  /** Frames that are played round and round. */
  range = $state.raw<{ phase: Phase; from: number; to: number }>();
  /** Where the range was marked, in whatever order. */
  #marked: { phase: Phase; begin?: number; end?: number } | undefined;
  /** To the next frame of the phase at which something begins or ends, or the one before. */
  toKey(forwards: boolean): void {
    const frames = keyFrames(this.worked?.bars ?? [], this.moment.phase);
    const { phase, frame } = this.moment;
    const found = forwards ? frames.find((key) => key > frame) : frames.filter((key) => key < frame).at(-1);
    if (found !== undefined) this.phaseAt(phase, found);
  }

  /** The moment at hand is where the range begins or ends. */
  markRange(end: boolean): void {
    const { phase, frame } = this.moment;
    const other = this.#marked?.phase === phase ? (end ? this.#marked.begin : this.#marked.end) : undefined;
    this.#marked = { phase, begin: end ? other : frame, end: end ? frame : other };
    const from = other ?? (end ? 0 : length(this.worked!.reel, phase));
    this.#range(phase, from, frame);
  }

  /** Pulls the end of the range, or its beginning, to a frame; they may pass each other. */
  setRange(end: boolean, frame: number): void {
    if (!this.range || !this.worked) return;
    const { phase, from, to } = this.range;
    const within = Math.max(0, Math.min(length(this.worked.reel, phase), frame));
    // One frame at least is left of it.
    if (within === (end ? from : to)) return;
    this.#marked = undefined;
    this.#range(phase, end ? from : within, end ? within : to);
  }

  dropRange(): void {
    this.range = undefined;
    this.#marked = undefined;
  }

  #range(phase: Phase, one: number, other: number): void {
    this.range = one === other ? undefined : { phase, from: Math.min(one, other), to: Math.max(one, other) };
  }

  toRest(): void {
    if (this.worked) this.moment = { phase: 'IN', frame: this.worked.reel.in };
  }

  step(frames: number): void {
    const reel = this.worked?.reel;
    if (!reel) return;
    for (let i = 0; i < Math.abs(frames); i++) {
      this.moment = frames > 0 ? next(reel, this.moment) : previous(reel, this.moment);
    }
  }

  /** To the first frame of the phase at hand, or the last of it. */
  toEnd(last: boolean): void {
    const reel = this.worked?.reel;
    if (reel) this.moment = { ...this.moment, frame: last ? length(reel, this.moment.phase) : 0 };
  }

  phaseAt(phase: Phase, frame: number): void {
    if (this.worked && PHASES.includes(phase)) this.moment = within(this.worked.reel, { phase, frame });
  }
}
