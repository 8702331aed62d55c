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
    path.roundRect(layer.box.x, layer.box.y, layer.box.width, layer.box.height, layer.radius);
  }
  shapes.set(layer, path);
  return path;
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
  context.fillStyle = layer.fill;
  context.fill(shape(layer));
  context.restore();
}

/** Coordinates of a layer as it stands, cut to what is revealed of it. */
function enter(context: CanvasRenderingContext2D, { matrix, reveal }: Pose, base: DOMMatrix): void {
  context.setTransform(base.multiply(matrix));
  if (!reveal) return;
  const opening = new Path2D();
  opening.rect(reveal.x, reveal.y, reveal.width, reveal.height);
  context.clip(opening);
}
