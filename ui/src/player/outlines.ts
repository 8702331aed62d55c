import { fonts, outlines } from '../api/drawing';
import type { FontInfo, Reel } from '../api/types';

/** Outlines by font and glyph, in units of the em; fetched a page at a time, once, and kept. */
const paths = new Map<string, Map<number, Path2D>>();
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

export async function shippedFonts(): Promise<FontInfo[]> {
  return [...(await fontInfo()).values()];
}

async function fetchPage(font: FontInfo, page: number): Promise<void> {
  const found = await outlines(font, page);
  const glyphs = paths.get(font.id) ?? new Map<number, Path2D>();
  found.forEach((path, i) => glyphs.set(page * font.page + i, new Path2D(path)));
  paths.set(font.id, glyphs);
}

/** Resolves once every glyph of these reels can be drawn. */
export async function haveOutlines(reels: Reel[]): Promise<void> {
  const missing: Promise<void>[] = [];
  for (const run of reels.flatMap((reel) => reel.layers).flatMap((layer) => layer.runs)) {
    if (run.glyphs.every((glyph) => paths.get(run.font)?.has(glyph))) continue;
    const font = (await fontInfo()).get(run.font);
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

export function outline(font: string, glyph: number): Path2D | undefined {
  return paths.get(font)?.get(glyph);
}
