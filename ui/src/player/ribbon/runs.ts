import { aroundAll, meet, type Bounds } from './bounds';
import { aroundOf, nearer } from './overlap';
import type { Surface } from './surface';

/** The part of a surface between two places along its course: of each ruling x, y and z of its top, then of its foot. */
export interface Facets {
  along: number[];
  ends: number[][];
  count: number;
}

/** Neighbouring facets that are drawn together; `covers` something of the same ribbon that is drawn earlier. */
export interface Run {
  first: number;
  last: number;
  front: boolean;
  covers: boolean;
}

/** Radians by which a run may turn, as it is seen. */
const MOST = (120 * Math.PI) / 180;
/** Facets of a run that are compared with those of another one, about. */
const LOOKED_AT = 32;
/** px²; less than this faces nobody. */
const EDGE_ON = 1e-6;

export function facetsOf(surface: Surface, from: number, to: number): Facets {
  const first = Math.max(0, from);
  const last = Math.min(surface.length, to);
  if (last <= first) return { along: [], ends: [], count: 0 };
  const along = [first];
  for (let i = 0; i <= surface.facets; i++) {
    const at = surface.along(i);
    if (at > first && at < last) along.push(at);
  }
  along.push(last);
  const ends = along.map((at) => {
    const half = surface.half(at);
    return [...surface.point(at, -half), ...surface.point(at, half)];
  });
  return { along, ends, count: along.length - 1 };
}

export function isFront({ ends }: Facets, facet: number): boolean {
  const [a, b] = [ends[facet]!, ends[facet + 1]!];
  return (b[3]! - a[0]!) * (a[4]! - b[1]!) - (b[4]! - a[1]!) * (a[3]! - b[0]!) >= -EDGE_ON;
}

/** Whether the ends of a facet are seen from different sides, so that it looks like a bow tie. */
export function isBow({ ends }: Facets, facet: number): boolean {
  const [a, b] = [ends[facet]!, ends[facet + 1]!];
  const points = [a.slice(0, 2), b.slice(0, 2), b.slice(3, 5), a.slice(3, 5)];
  const triangle = (i: number, j: number, k: number) => {
    const [p, q, r] = [points[i]!, points[j]!, points[k]!];
    return (q[0]! - p[0]!) * (r[1]! - p[1]!) - (q[1]! - p[1]!) * (r[0]! - p[0]!);
  };
  return triangle(0, 1, 2) * triangle(0, 2, 3) < 0 && triangle(0, 1, 3) * triangle(1, 2, 3) < 0;
}

/** What is further away first. */
export function runsOf(facets: Facets): Run[] {
  const runs: Run[] = [];
  let first = 0;
  let turned = 0;
  for (let i = 1; i <= facets.count; i++) {
    let ends = i === facets.count || isFront(facets, i) !== isFront(facets, first);
    if (!ends) {
      turned += turn(facets, i);
      ends = Math.abs(turned) > MOST;
    }
    if (!ends) continue;
    runs.push({ first, last: i - 1, front: isFront(facets, first), covers: false });
    first = i;
    turned = 0;
  }
  return runs.length < 2 ? runs : ordered(runs, facets);
}

function turn({ ends }: Facets, facet: number): number {
  const middle = (ruling: number) => {
    const at = ends[ruling]!;
    return [(at[0]! + at[3]!) / 2, (at[1]! + at[4]!) / 2] as const;
  };
  const [before, here, after] = [middle(facet - 1), middle(facet), middle(facet + 1)];
  const [ax, ay] = [here[0] - before[0], here[1] - before[1]];
  const [bx, by] = [after[0] - here[0], after[1] - here[1]];
  return Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
}

function ordered(runs: Run[], facets: Facets): Run[] {
  const corners = Array.from({ length: facets.count }, (_, i) => {
    const [a, b] = [facets.ends[i]!, facets.ends[i + 1]!];
    return [...a.slice(0, 3), ...b.slice(0, 3), ...b.slice(3), ...a.slice(3)];
  });
  const boxes = corners.map(aroundOf);
  const before = runs.map(() => new Array<number>(runs.length).fill(0));
  runs.forEach((a, i) =>
    runs.forEach((b, j) => {
      if (j <= i) return;
      before[i]![j] = nearerRun(a, b, corners, boxes);
      before[j]![i] = -before[i]![j]!;
    }),
  );
  const found: Run[] = [];
  const drawn = new Set<number>();
  while (found.length < runs.length) {
    const next = nextOf(before, drawn);
    drawn.add(next);
    found.push({ ...runs[next]!, covers: [...drawn].some((other) => before[next]![other]! > 0) });
  }
  return found;
}

/** The first that has nothing undrawn behind it; if all have, the one with the least. */
function nextOf(before: number[][], drawn: Set<number>): number {
  let next = -1;
  let least = Infinity;
  before.forEach((row, i) => {
    if (drawn.has(i)) return;
    const behind = row.reduce((sum, by, j) => (drawn.has(j) || by <= 0 ? sum : sum + by), 0);
    if (behind >= least) return;
    least = behind;
    next = i;
  });
  return next;
}

function nearerRun(a: Run, b: Run, corners: number[][], boxes: Bounds[]): number {
  const around = aroundAll(boxes.slice(b.first, b.last + 1));
  let by = 0;
  for (let i = a.first; i <= a.last; i += stepOf(a)) {
    if (!meet(boxes[i]!, around)) continue;
    for (let j = b.first; j <= b.last; j += stepOf(b)) {
      if (Math.abs(i - j) > 1 && meet(boxes[i]!, boxes[j]!)) by += nearer(corners[i]!, corners[j]!);
    }
  }
  return by;
}

/** Every how many of its facets are looked at: a run is long, and its neighbours are as far away. */
function stepOf(run: Run): number {
  return Math.max(1, Math.floor((run.last - run.first + 1) / LOOKED_AT));
}
