import { proof, startProof, stopProof } from '../api/client';
import type { Proof } from '../api/types';

/** ms between two looks at a proof that is running. */
const EVERY = 250;

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

  async start(id: number, revision: number): Promise<void> {
    await this.#act(() => startProof(id, revision));
    this.watch(id, revision);
  }

  async stop(id: number, revision: number): Promise<void> {
    await this.#act(() => stopProof(id, revision));
    this.watch(id, revision);
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
      const found = await proof(id, revision);
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
