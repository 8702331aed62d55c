import { expect, it } from 'vitest';
import { snap, snapLines } from './snap';

const SAFE = { action: 93, title: 90 };
const FRAME = { width: 1920, height: 1080 };

it('knows the frame, its safe lines and the edges and centres of other parts', () => {
  const { x, y } = snapLines(FRAME, [{ x: 300, y: 200, width: 100, height: 50 }], SAFE);
  expect(x).toEqual([0, 960, 1920, 67.2, 1852.8, 96, 1824, 300, 350, 400]);
  expect(y).toEqual(expect.arrayContaining([54, 1026, 540, 225]));
});

it('brings the nearest edge or the centre onto a line', () => {
  const { x } = snapLines(FRAME, [], SAFE);
  expect(snap(99, 400, x, 8)).toEqual({ by: -3, line: 96 });
  expect(snap(755, 400, x, 8)).toEqual({ by: 5, line: 960 });
  expect(snap(1430, 400, x, 8)).toEqual({ by: -6, line: 1824 });
});

it('knows guides and the lines of a grid', () => {
  const { x, y } = snapLines({ width: 100, height: 100 }, [], SAFE, { x: [33], y: [] }, 40);
  expect(x).toEqual(expect.arrayContaining([33, 40, 80]));
  expect(y).not.toContain(33);
});

it('leaves alone what is not near anything', () => {
  expect(snap(500, 100, snapLines(FRAME, [], SAFE).x, 8)).toEqual({ by: 0 });
});
