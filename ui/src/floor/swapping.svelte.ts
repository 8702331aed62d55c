import { workOutChanges } from '../api/client';
import type { Change, Graphic, Played, Reel, Stage, Trial, Values } from '../api/types';
import type { Moment } from '../player/moment';
import { ready } from '../api/ready';

/** A stage with what it is called. */
export interface Stood {
  name: string;
  stage: Stage;
}

/** Parts of all changes that are asked for at once, at most. */
const AT_ONCE = 100;

/** Indexes of so many trials, a few at a time; the one that counts most among the first. */
export function portions(count: number, parts: number, first = 0): number[][] {
  const size = Math.max(1, Math.floor(AT_ONCE / Math.max(1, parts)));
  const all = Array.from({ length: count }, (_, i) => (first + i) % count);
  return Array.from({ length: Math.ceil(count / size) }, (_, i) => all.slice(i * size, (i + 1) * size));
}

/** What happens when other values come while the graphic stands: from the values at hand, or from the middle of an earlier change. */
export class Swapping {
  /** Index of the trial that comes next. */
  next = $state<number>();
  /** What was interrupted, one after the other; empty while the values at hand stand at rest. */
  stood = $state.raw<Stood[]>([]);
  /** What comes besides the trials: that with which a fault was found. */
  other = $state.raw<Trial>();
  /** From the values at hand to each trial. */
  answers = $state.raw<Change[]>([]);
  /** What was shown when it was interrupted, until it is known what comes next. */
  held = $state.raw<{ reel: Reel; moment: Moment }>();
  fault = $state('');
  busy = $state(false);
  change = $derived(this.next === undefined ? undefined : this.answers[this.next]);
  #asked = 0;

  /**
   * Works out the changes to every trial, the one that comes next first; of several requests the last one counts. In portions, so that
   * none of them takes too long.
   */
  async ask(
    design: Graphic,
    values: Values,
    trials: Trial[],
    played?: Played,
    dials: Values = {},
  ): Promise<void> {
    const asked = ++this.#asked;
    this.busy = true;
    try {
      const stages = this.#stages(values);
      const answers: Change[] = [];
      for (const portion of portions(trials.length, design.parts?.length ?? 0, this.next)) {
        const portioned = portion.map((index) => trials[index]!.values);
        const { changes } = await workOutChanges(design, stages, portioned, played, dials);
        await ready(changes.map(({ reel }) => reel));
        if (asked !== this.#asked) return;
        portion.forEach((index, i) => (answers[index] = changes[i]!));
        this.answers = [...answers];
      }
      this.fault = '';
    } catch (error) {
      if (asked === this.#asked) this.fault = (error as Error).message;
    } finally {
      if (asked === this.#asked) this.busy = false;
    }
  }

  #stages(values: Values): Stage[] {
    return this.stood.length > 0 ? this.stood.map(({ stage }) => stage) : [{ values }];
  }

  /** The reel for leaving from a moment of the change. */
  async leaving(
    design: Graphic,
    values: Values,
    moment: Moment,
    to: Values,
    played?: Played,
    dials: Values = {},
  ): Promise<Reel> {
    const { phase, frame } = moment;
    const stages = [...this.#stages(values), { values: to, phase, frame }];
    const found = await workOutChanges(design, stages, [], played, dials);
    await ready([found.out]);
    return found.out;
  }

  /**
   * Something else comes at a moment.
   *
   * @param stands the values at hand
   * @param came those to which the change goes that is interrupted; missing if what stands is
   */
  interrupt(reel: Reel, moment: Moment, stands: Trial, came?: Trial): void {
    const { phase, frame, looped, share } = moment;
    const at = ({ name, values }: Trial): Stood => ({ name, stage: { values, phase, frame, looped, share } });
    const before =
      this.stood.length > 0 ? this.stood : [{ name: stands.name, stage: { values: stands.values } }];
    this.stood = came ? [...before, at(came)] : [at(stands)];
    this.held = { reel, moment };
    this.next = undefined;
    this.answers = [];
  }

  /** No change is looked at any more. */
  leave(): void {
    this.#asked += 1;
    this.next = undefined;
    this.stood = [];
    this.other = undefined;
    this.answers = [];
    this.held = undefined;
    this.fault = '';
    this.busy = false;
  }
}
