import type { Bounds } from './bounds';

/** px by which one has to be nearer to be before the other, and the share by which facets are drawn in before they are compared. */
const NEARER = 0.05;
const DRAWN_IN = 0.02;

/** px by which the first of two facets is nearer to the eye; 0 if they are not seen one over the other. Corners are x, y and z each. */
export function nearer(a: number[], b: number[]): number {
  let most = 0;
  const look = (of: number[], into: number[], sign: number) => {
    const mid = (k: number) => (of[k]! + of[3 + k]! + of[6 + k]! + of[9 + k]!) / 4;
    const centre = [mid(0), mid(1), mid(2)];
    for (let corner = -1; corner < 4; corner++) {
      const [x, y, z] = centre.map((at, k) =>
        corner < 0 ? at : of[3 * corner + k]! + (at - of[3 * corner + k]!) * DRAWN_IN,
      ) as [number, number, number];
      const depth = depthAt(into, x, y);
      if (Number.isNaN(depth)) continue;
      const by = sign * (z - depth);
      if (Math.abs(by) > Math.abs(most)) most = by;
    }
  };
  look(a, b, 1);
  look(b, a, -1);
  return Math.abs(most) < NEARER ? 0 : most;
}

function depthAt(of: number[], x: number, y: number): number {
  const depth = triangle(of, 0, 1, 2, x, y);
  return Number.isNaN(depth) ? triangle(of, 0, 2, 3, x, y) : depth;
}

function triangle(of: number[], i: number, j: number, k: number, x: number, y: number): number {
  const [ax, ay] = [of[3 * i]!, of[3 * i + 1]!];
  const [bx, by] = [of[3 * j]! - ax, of[3 * j + 1]! - ay];
  const [cx, cy] = [of[3 * k]! - ax, of[3 * k + 1]! - ay];
  const area = bx * cy - by * cx;
  if (Math.abs(area) < 1e-9) return NaN;
  const v = ((x - ax) * cy - (y - ay) * cx) / area;
  const w = (bx * (y - ay) - by * (x - ax)) / area;
  if (v < 0 || w < 0 || v + w > 1) return NaN;
  return of[3 * i + 2]! * (1 - v - w) + of[3 * j + 2]! * v + of[3 * k + 2]! * w;
}

/** The one around a facet. */
export function aroundOf(of: number[]): Bounds {
  return [
    Math.min(of[0]!, of[3]!, of[6]!, of[9]!),
    Math.min(of[1]!, of[4]!, of[7]!, of[10]!),
    Math.max(of[0]!, of[3]!, of[6]!, of[9]!),
    Math.max(of[1]!, of[4]!, of[7]!, of[10]!),
  ];
}
