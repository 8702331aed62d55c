import { expect, it } from 'vitest';
import { firstKey, keysOf, wayOf, WAYS_OF_LOOP } from './ways';

it('knows the way that its keys make, whatever the length', () => {
  for (const way of WAYS_OF_LOOP)
    for (const length of [1, 2, 25, 400]) expect(wayOf(keysOf(way, length))).toBe(way);
  expect(wayOf([{ at: 0.3, near: 0.5 }])).toBe('by its keys');
});

it('jumps back on the last frame', () => {
  expect(keysOf('there and jumps back', 50)[0]!.at).toBeCloseTo(0.98);
});

it('puts a first key half-way where the move is by then', () => {
  expect(firstKey('IN').near).toBe(1);
  expect(firstKey('LOOP').near).toBe(0);
  expect(firstKey('OUT').near).toBe(0);
});
