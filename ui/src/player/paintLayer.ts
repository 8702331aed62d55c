import type { Layer } from '../api/types';
import { gradedPicture } from './grade';
import { blank, lay } from './canvas';
import { tinted } from './colours';
import { isDealt, letter, trackedBy, type Letter } from './letters';
import type { Moment } from './moment';
import { pictureImage } from './pictures';
import { fillRibbon } from './ribbon/paint';
import { drawBentPicture } from './ribbon/picture';
import type { Piece } from './ribbon/ridden';
import { ridingLetters, ridingPieces } from './ribbon/shapes';
import { boxNow, letterShapes, outlineLength, shapeStanding } from './shapes';
import type { Stand } from './stand';

type Image = ReturnType<typeof gradedPicture>;
type Tints = Stand['tints'];

const FAR = 100_000;
/** px by which a picture may stand outside its box, as places are rounded. */
const ROUNDED = 0.01;

/**
 * Paints a layer in the coordinates that are set, uncut: its letters one by one where they move so, or all of it.
 *
 * @param scale canvas pixels per px: shadows and blurs are not scaled with what throws them
 */
export function paintLayer(
  context: CanvasRenderingContext2D,
  layer: Layer,
  stand: Stand,
  moment: Moment,
  scale: number,
): void {
  if (!isDealt(layer, moment, stand.tracking)) {
    context.save();
    context.globalAlpha = stand.opacity;
    const paint = (onto: CanvasRenderingContext2D, path: Path2D) =>
      paintShape(onto, layer, path, stand, stand.stroke, stand.tints, scale);
    if (stand.riding) paintPieces(context, ridingPieces(layer, stand), paint);
    else paint(context, shapeStanding(layer, stand));
    context.restore();
    return;
  }
  if (stand.riding) {
    paintRidingLetters(context, layer, stand, moment, scale);
    return;
  }
  letterShapes(layer).forEach((path, unit) => {
    const now = letter(layer, moment, unit, trackedBy(layer, unit, stand.tracking));
    if (now.opacity === 0) return;
    context.save();
    standAs(context, layer, stand, unit, now);
    context.globalAlpha = stand.opacity * now.opacity;
    if (now.blur > 0) context.filter = `blur(${now.blur * scale}px)`;
    paintShape(context, layer, path, stand, stand.stroke * now.stroke, [...stand.tints, ...now.tints], scale);
    context.restore();
  });
}

/** What rides where its ribbon passes before itself is hidden there, piece by piece. */
function paintPieces(
  context: CanvasRenderingContext2D,
  pieces: Piece[],
  paint: (onto: CanvasRenderingContext2D, path: Path2D) => void,
): void {
  if (!pieces.some(({ hides }) => hides)) {
    const whole = new Path2D();
    for (const { path } of pieces) whole.addPath(path);
    paint(context, whole);
    return;
  }
  const apart = blank(context);
  for (const { path, hides } of pieces) {
    apart.save();
    apart.setTransform(context.getTransform());
    if (hides) {
      apart.globalCompositeOperation = 'destination-out';
      apart.fill(hides);
      apart.globalCompositeOperation = 'source-over';
    }
    apart.globalAlpha = context.globalAlpha;
    paint(apart, path);
    apart.restore();
  }
  lay(context, apart.canvas, 'source-over', { filter: context.filter });
}

function paintRidingLetters(
  context: CanvasRenderingContext2D,
  layer: Layer,
  stand: Stand,
  moment: Moment,
  scale: number,
): void {
  for (const { now, pieces } of ridingLetters(layer, stand, moment)) {
    context.save();
    context.globalAlpha = stand.opacity * now.opacity;
    if (now.blur > 0) context.filter = `blur(${now.blur * scale}px)`;
    const tints = [...stand.tints, ...now.tints];
    paintPieces(context, pieces, (onto, path) =>
      paintShape(onto, layer, path, stand, stand.stroke * now.stroke, tints, scale),
    );
    context.restore();
  }
}

/** Fills the shape of a layer as it stands, in the coordinates that are set; of letters that move apart, each as it stands. */
export function fillLayer(
  context: CanvasRenderingContext2D,
  layer: Layer,
  stand: Stand,
  moment: Moment,
): void {
  if (!isDealt(layer, moment, stand.tracking)) {
    context.fill(shapeStanding(layer, stand));
    return;
  }
  if (stand.riding) {
    for (const { now, pieces } of ridingLetters(layer, stand, moment)) {
      context.save();
      context.globalAlpha = now.opacity;
      for (const { path } of pieces) context.fill(path);
      context.restore();
    }
    return;
  }
  letterShapes(layer).forEach((path, unit) => {
    const now = letter(layer, moment, unit, trackedBy(layer, unit, stand.tracking));
    context.save();
    standAs(context, layer, stand, unit, now);
    context.globalAlpha = now.opacity;
    context.fill(path);
    context.restore();
  });
}

function standAs(
  context: CanvasRenderingContext2D,
  layer: Layer,
  { edges }: Stand,
  unit: number,
  now: Letter,
): void {
  context.translate(edges.left, edges.top);
  transform(context, now.matrix);
  for (const reveal of now.reveals) clipLetter(context, layer.units[unit]!, reveal);
}

function transform(context: CanvasRenderingContext2D, { a, b, c, d, e, f }: DOMMatrix): void {
  context.transform(a, b, c, d, e, f);
}

function clipLetter(
  context: CanvasRenderingContext2D,
  unit: Layer['units'][number],
  { degrees, bothWays, share }: Letter['reveals'][number],
): void {
  const across = degrees % 180 === 0;
  const extent = (across ? unit.width : unit.height) * share;
  const before = bothWays ? 0.5 : degrees === 180 || degrees === 270 ? 1 : 0;
  const path = new Path2D();
  // Across its way nothing is cut: marks and swashes stand out of a letter's box.
  if (across) path.rect(unit.x + (unit.width - extent) * before, -FAR, extent, 2 * FAR);
  else path.rect(-FAR, unit.y + (unit.height - extent) * before, 2 * FAR, extent);
  context.clip(path);
}

function paintShape(
  context: CanvasRenderingContext2D,
  layer: Layer,
  path: Path2D,
  stand: Stand,
  strokeFactor: number,
  tints: Tints,
  scale: number,
): void {
  const { drawn, edges } = stand;
  if (layer.ribbon) {
    paintRibbon(context, layer, path, stand, tints, scale);
    return;
  }
  context.fillStyle = paint(context, layer, tints);
  if (layer.glow.colour) {
    context.save();
    throwShadow(context, layer.glow, scale);
    context.fill(path);
    context.restore();
  }
  throwShadow(context, layer.shadow, scale);
  const width = layer.stroke.width * strokeFactor;
  if (width > 0 && layer.kind === 'text') strokeAround(context, layer, path, width, tints);
  const image = pictureOf(layer);
  if (image && stand.riding) drawBentPicture(context, layer, path, image, stand);
  else if (image) drawPicture(context, layer, path, image, edges);
  else context.fill(path);
  if (width > 0 && layer.kind !== 'text' && drawn.to > drawn.from) {
    dash(context, drawn, outlineLength(layer, edges));
    strokeInside(context, layer, path, width, tints);
  }
}

/** Its facets, over the shadow of its shape; see-through only as a whole. */
function paintRibbon(
  context: CanvasRenderingContext2D,
  layer: Layer,
  path: Path2D,
  { ribbon }: Stand,
  tints: Tints,
  scale: number,
): void {
  for (const shadow of [layer.glow, layer.shadow])
    if (shadow.colour) onlyShadow(context, path, shadow, scale);
  // Its gradient lies where it does now.
  const now = { ...ribbon!, layer };
  const matrix = context.getTransform();
  const pixels = Math.sqrt(Math.abs(matrix.a * matrix.d - matrix.b * matrix.c));
  const colour = (of: string) => tinted(of, tints);
  if (context.globalAlpha === 1) {
    fillRibbon(context, now, colour, pixels);
    return;
  }
  const apart = blank(context);
  apart.setTransform(matrix);
  fillRibbon(apart, now, colour, pixels);
  lay(context, apart.canvas, 'source-over', { alpha: context.globalAlpha });
}

/** The shadow without what throws it, which is drawn where nobody sees it. */
function onlyShadow(
  context: CanvasRenderingContext2D,
  path: Path2D,
  shadow: Layer['shadow'],
  scale: number,
): void {
  const away = 2 * context.canvas.width + FAR / 10;
  context.save();
  throwShadow(context, shadow, scale);
  context.shadowOffsetX += away;
  context.setTransform(new DOMMatrix().translate(-away, 0).multiply(context.getTransform()));
  context.fillStyle = '#000';
  context.fill(path);
  context.restore();
}

function pictureOf(layer: Layer): Image | undefined {
  const image = layer.picture ? pictureImage(layer.picture) : undefined;
  return image && gradedPicture(image, layer.grade, layer.pictureAt.width);
}

/** Cut to its shape. A picture that lies wholly inside throws the shadow of what is seen of it. */
function drawPicture(
  context: CanvasRenderingContext2D,
  layer: Layer,
  path: Path2D,
  image: Image,
  edges: Stand['edges'],
): void {
  const { x, y, width, height } = layer.pictureAt;
  context.save();
  const box = boxNow(layer, edges);
  const inside =
    x >= box.x - ROUNDED &&
    y >= box.y - ROUNDED &&
    x + width <= box.x + box.width + ROUNDED &&
    y + height <= box.y + box.height + ROUNDED;
  const sharp = Object.values(layer.corners).every((radius) => radius === 0) && layer.slant === 0;
  if (!inside || !sharp || layer.kind === 'text') {
    context.fill(path);
    context.clip(path);
    context.shadowColor = 'transparent';
  }
  context.drawImage(image, x, y, width, height);
  context.restore();
}

function paint(context: CanvasRenderingContext2D, { fill }: Layer, tints: Tints): string | CanvasGradient {
  const [from, to] = [tinted(fill.from, tints), tinted(fill.to, tints)];
  if (fill.from === fill.to) return from;
  const { x1, y1, x2, y2 } = fill;
  const gradient = fill.radial
    ? context.createRadialGradient(x1, y1, 0, x1, y1, Math.hypot(x2 - x1, y2 - y1))
    : context.createLinearGradient(x1, y1, x2, y2);
  gradient.addColorStop(0, from);
  gradient.addColorStop(1, to);
  return gradient;
}

function throwShadow(context: CanvasRenderingContext2D, shadow: Layer['shadow'], scale: number): void {
  if (!shadow.colour) return;
  context.shadowColor = shadow.colour;
  context.shadowOffsetX = shadow.x * scale;
  context.shadowOffsetY = shadow.y * scale;
  context.shadowBlur = shadow.blur * scale;
}

/** Twice as wide and under the fill: what is seen of it is outside. It has thrown the shadow. */
function strokeAround(
  context: CanvasRenderingContext2D,
  layer: Layer,
  path: Path2D,
  width: number,
  tints: Tints,
): void {
  context.strokeStyle = tinted(layer.stroke.colour, tints);
  context.lineWidth = 2 * width;
  context.lineJoin = 'round';
  context.stroke(path);
  context.shadowColor = 'transparent';
}

/** Only the part of the stroke that is drawn, from one share of its length to another. */
function dash(context: CanvasRenderingContext2D, { from, to }: Stand['drawn'], length: number): void {
  if (from === 0 && to === 1) return;
  const part = (to - from) * length;
  context.setLineDash([part, 2 * length]);
  // Far enough into the gap that the dash begins where it should.
  context.lineDashOffset = from === 0 ? 0 : part + 2 * length - from * length;
}

/** Twice as wide and cut to the shape: what is seen of it is inside. */
function strokeInside(
  context: CanvasRenderingContext2D,
  layer: Layer,
  path: Path2D,
  width: number,
  tints: Tints,
): void {
  context.shadowColor = 'transparent';
  context.save();
  context.clip(path);
  context.strokeStyle = tinted(layer.stroke.colour, tints);
  context.lineWidth = 2 * width;
  context.stroke(path);
  context.restore();
}
