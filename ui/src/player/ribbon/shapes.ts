import type { Layer } from '../../api/types';
import type { Letter } from '../letters';
import type { Stand } from '../stand';
import { cut, type Contour } from './contours';
import { wholeOf, type RibbonNow } from './now';
import { boxContours, letterContours, ridden, type Piece, type Riding } from './ridden';

/** Those of each layer that were made last: while nothing changes they are the same. */
const last = new WeakMap<Layer, { key: string; facets: RibbonNow['facets']; pieces: Piece[] }>();

/** What is seen of a layer that rides on a ribbon, whole. */
export function ridingPieces(layer: Layer, stand: Stand): Piece[] {
  const { ribbon, riding, edges } = stand;
  const key = JSON.stringify([riding!.matrix, riding!.from, riding!.to, edges]);
  const known = last.get(layer);
  if (known?.key === key && known.facets === ribbon!.facets) return known.pieces;
  const text = layer.kind === 'text';
  const matrix = text ? riding!.matrix.translate(edges.left, edges.top) : riding!.matrix;
  const contours = text ? letterContours(layer, matrix) : boxContours(layer, edges, matrix);
  const pieces = ridden(ribbon!, riding!, contours);
  last.set(layer, { key, facets: ribbon!.facets, pieces });
  return pieces;
}

/** The same of one of its letters. */
export function ridingLetter(
  layer: Layer,
  { ribbon, riding, edges }: Stand,
  unit: number,
  now: Letter,
): Piece[] {
  let contours = letterContours(layer, new DOMMatrix(), unit);
  for (const { degrees, bothWays, share } of now.reveals) {
    const { x, width } = layer.units[unit]!;
    const before = bothWays ? 0.5 : degrees % 360 === 0 ? 0 : 1;
    const from = x + width * (1 - share) * before;
    contours = contours.map((contour) => cut(cut(contour, from, true), from + width * share, false));
  }
  const matrix = riding!.matrix.translate(edges.left, edges.top).multiply(now.matrix);
  return ridden(
    ribbon!,
    riding as Riding,
    contours.map((contour) => through(contour, matrix)),
  );
}

function through(contour: Contour, { a, b, c, d, e, f }: DOMMatrix): Contour {
  const placed: Contour = [];
  for (let i = 0; i < contour.length; i += 2) {
    const [x, y] = [contour[i]!, contour[i + 1]!];
    placed.push(a * x + c * y + e, b * x + d * y + f);
  }
  return placed;
}

/** The shape of a ribbon, or of what rides on one, before it is moved as a whole; whatever hides parts of it. */
export function bentShape(layer: Layer, stand: Stand): Path2D {
  if (layer.ribbon) return wholeOf(stand.ribbon!);
  const whole = new Path2D();
  for (const { path } of ridingPieces(layer, stand)) whole.addPath(path);
  return whole;
}
