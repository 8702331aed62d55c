import { AirReels } from '../air/reels';
import { frameAt } from '../air/shown';
import type { AirState } from '../air/types';
import { AirWatch, type Watching } from '../air/watch';
import { doOnAir, prepareOnAir } from '../api/desk';
import { saveId } from '../api/kept';
import type { Act, AirFilling } from '../api/types';
import { Turns, type Told } from './turns';
import { standing } from './words';

/** ms between two looks at what is said of what stands. */
const TICK_MS = 200;
/** ms, until the server has said. */
const WITHIN_MS = 2000;

/** What is on air at one output, as the desk sees it, and what is done there. */
export class OnAir {
  state = $state.raw<AirState>();
  /** Whether the server is heard. */
  heard = $state(true);
  /** What was pressed and not done, and why. */
  undone = $state.raw<Told[]>([]);
  /** What is tried until it is done or refused; empty for nothing. */
  trying = $state('');
  /** Grows whenever something else can be drawn. */
  drawable = $state(0);
  frame = $state(0);
  readonly reels: AirReels;
  readonly output: number;
  standing = $derived.by(() => {
    void this.drawable;
    return standing(this.state, this.frame, this.reels.get);
  });
  readonly #turns = new Turns({
    now: () => this.#watch.clock.now(),
    within: () => this.state?.within ?? WITHIN_MS,
    ontold: (told) => (this.undone = told),
    ontrying: (said) => (this.trying = said),
  });
  /** Number of the event that the last one made. */
  #own = 0;
  readonly #watch: AirWatch;
  readonly #ticking: ReturnType<typeof setInterval>;

  /** @param on what else its server tells */
  constructor(output: number, on: Pick<Watching, 'onsheet' | 'onpeople'> = {}) {
    this.output = output;
    this.reels = new AirReels(() => (this.drawable += 1));
    this.#watch = new AirWatch(output, {
      onstate: (state) => this.#take(state),
      onheard: (heard) => {
        this.heard = heard;
        if (heard) void this.#turns.heard();
      },
      ...on,
    });
    this.#ticking = setInterval(() => (this.frame = this.now()), TICK_MS);
  }

  leave(): void {
    this.#watch.leave();
    clearInterval(this.#ticking);
  }

  /** The frame that is shown now. */
  now(): number {
    return this.state ? frameAt(this.state, this.#watch.clock.now()) : 0;
  }

  #take(state: AirState): void {
    // An answer may come later than what has happened since.
    if (state.begins === this.state?.begins && state.event < this.state.event) return;
    this.state = state;
    this.reels.want([state]);
    this.frame = this.now();
  }

  /**
   * Does something once, after what was pressed before it and within its time, or not at all; what is not done is told.
   * @param said like "take 3 Wu"
   * @param where the berth it is about; undefined for all
   */
  act(
    act: Pick<Act, 'kind' | 'berth' | 'filling'>,
    said: string,
    where: string | undefined,
  ): Promise<boolean> {
    const seen = this.state?.event ?? 0;
    if (!this.heard && act.kind !== 'OUT') {
      this.#turns.refuse(said, 'The server is not heard.');
      return Promise.resolve(false);
    }
    const actId = saveId();
    return this.#turns.press({
      kind: act.kind,
      where,
      said,
      send: async (notAfter, signal) => {
        // What was done here since it was pressed is meant as well.
        const after = Math.max(seen, this.#own);
        const state = await doOnAir(this.output, { ...act, actId, after, notAfter }, signal);
        this.#own = state.event;
        this.#take(state);
      },
    });
  }

  understood(): void {
    this.#turns.understood();
  }

  stopTrying(): void {
    this.#turns.stopTrying();
  }

  /** Every screen gets what would be shown, before it is. Resolves with what would be covered, in sentences. */
  async prepare(filling: AirFilling): Promise<string[]> {
    try {
      const { state, covers } = await prepareOnAir(this.output, filling);
      this.#take(state);
      return covers;
    } catch {
      // Without it a take comes a moment later; what is wrong is said at the cue.
      return [];
    }
  }
}
