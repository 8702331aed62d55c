import type { Layer } from '../../api/types';
import { cornersWithin } from '../corners';
import { outlineText } from '../outlines';
import { around, boundsOfFacets, meet, isNowhere, NOWHERE, type Bounds } from './bounds';
import { cut, flattened, rounded, type Contour } from './contours';
import { isOpenAtEnd, isOpenAtStart, outlineOf, pointOf, type RibbonNow } from './now';
import type { Run } from './runs';

/** How something is moved on its ribbon as if that were straight, and from where to where it reveals itself there, px. */
export interface Riding {
  matrix: DOMMatrix;
  from: number;
  to: number;
}

/** What is seen of a shape on one run of its ribbon; `hides` all that is drawn before it. */
export interface Piece {
  path: Path2D;
  bounds: Bounds;
  hides?: Path2D;
}

const FAR = 1e7;
const MOST_GLYPHS = 2_000;
/** px of the straight shape between points, at most. */
const STEP = 6;

/**
 * Lines that stand on a ribbon, taken from where they would be if it were straight to where they are seen, as far as its front is seen there
 * and revealed. One after the other: where the ribbon passes before itself, what is further away comes first.
 */
export function ridden(now: RibbonNow, { from, to }: Riding, contours: Contour[]): Piece[] {
  const pieces: Piece[] = [];
  let all = NOWHERE;
  for (const run of now.runs) {
    if (!run.front && !run.covers) continue;
    const hides = run.covers && meet(boundsOfFacets(now, run.first, run.last + 1), all);
    const [first, last] = reach(now, run);
    const piece = bent(now, run.front ? contours : [], Math.max(first, from), Math.min(last, to));
    if (!hides && isNowhere(piece.bounds)) continue;
    all = around(all, piece.bounds);
    pieces.push(hides ? { ...piece, hides: outlineOf(now, run) } : piece);
  }
  return pieces;
}

/** From where to where along the course a run reaches; beyond an end that is revealed letters are seen as well. */
function reach(now: RibbonNow, run: Run): [number, number] {
  const { facets, straight } = now;
  const begins = run.first === 0 && isOpenAtStart(now);
  const ends = run.last === facets.count - 1 && isOpenAtEnd(now);
  return [
    begins ? -FAR : straight.x + facets.along[run.first]!,
    ends ? FAR : straight.x + facets.along[run.last + 1]!,
  ];
}

function bent(now: RibbonNow, contours: Contour[], from: number, to: number): Piece {
  const path = new Path2D();
  const bounds: Bounds = [...NOWHERE];
  for (const whole of contours) {
    const contour = cut(cut(whole, from, true), to, false);
    const count = contour.length / 2;
    if (count < 3) continue;
    for (let i = 0; i < count; i++) {
      const next = (i + 1) % count;
      const [x, y] = [contour[2 * i]!, contour[2 * i + 1]!];
      const [toX, toY] = [contour[2 * next]! - x, contour[2 * next + 1]! - y];
      const steps = Math.max(1, Math.ceil(Math.hypot(toX, toY) / STEP));
      for (let step = 0; step < steps; step++) {
        const [px, py] = pointOf(now, x + (toX * step) / steps, y + (toY * step) / steps);
        if (i === 0 && step === 0) path.moveTo(px, py);
        else path.lineTo(px, py);
        bounds[0] = Math.min(bounds[0], px);
        bounds[1] = Math.min(bounds[1], py);
        bounds[2] = Math.max(bounds[2], px);
        bounds[3] = Math.max(bounds[3], py);
      }
    }
    path.closePath();
  }
  return { path, bounds };
}

/** Glyphs as lines at a size, from their own origin; the same letters are asked for frame after frame. */
const glyphs = new Map<string, Contour[]>();

function glyphContours(font: string, glyph: number, scaleX: number, scaleY: number): Contour[] {
  const key = `${font} ${glyph} ${scaleX} ${scaleY}`;
  const known = glyphs.get(key);
  if (known) return known;
  const text = outlineText(font, glyph);
  if (!text) return [];
  const found = flattened(text, new DOMMatrix([scaleX, 0, 0, scaleY, 0, 0]));
  if (glyphs.size > MOST_GLYPHS) glyphs.clear();
  glyphs.set(key, found);
  return found;
}

/** The letters of a text, or some of them, as lines, taken through a matrix. */
export function letterContours(layer: Layer, matrix: DOMMatrix, unit?: number): Contour[] {
  const { a, b, c, d, e, f } = matrix;
  const found: Contour[] = [];
  for (const run of layer.runs) {
    run.glyphs.forEach((glyph, i) => {
      if (unit !== undefined && run.units[i] !== unit) return;
      const [x, y] = [layer.box.x + run.x[i]!, layer.baseline + run.y[i]!];
      for (const contour of glyphContours(run.font, glyph, run.scaleX, run.scaleY)) {
        const placed: Contour = [];
        for (let k = 0; k < contour.length; k += 2) {
          const [px, py] = [x + contour[k]!, y + contour[k + 1]!];
          placed.push(a * px + c * py + e, b * px + d * py + f);
        }
        found.push(placed);
      }
    });
  }
  return found;
}

/** The box of a layer, with its corners and slanted ends, as a line. */
export function boxContours(
  layer: Layer,
  edges: { left: number; top: number; right: number; bottom: number },
  matrix: DOMMatrix,
): Contour[] {
  const { box } = layer;
  const [left, top] = [box.x + edges.left, box.y + edges.top];
  const right = Math.max(left, box.x + box.width + edges.right);
  const bottom = Math.max(top, box.y + box.height + edges.bottom);
  const now = { x: left, y: top, width: right - left, height: bottom - top };
  const { corners, slant } = cornersWithin(layer, now);
  const [over, under] = [Math.max(slant, 0), Math.max(-slant, 0)];
  const contour = rounded(
    [
      [left + over, top],
      [right - under, top],
      [right - over, bottom],
      [left + under, bottom],
    ],
    [corners.topLeft, corners.topRight, corners.bottomRight, corners.bottomLeft],
  );
  const placed: Contour = [];
  for (let i = 0; i < contour.length; i += 2) {
    const { x, y } = matrix.transformPoint(new DOMPoint(contour[i], contour[i + 1]));
    placed.push(x, y);
  }
  return [placed];
}
