import { describe, expect, it } from 'vitest';
import type { Layer, Reel } from '../api/types';
import { around, commonArea } from './area';

function reel(...boxes: [number, number, number, number][]): Reel {
  const layers = boxes.map(([x, y, width, height]) => ({ box: { x, y, width, height } }) as Layer);
  return { width: 1920, height: 1080, rate: 50, layers, in: 0, loop: 0, out: 0, steps: [] };
}

it('holds every part of every reel, keeps the proportions of the frame and stays inside it', () => {
  const area = commonArea([reel([96, 840, 400, 186]), reel([96, 840, 900, 186])])!;
  expect(area.width / area.height).toBeCloseTo(16 / 9);
  expect(area.width).toBeCloseTo(980);
  expect(area.x).toBeCloseTo(56);
  expect(area.y + area.height).toBeLessThanOrEqual(1080);
});

it('is the whole frame for a part that is wider than it', () => {
  expect(commonArea([reel([96, 900, 5000, 100])])).toEqual({ x: 0, y: 0, width: 1920, height: 1080 });
});

it('is left open when nothing is there', () => {
  expect(commonArea([reel()])).toBeUndefined();
  expect(commonArea([])).toBeUndefined();
});

describe('around', () => {
  const RASTER = { width: 1920, height: 1080 };

  it('shows a place with what is around it, in the proportion of the raster and inside it', () => {
    const area = around(RASTER, { x: 96, y: 900, width: 200, height: 100 });
    expect(area).toEqual({ x: 0, y: 648, width: 768, height: 432 });
    expect(around(RASTER, { x: 0, y: 400, width: 1900, height: 20 }).width).toBe(1920);
  });

  it('shows all of it where there is nothing to point at', () => {
    expect(around(RASTER, { x: 5, y: 5, width: 0, height: 0 }).width).toBe(1920);
  });
});
