import type { Reel } from '../api/types';
import { ready } from '../api/ready';
import type { AirState } from './types';

const AGAIN_MS = 500;

/** The reels of what is on air or may be next, fetched once and kept as long as they are wanted. */
export class AirReels {
  #reels = new Map<string, Reel>();
  #fetching = new Set<string>();
  #wanted = new Set<string>();
  readonly #came: () => void;

  /** @param came is told whenever another one can be drawn */
  constructor(came: () => void = () => {}) {
    this.#came = came;
  }

  /** A reel that can be drawn; undefined while it is not there. */
  readonly get = (id: string): Reel | undefined => this.#reels.get(id);

  /** Fetches what is wanted now, and lets go of everything else. */
  want(states: AirState[]): void {
    this.#wanted = new Set(
      states.flatMap(({ berths, ahead }) => [
        ...berths.flatMap(({ plays }) => plays.flatMap(({ reel, out }) => (out ? [reel, out] : [reel]))),
        ...ahead,
      ]),
    );
    for (const id of this.#reels.keys()) if (!this.#wanted.has(id)) this.#reels.delete(id);
    for (const id of this.#wanted) void this.#fetch(id);
  }

  async #fetch(id: string): Promise<void> {
    if (this.#reels.has(id) || this.#fetching.has(id)) return;
    this.#fetching.add(id);
    try {
      const response = await fetch(`/api/outputs/reels/${id}`);
      // One that is not on air any more is not wanted either; the next state says what is.
      if (response.status === 404) return;
      if (!response.ok) throw new Error(`The server answered with ${response.status}.`);
      const reel = (await response.json()) as Reel;
      await ready([reel]);
      if (this.#wanted.has(id)) this.#reels.set(id, reel);
      this.#came();
    } catch {
      setTimeout(() => {
        if (this.#wanted.has(id)) void this.#fetch(id);
      }, AGAIN_MS);
    } finally {
      this.#fetching.delete(id);
    }
  }
}
