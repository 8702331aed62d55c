import type { Layer } from '../../api/types';
import { isDealt, letter, trackedBy, type Letter } from '../letters';
import type { Moment } from '../moment';
import type { Stand } from '../stand';
import { around, boundsOfFacets, grown, NOWHERE, type Bounds } from './bounds';
import { cut, type Contour } from './contours';
import { wholeOf, type RibbonNow } from './now';
import { boxContours, letterContours, ridden, type Piece, type Riding } from './ridden';

/** px by which edges reach beyond what is measured. */
const EDGE = 3;

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

/** A letter that moves apart on its ribbon. */
export interface RidingLetter {
  now: Letter;
  pieces: Piece[];
}

/** Letters of each stand, which is made anew for every frame. */
const letters = new WeakMap<Stand, RidingLetter[]>();

/** Letters that move apart on a ribbon, but for those that are not seen. */
export function ridingLetters(layer: Layer, stand: Stand, moment: Moment): RidingLetter[] {
  const known = letters.get(stand);
  if (known) return known;
  const found: RidingLetter[] = [];
  layer.units.forEach((_, unit) => {
    const now = letter(layer, moment, unit, trackedBy(layer, unit, stand.tracking));
    if (now.opacity > 0) found.push({ now, pieces: ridingLetter(layer, stand, unit, now) });
  });
  letters.set(stand, found);
  return found;
}

/** What a ribbon, or what rides on one, reaches over before it is moved as a whole, with all that is thrown around it; px. */
export function boundsOnRibbon(layer: Layer, stand: Stand, moment: Moment): Bounds {
  const { shadow, glow, stroke } = layer;
  let bounds = NOWHERE;
  let blur = stand.blur;
  if (layer.ribbon) bounds = boundsOfFacets(stand.ribbon!, 0, stand.ribbon!.facets.count);
  else if (isDealt(layer, moment, stand.tracking)) {
    for (const { now, pieces } of ridingLetters(layer, stand, moment)) {
      for (const piece of pieces) bounds = around(bounds, piece.bounds);
      blur = Math.max(blur, stand.blur + now.blur);
    }
  } else for (const piece of ridingPieces(layer, stand)) bounds = around(bounds, piece.bounds);
  const thrown = Math.max(
    0,
    ...[shadow, glow].map(({ x, y, blur: soft }) => Math.max(Math.abs(x), Math.abs(y)) + 2 * soft),
  );
  return grown(bounds, thrown + stroke.width + 3 * blur + EDGE);
}

/** The same of one of its letters. */
function ridingLetter(layer: Layer, { ribbon, riding, edges }: Stand, unit: number, now: Letter): Piece[] {
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
