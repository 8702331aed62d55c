import type { Layer } from '../../api/types';
import { EYE } from '../warp';
import type { RibbonState } from './course';
import { facetsOf, isBow, isFront, runsOf, type Facets, type Run } from './runs';
import { surfaceOf, type Surface } from './surface';

/** A ribbon at a moment, before it is moved as a whole. */
export interface RibbonNow {
  layer: Layer;
  surface: Surface;
  state: RibbonState;
  /** Of the point it holds, px in the picture. */
  x: number;
  y: number;
  /** Where it would stand if it were straight. */
  straight: Layer['box'];
  /** px along its course: revealed from here to there. */
  from: number;
  to: number;
  facets: Facets;
  runs: Run[];
}

export type Point = [number, number];

/** Strips across a facet whose ends are seen from different sides. */
export const BOW = 12;

type Edges = { left: number; top: number; right: number; bottom: number };

/** px; what sums of numbers may be off by. */
const ROUNDING = 1e-6;

/** The last one of each layer: while nothing changes it is the same. */
const last = new WeakMap<Layer, { key: string; now: RibbonNow }>();

/**
 * @param reveals from where to where it is revealed, px in the picture if it were straight
 * @param width px of the picture
 */
export function ribbonNow(
  layer: Layer,
  state: RibbonState,
  edges: Edges,
  reveals: [number, number][],
  width: number,
): RibbonNow {
  const key = JSON.stringify([{ ...state, light: 0 }, edges, reveals, width]);
  const known = last.get(layer);
  const same = known?.key === key;
  if (same && known.now.state.light === state.light) return known.now;
  // In another light it has the same shape.
  const now = same ? { ...known.now, state } : made(layer, state, edges, reveals, width);
  last.set(layer, { key, now });
  return now;
}

function made(
  layer: Layer,
  state: RibbonState,
  edges: Edges,
  reveals: [number, number][],
  width: number,
): RibbonNow {
  const { form, mirrored } = layer.ribbon!;
  const { box } = layer;
  const [left, top] = [box.x + edges.left, box.y + edges.top];
  const straight = {
    x: left,
    y: top,
    width: Math.max(0, box.x + box.width + edges.right - left),
    height: Math.max(0, box.y + box.height + edges.bottom - top),
  };
  const surface = surfaceOf(form, mirrored, straight.width, straight.height, EYE * width, state);
  const held = straight.width * (mirrored ? 1 - form.holds : form.holds);
  const from = Math.max(left, ...reveals.map((reveal) => reveal[0])) - left;
  const to = Math.min(left + straight.width, ...reveals.map((reveal) => reveal[1])) - left;
  const facets = facetsOf(surface, from, to);
  return {
    layer,
    surface,
    state,
    x: left + held,
    y: top + straight.height / 2,
    straight,
    from,
    to,
    facets,
    runs: runsOf(facets),
  };
}

export const isOpenAtStart = ({ from }: RibbonNow): boolean => from < ROUNDING;
export const isOpenAtEnd = ({ to, surface }: RibbonNow): boolean => to > surface.length - ROUNDING;

/** One run, clockwise as it is seen; with a facet more where the same side goes on, so that no seam is left. */
export function outlineOf(now: RibbonNow, run: Run, path = new Path2D()): Path2D {
  const { facets } = now;
  let last = run.last + 1;
  if (last < facets.count && isFront(facets, last) === run.front) last++;
  for (let at = run.first; at < last;) {
    let end = at;
    while (end < last && !isBow(facets, end)) end++;
    if (end > at) addBand(path, now, at, end, run.front);
    else addBow(path, now, at);
    at = Math.max(end, at + 1);
  }
  return path;
}

/** Facets between two rulings, clockwise as they are seen. */
function addBand(
  path: Path2D,
  { facets, x, y }: RibbonNow,
  first: number,
  last: number,
  front: boolean,
): void {
  const tops: Point[] = [];
  const foots: Point[] = [];
  for (let i = first; i <= last; i++) {
    const at = facets.ends[i]!;
    tops.push([x + at[0]!, y + at[1]!]);
    foots.push([x + at[3]!, y + at[4]!]);
  }
  addRound(path, front ? [...tops, ...foots.reverse()] : [...foots, ...tops.reverse()]);
}

/** One that looks like a bow tie: strip by strip, each clockwise. */
function addBow(path: Path2D, now: RibbonNow, facet: number): void {
  for (let strip = 0; strip < BOW; strip++) {
    const corners = cornersOf(now, facet, strip / BOW, (strip + 1) / BOW);
    addRound(path, areaOf(corners) < 0 ? corners.reverse() : corners);
  }
}

function addRound(path: Path2D, points: Point[]): void {
  points.forEach(([px, py], i) => (i === 0 ? path.moveTo(px, py) : path.lineTo(px, py)));
  path.closePath();
}

/** A piece of a facet between two shares of its rulings: its corners in the picture, clockwise where its front is seen. */
export function cornersOf({ facets, x, y }: RibbonNow, facet: number, from: number, to: number): Point[] {
  const corner = (ruling: number, share: number): Point => {
    const at = facets.ends[ruling]!;
    return [x + at[0]! + (at[3]! - at[0]!) * share, y + at[1]! + (at[4]! - at[1]!) * share];
  };
  return [corner(facet, from), corner(facet + 1, from), corner(facet + 1, to), corner(facet, to)];
}

/** Twice the area, px²; negative anticlockwise. */
export function areaOf([a, b, c, d]: Point[]): number {
  return (c![0] - a![0]) * (d![1] - b![1]) - (c![1] - a![1]) * (d![0] - b![0]);
}

/** All that is seen of it. */
export function wholeOf(now: RibbonNow): Path2D {
  const path = new Path2D();
  for (const run of now.runs) outlineOf(now, run, path);
  return path;
}

/** Where a point is seen, by where it would be if the ribbon were straight. */
export function pointOf({ surface, x, y, straight }: RibbonNow, px: number, py: number): [number, number] {
  const at = surface.point(px - straight.x, py - straight.y - straight.height / 2);
  return [x + at[0], y + at[1]];
}
