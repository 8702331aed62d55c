import type { Layer, Track } from '../api/types';

/** What is seen of a layer while it is revealed: a band across the direction in which it opens. */
export interface Opening {
  /** From the coordinates of the band to those of the picture. */
  matrix: DOMMatrix;
  degrees: number;
  /** Along the direction it opens, px: seen from here … */
  from: number;
  /** … to here. */
  to: number;
  /** px over which its edges fade outwards. */
  soft: number;
  bothWays: boolean;
}

const FAR = 100_000;

/** The box and the ink of a layer together. */
function corners({ box, ink }: Layer): [number, number][] {
  const x = Math.min(box.x, ink.x);
  const y = Math.min(box.y, ink.y);
  const right = Math.max(box.x + box.width, ink.x + ink.width);
  const bottom = Math.max(box.y + box.height, ink.y + ink.height);
  return [
    [x, y],
    [right, y],
    [x, bottom],
    [right, bottom],
  ];
}

/** @param share 0–1 of its extent that is seen */
export function opened(layer: Layer, track: Track, share: number, matrix: DOMMatrix): Opening {
  const { degrees, bothWays, soft } = track.opening;
  const radians = (degrees * Math.PI) / 180;
  const along = corners(layer).map(([x, y]) => x * Math.cos(radians) + y * Math.sin(radians));
  const [first, last] = [Math.min(...along), Math.max(...along)];
  const extent = (last - first + (bothWays ? 2 : 1) * soft) * share;
  const middle = (first + last) / 2;
  return {
    matrix,
    degrees,
    from: bothWays ? middle - extent / 2 + soft : first - FAR,
    to: bothWays ? middle + extent / 2 - soft : first + extent - soft,
    soft,
    bothWays,
  };
}

/** Coordinates in which the direction it opens is to the right. */
function turned({ matrix, degrees }: Opening, base: DOMMatrix): DOMMatrix {
  return base.multiply(matrix).rotate(degrees);
}

/** Cuts off what a hard edge does not show. */
export function clipTo(context: CanvasRenderingContext2D, opening: Opening, base: DOMMatrix): void {
  context.setTransform(turned(opening, base));
  const band = new Path2D();
  band.rect(opening.from, -FAR, Math.max(0, opening.to - opening.from), 2 * FAR);
  context.clip(band);
}

/** Fades what is on the canvas beyond the edges of a soft one. */
export function fadeTo(context: CanvasRenderingContext2D, opening: Opening, base: DOMMatrix): void {
  const { from, to, soft } = opening;
  context.save();
  context.setTransform(turned(opening, base));
  context.globalCompositeOperation = 'destination-in';
  const gradient = context.createLinearGradient(from - soft, 0, to + soft, 0);
  const extent = to - from + 2 * soft;
  const edge = extent > 0 ? Math.min(0.5, soft / extent) : 0.5;
  gradient.addColorStop(0, opening.bothWays ? '#0000' : '#000');
  gradient.addColorStop(opening.bothWays ? edge : 0, '#000');
  gradient.addColorStop(Math.max(edge, 1 - edge), '#000');
  gradient.addColorStop(1, '#0000');
  context.fillStyle = extent > 0 ? gradient : '#0000';
  context.fillRect(-FAR, -FAR, 2 * FAR, 2 * FAR);
  context.restore();
}
