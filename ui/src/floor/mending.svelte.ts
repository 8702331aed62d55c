import { mendsOf } from '../api/client';
import type { Filling, Finding, Graphic, Mend } from '../api/types';

/** Fillings that mends are proved with at most. */
const MOST = 120;

/** Those that show a finding first, then an even spread of the others; a mend is proved with what stands, not with changes. */
export function fillingsFor(finding: Finding, all: Filling[]): Filling[] {
  const stands = (i: number) => !all[i]?.then?.length;
  const shown = [finding.trial, ...finding.trials.filter((trial) => trial !== finding.trial)].filter(stands);
  const first = spread(shown, MOST / 2);
  const others = all.map((_, i) => i).filter((i) => !finding.trials.includes(i) && stands(i));
  return [...first, ...spread(others, MOST - first.length)].map((i) => all[i]!);
}

function spread(indexes: number[], most: number): number[] {
  if (indexes.length <= most) return indexes;
  return Array.from({ length: most }, (_, i) => indexes[Math.floor((i * indexes.length) / most)]!);
}

/** Changes by which a finding goes, as the server proves them. */
export class Mending {
  mends = $state.raw<Mend[]>([]);
  /** The design they are changes of. */
  of = $state.raw<Graphic>();
  busy = $state(false);
  fault = $state('');
  #asked: AbortController | undefined;

  async ask(design: Graphic, finding: Finding, all: Filling[]): Promise<void> {
    this.leave();
    const asked = new AbortController();
    this.#asked = asked;
    this.of = design;
    this.busy = true;
    try {
      const found = await mendsOf(design, finding, fillingsFor(finding, all), asked.signal);
      if (this.#asked === asked) this.mends = found;
    } catch (error) {
      if (this.#asked === asked) this.fault = (error as Error).message;
    } finally {
      if (this.#asked === asked) this.busy = false;
    }
  }

  /** Nobody waits for them any more. */
  leave(): void {
    this.#asked?.abort();
    this.#asked = undefined;
    this.mends = [];
    this.fault = '';
    this.busy = false;
  }
}
