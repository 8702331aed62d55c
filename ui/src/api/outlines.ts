import { keepOutline, outline } from '../player/outlines';
import { fonts, outlines } from './drawing';
import type { FontInfo, Reel } from './types';

/** Outlines are fetched a page at a time, once, and kept. */
const pages = new Map<string, Promise<void>>();
let known: Promise<Map<string, FontInfo>> | undefined;

function fontInfo(): Promise<Map<string, FontInfo>> {
  known ??= fonts().then(
    (list) => new Map(list.map((font) => [font.id, font])),
    (error) => {
      known = undefined;
      throw error;
    },
  );
  return known;
}

/** Also those that are removed, which documents may still name. */
export async function allFonts(): Promise<FontInfo[]> {
  return [...(await fontInfo()).values()];
}

/** Those that a text may be given. */
export async function offeredFonts(): Promise<FontInfo[]> {
  return (await allFonts()).filter(({ removed }) => !removed);
}

/** Asks anew which there are. */
export function forgetFonts(): void {
  known = undefined;
}

/** One that is not known may have been taken in since. */
async function info(font: string): Promise<FontInfo | undefined> {
  const found = (await fontInfo()).get(font);
  if (found) return found;
  forgetFonts();
  return (await fontInfo()).get(font);
}

async function fetchPage(font: FontInfo, page: number): Promise<void> {
  const found = await outlines(font, page);
  found.forEach((path, i) => keepOutline(font.id, page * font.page + i, path));
}

/** Resolves once every glyph of these reels can be drawn. */
export async function haveOutlines(reels: Reel[]): Promise<void> {
  const missing: Promise<void>[] = [];
  for (const run of reels.flatMap((reel) => reel.layers).flatMap((layer) => layer.runs)) {
    if (run.glyphs.every((glyph) => outline(run.font, glyph))) continue;
    const font = await info(run.font);
    if (!font) continue;
    for (const page of new Set(run.glyphs.map((glyph) => Math.floor(glyph / font.page)))) {
      const key = `${font.id} ${page}`;
      const fetching = pages.get(key) ?? fetchPage(font, page);
      pages.set(key, fetching);
      fetching.catch(() => pages.delete(key));
      missing.push(fetching);
    }
  }
  await Promise.all(missing);
}
