import { keepPicture, pictureImage } from '../player/pictures';
import { pictureAddress } from './drawing';
import type { Reel } from './types';

/** One that cannot be loaded is asked for again next time. */
const loading = new Map<string, Promise<void>>();

function load(key: string): Promise<void> {
  const image = new Image();
  image.src = pictureAddress(key);
  return image.decode().then(
    () => keepPicture(key, image),
    () => {
      loading.delete(key);
    },
  );
}

/** Resolves once every picture of these reels can be drawn, or cannot be had. */
export async function havePictures(reels: Reel[]): Promise<void> {
  const keys = new Set(reels.flatMap((reel) => reel.layers).map(({ picture }) => picture));
  const missing = [...keys].filter((key) => key && !pictureImage(key));
  for (const key of missing) if (!loading.has(key)) loading.set(key, load(key));
  await Promise.all(missing.map((key) => loading.get(key)));
}
