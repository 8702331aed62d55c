import type { Layer } from '../../api/types';
import { mixed, parse, type Rgba } from '../colours';
import { areaOf, BOW, cornersOf, outlineOf, type Point, type RibbonNow } from './now';
import { isBow, type Run } from './runs';
import { shadeOf } from './shade';

/** px by which facets reach over their neighbours and beyond the edge that cuts them. */
const OVER = 0.75;
/** Red, green and blue; alpha of a ribbon is of no account. */
const OPAQUE = 3;
/** Steps of colour across a ribbon whose gradient runs that way, at most. */
const STRIPS = 24;
/** By so much, of 255, colours may differ that are filled as one. */
const ALIKE = 2;

/**
 * Fills a ribbon facet by facet, in the coordinates that are set: each of its runs cut to its edge, what is further away first.
 *
 * @param tinted what becomes of a colour
 * @param pixels canvas pixels per px
 */
export function fillRibbon(
  context: CanvasRenderingContext2D,
  now: RibbonNow,
  tinted: (colour: string) => string,
  pixels: number,
): void {
  for (const run of now.runs) {
    context.save();
    context.clip(outlineOf(now, run));
    fillRun(context, now, run, tinted, pixels);
    context.restore();
  }
}

function fillRun(
  context: CanvasRenderingContext2D,
  now: RibbonNow,
  run: Run,
  tinted: (colour: string) => string,
  pixels: number,
): void {
  const last = Math.min(now.facets.count - 1, run.last + 1);
  const cells: Cell[] = [];
  for (let facet = run.first; facet <= last; facet++) addCells(cells, now, run, facet, tinted);
  const filled = joined(cells);
  // What is further away first: where a ribbon turns over an edge that leans, neighbours are seen one over the other.
  filled.sort((a, b) => a.depth - b.depth);
  for (const { rulings, colour } of filled) {
    context.fillStyle = `rgb(${colour.join(' ')})`;
    fillBand(context, rulings, OVER / pixels);
  }
}

/** What is filled at once. */
interface Cell {
  /** Pieces of rulings, from the first to the last: their tops and feet. */
  rulings: [Point, Point][];
  /** 0–255 each. */
  colour: number[];
  /** z towards the eye. */
  depth: number;
  /** Whether it reaches from edge to edge, so that its neighbours may be filled with it. */
  whole: boolean;
}

/** With neighbours whose colours nobody tells apart as one, in the colour of the one in the middle. */
function joined(cells: Cell[]): Cell[] {
  const all: Cell[] = [];
  let first = 0;
  for (let i = 1; i <= cells.length; i++) {
    const [cell, of] = [cells[i], cells[first]!];
    const alike = cell?.colour.every((part, k) => Math.abs(part - of.colour[k]!) <= ALIKE);
    if (alike && of.whole && cell!.whole) continue;
    const { colour, depth } = cells[(first + i - 1) >> 1]!;
    const rulings = [of.rulings[0]!, ...cells.slice(first, i).map(({ rulings: its }) => its[1]!)];
    all.push({ rulings, colour, depth, whole: of.whole });
    first = i;
  }
  return all;
}

function addCells(
  cells: Cell[],
  now: RibbonNow,
  run: Run,
  facet: number,
  tinted: (colour: string) => string,
): void {
  const { facets, surface, layer, state } = now;
  const ribbon = layer.ribbon!;
  const [black, white] = [parse(ribbon.lit.black), parse(ribbon.lit.white)];
  const along = (facets.along[facet]! + facets.along[facet + 1]!) / 2;
  const half = surface.half(along);
  const bow = isBow(facets, facet);
  const strips = Math.max(stripsOf(run.front ? layer.fill : ribbon.back), bow ? BOW : 1);
  const shades = [true, false].map((front) => {
    const facing = surface.facing(along).map((part) => (front ? part : -part)) as [number, number, number];
    return front === run.front || bow
      ? shadeOf(facing, ribbon.lit.light, state.light, ribbon.sheen)
      : undefined;
  });
  for (let strip = 0; strip < strips; strip++) {
    const [from, to] = [strip / strips, (strip + 1) / strips];
    const corners = cornersOf(now, facet, from, to);
    const front = bow ? areaOf(corners) >= 0 : run.front;
    const fill = front ? layer.fill : ribbon.back;
    const [first, second] = [tinted(fill.from), tinted(fill.to)];
    const colour =
      fill.from === fill.to ? first : mixed(first, second, shareOf(now, fill, along, half * (from + to - 1)));
    const [a, b] = [facets.ends[facet]!, facets.ends[facet + 1]!];
    const [top, foot] = [a[2]! + b[2]!, a[5]! + b[5]!];
    const depth = top + ((foot - top) * (from + to)) / 2;
    const [here, there, thereFoot, hereFoot] = corners as [Point, Point, Point, Point];
    cells.push({
      rulings: [
        [here, hereFoot],
        [there, thereFoot],
      ],
      colour: lit(parse(colour), shades[front ? 0 : 1]!, black, white),
      depth,
      whole: strips === 1,
    });
  }
}

function stripsOf(fill: Layer['fill']): number {
  const down = Math.abs(fill.y2 - fill.y1);
  return fill.from === fill.to || down < 0.5 ? 1 : Math.max(2, Math.min(STRIPS, Math.ceil(down / 4)));
}

/** Share of the way of a gradient at a place of the ribbon. */
function shareOf({ straight }: RibbonNow, fill: Layer['fill'], along: number, off: number): number {
  const [x, y] = [straight.x + along - fill.x1, straight.y + straight.height / 2 + off - fill.y1];
  const [dx, dy] = [fill.x2 - fill.x1, fill.y2 - fill.y1];
  return Math.max(0, Math.min(1, (x * dx + y * dy) / Math.max(1e-9, dx * dx + dy * dy)));
}

/** Reaching over its neighbours and beyond the edges. */
function fillBand(context: CanvasRenderingContext2D, rulings: [Point, Point][], over: number): void {
  const [last, before] = [rulings.length - 1, rulings.length - 2];
  for (const side of [0, 1]) {
    away(rulings[0]![side]!, rulings[1]![side]!, over);
    away(rulings[last]![side]!, rulings[before]![side]!, over);
  }
  for (const [top, foot] of rulings) {
    away(top, foot, over);
    away(foot, top, over);
  }
  context.beginPath();
  rulings.forEach(([[x, y]], i) => (i === 0 ? context.moveTo(x, y) : context.lineTo(x, y)));
  for (let i = last; i >= 0; i--) context.lineTo(...rulings[i]![1]);
  context.closePath();
  context.fill();
}

/** A point moved away from another one. */
export function away(point: Point, from: Point, by: number): void {
  const [x, y] = [point[0] - from[0], point[1] - from[1]];
  const length = Math.hypot(x, y);
  if (length < 1e-6) return;
  point[0] += (x / length) * by;
  point[1] += (y / length) * by;
}

/** A colour as it is lit, between black and white as they are on the picture; red, green and blue. */
export function lit(
  colour: Rgba,
  shade: { dark: number; white: number },
  black: Rgba,
  white: Rgba,
): number[] {
  return colour.slice(0, OPAQUE).map((part, i) => {
    const shaded = black[i]! + (part - black[i]!) * shade.dark;
    return Math.round(Math.max(0, Math.min(255, shaded + (white[i]! - shaded) * shade.white)));
  });
}
