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

/** A piece of the raster, in its proportion, that shows a place in it with what is around; all of it for a place without extent. */
export function around(reel: { width: number; height: number }, where: Area): Area {
  if (where.width <= 0 || where.height <= 0) return { x: 0, y: 0, width: reel.width, height: reel.height };
  const WIDER = 1.5;
  const LEAST = 0.4;
  const ratio = reel.width / reel.height;
  const wanted = Math.max(where.width * WIDER, where.height * WIDER * ratio, reel.width * LEAST);
  const width = Math.min(reel.width, wanted);
  const height = width / ratio;
  const x = where.x + where.width / 2 - width / 2;
  const y = where.y + where.height / 2 - height / 2;
  return {
    x: within(x, reel.width - width),
    y: within(y, reel.height - height),
    width,
    height,
  };
}
