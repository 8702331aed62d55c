import { Problem } from './problem';

const PAUSES_MS = [500, 1000, 2000, 4000, 8000, 8000];

/** An id for one save, however often it is sent. */
export function saveId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/**
 * Sends a save until it is known what came of it. When no answer comes, or one that says it is not known whether the save was kept, it is
 * sent again with the same id, which gives the answer of the first time.
 */
export async function kept<T>(
  send: (saveId: string) => Promise<T>,
  wait: (ms: number) => Promise<void> = (ms) => new Promise((done) => setTimeout(done, ms)),
): Promise<T> {
  const id = saveId();
  for (const pause of PAUSES_MS) {
    try {
      return await send(id);
    } catch (error) {
      if (!(error instanceof Problem) || error.known) throw error;
    }
    await wait(pause);
  }
  return send(id);
}
