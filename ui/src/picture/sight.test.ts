import { expect, it } from 'vitest';
import { ALL, areaOf, panned, showing, zoomed } from './sight';

const RASTER = { width: 1920, height: 1080 };

it('keeps what is under the pointer there while it zooms', () => {
  const once = zoomed(ALL, 4, 0.25, 0.75);
  const area = areaOf(once, RASTER);
  expect(area.x + 0.25 * area.width).toBeCloseTo(480);
  expect(area.y + 0.75 * area.height).toBeCloseTo(810);
  expect(zoomed(once, 1)).toEqual(ALL);
});

it('never looks beyond the raster, nor from further away than all of it', () => {
  expect(zoomed(ALL, 0.2)).toEqual(ALL);
  const far = panned(zoomed(ALL, 2), -9, 9);
  const area = areaOf(far, RASTER);
  expect([area.x + area.width, area.y]).toEqual([1920, 0]);
});

it('shows a part with a little around it', () => {
  const part = { x: 200, y: 800, width: 480, height: 100 };
  const area = areaOf(showing(part, RASTER), RASTER);
  expect(area.width).toBeCloseTo(600);
  expect(area.x).toBeLessThan(200);
  expect(area.x + area.width).toBeGreaterThan(680);
  expect(showing({ x: 0, y: 0, width: 0, height: 0 }, RASTER)).toEqual(ALL);
});
