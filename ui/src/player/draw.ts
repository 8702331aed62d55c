import type { Layer, Reel } from '../api/types';
import { areaOf, blank, lay } from './canvas';
import type { Moment } from './moment';
import { clipTo, fadeTo } from './bands';
import { isDealt } from './letters';
import { fillLayer, paintLayer } from './paintLayer';
import { through, type Bounds } from './ribbon/bounds';
import { boundsOnRibbon } from './ribbon/shapes';
import { hiddenBy } from './ribbon/woven';
import { boxNow, shapeStanding } from './shapes';
import { isAbsent, shapesOf, standingLayer, stands, type Stand } from './stand';
import { frontOf, paintThick, thickOf } from './thick';
import { EYE, tilted } from './warp';

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
    const stand = standing[i]!;
    if (layer.kind === 'group' || layer.unseen || stand.opacity === 0 || unseen?.has(layer.part)) return;
    if (isAbsent(layer, moment)) return;
    const onRibbon = (layer.ribbon || layer.rides >= 0) && !stand.tilted;
    const seen = onRibbon ? through(boundsOnRibbon(layer, stand, moment), stand.matrix) : undefined;
    const hidden = seen && hiddenBy(reel, i, moment, standing, seen);
    if (!hidden && isPlain(reel, layer, moment, stand, standing))
      drawPlain(context, reel, i, moment, standing, base);
    else drawApart(context, reel, i, moment, standing, base, hidden, seen);
  });
}

/** The shapes of the masks of a layer, as they stand, for whoever wants to look at them alone. */
export function drawMasks(
  context: CanvasRenderingContext2D,
  reel: Reel,
  part: string,
  moment: Moment,
  base: DOMMatrix,
): void {
  const standing = stands(reel, moment);
  for (const mask of reel.layers.find((layer) => layer.part === part)?.masks ?? []) {
    context.fillStyle = mask.inside ? '#f4f1eac0' : '#ff7a6bc0';
    fillMask(context, reel, mask.layer, moment, standing, base);
  }
}

/** Of nothing nothing is seen, however thick it is. */
function isThick(layer: Layer, stand: Stand): boolean {
  const { width, height } = boxNow(layer, stand.edges);
  return Boolean(layer.solid) && width > 0 && height > 0;
}

/** Whether the canvas itself can cut all that has to be cut, and nothing has to be worked on as a picture. */
function isPlain(reel: Reel, layer: Layer, moment: Moment, stand: Stand, standing: Stand[]): boolean {
  const soft = (bands: Stand['bands']) => bands.some((band) => band.soft > 0);
  return (
    !isThick(layer, stand) &&
    !stand.tilted &&
    stand.blur === 0 &&
    !soft(stand.bands) &&
    layer.masks.every(
      (mask) =>
        mask.inside &&
        mask.soft === 0 &&
        !isAbsent(reel.layers[mask.layer]!, moment) &&
        reel.layers[mask.layer]!.kind !== 'group' &&
        !isDealt(reel.layers[mask.layer]!, moment, standing[mask.layer]!.tracking) &&
        !standing[mask.layer]!.tilted &&
        !soft(standing[mask.layer]!.bands),
    )
  );
}

function drawPlain(
  context: CanvasRenderingContext2D,
  reel: Reel,
  index: number,
  moment: Moment,
  standing: Stand[],
  base: DOMMatrix,
): void {
  const layer = reel.layers[index]!;
  const stand = standing[index]!;
  context.save();
  for (const { layer: by } of layer.masks) {
    const mask = standing[by]!;
    for (const band of mask.bands) clipTo(context, band, base);
    context.setTransform(base.multiply(mask.matrix));
    context.clip(shapeStanding(reel.layers[by]!, mask));
  }
  for (const band of stand.bands) clipTo(context, band, base);
  context.setTransform(base.multiply(stand.matrix));
  paintLayer(context, standingLayer(layer, moment), stand, moment, base.a);
  context.restore();
}

/**
 * Drawn apart, cut, faded, tilted and blurred as a picture, multiplied with its masks, and laid over what is there.
 *
 * @param whole from px of the raster to pixels of the canvas
 * @param seen what it reaches over, px of the raster; missing for anything
 */
function drawApart(
  context: CanvasRenderingContext2D,
  reel: Reel,
  index: number,
  moment: Moment,
  standing: Stand[],
  whole: DOMMatrix,
  hidden?: Path2D,
  seen?: Bounds,
): void {
  const layer = reel.layers[index]!;
  const stand = standing[index]!;
  const area = seen
    ? areaOf(context.canvas, through(seen, whole))
    : { x: 0, y: 0, width: context.canvas.width, height: context.canvas.height };
  if (area.width === 0 || area.height === 0) return;
  const base = new DOMMatrix().translate(-area.x, -area.y).multiply(whole);
  const thick = isThick(layer, stand);
  const standsTilted = thick
    ? solid(context, reel, standingLayer(layer, moment), stand, moment, base)
    : stood(context, reel, standingLayer(layer, moment), stand, moment, base, area);
  const isCut = !thick && !stand.tilted;
  for (const band of stand.bands) if (!isCut || band.soft > 0) fadeTo(standsTilted, band, base);
  let blurred = standsTilted;
  if (stand.blur > 0) {
    blurred = blank(standsTilted);
    lay(blurred, standsTilted.canvas, 'source-over', { filter: `blur(${stand.blur * base.a}px)` });
  }
  for (const mask of layer.masks) {
    const cut = blank(blurred);
    fillMask(cut, reel, mask.layer, moment, standing, base);
    const fade = mask.soft > 0 ? `blur(${(mask.soft / 2) * base.a}px)` : 'none';
    const softened = blank(blurred);
    lay(softened, cut.canvas, 'source-over', { filter: fade });
    lay(blurred, softened.canvas, mask.inside ? 'destination-in' : 'destination-out');
  }
  if (hidden) {
    blurred.save();
    blurred.setTransform(base);
    blurred.globalCompositeOperation = 'destination-out';
    blurred.fill(hidden);
    blurred.restore();
  }
  lay(context, blurred.canvas, 'source-over', {
    matrix: new DOMMatrix().translate(area.x, area.y),
    alpha: thick ? stand.opacity : 1,
  });
}

/** A layer painted apart and taken through its tilts; one that is not tilted is cut by its hard reveals. */
function stood(
  context: CanvasRenderingContext2D,
  reel: Reel,
  layer: Layer,
  stand: Stand,
  moment: Moment,
  base: DOMMatrix,
  area: { width: number; height: number } = context.canvas,
): CanvasRenderingContext2D {
  const apart = blank(context, area);
  apart.save();
  if (!stand.tilted) {
    for (const band of stand.bands) if (band.soft === 0) clipTo(apart, band, base);
    apart.setTransform(base.multiply(stand.matrix));
  } else apart.setTransform(base);
  paintLayer(apart, layer, stand, moment, base.a);
  apart.restore();
  return stand.tilted ? tiltedThrough(apart, stand, reel, base) : apart;
}

/** A box with depth, opaque and not cut yet: what it throws, its sides, and its front over them. */
function solid(
  context: CanvasRenderingContext2D,
  reel: Reel,
  layer: Layer,
  stand: Stand,
  moment: Moment,
  base: DOMMatrix,
): CanvasRenderingContext2D {
  const opaque: Stand = { ...stand, opacity: 1, bands: [] };
  const plain: Stand = { ...opaque, tints: [] };
  const thick = thickOf(layer, stand);
  const whole = blank(context);
  if (layer.shadow.colour || layer.glow.colour)
    lay(whole, stood(context, reel, layer, opaque, moment, base).canvas, 'source-over');
  whole.save();
  whole.setTransform(base);
  paintThick(whole, thick, layer, stand);
  whole.restore();
  if (thick.isFrontSeen)
    lay(whole, stood(context, reel, frontOf(layer, stand), plain, moment, base).canvas, 'source-over');
  return whole;
}

/** What stands at rest, taken through the tilts and matrices of its own and of its groups. */
function tiltedThrough(
  apart: CanvasRenderingContext2D,
  stand: Stand,
  reel: Reel,
  base: DOMMatrix,
): CanvasRenderingContext2D {
  let now = apart;
  for (const step of stand.steps) {
    const next = blank(apart);
    const matrix = base.multiply(step.matrix).multiply(base.inverse());
    lay(next, tilted(now.canvas, step, base, EYE * reel.width), 'source-over', { matrix });
    now = next;
  }
  return now;
}

function fillMask(
  context: CanvasRenderingContext2D,
  reel: Reel,
  index: number,
  moment: Moment,
  standing: Stand[],
  base: DOMMatrix,
): void {
  for (const by of shapesOf(reel, index, moment)) {
    const stand = standing[by]!;
    const apart = blank(context);
    apart.fillStyle = context.fillStyle;
    apart.setTransform(stand.tilted ? base : base.multiply(stand.matrix));
    fillLayer(apart, reel.layers[by]!, stand, moment);
    apart.setTransform(new DOMMatrix());
    const stood = stand.tilted ? tiltedThrough(apart, stand, reel, base) : apart;
    for (const band of stand.bands) fadeTo(stood, band, base);
    lay(context, stood.canvas, 'source-over');
  }
}
