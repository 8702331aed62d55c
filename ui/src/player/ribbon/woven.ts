import type { Layer, Reel } from '../../api/types';
import type { Moment } from '../moment';
import { isAbsent, type Stand } from '../stand';
import { aroundAll, meet, type Bounds } from './bounds';
import { areaOf, type Point } from './now';
import { aroundOf, nearer } from './overlap';

/** px by which what passes before is drawn in, so that the other reaches under its edge. */
const UNDER = 0.6;

/** The ribbon that a layer is, or on which it rides; -1 for none. */
function ribbonOf(layer: Layer, index: number): number {
  return layer.ribbon ? index : layer.rides;
}

/**
 * Where ribbons that are drawn already pass before a ribbon, or before that on which a layer rides; nothing for nowhere.
 *
 * @param seen what the layer reaches over in the picture, px
 */
export function hiddenBy(
  reel: Reel,
  index: number,
  moment: Moment,
  standing: Stand[],
  seen: Bounds,
): Path2D | undefined {
  const ribbon = ribbonOf(reel.layers[index]!, index);
  if (ribbon < 0 || standing[ribbon]!.tilted) return undefined;
  let hidden: Path2D | undefined;
  for (let i = 0; i < index; i++) {
    const other = reel.layers[i]!;
    const stand = standing[i]!;
    if (!other.ribbon || i === ribbon || other.unseen || isAbsent(other, moment)) continue;
    if (stand.opacity === 0 || stand.tilted) continue;
    const before = facetsBefore(stand, standing[ribbon]!, seen);
    if (before.length === 0) continue;
    hidden ??= new Path2D();
    for (const corners of before) add(hidden, corners);
  }
  return hidden;
}

function facetsBefore(stand: Stand, other: Stand, seen: Bounds): number[][] {
  const its = facetsOf(other);
  const all = aroundAll(its.map(({ box }) => box));
  return facetsOf(stand)
    .filter(
      ({ corners, box }) =>
        meet(box, all) &&
        meet(box, seen) &&
        its.some((one) => meet(box, one.box) && nearer(corners, one.corners) > 0),
    )
    .map(({ corners }) => corners);
}

interface Facet {
  corners: number[];
  box: Bounds;
}

/** Of each stand, which is made anew for every frame. */
const known = new WeakMap<Stand, Facet[]>();

function facetsOf(stand: Stand): Facet[] {
  const had = known.get(stand);
  if (had) return had;
  const found = cornersOf(stand).map((corners) => ({ corners, box: aroundOf(corners) }));
  known.set(stand, found);
  return found;
}

function cornersOf({ ribbon, matrix }: Stand): number[][] {
  const { facets, x, y } = ribbon!;
  const { a, b, c, d, e, f } = matrix;
  const scale = Math.sqrt(Math.abs(a * d - b * c));
  const point = (at: number[], from: number): number[] => {
    const [px, py] = [x + at[from]!, y + at[from + 1]!];
    return [a * px + c * py + e, b * px + d * py + f, at[from + 2]! * scale];
  };
  return Array.from({ length: facets.count }, (_, i) => {
    const [here, there] = [facets.ends[i]!, facets.ends[i + 1]!];
    return [...point(here, 0), ...point(there, 0), ...point(there, 3), ...point(here, 3)];
  });
}

/** A facet, its top and foot drawn in, all of them clockwise. */
function add(path: Path2D, corners: number[]): void {
  const points = [0, 3, 6, 9].map((k): Point => [corners[k]!, corners[k + 1]!]);
  drawIn(points[0]!, points[3]!);
  drawIn(points[1]!, points[2]!);
  if (areaOf(points) < 0) points.reverse();
  points.forEach(([x, y], k) => (k === 0 ? path.moveTo(x, y) : path.lineTo(x, y)));
  path.closePath();
}

function drawIn(top: Point, foot: Point): void {
  const [x, y] = [foot[0] - top[0], foot[1] - top[1]];
  const length = Math.hypot(x, y);
  if (length < 2 * UNDER) return;
  top[0] += (x / length) * UNDER;
  top[1] += (y / length) * UNDER;
  foot[0] -= (x / length) * UNDER;
  foot[1] -= (y / length) * UNDER;
}
