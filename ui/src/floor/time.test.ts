import { expect, it } from 'vitest';
import { dateOf, timeOf } from './time';

it('says day and time as people write them', () => {
  const moment = new Date(2026, 10, 26, 20, 41, 9).toISOString();
  expect(dateOf(moment, new Date(2026, 11, 1))).toBe('26 Nov, 20:41');
  expect(dateOf(moment, new Date(2027, 0, 1))).toBe('26 Nov 2026, 20:41');
  expect(timeOf(new Date(2026, 0, 1, 3, 5).toISOString())).toBe('03:05');
});
