import { feed } from '../api/feeds';
import type { FeedAnswer } from '../api/types';

const EVERY = 1000;

/** What the feed says that is followed; looked at once a second while one is. */
export class FollowedFeed {
  now = $state.raw<FeedAnswer>();
  fault = $state('');
  /** The time, told with each look. */
  time = $state(0);
  #id: number | undefined;
  #timer: ReturnType<typeof setInterval> | undefined;

  /** @param id undefined for none */
  follow(id: number | undefined): void {
    if (id === this.#id) return;
    this.leave();
    this.#id = id;
    if (id === undefined) return;
    this.#timer = setInterval(() => void this.#look(), EVERY);
    void this.#look();
  }

  async #look(): Promise<void> {
    const id = this.#id;
    if (id === undefined) return;
    try {
      const found = await feed(id);
      if (id !== this.#id) return;
      this.fault = '';
      this.time = Date.now();
      // What is the same is not told again, or everything would be worked out once a second.
      const same = JSON.stringify(found) === JSON.stringify(this.now);
      if (!same) this.now = found;
    } catch (error) {
      if (id === this.#id) this.fault = (error as Error).message;
    }
  }

  leave(): void {
    clearInterval(this.#timer);
    this.#id = undefined;
    this.now = undefined;
    this.fault = '';
  }
}
