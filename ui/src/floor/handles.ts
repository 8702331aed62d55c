import type { Edge, Part, Place, Rect, Size } from '../api/types';
import { EDGES, moved, padsOf, placeOf, rounded, sizeOf, type Axis } from '../sheet/relations';

/**
 * A part whose sides along an axis are moved: its size changes where it is stated in px, by padding or by an offset, and its place
 * so that the other side stays.
 *
 * @param start px by which its left or top moves in the picture as designed
 * @param end px by which its right or bottom does
 * @param digits after the point of the numbers that are pulled
 * @returns undefined if its size follows something else and cannot be pulled
 */
export function pulled(
  part: Part,
  axis: Axis,
  start: number,
  end: number,
  digits?: number,
): { size: Size; place: Place } | undefined {
  const size = pulledSize(sizeOf(part, axis), start, end, digits);
  if (!size) return undefined;
  const place = placeOf(part, axis);
  const edge = place.hangs ?? 'left';
  const share = edge === 'centre' ? 0.5 : edge.endsWith('right') || edge.endsWith('bottom') ? 1 : 0;
  // Inner edges move with their side, less what its padding grows by.
  const moves = edge.startsWith('inner') ? 0 : start + (end - start) * share;
  return { size, place: moved(place, moves, axis, false, digits) };
}

function pulledSize(size: Size, start: number, end: number, digits?: number): Size | undefined {
  const grown = end - start;
  if (size.px !== undefined) return { ...size, px: Math.max(0, rounded(size.px + grown, digits)) };
  if (size.wraps) {
    const [before, after] = padsOf(size);
    return { ...size, pad: [pulledBy(before, -start, digits), pulledBy(after, end, digits)] };
  }
  if (size.matches !== undefined || size.share !== undefined) {
    return { ...size, plus: rounded((size.plus ?? 0) + grown, digits) };
  }
  return undefined;
}

/** A side that is not pulled stays just as it is. */
function pulledBy(px: number, by: number, digits?: number): number {
  return by === 0 ? px : rounded(px + by, digits);
}

/** An edge of the picture that a part can hang on. */
export interface EdgeSpot {
  on: string;
  at: Edge;
  /** px along the axis. */
  line: number;
}

/** px of the picture within which edges coincide. */
const SAME = 0.75;

/** The edges nearest to a point along an axis, of other parts, of the frame, or of safe areas: all that coincide, the nearest first. */
export function nearestEdges(
  rest: { part: string; at?: Rect }[],
  parts: Part[],
  grounds: { name: string; at: Rect }[],
  own: string,
  axis: Axis,
  x: number,
  y: number,
  mirrored = false,
): EdgeSpot[] {
  const boxes = [
    ...rest.flatMap(({ part, at }) => (at && part !== own ? [{ on: part, at }] : [])),
    ...grounds.map(({ name, at }) => ({ on: name, at })),
  ];
  const spots = boxes.flatMap(({ on, at }) => {
    const [from, extent] = axis === 'x' ? [at.x, at.width] : [at.y, at.height];
    const across = axis === 'x' ? outside(y, at.y, at.height) : outside(x, at.x, at.width);
    return [
      ...outerEdges(axis, from, extent),
      ...innerEdges(parts, on, axis, from, extent, mirrored && axis === 'x'),
    ].map(([edge, line]) => ({
      on,
      at: edge,
      line,
      // What the pointer is beside counts more than what only lies in line with it.
      far: Math.abs((axis === 'x' ? x : y) - line) + across / 4,
    }));
  });
  const best = spots.reduce<(typeof spots)[number] | undefined>(
    (least, spot) => (least && least.far <= spot.far ? least : spot),
    undefined,
  );
  return spots
    .filter((spot) => best && Math.abs(spot.line - best.line) <= SAME)
    .sort((a, b) => a.far - b.far)
    .map(({ on, at, line }) => ({ on, at, line }));
}

function outerEdges(axis: Axis, from: number, extent: number): [Edge, number][] {
  return EDGES[axis].map((edge, i) => [edge, from + (extent * i) / 2]);
}

/** Of a part that wraps others, where its padding ends. */
function innerEdges(
  parts: Part[],
  key: string,
  axis: Axis,
  from: number,
  extent: number,
  mirrored: boolean,
): [Edge, number][] {
  const part = parts.find((one) => one.key === key);
  const size = part && sizeOf(part, axis);
  if (!size?.wraps) return [];
  const pads = padsOf(size);
  const [before, after] = mirrored ? [pads[1], pads[0]] : pads;
  const [start, end]: Edge[] = axis === 'x' ? ['inner left', 'inner right'] : ['inner top', 'inner bottom'];
  const inner: [Edge, number][] = [
    [start!, from + before!],
    [end!, from + extent - after!],
  ];
  return inner.filter(([, line]) => line !== from && line !== from + extent);
}

function outside(point: number, start: number, extent: number): number {
  return Math.max(0, start - point, point - start - extent);
}

/** A place on another edge where the part stands just as it does now. */
export function rehung(place: Place, spot: EdgeSpot, at: Rect, axis: Axis, mirrored: boolean): Place {
  const [start, extent] = axis === 'x' ? [at.x, at.width] : [at.y, at.height];
  const hangs = place.hangs && EDGES[axis].includes(place.hangs) ? place.hangs : EDGES[axis][0]!;
  const seen = mirrored && axis === 'x' ? SEEN_MIRRORED[hangs]! : hangs;
  const line = start + (extent * EDGES[axis].indexOf(seen)) / 2;
  const apart = rounded(line - spot.line);
  const flipped = mirrored && axis === 'x';
  return {
    hangs,
    on: spot.on,
    at: flipped ? SEEN_MIRRORED[spot.at]! : spot.at,
    plus: flipped ? -apart : apart,
  };
}

const SEEN_MIRRORED: Partial<Record<Edge, Edge>> = {
  left: 'right',
  right: 'left',
  centre: 'centre',
  'inner left': 'inner right',
  'inner right': 'inner left',
};

/**
 * The parts with one moved by so many px of the picture. What stands around others moves by moving those that do not hang on each
 * other.
 *
 * @param digits after the point of the offset of what is moved itself
 */
export function movedParts(
  parts: Part[],
  key: string,
  axis: Axis,
  by: number,
  mirrored: boolean,
  digits?: number,
): Part[] {
  const part = parts.find((found) => found.key === key);
  if (!part || by === 0) return parts;
  const place = placeOf(part, axis);
  if (!place.around) {
    return parts.map((other) =>
      other === part ? { ...part, [axis]: moved(place, by, axis, mirrored, digits) } : other,
    );
  }
  const inside = sizeOf(part, axis).wraps ?? [];
  return inside
    .filter((member) => {
      const found = parts.find((other) => other.key === member);
      return !found || !inside.includes(placeOf(found, axis).on ?? '');
    })
    .reduce((all, member) => movedParts(all, member, axis, by, mirrored), parts);
}
