import type { Reel } from '../api/types';

/** A part of the raster, px. */
export interface Area {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Room around the parts, px. */
const MARGIN = 40;

/** The smallest area with the frame's proportions in which every part of every reel rests; never more than the frame. */
export function commonArea(reels: Reel[]): Area | undefined {
  const first = reels[0];
  const boxes = reels.flatMap((reel) => reel.layers).map((layer) => layer.box);
  if (!first || boxes.length === 0) return undefined;
  const frame = { width: first.width, height: first.height };
  const left = Math.min(...boxes.map((box) => box.x)) - MARGIN;
  const right = Math.max(...boxes.map((box) => box.x + box.width)) + MARGIN;
  const top = Math.min(...boxes.map((box) => box.y)) - MARGIN;
  const bottom = Math.max(...boxes.map((box) => box.y + box.height)) + MARGIN;
  const share = Math.min(1, Math.max((right - left) / frame.width, (bottom - top) / frame.height));
  const width = frame.width * share;
  const height = frame.height * share;
  return {
    x: within((left + right - width) / 2, frame.width - width),
    y: within((top + bottom - height) / 2, frame.height - height),
    width,
    height,
  };
}

function within(start: number, last: number): number {
  return Math.max(0, Math.min(last, start));
}
