import { expect, it } from 'vitest';
import { briefList } from './lists';

it('says few names, and of many how many more', () => {
  expect(briefList([])).toBe('');
  expect(briefList(['a'])).toBe('a');
  expect(briefList(['a', 'b', 'c', 'd'])).toBe('a, b, c and d');
  expect(briefList(['a', 'b', 'c', 'd', 'e'])).toBe('a, b, c and 2 more');
});
