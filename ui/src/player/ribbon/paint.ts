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
  // What is further away first: where a ribbon turns over an edge that leans, neighbours are seen one over the other.
  cells.sort((a, b) => a.depth - b.depth);
  for (const { corners, colour } of cells) {
    context.fillStyle = colour;
    fillCell(context, grown(corners, OVER / pixels));
  }
}

/** What is filled at once. */
interface Cell {
  corners: Point[];
  colour: string;
  /** z towards the eye. */
  depth: number;
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
  const along = (facets.along[facet]! + facets.along[facet + 1]!) / 2;
  const half = surface.half(along);
  const bow = isBow(facets, facet);
  const strips = Math.max(stripsOf(run.front ? layer.fill : ribbon.back), bow ? BOW : 1);
  const shades = [true, false].map((front) => {
    const facing = surface.facing(along).map((part) => (front ? part : -part)) as [number, number, number];
    return front === run.front || bow ? shadeOf(facing, ribbon.light, state.light, ribbon.sheen) : undefined;
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
    cells.push({ corners, colour: lit(parse(colour), shades[front ? 0 : 1]!), depth });
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

/** A piece of a facet, reaching over its neighbours and beyond the edges. */
function grown(corners: Point[], over: number): Point[] {
  const [here, there, thereFoot, hereFoot] = corners as [Point, Point, Point, Point];
  beyond(here, there, over);
  beyond(hereFoot, thereFoot, over);
  beyond(here, hereFoot, over);
  beyond(there, thereFoot, over);
  return corners;
}

/** Two points moved apart along their line. */
function beyond(first: Point, second: Point, over: number): void {
  const [x, y] = [second[0] - first[0], second[1] - first[1]];
  const length = Math.hypot(x, y);
  if (length < 1e-6) return;
  first[0] -= (x / length) * over;
  first[1] -= (y / length) * over;
  second[0] += (x / length) * over;
  second[1] += (y / length) * over;
}

function fillCell(context: CanvasRenderingContext2D, points: Point[]): void {
  context.beginPath();
  points.forEach(([x, y], i) => (i === 0 ? context.moveTo(x, y) : context.lineTo(x, y)));
  context.closePath();
  context.fill();
}

function lit(colour: Rgba, { dark, white }: { dark: number; white: number }): string {
  const parts = colour.slice(0, OPAQUE).map((part) => {
    const shaded = part * dark;
    return Math.round(Math.max(0, Math.min(255, shaded + (255 - shaded) * white)));
  });
  return `rgb(${parts.join(' ')})`;
}
