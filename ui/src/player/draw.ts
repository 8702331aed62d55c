import type { Layer, Reel } from '../api/types';
import type { Moment } from './moment';
import { outline } from './outlines';
import { pose, type Pose } from './pose';

/** Shapes at rest, made once for each layer. */
const shapes = new WeakMap<Layer, Path2D>();

function shape(layer: Layer): Path2D {
  const known = shapes.get(layer);
  if (known) return known;
  const path = new Path2D();
  if (layer.kind === 'text') {
    for (const run of layer.runs) {
      run.glyphs.forEach((glyph, i) => {
        const outlined = outline(run.font, glyph);
        const x = layer.box.x + run.x[i]!;
        const y = layer.baseline + run.y[i]!;
        if (outlined) path.addPath(outlined, new DOMMatrix([run.scaleX, 0, 0, run.scaleY, x, y]));
      });
    }
  } else {
    outlineBox(path, layer);
  }
  shapes.set(layer, path);
  return path;
}

/** A box with round corners whose ends may lean, within its own bounds. */
function outlineBox(path: Path2D, { box, radius, slant }: Layer): void {
  if (slant === 0) {
    path.roundRect(box.x, box.y, box.width, box.height, radius);
    return;
  }
  const [right, bottom] = [box.x + box.width, box.y + box.height];
  const top = Math.max(slant, 0);
  const foot = Math.max(-slant, 0);
  const corners: [number, number][] = [
    [box.x + top, box.y],
    [right - foot, box.y],
    [right - top, bottom],
    [box.x + foot, bottom],
  ];
  // Begins in the middle of the last side, so that every corner is rounded in the same way.
  const [first, last] = [corners[0]!, corners[3]!];
  path.moveTo((first[0] + last[0]) / 2, (first[1] + last[1]) / 2);
  corners.forEach(([x, y], i) => {
    const [nextX, nextY] = corners[(i + 1) % 4]!;
    path.arcTo(x, y, (x + nextX) / 2, (y + nextY) / 2, radius);
  });
  path.closePath();
}

function paint(context: CanvasRenderingContext2D, { fill }: Layer): string | CanvasGradient {
  if (fill.from === fill.to) return fill.from;
  const { x1, y1, x2, y2 } = fill;
  const gradient = fill.radial
    ? context.createRadialGradient(x1, y1, 0, x1, y1, Math.hypot(x2 - x1, y2 - y1))
    : context.createLinearGradient(x1, y1, x2, y2);
  gradient.addColorStop(0, fill.from);
  gradient.addColorStop(1, fill.to);
  return gradient;
}

/**
 * Draws a moment of a reel over whatever is on the canvas.
 *
 * @param base from px of the raster to pixels of the canvas
 */
export function drawReel(
  context: CanvasRenderingContext2D,
  reel: Reel,
  moment: Moment,
  base: DOMMatrix,
): void {
  const poses = reel.layers.map((layer) => pose(layer, moment));
  reel.layers.forEach((layer, i) => {
    const outside = layer.masks.filter((mask) => !mask.inside);
    if (poses[i]!.opacity === 0) return;
    if (outside.length === 0) {
      drawLayer(context, reel, i, poses, base);
      return;
    }
    // Seen outside a shape: drawn apart, the shape taken away, and laid over the picture.
    const apart = document.createElement('canvas');
    apart.width = context.canvas.width;
    apart.height = context.canvas.height;
    const layerContext = apart.getContext('2d')!;
    drawLayer(layerContext, reel, i, poses, base);
    layerContext.globalCompositeOperation = 'destination-out';
    for (const mask of outside) {
      layerContext.save();
      enter(layerContext, poses[mask.layer]!, base);
      layerContext.fill(shape(reel.layers[mask.layer]!));
      layerContext.restore();
    }
    context.save();
    context.setTransform(new DOMMatrix());
    context.drawImage(apart, 0, 0);
    context.restore();
  });
}

function drawLayer(
  context: CanvasRenderingContext2D,
  reel: Reel,
  index: number,
  poses: Pose[],
  base: DOMMatrix,
): void {
  const layer = reel.layers[index]!;
  context.save();
  for (const mask of layer.masks) {
    if (!mask.inside) continue;
    enter(context, poses[mask.layer]!, base);
    context.clip(shape(reel.layers[mask.layer]!));
  }
  enter(context, poses[index]!, base);
  context.globalAlpha = poses[index]!.opacity;
  context.fillStyle = paint(context, layer);
  throwShadow(context, layer, base.a);
  if (layer.stroke.width > 0 && layer.kind === 'text') strokeAround(context, layer);
  context.fill(shape(layer));
  if (layer.stroke.width > 0 && layer.kind !== 'text') strokeInside(context, layer);
  context.restore();
}

/** @param scale canvas pixels per px: shadows are not scaled with what throws them */
function throwShadow(context: CanvasRenderingContext2D, { shadow }: Layer, scale: number): void {
  if (!shadow.colour) return;
  context.shadowColor = shadow.colour;
  context.shadowOffsetX = shadow.x * scale;
  context.shadowOffsetY = shadow.y * scale;
  context.shadowBlur = shadow.blur * scale;
}

/** Twice as wide and under the fill: what is seen of it is outside. It has thrown the shadow. */
function strokeAround(context: CanvasRenderingContext2D, layer: Layer): void {
  context.strokeStyle = layer.stroke.colour;
  context.lineWidth = 2 * layer.stroke.width;
  context.lineJoin = 'round';
  context.stroke(shape(layer));
  context.shadowColor = 'transparent';
}

/** Twice as wide and cut to the shape: what is seen of it is inside. */
function strokeInside(context: CanvasRenderingContext2D, layer: Layer): void {
  context.shadowColor = 'transparent';
  context.clip(shape(layer));
  context.strokeStyle = layer.stroke.colour;
  context.lineWidth = 2 * layer.stroke.width;
  context.stroke(shape(layer));
}

/** Coordinates of a layer as it stands, cut to what is revealed of it. */
function enter(context: CanvasRenderingContext2D, { matrix, reveal }: Pose, base: DOMMatrix): void {
  context.setTransform(base.multiply(matrix));
  if (!reveal) return;
  const opening = new Path2D();
  opening.rect(reveal.x, reveal.y, reveal.width, reveal.height);
  context.clip(opening);
}
