import type { Reel } from './types';
import { haveOutlines } from './outlines';
import { havePictures } from './pictures';

/** Resolves once everything of these reels can be drawn. */
export async function ready(reels: Reel[]): Promise<void> {
  await Promise.all([haveOutlines(reels), havePictures(reels)]);
}
