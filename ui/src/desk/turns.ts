import { Problem } from '../api/problem';
import type { Act } from '../api/types';

/** ms beyond the time for which an act is meant until its answer is not waited for any more. */
const GRACE_MS = 500;
/** ms after which an act whose answer did not come is sent again. */
const AGAIN_MS = 300;
/** Sentences that are kept at most. */
const MOST = 8;
const LATE = 'Not done in time';
const BUSY = 503;

/** Something that was pressed. */
export interface Turn {
  kind: Act['kind'];
  /** The berth it is about; undefined for all of them. */
  where: string | undefined;
  /** Like "take 3 Wu". */
  said: string;
  /**
   * Sent any number of times it counts once. Fails with a Problem.
   * @param notAfter time of the server, ms
   */
  send: (notAfter: number, signal: AbortSignal) => Promise<void>;
}

interface Waiting extends Turn {
  id: number;
  until: number;
  done: (done: boolean) => void;
}

/** What became of something that was pressed, if it was not simply done. */
export interface Told {
  id: number;
  text: string;
}

export interface TurnsOf {
  /** Time of the server, ms. */
  now: () => number;
  /** ms within which an act is done, or not at all. */
  within: () => number;
  ontold: (told: Told[]) => void;
  /** What is tried until it is done or refused; empty for nothing. */
  ontrying: (said: string) => void;
  wait?: (ms: number) => Promise<void>;
}

/**
 * Acts go one after the other, each within its time or not at all. What is still waiting when another act makes it of no account is left
 * out, and told. An out is what everybody wants most when things go wrong: it is tried until it is done or refused.
 */
export class Turns {
  readonly #of: TurnsOf;
  readonly #wait: (ms: number) => Promise<void>;
  #waiting: Waiting[] = [];
  #told: Told[] = [];
  /** Of which no answer came, so that nobody knows. */
  #unknown: Waiting[] = [];
  #going = false;
  #stopped = false;
  #last = 0;

  constructor(of: TurnsOf) {
    this.#of = of;
    this.#wait = of.wait ?? ((ms) => new Promise((done) => setTimeout(done, ms)));
  }

  /** Resolves with whether it was done. */
  press(turn: Turn): Promise<boolean> {
    if (!this.#going && this.#unknown.length === 0) this.understood();
    return new Promise((done) => {
      const pressed = {
        ...turn,
        id: ++this.#last,
        until: this.#of.now() + this.#of.within(),
        done,
      };
      const overruled = this.#waiting.filter((one) => overrules(pressed, one));
      this.#waiting = [...this.#waiting.filter((one) => !overruled.includes(one)), pressed];
      for (const one of overruled) one.done(this.#undone(one, `${pressed.said} was pressed after it.`));
      if (pressed.kind === 'OUT' && this.#going) void this.#say(pressed);
      void this.#go();
    });
  }

  /** It is told that something was not even tried. */
  refuse(said: string, because: string): void {
    this.#undone({ id: ++this.#last, said }, because);
  }

  understood(): void {
    this.#told = [];
    this.#of.ontold(this.#told);
  }

  /** What is tried again and again is not any more. */
  stopTrying(): void {
    this.#stopped = true;
    const outs = this.#waiting.filter(({ kind }) => kind === 'OUT');
    this.#waiting = this.#waiting.filter(({ kind }) => kind !== 'OUT');
    for (const out of outs) {
      this.#tell(out.id, `Not tried any more: ${out.said}.`);
      out.done(false);
    }
  }

  /** The server is heard again: now it can be found out what became of what it did not answer. */
  async heard(): Promise<void> {
    const unknown = this.#unknown;
    this.#unknown = [];
    for (const turn of unknown) {
      try {
        // Of what was not done in its time this is too late, so that it is not done now.
        await turn.send(turn.until, AbortSignal.timeout(this.#of.within() + GRACE_MS));
        this.#tell(turn.id, `It was done: ${turn.said}.`);
      } catch (error) {
        if (isUnknown(error)) this.#unknown.push(turn);
        else this.#undone(turn, why(error));
      }
    }
  }

  async #go(): Promise<void> {
    if (this.#going) return;
    this.#going = true;
    for (let turn = this.#waiting.shift(); turn; turn = this.#waiting.shift()) {
      const done = await (turn.kind === 'OUT' ? this.#insist(turn) : this.#try(turn));
      this.#of.ontrying('');
      this.#going = this.#waiting.length > 0;
      turn.done(done);
    }
  }

  /** Whoever has pressed an out knows that it was heard, though what was pressed before it has no answer yet. */
  async #say(out: Waiting): Promise<void> {
    await this.#wait(AGAIN_MS);
    if (this.#waiting.includes(out)) this.#of.ontrying(out.said);
  }

  async #try(turn: Waiting): Promise<boolean> {
    for (;;) {
      const left = turn.until - this.#of.now();
      if (left <= 0) return this.#undone(turn, 'What was pressed before it took too long.');
      try {
        await turn.send(turn.until, AbortSignal.timeout(left + GRACE_MS));
        return true;
      } catch (error) {
        if (!isUnknown(error)) return this.#undone(turn, why(error));
      }
      await this.#wait(AGAIN_MS);
      // An out is not kept waiting for a take that it would take out again.
      const overruled = this.#waiting.some((later) => overrules(later, turn));
      if (this.#of.now() < turn.until && !overruled) continue;
      this.#unknown.push(turn);
      this.#tell(
        turn.id,
        `No answer: ${turn.said}. If it has not been done by now it will not be; the desk asks once the server is heard.`,
      );
      return false;
    }
  }

  async #insist(turn: Waiting): Promise<boolean> {
    this.#stopped = false;
    for (;;) {
      const within = this.#of.within();
      try {
        await turn.send(this.#of.now() + within, AbortSignal.timeout(within + GRACE_MS));
        return true;
      } catch (error) {
        if (!isUnknown(error) && !isPassing(error)) return this.#undone(turn, why(error));
      }
      if (this.#stopped) {
        this.#unknown.push({ ...turn, until: 0 });
        this.#tell(turn.id, `Not tried any more: ${turn.said}.`);
        return false;
      }
      this.#of.ontrying(turn.said);
      await this.#wait(AGAIN_MS);
    }
  }

  #undone({ id, said }: Pick<Waiting, 'id' | 'said'>, because: string): false {
    this.#tell(id, `Not done: ${said}. ${because}`);
    return false;
  }

  /** Of each only the last sentence counts. */
  #tell(id: number, text: string): void {
    this.#told = [...this.#told.filter((one) => one.id !== id), { id, text }].slice(-MOST);
    this.#of.ontold(this.#told);
  }
}

/** Whether what was pressed later makes something that waits of no account. */
function overrules(later: Turn, waiting: Turn): boolean {
  if (waiting.kind === 'OUT' || (later.kind !== 'TAKE' && later.kind !== 'OUT')) return false;
  return later.where === undefined || later.where === waiting.where;
}

function isUnknown(error: unknown): boolean {
  return error instanceof Problem && !error.known;
}

/** Whether it may be done when it is tried again. */
function isPassing(error: unknown): boolean {
  return error instanceof Problem && (error.title === LATE || error.status === BUSY);
}

function why(error: unknown): string {
  return (error as Error).message.replace(/^Not done: (.)/, (_, first: string) => first.toUpperCase());
}
