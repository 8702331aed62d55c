import { proof, startProof, stopProof } from '../api/client';
import type { Proof } from '../api/types';

/** ms between two looks at a proof that is running. */
const EVERY = 250;

/** What was asked last, and when: several who look at the same proof ask once. */
let last: { of: string; at: number; answer: Promise<Proof> } | undefined;

function once(id: number, revision: number): Promise<Proof> {
  const of = `${id} ${revision}`;
  const fresh = last?.of === of && performance.now() - last.at < EVERY / 2;
  if (!fresh) last = { of, at: performance.now(), answer: proof(id, revision) };
  return last!.answer;
}

/** Watches the proof of a revision for as long as it runs. */
export class ProofWatch {
  proof = $state.raw<Proof>();
  fault = $state('');
  #due: ReturnType<typeof setTimeout> | undefined;
  #of = '';

  /** Looks at a revision from now on. */
  watch(id: number, revision: number): void {
    const of = `${id} ${revision}`;
    if (this.#of !== of) this.proof = undefined;
    this.#of = of;
    void this.#look(id, revision);
  }

  /** Looks at it as it is after something was done to it. */
  #again(id: number, revision: number): void {
    last = undefined;
    this.watch(id, revision);
  }

  async start(id: number, revision: number): Promise<void> {
    await this.#act(() => startProof(id, revision));
    this.#again(id, revision);
  }

  async stop(id: number, revision: number): Promise<void> {
    await this.#act(() => stopProof(id, revision));
    this.#again(id, revision);
  }

  async #act(act: () => Promise<unknown>): Promise<void> {
    try {
      await act();
      this.fault = '';
    } catch (error) {
      this.fault = (error as Error).message;
    }
  }

  async #look(id: number, revision: number): Promise<void> {
    clearTimeout(this.#due);
    const of = `${id} ${revision}`;
    try {
      const found = await once(id, revision);
      if (this.#of !== of) return;
      this.proof = found;
      this.fault = '';
      if (found.state === 'RUNNING') this.#due = setTimeout(() => void this.#look(id, revision), EVERY);
    } catch (error) {
      if (this.#of === of) this.fault = (error as Error).message;
    }
  }

  leave(): void {
    clearTimeout(this.#due);
    this.#of = '';
  }
}
