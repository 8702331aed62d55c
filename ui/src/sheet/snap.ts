import type { Guides, Rect, SafeAreas } from '../api/types';

/** A line of the picture that parts snap to, px along its axis. */
export interface Snapped {
  /** px to add to what was dragged, so that an edge or the centre lies on the line. */
  by: number;
  /** Where the line is; undefined if nothing was near enough. */
  line?: number;
}

/**
 * Lines along one axis: the frame's edges and centre, the safe lines, guides, the grid, and edges and centres of other parts.
 *
 * @param grid px between its lines; 0 for none
 */
export function lines(
  extent: number,
  others: { start: number; extent: number }[],
  safe: SafeAreas,
  guides: number[] = [],
  grid = 0,
): number[] {
  const found = [0, extent / 2, extent, ...guides];
  for (const percent of [safe.action, safe.title]) {
    const inset = (extent * (100 - percent)) / 200;
    found.push(inset, extent - inset);
  }
  for (let line = grid; grid > 0 && line < extent; line += grid) found.push(line);
  for (const other of others) {
    found.push(other.start, other.start + other.extent / 2, other.start + other.extent);
  }
  return found;
}

/**
 * The nearest line to the start, the centre or the end of what is dragged.
 *
 * @param near px; lines further away do not count
 */
export function snap(start: number, extent: number, to: number[], near: number): Snapped {
  let best: Snapped = { by: 0 };
  let distance = near;
  for (const own of [start, start + extent / 2, start + extent]) {
    for (const line of to) {
      if (Math.abs(line - own) < distance) {
        distance = Math.abs(line - own);
        best = { by: line - own, line };
      }
    }
  }
  return best;
}

/** What a part may snap to in a picture: everything but itself. */
export function snapLines(
  frame: { width: number; height: number },
  others: Rect[],
  safe: SafeAreas,
  guides?: Guides,
  grid = 0,
): { x: number[]; y: number[] } {
  return {
    x: lines(
      frame.width,
      others.map(({ x, width }) => ({ start: x, extent: width })),
      safe,
      guides?.x,
      grid,
    ),
    y: lines(
      frame.height,
      others.map(({ y, height }) => ({ start: y, extent: height })),
      safe,
      guides?.y,
      grid,
    ),
  };
}
