import { AirReels } from '../air/reels';
import { frameAt } from '../air/shown';
import type { AirState } from '../air/types';
import { AirWatch } from '../air/watch';
import { doOnAir, prepareOnAir } from '../api/desk';
import { saveId } from '../api/kept';
import { Problem } from '../api/problem';
import type { Act, AirFilling } from '../api/types';
import { standing } from './words';

/** ms between two looks at what is said of what stands. */
const TICK_MS = 200;
/** ms after which an act whose answer did not come is sent again; later than that it would come as a surprise. */
const AGAIN_MS = 300;

/** What is on air at one output, as the desk sees it, and what is done there. */
export class OnAir {
  state = $state.raw<AirState>();
  /** Whether the server is heard. */
  heard = $state(true);
  /** What was refused and why; empty for nothing. */
  refusal = $state('');
  /** Grows whenever something else can be drawn. */
  drawable = $state(0);
  frame = $state(0);
  readonly reels: AirReels;
  readonly output: number;
  standing = $derived.by(() => {
    void this.drawable;
    return standing(this.state, this.frame, this.reels.get);
  });
  /** The last act that was pressed. */
  #turn: Promise<unknown> = Promise.resolve();
  /** Number of the event that the last one made. */
  #own = 0;
  readonly #watch: AirWatch;
  readonly #ticking: ReturnType<typeof setInterval>;

  constructor(output: number, onsheet?: (sheet: { id: number; revision: number }) => void) {
    this.output = output;
    this.reels = new AirReels(() => (this.drawable += 1));
    this.#watch = new AirWatch(output, {
      onstate: (state) => this.#take(state),
      onheard: (heard) => (this.heard = heard),
      onsheet,
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

  /** Does something once, after what was pressed before it; what is refused is said. */
  act(act: Pick<Act, 'kind' | 'berth' | 'filling'>): Promise<boolean> {
    const seen = this.state?.event ?? 0;
    const done = this.#turn.then(() => this.#done(act, seen));
    this.#turn = done;
    return done;
  }

  /** @param seen number of the last event that was known when it was pressed; what was done here since is meant as well */
  async #done(act: Pick<Act, 'kind' | 'berth' | 'filling'>, seen: number): Promise<boolean> {
    this.refusal = '';
    try {
      const state = await this.#sent({ ...act, actId: saveId(), after: Math.max(seen, this.#own) });
      this.#own = state.event;
      this.#take(state);
      return true;
    } catch (error) {
      this.refusal = (error as Error).message;
      return false;
    }
  }

  async #sent(act: Act): Promise<AirState> {
    try {
      return await doOnAir(this.output, act);
    } catch (error) {
      if (!(error instanceof Problem) || error.known) throw error;
    }
    await new Promise((done) => setTimeout(done, AGAIN_MS));
    return doOnAir(this.output, act);
  }

  /** Every screen gets what would be shown, before it is. */
  async prepare(filling: AirFilling): Promise<void> {
    try {
      this.#take(await prepareOnAir(this.output, filling));
    } catch {
      // Without it a take comes a moment later; what is wrong is said at the cue.
    }
  }
}
