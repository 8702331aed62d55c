/** Pictures by key; their content never changes. Whoever has them keeps them here. */
const images = new Map<string, HTMLImageElement>();

export function keepPicture(key: string, image: HTMLImageElement): void {
  images.set(key, image);
}

export function pictureImage(key: string): HTMLImageElement | undefined {
  return images.get(key);
}
