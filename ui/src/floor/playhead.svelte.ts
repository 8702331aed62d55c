import type { Bar, Reel, Worked } from '../api/types';
import { length, next, PHASES, previous, within, type Moment, type Phase } from '../player/moment';
import { Swapping } from './swapping.svelte';
import { keyFrames } from './moves';

/** Which moment of what is worked out is looked at, and which frames are played round and round. */
export class Playhead {
  worked = $state.raw<Worked>();
  moment = $state<Moment>({ phase: 'IN', frame: 0 });
  /** What happens when other values come. */
  swapping = new Swapping();
  /** The reel that is looked at: of the values at hand, or of a change. */
  reel = $derived(this.#reelOf(this.moment));
  /** Frames that are played round and round. */
  range = $state.raw<{ phase: Phase; from: number; to: number; change?: boolean }>();
  /** Where the range was marked, in whatever order. */
  #marked: { phase: Phase; begin?: number; end?: number; change?: boolean } | undefined;

  #reelOf(moment: Moment): Reel | undefined {
    if (!moment.change) return this.worked?.reel;
    return this.swapping.change?.reel ?? this.swapping.held?.reel;
  }

  /** The moves that are played in what is looked at. */
  #bars(): Bar[] {
    if (!this.moment.change) return this.worked?.bars ?? [];
    return (this.swapping.change?.bars ?? []).map((bar) => ({ ...bar, phase: 'IN' as const }));
  }

  /** To the next frame of the phase at which something begins or ends, or the one before. */
  toKey(forwards: boolean): void {
    const frames = keyFrames(this.#bars(), this.moment.phase);
    const { phase, frame, change } = this.moment;
    const found = forwards ? frames.find((key) => key > frame) : frames.filter((key) => key < frame).at(-1);
    if (found !== undefined) this.phaseAt(phase, found, change);
  }

  /** The moment at hand is where the range begins or ends. */
  markRange(end: boolean): void {
    const { phase, frame, change } = this.moment;
    if (!this.reel) return;
    const same = this.#marked?.phase === phase && this.#marked.change === change;
    const other = same ? (end ? this.#marked!.begin : this.#marked!.end) : undefined;
    this.#marked = { phase, change, begin: end ? other : frame, end: end ? frame : other };
    const from = other ?? (end ? 0 : length(this.reel, phase));
    this.#range(phase, from, frame, change);
  }

  /** Pulls the end of the range, or its beginning, to a frame; they may pass each other. */
  setRange(end: boolean, frame: number): void {
    if (!this.range) return;
    const { phase, from, to, change } = this.range;
    const reel = this.#reelOf({ phase, frame, change });
    if (!reel) return;
    const within = Math.max(0, Math.min(length(reel, phase), frame));
    // One frame at least is left of it.
    if (within === (end ? from : to)) return;
    this.#marked = undefined;
    this.#range(phase, end ? from : within, end ? within : to, change);
  }

  dropRange(): void {
    this.range = undefined;
    this.#marked = undefined;
  }

  #range(phase: Phase, one: number, other: number, change?: boolean): void {
    const [from, to] = [Math.min(one, other), Math.max(one, other)];
    this.range = from === to ? undefined : { phase, from, to, change };
  }

  toRest(): void {
    if (this.worked) this.moment = { phase: 'IN', frame: this.worked.reel.in };
  }

  step(frames: number): void {
    const reel = this.reel;
    if (!reel) return;
    for (let i = 0; i < Math.abs(frames); i++) {
      this.moment = frames > 0 ? next(reel, this.moment) : previous(reel, this.moment);
    }
  }

  /** To the first frame of the phase at hand, or the last of it. */
  toEnd(last: boolean): void {
    const reel = this.reel;
    if (reel) this.moment = { ...this.moment, frame: last ? length(reel, this.moment.phase) : 0 };
  }

  /** @param change whether of the change that is looked at */
  phaseAt(phase: Phase, frame: number, change?: boolean): void {
    const reel = this.#reelOf({ phase, frame, change });
    if (reel && PHASES.includes(phase)) this.moment = within(reel, { phase, frame, change });
  }
}
