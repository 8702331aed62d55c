import type { Layer, Reel } from '../api/types';
import type { Moment } from './moment';
import { pictureImage } from './pictures';
import { shape } from './shapes';
import { drawn, stands, type Opening, type Stand } from './stand';

/**
 * Draws a moment of a reel over whatever is on the canvas.
 *
 * @param base from px of the raster to pixels of the canvas
 * @param unseen keys of parts that are left out
 */
export function drawReel(
  context: CanvasRenderingContext2D,
  reel: Reel,
  moment: Moment,
  base: DOMMatrix,
  unseen?: Set<string>,
): void {
  const standing = stands(reel, moment);
  reel.layers.forEach((layer, i) => {
    if (layer.kind === 'group' || standing[i]!.opacity === 0 || unseen?.has(layer.part)) return;
    if (layer.masks.every((mask) => isPlain(reel, mask))) {
      context.save();
      for (const { layer: by } of layer.masks) {
        open(context, standing[by]!.openings, base);
        context.setTransform(base.multiply(standing[by]!.matrix));
        context.clip(shape(reel.layers[by]!));
      }
      drawLayer(context, layer, standing[i]!, base);
      context.restore();
    } else drawMasked(context, reel, i, standing, base);
  });
}

/** Whether a mask is the inside of one shape: then the canvas itself can cut. */
function isPlain(reel: Reel, mask: Layer['masks'][number]): boolean {
  return mask.inside && reel.layers[mask.layer]!.kind !== 'group';
}

/** Drawn apart, multiplied with each of its masks or what is outside them, and laid over the picture. */
function drawMasked(
  context: CanvasRenderingContext2D,
  reel: Reel,
  index: number,
  standing: Stand[],
  base: DOMMatrix,
): void {
  const layer = reel.layers[index]!;
  const apart = blank(context);
  drawLayer(apart, layer, standing[index]!, base);
  for (const mask of layer.masks) {
    const cut = blank(context);
    for (const by of drawn(reel, mask.layer)) {
      cut.save();
      enter(cut, standing[by]!, base);
      cut.fill(shape(reel.layers[by]!));
      cut.restore();
    }
    lay(apart, cut, mask.inside ? 'destination-in' : 'destination-out');
  }
  lay(context, apart, 'source-over');
}

/** Nothing, as large as the canvas. */
function blank(like: CanvasRenderingContext2D): CanvasRenderingContext2D {
  const canvas = document.createElement('canvas');
  canvas.width = like.canvas.width;
  canvas.height = like.canvas.height;
  return canvas.getContext('2d')!;
}

function lay(
  onto: CanvasRenderingContext2D,
  what: CanvasRenderingContext2D,
  how: GlobalCompositeOperation,
): void {
  onto.save();
  onto.setTransform(new DOMMatrix());
  onto.globalCompositeOperation = how;
  onto.drawImage(what.canvas, 0, 0);
  onto.restore();
}

function drawLayer(context: CanvasRenderingContext2D, layer: Layer, stand: Stand, base: DOMMatrix): void {
  context.save();
  enter(context, stand, base);
  context.globalAlpha = Math.max(0, Math.min(1, stand.opacity));
  context.fillStyle = paint(context, layer);
  if (layer.glow.colour) {
    context.save();
    throwShadow(context, layer.glow, base.a);
    context.fill(shape(layer));
    context.restore();
  }
  throwShadow(context, layer.shadow, base.a);
  if (layer.stroke.width > 0 && layer.kind === 'text') strokeAround(context, layer);
  const image = layer.picture ? pictureImage(layer.picture) : undefined;
  if (image) drawPicture(context, layer, image);
  else context.fill(shape(layer));
  if (layer.stroke.width > 0 && layer.kind !== 'text') strokeInside(context, layer);
  context.restore();
}

/** Cut to its shape. A picture that lies wholly inside throws the shadow of what is seen of it. */
function drawPicture(context: CanvasRenderingContext2D, layer: Layer, image: HTMLImageElement): void {
  const { x, y, width, height } = layer.pictureAt;
  context.save();
  const inside = width <= layer.box.width + 0.01 && height <= layer.box.height + 0.01;
  const sharp = Object.values(layer.corners).every((radius) => radius === 0) && layer.slant === 0;
  if (!inside || !sharp) {
    context.fill(shape(layer));
    context.clip(shape(layer));
    context.shadowColor = 'transparent';
  }
  context.drawImage(image, x, y, width, height);
  context.restore();
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

/** @param scale canvas pixels per px: shadows are not scaled with what throws them */
function throwShadow(context: CanvasRenderingContext2D, shadow: Layer['shadow'], scale: number): void {
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
function enter(context: CanvasRenderingContext2D, { matrix, openings }: Stand, base: DOMMatrix): void {
  open(context, openings, base);
  context.setTransform(base.multiply(matrix));
}

function open(context: CanvasRenderingContext2D, openings: Opening[], base: DOMMatrix): void {
  for (const { matrix, x, y, width, height } of openings) {
    context.setTransform(base.multiply(matrix));
    const opening = new Path2D();
    opening.rect(x, y, width, height);
    context.clip(opening);
  }
}
