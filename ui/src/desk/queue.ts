/** Whoever waits for it, or whoever may look at it soon. */
export type Urgency = 'now' | 'soon' | 'whenever';

interface Job {
  begin: () => void;
  drop: () => void;
}

/** Work that is done a few at a time, each only once; what has been worked out is kept as long as it may be wanted again. */
export class Queue<Q, T> {
  /** What was asked for last is the last. */
  readonly #known = new Map<string, Promise<T>>();
  /** What is to begin next is the first. */
  readonly #waiting = new Map<string, Job>();
  #soon: string[] = [];
  #running = 0;
  readonly #work: (of: Q) => Promise<T>;
  readonly #atOnce: number;
  readonly #kept: number;

  constructor(work: (of: Q) => Promise<T>, { atOnce, kept }: { atOnce: number; kept: number }) {
    this.#work = work;
    this.#atOnce = atOnce;
    this.#kept = kept;
  }

  of(what: Q, urgency: Urgency = 'whenever'): Promise<T> {
    const key = JSON.stringify(what);
    const known = this.#known.get(key) ?? this.#add(key, what);
    this.#known.delete(key);
    this.#known.set(key, known);
    if (urgency === 'now') this.#begin(key);
    else if (urgency === 'soon' && this.#waiting.has(key)) this.#soon.push(key);
    this.#next();
    return known;
  }

  /** Nobody waits any more for what has not begun. */
  leave(): void {
    const dropped = [...this.#waiting];
    this.#waiting.clear();
    this.#soon = [];
    for (const [key, { drop }] of dropped) {
      this.#known.delete(key);
      drop();
    }
  }

  #add(key: string, what: Q): Promise<T> {
    let resolve: (found: T) => void;
    let reject: (error: Error) => void;
    const promise = new Promise<T>((done, fail) => {
      resolve = done;
      reject = fail;
    });
    const begin = () => {
      this.#running += 1;
      this.#work(what)
        .finally(() => {
          this.#running -= 1;
          this.#next();
        })
        .then(resolve, (error: Error) => {
          // Asked again it may be better.
          this.#known.delete(key);
          reject(error);
        });
    };
    // Whoever asked for it hears of it; a failure that nobody waits for is none.
    promise.catch(() => {});
    this.#waiting.set(key, { begin, drop: () => reject(new Error('Not wanted any more.')) });
    if (this.#known.size >= this.#kept) this.#forget();
    return promise;
  }

  #begin(key: string): void {
    const job = this.#waiting.get(key);
    this.#waiting.delete(key);
    job?.begin();
  }

  #next(): void {
    while (this.#running < this.#atOnce && this.#waiting.size > 0) {
      this.#soon = this.#soon.filter((key) => this.#waiting.has(key));
      this.#begin(this.#soon.shift() ?? this.#waiting.keys().next().value!);
    }
  }

  /** What was not asked for for the longest time; what still waits is wanted. */
  #forget(): void {
    for (const key of this.#known.keys()) {
      if (this.#waiting.has(key)) continue;
      this.#known.delete(key);
      return;
    }
  }
}
