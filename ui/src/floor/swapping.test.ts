import { expect, test } from 'vitest';
import { portions } from './swapping.svelte';

test('changes are asked for a few at a time, the one that is looked at first', () => {
  expect(portions(9, 25, 7)).toEqual([[7, 8, 0, 1], [2, 3, 4, 5], [6]]);
  expect(portions(3, 200)).toEqual([[0], [1], [2]]);
  expect(portions(3, 1, 2)).toEqual([[2, 0, 1]]);
  expect(portions(0, 5)).toEqual([]);
});
