import { withKey } from './pageKey';
import type { FontInfo } from './types';

/** What players need besides reels; without the rest of the interface, since an output shows nothing else. */
async function get<T>(path: string): Promise<T> {
  const response = await fetch(withKey(path));
  if (!response.ok) throw new Error(`The server answered with ${response.status}.`);
  return (await response.json()) as T;
}

export function fonts(): Promise<FontInfo[]> {
  return get('/api/fonts');
}

/** The outlines of a page of glyphs of a font. */
export async function outlines({ id, edition }: FontInfo, page: number): Promise<string[]> {
  const path = `/api/fonts/${encodeURIComponent(id)}/${encodeURIComponent(edition)}/outlines/${page}`;
  return (await get<{ outlines: string[] }>(path)).outlines;
}

/** Where the content of a picture is. */
export function pictureAddress(key: string): string {
  return withKey(`/api/pictures/${encodeURIComponent(key)}/content`);
}
