/** Closed lines: x and y of their points, one after the other. */
export type Contour = number[];

const FLAT = 0.1;
const ARC = 8;

/** An SVG path of M, L, Q, C and Z as closed lines that miss it by less than a tenth of a px, taken through a matrix. */
export function flattened(path: string, matrix: DOMMatrix): Contour[] {
  const contours: Contour[] = [];
  let contour: Contour = [];
  const close = () => {
    if (contour.length >= 6) contours.push(contour);
    contour = [];
  };
  const placed = (x: number, y: number): [number, number] => [
    matrix.a * x + matrix.c * y + matrix.e,
    matrix.b * x + matrix.d * y + matrix.f,
  ];
  for (const [, command, given] of path.matchAll(/([MLQCZ])([^MLQCZ]*)/g)) {
    const numbers = (given!.match(/-?[\d.]+(?:e-?\d+)?/g) ?? []).map(Number);
    const points: [number, number][] = [];
    for (let i = 0; i + 1 < numbers.length; i += 2) points.push(placed(numbers[i]!, numbers[i + 1]!));
    if (command === 'M') close();
    if (command === 'M' || command === 'L') points.forEach((point) => contour.push(...point));
    else if (points.length > 0) curve(contour, points);
  }
  close();
  return contours;
}

/** A curve of the second or third degree from where the line is. */
function curve(contour: Contour, points: [number, number][]): void {
  const from: [number, number] = [contour.at(-2)!, contour.at(-1)!];
  const all = [from, ...points];
  // How far the control points lie from even spacing bounds how far a chord can miss.
  let bend = 0;
  for (let i = 1; i + 1 < all.length; i++) {
    bend = Math.max(
      bend,
      Math.hypot(
        all[i - 1]![0] - 2 * all[i]![0] + all[i + 1]![0],
        all[i - 1]![1] - 2 * all[i]![1] + all[i + 1]![1],
      ),
    );
  }
  const degree = all.length - 1;
  const steps = Math.max(1, Math.ceil(Math.sqrt((degree * (degree - 1) * bend) / (8 * FLAT))));
  for (let step = 1; step <= steps; step++) {
    const t = step / steps;
    let level = all;
    while (level.length > 1) {
      level = level
        .slice(1)
        .map((point, i) => [
          level[i]![0] + (point[0] - level[i]![0]) * t,
          level[i]![1] + (point[1] - level[i]![1]) * t,
        ]);
    }
    contour.push(...level[0]!);
  }
}

/** A polygon whose corners are round. */
export function rounded(points: [number, number][], radii: number[]): Contour {
  const contour: Contour = [];
  points.forEach((corner, i) => {
    const before = points[(i + points.length - 1) % points.length]!;
    const after = points[(i + 1) % points.length]!;
    const away = (to: [number, number]) => {
      const length = Math.hypot(to[0] - corner[0], to[1] - corner[1]) || 1;
      return [(to[0] - corner[0]) / length, (to[1] - corner[1]) / length] as const;
    };
    const [into, out] = [away(before), away(after)];
    const angle = Math.acos(Math.max(-1, Math.min(1, into[0] * out[0] + into[1] * out[1])));
    const radius = radii[i] ?? 0;
    if (radius === 0 || angle === 0) {
      contour.push(...corner);
      return;
    }
    const back = radius / Math.tan(angle / 2);
    const size = Math.hypot(into[0] + out[0], into[1] + out[1]) || 1;
    const far = radius / Math.sin(angle / 2);
    const centre = [
      corner[0] + ((into[0] + out[0]) / size) * far,
      corner[1] + ((into[1] + out[1]) / size) * far,
    ] as const;
    const [ax, ay] = [corner[0] + into[0] * back - centre[0], corner[1] + into[1] * back - centre[1]];
    const [bx, by] = [corner[0] + out[0] * back - centre[0], corner[1] + out[1] * back - centre[1]];
    const turns = Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
    for (let step = 0; step <= ARC; step++) {
      const [cos, sin] = [Math.cos((turns * step) / ARC), Math.sin((turns * step) / ARC)];
      contour.push(centre[0] + ax * cos - ay * sin, centre[1] + ax * sin + ay * cos);
    }
  });
  return contour;
}

/** What of a closed line lies on one side of an upright line. Source: Sutherland and Hodgman, Reentrant polygon clipping (1974). */
export function cut(contour: Contour, line: number, right: boolean): Contour {
  const kept: Contour = [];
  for (let i = 0; i < contour.length; i += 2) {
    const next = (i + 2) % contour.length;
    const [x, y, toX, toY] = [contour[i]!, contour[i + 1]!, contour[next]!, contour[next + 1]!];
    const inside = right ? x >= line : x <= line;
    const toInside = right ? toX >= line : toX <= line;
    if (inside) kept.push(x, y);
    if (inside !== toInside) kept.push(line, y + ((toY - y) * (line - x)) / (toX - x));
  }
  return kept;
}
