import { send } from './client';
import type { BundleContents } from './types';

/** What is in a bundle, and what of it is asked about. Nothing is kept. */
export function bundleContents(file: File): Promise<BundleContents> {
  return send('/api/bundles/contents', file);
}

/**
 * Takes a bundle in.
 *
 * @param answers by what is asked about, such as `colour:Night`
 * @returns the id of the graphic
 */
export async function takeBundle(file: File, answers: Record<string, 'here' | 'other'>): Promise<number> {
  const said = new URLSearchParams(
    Object.entries(answers).map(([of, answer]) => ['answers', `${of}=${answer}`]),
  );
  return (await send<{ graphic: number }>(`/api/bundles?${said}`, file)).graphic;
}
