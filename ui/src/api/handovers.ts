import { answer, client, done } from './client';
import type { Handover, HandoverRequest } from './types';

export function handovers(): Promise<Handover[]> {
  return answer(client.GET('/api/handovers'));
}

/** Has a graphic handed over; resolves with how it stands, at first. */
export function handOver(body: HandoverRequest): Promise<Handover> {
  return answer(client.POST('/api/handovers', { body }));
}

/** What a form does not carry of a graphic, a sentence each; and its frames, where each is painted. */
export function carried(body: HandoverRequest): Promise<{ sentences: string[]; frames?: number }> {
  return answer(client.POST('/api/handovers/carried', { body }));
}

/** Stops it if it is not done, and lets go of its file. */
export function dropHandover(id: number): Promise<void> {
  return done(client.DELETE('/api/handovers/{id}', { params: { path: { id } } }));
}

/** Where its file is, once it is done. */
export function handoverFile(id: number): string {
  return `/api/handovers/${id}/file`;
}

/**
 * Tells whenever it has come further.
 *
 * @returns ends the telling
 */
export function watchHandover(id: number, told: (state: Handover) => void): () => void {
  const events = new EventSource(`/api/handovers/${id}/events`);
  events.addEventListener('state', ({ data }: MessageEvent<string>) => {
    const state = JSON.parse(data) as Handover;
    told(state);
    if (state.stage !== 'WAITING' && state.stage !== 'RUNNING') events.close();
  });
  return () => events.close();
}
