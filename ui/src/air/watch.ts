import { withKey } from '../api/pageKey';
import { Waits } from '../api/waits';
import { localNow, ServerClock } from './clock';
import type { AirState } from './types';

/** Without a sign for so long the server is taken for lost, ms. */
const LOST_MS = 1250;
const LOOKS_MS = 200;
const SAMPLES_AT_ONCE = 5;
const SAMPLE_MS = 5000;

export interface Watching {
  /** What is on air, at once and whenever it changes. */
  onstate: (state: AirState) => void;
  /** Whether the server is heard. */
  onheard?: (heard: boolean) => void;
  /** A cue sheet has another revision. */
  onsheet?: (sheet: { id: number; revision: number }) => void;
  /** The people of the house are others. */
  onpeople?: () => void;
}

/**
 * Watches an output until it is let go. When nothing is heard any more it asks again until it is, and goes on from how things stand then.
 */
export class AirWatch {
  readonly clock = new ServerClock();
  readonly #output: number;
  readonly #on: Watching;
  #source: EventSource | undefined;
  #heardAt = 0;
  /** When it is opened anew, unless it is heard by then. */
  #openAt = 0;
  readonly #waits = new Waits();
  #heard = false;
  #last: AirState | undefined;
  #left = false;
  readonly #looking: ReturnType<typeof setInterval>;
  readonly #sampling: ReturnType<typeof setInterval>;

  constructor(output: number, on: Watching) {
    this.#output = output;
    this.#on = on;
    this.#open();
    this.#looking = setInterval(() => this.#look(), LOOKS_MS);
    this.#sampling = setInterval(() => void this.#sample(), SAMPLE_MS);
    void this.#sampleOften();
  }

  leave(): void {
    this.#left = true;
    this.#source?.close();
    clearInterval(this.#looking);
    clearInterval(this.#sampling);
  }

  #open(): void {
    this.#source?.close();
    this.#openAt = performance.now() + LOST_MS + this.#waits.next();
    const source = new EventSource(withKey(`/api/outputs/${this.#output}/events`));
    this.#source = source;
    source.onerror = () => {
      source.close();
      if (source === this.#source) this.#openAt = performance.now() + this.#waits.next();
    };
    source.addEventListener('state', (event) => {
      this.#hear();
      const state = JSON.parse(event.data as string) as AirState;
      // What was on its way for longer than another one is past; another beginning is another log.
      const past = state.begins === this.#last?.begins && state.event < this.#last.event;
      if (past) return;
      this.#last = state;
      this.#on.onstate(state);
    });
    source.addEventListener('time', () => this.#hear());
    source.addEventListener('people', () => this.#on.onpeople?.());
    source.addEventListener('sheet', (event) => {
      this.#on.onsheet?.(JSON.parse(event.data as string) as { id: number; revision: number });
    });
  }

  #hear(): void {
    this.#heardAt = performance.now();
    this.#openAt = Infinity;
    this.#waits.done();
    if (this.#heard) return;
    this.#heard = true;
    this.#on.onheard?.(true);
    void this.#sampleOften();
  }

  #look(): void {
    const now = performance.now();
    if (this.#heard && now - this.#heardAt > LOST_MS) {
      this.#heard = false;
      this.#on.onheard?.(false);
      this.#openAt = Math.min(this.#openAt, now);
    }
    if (now >= this.#openAt) this.#open();
  }

  async #sampleOften(): Promise<void> {
    for (let i = 0; i < SAMPLES_AT_ONCE; i++) await this.#sample();
  }

  async #sample(): Promise<void> {
    if (this.#left) return;
    const sent = localNow();
    try {
      const response = await fetch('/api/outputs/time');
      if (!response.ok) return;
      const came = localNow();
      const { now } = (await response.json()) as { now: number };
      this.clock.heard(sent, now, came);
    } catch {
      // The next one tells.
    }
  }
}
