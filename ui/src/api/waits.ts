/** ms */
const SHORTEST = 500;
const LONGEST = 2500;
/** A share by which waits differ, so that many who wait do not all come at once. */
const VARIES = 0.2;

/** How long to wait before something is tried again: longer each time, until it was done. */
export class Waits {
  #next = SHORTEST;
  readonly #random: () => number;

  /** @param random 0–1 */
  constructor(random: () => number = Math.random) {
    this.#random = random;
  }

  /** ms */
  next(): number {
    const wait = this.#next * (1 + VARIES * (2 * this.#random() - 1));
    this.#next = Math.min(LONGEST, this.#next * 1.6);
    return wait;
  }

  done(): void {
    this.#next = SHORTEST;
  }
}
