import { courseOf, type Course, type Form, type RibbonState } from './course';

/** px by which the edge may miss, radians between neighbours, and how many rulings there are at most. */
const MISSES = 0.2;
const STEP = Math.PI / 180;
const MOST = 1_440;
const BY = 4;
/** Share of the way to the eye beyond which nothing comes nearer. */
const NEAREST = 0.8;

type Three = [number, number, number];

/** A ribbon as it is seen, in px from the point it holds; the same rulings as the core has. */
export interface Surface {
  length: number;
  facets: number;
  /** px along the course at which a ruling lies. */
  along(ruling: number): number;
  /** px from the course to either edge. */
  half(along: number): number;
  /** Where a point is seen, and its z towards the eye. */
  point(along: number, off: number): Three;
  /** The way it faces, of length 1. */
  facing(along: number): Three;
}

export function surfaceOf(
  form: Form,
  mirrored: boolean,
  length: number,
  breadth: number,
  eye: number,
  state: RibbonState,
): Surface {
  const course = courseOf(form, state, length, breadth);
  const grid = gridOf(course, length, breadth);
  const { middle, across, facing, half } = rulings(form, mirrored, length, breadth, state, course, grid);
  const place = (along: number) => {
    const share = length <= 0 ? 0 : along / length;
    return placeOf(grid, mirrored ? 1 - share : share);
  };
  const between = (of: Float64Array, each: number, k: number, at: number) => {
    const i = Math.max(0, Math.min(grid.count - 1, Math.floor(at)));
    const from = of[each * i + k]!;
    return from + (of[each * (i + 1) + k]! - from) * (at - i);
  };
  return {
    length,
    facets: grid.count,
    along: (ruling) => length * (mirrored ? 1 - shareOf(grid, grid.count - ruling) : shareOf(grid, ruling)),
    half: (along) => between(half, 1, 0, place(along)),
    point(along, off) {
      const at = place(along);
      const [x, y, z] = [0, 1, 2].map(
        (k) => between(middle, 3, k, at) + off * between(across, 3, k, at),
      ) as Three;
      const near = eye / (eye - Math.min(z, NEAREST * eye));
      return [(mirrored ? -x : x) * near, y * near, z];
    },
    facing(along) {
      const at = place(along);
      const [x, y, z] = [0, 1, 2].map((k) => between(facing, 3, k, at)) as Three;
      const size = Math.max(1e-9, Math.hypot(x, y, z));
      return [(mirrored ? -x : x) / size, y / size, z / size];
    },
  };
}

/** Where the rulings lie: evenly between each two joints. */
interface Grid {
  joints: number[];
  /** Rulings before each joint. */
  before: number[];
  count: number;
}

function gridOf(course: Course, length: number, breadth: number): Grid {
  const { joints } = course;
  const before = [0];
  for (let i = 0; i + 1 < joints.length; i++) {
    const share = joints[i + 1]! - joints[i]!;
    const middle = (joints[i]! + joints[i + 1]!) / 2;
    const turns = course.rate(middle) * share;
    const rounds = course.narrows(middle) ? course.rounded * share * share : 0;
    const bends = length * share * turns + (breadth / 2) * (turns * turns + rounds);
    const least = Math.max(Math.sqrt(bends / (8 * MISSES)), turns / STEP);
    const wanted = Math.ceil(Math.min(Math.floor(MOST / (joints.length - 1)), Math.max(1, least)));
    before.push(before[i]! + Math.floor((wanted + BY - 1) / BY) * BY);
  }
  return { joints, before, count: before.at(-1)! };
}

function shareOf({ joints, before }: Grid, ruling: number): number {
  let piece = 0;
  while (piece < joints.length - 2 && before[piece + 1]! <= ruling) piece++;
  if (ruling === before[piece]) return joints[piece]!;
  if (ruling === before[piece + 1]) return joints[piece + 1]!;
  const within = (ruling - before[piece]!) / (before[piece + 1]! - before[piece]!);
  return joints[piece]! + (joints[piece + 1]! - joints[piece]!) * within;
}

/** Which ruling lies at a share of the length, with what lies between; beyond the ends it goes on. */
function placeOf({ joints, before }: Grid, share: number): number {
  let piece = 0;
  while (piece < joints.length - 2 && joints[piece + 1]! <= share) piece++;
  const within = (share - joints[piece]!) / (joints[piece + 1]! - joints[piece]!);
  return before[piece]! + within * (before[piece + 1]! - before[piece]!);
}

function tangent(course: Course, u: number): Three {
  const [a, b] = [course.plane(u), course.depth(u)];
  const level = Math.cos(b);
  return [Math.cos(a) * level, Math.sin(a) * level, Math.sin(b)];
}

/** Adds to a point what the course goes between two shares of its length. */
function go(at: Three, course: Course, length: number, from: number, to: number): void {
  const [a, b, c] = [tangent(course, from), tangent(course, (from + to) / 2), tangent(course, to)];
  for (let k = 0; k < 3; k++) at[k]! += (length * (to - from) * (a[k]! + 4 * b[k]! + c[k]!)) / 6;
}

function rulings(
  form: Form,
  mirrored: boolean,
  length: number,
  breadth: number,
  state: RibbonState,
  course: Course,
  grid: Grid,
) {
  const facets = grid.count;
  const middle = new Float64Array(3 * (facets + 1));
  const across = new Float64Array(3 * (facets + 1));
  const facing = new Float64Array(3 * (facets + 1));
  const half = new Float64Array(facets + 1);
  const turn = turner(form, mirrored, state);
  const at: Three = [0, 0, 0];
  let held: Three = [0, 0, 0];
  let from = 0;
  for (let i = 0; i <= facets; i++) {
    const u = shareOf(grid, i);
    if (i > 0) go(at, course, length, from, u);
    from = u;
    // The point it holds is at a joint.
    if (u === form.holds) held = turn(at);
    const [a, b, t] = [course.plane(u), course.depth(u), course.twist(u)];
    const side = [-Math.sin(a), Math.cos(a), 0];
    const face = [-Math.cos(a) * Math.sin(b), -Math.sin(a) * Math.sin(b), Math.cos(b)];
    const [cos, sin] = [Math.cos(t), Math.sin(t)];
    middle.set(turn(at), 3 * i);
    across.set(turn(side.map((part, k) => cos * part + sin * face[k]!) as Three), 3 * i);
    facing.set(turn(face.map((part, k) => cos * part - sin * side[k]!) as Three), 3 * i);
    half[i] = (breadth / 2) * course.width(u);
  }
  for (let i = 0; i < middle.length; i++) middle[i]! -= held[i % 3]!;
  return { middle, across, facing, half };
}

/** Clockwise, then its top away, then its right away. */
function turner({ tilt }: Form, mirrored: boolean, state: RibbonState): (at: Three) => Three {
  const [turn, x, y] = [tilt.turn, tilt.x + state.tiltX, tilt.y + (mirrored ? -1 : 1) * state.tiltY].map(
    (degrees) => {
      const radians = (degrees * Math.PI) / 180;
      return [Math.sin(radians), Math.cos(radians)] as const;
    },
  ) as [readonly [number, number], readonly [number, number], readonly [number, number]];
  return ([ax, ay, az]) => {
    const px = ax * turn[1] - ay * turn[0];
    const py = ax * turn[0] + ay * turn[1];
    const ty = py * x[1] - az * x[0];
    const tz = py * x[0] + az * x[1];
    return [px * y[1] + tz * y[0], ty, tz * y[1] - px * y[0]];
  };
}
