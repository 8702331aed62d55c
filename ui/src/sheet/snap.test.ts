import { expect, it } from 'vitest';
import { snap, snapLines } from './snap';

const FRAME = { width: 1920, height: 1080 };

it('knows the frame, its safe lines and the edges and centres of other parts', () => {
  const { x, y } = snapLines(FRAME, [{ x: 300, y: 200, width: 100, height: 50 }]);
  expect(x).toEqual([0, 960, 1920, 67.2, 1852.8, 96, 1824, 300, 350, 400]);
  expect(y).toEqual(expect.arrayContaining([54, 1026, 540, 225]));
});

it('brings the nearest edge or the centre onto a line', () => {
  const { x } = snapLines(FRAME, []);
  expect(snap(99, 400, x, 8)).toEqual({ by: -3, line: 96 });
  expect(snap(755, 400, x, 8)).toEqual({ by: 5, line: 960 });
  expect(snap(1430, 400, x, 8)).toEqual({ by: -6, line: 1824 });
});

it('leaves alone what is not near anything', () => {
  expect(snap(500, 100, snapLines(FRAME, []).x, 8)).toEqual({ by: 0 });
});
