import type { RibbonNow } from './now';

/** What something reaches over, px: left, top, right, bottom. */
export type Bounds = [number, number, number, number];

export const NOWHERE: Bounds = [Infinity, Infinity, -Infinity, -Infinity];

export function isNowhere(bounds: Bounds): boolean {
  return !(bounds[0] <= bounds[2]);
}

export function around(one: Bounds, other: Bounds): Bounds {
  return [
    Math.min(one[0], other[0]),
    Math.min(one[1], other[1]),
    Math.max(one[2], other[2]),
    Math.max(one[3], other[3]),
  ];
}

export function aroundAll(all: Bounds[]): Bounds {
  return all.reduce(around, NOWHERE);
}

export function meet(one: Bounds, other: Bounds): boolean {
  return one[0] < other[2] && other[0] < one[2] && one[1] < other[3] && other[1] < one[3];
}

export function grown([left, top, right, bottom]: Bounds, by: number): Bounds {
  return [left - by, top - by, right + by, bottom + by];
}

/** Around what a matrix makes of it. */
export function through([left, top, right, bottom]: Bounds, matrix: DOMMatrix): Bounds {
  if (!(left <= right)) return NOWHERE;
  const { a, b, c, d, e, f } = matrix;
  const [xs, ys]: [number[], number[]] = [[], []];
  for (const x of [left, right]) {
    for (const y of [top, bottom]) {
      xs.push(a * x + c * y + e);
      ys.push(b * x + d * y + f);
    }
  }
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

/** Of facets between two rulings, before the ribbon is moved as a whole. */
export function boundsOfFacets({ facets, x, y }: RibbonNow, first: number, last: number): Bounds {
  const bounds: Bounds = [...NOWHERE];
  for (let i = first; i <= last; i++) {
    const at = facets.ends[i]!;
    for (const k of [0, 3]) {
      bounds[0] = Math.min(bounds[0], x + at[k]!);
      bounds[1] = Math.min(bounds[1], y + at[k + 1]!);
      bounds[2] = Math.max(bounds[2], x + at[k]!);
      bounds[3] = Math.max(bounds[3], y + at[k + 1]!);
    }
  }
  return bounds;
}
