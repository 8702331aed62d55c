import type { Worked } from '../api/types';
import { length, momentOf, type Moment, type Phase } from '../player/moment';

export type Run = Phase | 'ALL';

/** Plays at real speed: the frame shown is the one the clock says, so frames are dropped rather than slowed down. */
export class Playing {
  run = $state<Run>();
  #began = 0;
  #request = 0;

  /**
   * @param run a phase (in and out once, the loop round and round) or the whole graphic
   * @param worked asked anew for each frame, so that typing does not stop the motion
   * @param show takes each moment that is due
   */
  play(run: Run, worked: () => Worked | undefined, show: (moment: Moment) => void): void {
    this.stop();
    this.run = run;
    this.#began = performance.now();
    const tick = () => {
      const now = worked();
      if (!now) return this.stop();
      const frame = Math.floor(((performance.now() - this.#began) * now.reel.rate) / 1000);
      const moment = Playing.#momentOf(run, now, frame);
      if (!moment) return this.stop();
      show(moment);
      this.#request = requestAnimationFrame(tick);
    };
    tick();
  }

  static #momentOf(run: Run, worked: Worked, frame: number): Moment | undefined {
    if (run === 'ALL') return momentOf(worked.whole, frame);
    const frames = length(worked.reel, run);
    if (run === 'LOOP') return frames > 0 ? { phase: run, frame: frame % frames } : undefined;
    return frame <= frames ? { phase: run, frame } : undefined;
  }

  stop(): void {
    cancelAnimationFrame(this.#request);
    this.run = undefined;
  }
}
