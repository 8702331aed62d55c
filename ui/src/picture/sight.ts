import type { Area } from './area';

/** Which piece of the raster is looked at: its left and top as shares of the raster, and how many times as large it is seen. */
export interface Sight {
  x: number;
  y: number;
  zoom: number;
}

export const ALL: Sight = { x: 0, y: 0, zoom: 1 };
const MOST = 16;
/** Of the window, around a part that is looked at. */
const AROUND = 0.8;

/** px of the raster that are seen. */
export function areaOf({ x, y, zoom }: Sight, raster: { width: number; height: number }): Area {
  return {
    x: x * raster.width,
    y: y * raster.height,
    width: raster.width / zoom,
    height: raster.height / zoom,
  };
}

/**
 * Seen so many times as large; what is at a point of the window stays there.
 *
 * @param px of the window from its left, 0–1
 * @param py from its top
 */
export function zoomed(sight: Sight, zoom: number, px = 0.5, py = 0.5): Sight {
  const now = Math.max(1, Math.min(MOST, zoom));
  const x = sight.x + px / sight.zoom - px / now;
  const y = sight.y + py / sight.zoom - py / now;
  return within({ x, y, zoom: now });
}

/** @param dx shares of the window to the right that what is seen moves */
export function panned(sight: Sight, dx: number, dy: number): Sight {
  return within({ ...sight, x: sight.x - dx / sight.zoom, y: sight.y - dy / sight.zoom });
}

/** As large as a place of the raster can be seen, with a little around it. */
export function showing(where: Area, raster: { width: number; height: number }): Sight {
  const share = Math.max(where.width / raster.width, where.height / raster.height);
  if (!(share > 0)) return ALL;
  const zoom = Math.max(1, Math.min(MOST, AROUND / share));
  const x = (where.x + where.width / 2) / raster.width - 0.5 / zoom;
  const y = (where.y + where.height / 2) / raster.height - 0.5 / zoom;
  return within({ x, y, zoom });
}

function within({ x, y, zoom }: Sight): Sight {
  const last = 1 - 1 / zoom;
  return { x: Math.max(0, Math.min(last, x)), y: Math.max(0, Math.min(last, y)), zoom };
}
