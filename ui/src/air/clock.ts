/** How far the server's clock is ahead, from requests whose answer tells its time. */
interface Sample {
  /** ms to add to the local time. */
  ahead: number;
  /** ms from request to answer: the shorter, the more exact. */
  took: number;
}

const KEPT = 8;

/** Local time, ms, that never jumps. */
export function localNow(): number {
  return performance.timeOrigin + performance.now();
}

/** The server's clock as well as it can be known here: the most exact of the last samples counts. */
export class ServerClock {
  #samples: Sample[] = [];

  /**
   * @param sent local time of the request
   * @param told time of the server, within its answer
   * @param came local time of the answer
   */
  heard(sent: number, told: number, came: number): void {
    this.#samples = [...this.#samples, { ahead: told - (sent + came) / 2, took: came - sent }].slice(-KEPT);
  }

  /** ms since 1970, as the server counts them. */
  now(): number {
    const best = [...this.#samples].sort((one, other) => one.took - other.took)[0];
    return localNow() + (best?.ahead ?? 0);
  }
}
