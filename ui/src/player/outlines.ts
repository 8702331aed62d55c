/** Outlines by font and glyph, in units of the em, y downwards: what the player draws letters with. Whoever has them keeps them here. */
interface Outline {
  text: string;
  path: Path2D;
}

const outlines = new Map<string, Map<number, Outline>>();

/** @param path as an SVG path */
export function keepOutline(font: string, glyph: number, path: string): void {
  let glyphs = outlines.get(font);
  if (!glyphs) outlines.set(font, (glyphs = new Map()));
  glyphs.set(glyph, { text: path, path: new Path2D(path) });
}

export function outline(font: string, glyph: number): Path2D | undefined {
  return outlines.get(font)?.get(glyph)?.path;
}

/** As an SVG path. */
export function outlineText(font: string, glyph: number): string | undefined {
  return outlines.get(font)?.get(glyph)?.text;
}
