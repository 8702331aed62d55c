import { expect, it } from 'vitest';
import { isBelow, moved, upwards } from './stack';

it('puts berths in the order of the house, and those it does not name above them', () => {
  expect(upwards(['strap', 'bar', 'main', 'board', 'bar', 'clock'], ['board', 'strap', 'bar'])).toEqual([
    'board',
    'strap',
    'bar',
    'clock',
    'main',
  ]);
  expect(isBelow('strap', 'bar', [])).toBe(false);
  expect(isBelow('bar', 'bar', ['bar'])).toBe(false);
});

it('moves one at a time, no further than the ends', () => {
  expect(moved(['a', 'b', 'c'], 'b', 1)).toEqual(['a', 'c', 'b']);
  expect(moved(['a', 'b', 'c'], 'a', -1)).toEqual(['a', 'b', 'c']);
  expect(moved(['a', 'b', 'c'], 'c', 1)).toEqual(['a', 'b', 'c']);
  expect(moved(['a', 'b'], 'x', 1)).toEqual(['a', 'b']);
});
