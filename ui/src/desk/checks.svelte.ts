import { checkFilling, workFilling } from '../api/desk';
import type { Cue, CueCheck, FilledIn, FillingRequest } from '../api/types';
import { ready } from '../api/ready';

/** What has been worked out, kept as long as it may be wanted again. */
const KEPT = 600;

/** Work that is done a few at a time, each only once. */
class Worked<T> {
  #known = new Map<string, Promise<T>>();
  #waiting: (() => void)[] = [];
  #running = 0;
  readonly #work: (filling: FillingRequest) => Promise<T>;
  readonly #atOnce: number;

  constructor(work: (filling: FillingRequest) => Promise<T>, atOnce: number) {
    this.#work = work;
    this.#atOnce = atOnce;
  }

  of(filling: FillingRequest, first = false): Promise<T> {
    const key = JSON.stringify(filling);
    const known = this.#known.get(key);
    if (known) return known;
    if (this.#known.size > KEPT) this.#known.clear();
    const found = this.#turn(first)
      .then(() => this.#work(filling))
      .finally(() => {
        this.#running -= 1;
        this.#waiting.shift()?.();
      });
    found.catch(() => this.#known.delete(key));
    this.#known.set(key, found);
    return found;
  }

  #turn(first: boolean): Promise<void> {
    const begin = (done: () => void) => () => {
      this.#running += 1;
      done();
    };
    return new Promise((done) => {
      if (first || this.#running < this.#atOnce) begin(done)();
      else this.#waiting.push(begin(done));
    });
  }
}

const worked = new Worked<FilledIn>(async (filling) => {
  const found = await workFilling(filling);
  await ready([found.reel]);
  return found;
}, 3);
const checked = new Worked<CueCheck>(checkFilling, 2);

/** @param first whether somebody waits for it */
export function workedOut(filling: FillingRequest, first = false): Promise<FilledIn> {
  return worked.of(filling, first);
}

export function check(filling: FillingRequest, first = false): Promise<CueCheck> {
  return checked.of(filling, first);
}

/** What a cue is checked with: if the cue before is of the same graphic, the change from that as well. */
export function fillingOf(cue: Cue, before?: Cue): FillingRequest {
  const { graphic, revision, values, dials } = cue;
  const same = before?.graphic === graphic && before.revision === revision;
  return {
    graphic,
    revision,
    values,
    dials,
    ...(same && { before: before.values, beforeDials: before.dials }),
  };
}
