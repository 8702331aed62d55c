/** A colour as red, green, blue and alpha, 0–255. */
export type Rgba = [number, number, number, number];

const HEX = 16;

export function parse(colour: string): Rgba {
  const part = (at: number) => parseInt(colour.slice(at, at + 2), HEX);
  return [part(1), part(3), part(5), colour.length > 7 ? part(7) : 255];
}

/** A colour on its way to another, component by component. */
export function mixed(from: string, to: string, share: number): string {
  if (share <= 0) return from;
  const [a, b] = [parse(from), parse(to)];
  const parts = a.map((part, i) => Math.round(part + (b[i]! - part) * Math.min(1, share)));
  return '#' + parts.map((part) => part.toString(HEX).padStart(2, '0')).join('');
}

/** A colour with all tints over it, one after the other. */
export function tinted(colour: string, tints: { colour: string; share: number }[]): string {
  return tints.reduce((now, tint) => mixed(now, tint.colour, tint.share), colour);
}
