import { Waits } from './waits';

/** Whether server and database answer. Once they do not, it asks until they do again. */
class Reach {
  away = $state(false);
  /** Grows each time they come back, so that pages can load again what they missed. */
  returned = $state(0);
  /** Grows each time it is asked who asks. */
  signedOut = $state(0);
  readonly #waits = new Waits();

  lost() {
    if (this.away) return;
    this.away = true;
    setTimeout(() => this.#ask(), this.#waits.next());
  }

  async #ask() {
    const up = await fetch('/api/health').then(
      (response) => response.ok,
      () => false,
    );
    if (up) {
      this.away = false;
      this.#waits.done();
      this.returned += 1;
    } else {
      setTimeout(() => this.#ask(), this.#waits.next());
    }
  }
}

export const reach = new Reach();
