import { answer, client, done } from './client';
import type { Output } from './types';

export function outputs(): Promise<Output[]> {
  return answer(client.GET('/api/outputs'));
}

/** The key of its page; undefined if nobody may see it without an account. */
export async function pageKey(output: number): Promise<string | undefined> {
  return (
    (await answer(client.GET('/api/outputs/{output}/key', { params: { path: { output } } }))).key ?? undefined
  );
}

/** Makes one; the one before opens nothing any more. */
export async function makePageKey(output: number): Promise<string | undefined> {
  return (
    (await answer(client.POST('/api/outputs/{output}/key', { params: { path: { output } } }))).key ??
    undefined
  );
}

export function takeBackPageKey(output: number): Promise<void> {
  return done(client.DELETE('/api/outputs/{output}/key', { params: { path: { output } } }));
}
