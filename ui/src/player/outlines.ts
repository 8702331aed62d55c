/** Outlines by font and glyph, in units of the em, y downwards: what the player draws letters with. Whoever has them keeps them here. */
const paths = new Map<string, Map<number, Path2D>>();

/** @param path as an SVG path */
export function keepOutline(font: string, glyph: number, path: string): void {
  let glyphs = paths.get(font);
  if (!glyphs) paths.set(font, (glyphs = new Map()));
  glyphs.set(glyph, new Path2D(path));
}

export function outline(font: string, glyph: number): Path2D | undefined {
  return paths.get(font)?.get(glyph);
}
