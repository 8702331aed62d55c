import type { Layer } from '../api/types';
import { cornersWithin } from './corners';
import { outline } from './outlines';
import { bentShape } from './ribbon/shapes';
import type { Stand } from './stand';

const shapes = new WeakMap<Layer, Path2D>();
const letters = new WeakMap<Layer, Path2D[]>();

/** The shape of a layer at rest: its letters, or its box with corners and slanted ends. */
export function shape(layer: Layer): Path2D {
  const known = shapes.get(layer);
  if (known) return known;
  const path = new Path2D();
  if (layer.kind === 'text') addLetters(layer, () => path);
  else addBox(path, layer);
  shapes.set(layer, path);
  return path;
}

/** The same with the edges of its box where they are now; a text goes with its left and top. */
export function shapeNow(layer: Layer, edges: Stand['edges']): Path2D {
  if (edges.left === 0 && edges.top === 0 && edges.right === 0 && edges.bottom === 0) return shape(layer);
  const path = new Path2D();
  if (layer.kind === 'text') {
    path.addPath(shape(layer), new DOMMatrix().translate(edges.left, edges.top));
    return path;
  }
  addBox(path, { ...layer, box: boxNow(layer, edges) });
  return path;
}

/** The box of a layer with its edges where they are now. */
export function boxNow({ box: { x, y, width, height } }: Layer, edges: Stand['edges']): Layer['box'] {
  return {
    x: x + edges.left,
    y: y + edges.top,
    width: Math.max(0, width - edges.left + edges.right),
    height: Math.max(0, height - edges.top + edges.bottom),
  };
}

/** The shape of a layer as it stands before it is moved as a whole: also of a ribbon, and of what rides on one. */
export function shapeStanding(layer: Layer, stand: Stand): Path2D {
  return stand.ribbon ? bentShape(layer, stand) : shapeNow(layer, stand.edges);
}

/** The shape of each letter of a text. */
export function letterShapes(layer: Layer): Path2D[] {
  const known = letters.get(layer);
  if (known) return known;
  const paths = layer.units.map(() => new Path2D());
  addLetters(layer, (unit) => paths[unit]);
  letters.set(layer, paths);
  return paths;
}

function addLetters(layer: Layer, path: (unit: number) => Path2D | undefined): void {
  for (const run of layer.runs) {
    run.glyphs.forEach((glyph, i) => {
      const outlined = outline(run.font, glyph);
      const x = layer.box.x + run.x[i]!;
      const y = layer.baseline + run.y[i]!;
      if (outlined)
        path(run.units[i]!)?.addPath(outlined, new DOMMatrix([run.scaleX, 0, 0, run.scaleY, x, y]));
    });
  }
}

/** A box with round corners whose ends may lean, within its own bounds. */
function addBox(path: Path2D, layer: Layer): void {
  const { box, flipped } = layer;
  const { corners, slant } = cornersWithin(layer, box);
  const radii = [corners.topLeft, corners.topRight, corners.bottomRight, corners.bottomLeft];
  if (slant === 0) {
    if (flipped) addFlipped(path, box, corners);
    else path.roundRect(box.x, box.y, box.width, box.height, radii);
    return;
  }
  const [right, bottom] = [box.x + box.width, box.y + box.height];
  const top = Math.max(slant, 0);
  const foot = Math.max(-slant, 0);
  const points: [number, number][] = [
    [box.x + top, box.y],
    [right - foot, box.y],
    [right - top, bottom],
    [box.x + foot, bottom],
  ];
  // Begins in the middle of the last side, so that every corner is rounded in the same way.
  const begins = flipped ? 2 : 0;
  const [first, last] = [points[begins]!, points[(begins + 3) % 4]!];
  path.moveTo((first[0] + last[0]) / 2, (first[1] + last[1]) / 2);
  for (let n = 0; n < 4; n++) {
    const i = (begins + n) % 4;
    const [x, y] = points[i]!;
    const [nextX, nextY] = points[(i + 1) % 4]!;
    path.arcTo(x, y, (x + nextX) / 2, (y + nextY) / 2, radii[i]!);
  }
  path.closePath();
}

/** As a canvas makes a round rectangle, but from the right end of its top on. */
function addFlipped(path: Path2D, { x, y, width, height }: Layer['box'], corners: Layer['corners']): void {
  const [right, bottom] = [x + width, y + height];
  path.moveTo(right - corners.topRight, y);
  path.arcTo(right, y, right, bottom, corners.topRight);
  path.arcTo(right, bottom, x, bottom, corners.bottomRight);
  path.arcTo(x, bottom, x, y, corners.bottomLeft);
  path.arcTo(x, y, right, y, corners.topLeft);
  path.closePath();
}

/** px along the outline of a box, with the edges of its box where they are now. */
export function outlineLength(layer: Layer, edges: Stand['edges']): number {
  const box = boxNow(layer, edges);
  const { width, height } = box;
  const { corners, slant } = cornersWithin(layer, box);
  if (slant !== 0) {
    // Its round corners leave out a little of it.
    const radius = (corners.topLeft + corners.topRight + corners.bottomRight + corners.bottomLeft) / 4;
    return 2 * (width - Math.abs(slant)) + 2 * Math.hypot(height, slant) - 2 * radius * (4 - Math.PI);
  }
  const round = corners.topLeft + corners.topRight + corners.bottomRight + corners.bottomLeft;
  return 2 * (width + height) - round * (2 - Math.PI / 2);
}
