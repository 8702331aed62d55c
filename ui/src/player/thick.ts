import type { Layer } from '../api/types';
import { parse, tinted } from './colours';
import { boxContours } from './ribbon/ridden';
import { away, lit } from './ribbon/paint';
import { shadeOf } from './ribbon/shade';
import type { Stand, Step } from './stand';

type Point = [number, number];
type Facing = [number, number, number];
type Solid = NonNullable<Layer['solid']>;

/** px between points that are two, and by which sides reach under the face that is seen, and under each other. */
const CLOSE = 0.01;
const UNDER = 1;
/** Share of the way to the eye beyond which nothing comes nearer. */
const NEAREST = 0.2;
const FRONT: Facing = [0, 0, 1];
const BACK: Facing = [0, 0, -1];

/** A box with depth, as it stands, px of the raster. The formulas are those of the painter's `Thick`. */
export interface Thick {
  fronts: Point[];
  backs: Point[];
  /** Of each side, in its own place before anything moves, outwards. */
  outwards: Facing[];
  isFrontSeen: boolean;
}

export function thickOf(layer: Layer, stand: Stand): Thick {
  const solid = layer.solid!;
  const points = outlineOf(layer, stand);
  const fronts = points.map((point) => placed(point, 0, solid, stand.steps));
  const backs = points.map((point) => placed(point, solid.depth, solid, stand.steps));
  const outwards = points.map(([x, y], i): Facing => {
    const [toX, toY] = points[(i + 1) % points.length]!;
    const length = Math.hypot(toX - x, toY - y);
    return [(toY - y) / length, (x - toX) / length, 0];
  });
  return { fronts, backs, outwards, isFrontSeen: areaOf(fronts) > 0 };
}

/** Clockwise, none twice. */
function outlineOf(layer: Layer, stand: Stand): Point[] {
  const [contour] = boxContours(layer, stand.edges, new DOMMatrix());
  const points: Point[] = [];
  const isFar = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]) > CLOSE;
  for (let i = 0; i < contour!.length; i += 2) {
    const point: Point = [contour![i]!, contour![i + 1]!];
    if (points.length === 0 || isFar(points.at(-1)!, point)) points.push(point);
  }
  while (points.length > 1 && !isFar(points[0]!, points.at(-1)!)) points.pop();
  return areaOf(points) < 0 ? points.reverse() : points;
}

/** Twice the area; negative anticlockwise. */
function areaOf(points: Point[]): number {
  return points.reduce((area, [x, y], i) => {
    const [toX, toY] = points[(i + 1) % points.length]!;
    return area + x * toY - toX * y;
  }, 0);
}

/** How large something is seen that is so much nearer to the eye, px. */
function scaleOf(eye: number, nearer: number): number {
  return eye / Math.max(NEAREST * eye, eye - nearer);
}

function placed(point: Point, depth: number, solid: Solid, steps: Step[]): Point {
  let at = point;
  let left = depth;
  for (const step of steps) {
    const pivot: Point = [step.pivotX, step.pivotY];
    [at, left] = tilted(at, 1, step.tiltX, pivot, left, solid.eye);
    [at, left] = tilted(at, 0, -step.tiltY, pivot, left, solid.eye);
    const { a, b, c, d, e, f } = step.matrix;
    at = [a * at[0] + c * at[1] + e, b * at[0] + d * at[1] + f];
    left *= Math.sqrt(Math.abs(a * d - b * c));
  }
  const share = scaleOf(solid.eye, -left);
  return [solid.x + (at[0] - solid.x) * share, solid.y + (at[1] - solid.y) * share];
}

/** With what is left of its depth. */
function tilted(
  at: Point,
  along: 0 | 1,
  degrees: number,
  pivot: Point,
  depth: number,
  eye: number,
): [Point, number] {
  if (degrees === 0) return [at, depth];
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  const from = at[along] - pivot[along];
  const scale = scaleOf(eye, from * sin);
  const beside = along === 0 ? 1 : 0;
  const now: Point = [0, 0];
  now[along] = pivot[along] + (from * cos + depth * sin) * scale;
  now[beside] = pivot[beside] + (at[beside] - pivot[beside]) * scale;
  return [now, depth * cos * scale];
}

function isSeen({ fronts, backs }: Thick, side: number): boolean {
  const next = (side + 1) % fronts.length;
  return areaOf([fronts[side]!, fronts[next]!, backs[next]!, backs[side]!]) < -1e-6;
}

/** Paints its sides that are seen, and its back if that is, in px of the raster. */
export function paintThick(
  context: CanvasRenderingContext2D,
  thick: Thick,
  layer: Layer,
  stand: Stand,
): void {
  thick.fronts.forEach((_, side) => {
    if (!isSeen(thick, side)) return;
    context.fillStyle = litAs(layer.fill.from, thick.outwards[side]!, layer, stand);
    fill(context, sideOf(thick, side));
  });
  if (thick.isFrontSeen || areaOf(thick.backs) >= 0) return;
  context.fillStyle = litAs(layer.fill.from, BACK, layer, stand);
  fill(context, thick.backs);
}

/** A side, reaching under the face that is seen, and under the sides beside it. */
function sideOf(thick: Thick, side: number): Point[] {
  const { fronts, backs, isFrontSeen } = thick;
  const next = (side + 1) % fronts.length;
  const corners = [fronts[side]!, fronts[next]!, backs[next]!, backs[side]!].map(([x, y]): Point => [x, y]);
  const [here, there, behindThere, behind] = corners as [Point, Point, Point, Point];
  away(isFrontSeen ? here : behind, isFrontSeen ? behind : here, UNDER);
  away(isFrontSeen ? there : behindThere, isFrontSeen ? behindThere : there, UNDER);
  if (isSeen(thick, (side + fronts.length - 1) % fronts.length)) {
    away(here, there, UNDER);
    away(behind, behindThere, UNDER);
  }
  if (isSeen(thick, next)) {
    away(there, here, UNDER);
    away(behindThere, behind, UNDER);
  }
  return corners;
}

function fill(context: CanvasRenderingContext2D, points: Point[]): void {
  context.beginPath();
  points.forEach(([x, y], i) => (i === 0 ? context.moveTo(x, y) : context.lineTo(x, y)));
  context.closePath();
  context.fill();
}

/** Its front, as light falls on it, without what it throws. */
export function frontOf(layer: Layer, stand: Stand): Layer {
  const none = { ...layer.shadow, colour: '' };
  return {
    ...layer,
    fill: {
      ...layer.fill,
      from: litAs(layer.fill.from, FRONT, layer, stand),
      to: litAs(layer.fill.to, FRONT, layer, stand),
    },
    stroke: { ...layer.stroke, colour: tinted(layer.stroke.colour, stand.tints) },
    shadow: none,
    glow: none,
  };
}

function litAs(colour: string, facing: Facing, layer: Layer, stand: Stand): string {
  const { light, black, white } = layer.solid!.lit;
  const now = stand.steps.reduce((at, step) => {
    const up = turned(at, 1, step.tiltX);
    return moved(turned(up, 0, -step.tiltY), step.matrix);
  }, facing);
  const shade = shadeOf(now, light, stand.light, 0);
  const plain = parse(tinted(colour, stand.tints));
  const parts = lit(plain, shade, parse(black), parse(white));
  return '#' + [...parts, plain[3]].map((part) => part.toString(16).padStart(2, '0')).join('');
}

function turned(facing: Facing, along: 0 | 1, degrees: number): Facing {
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  const now: Facing = [...facing];
  now[along] = facing[along] * cos - facing[2] * sin;
  now[2] = facing[along] * sin + facing[2] * cos;
  return now;
}

/** Turned in the picture, however it is scaled. */
function moved([x, y, z]: Facing, { a, b, c, d }: DOMMatrix): Facing {
  const [toX, toY] = [a * x + c * y, b * x + d * y];
  const scaled = Math.hypot(toX, toY);
  if (scaled < 1e-9) return [x, y, z];
  const factor = Math.hypot(x, y) / scaled;
  return [toX * factor, toY * factor, z];
}
