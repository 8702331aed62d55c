import { expect, it } from 'vitest';
import { freeName } from './newGraphic';

it('finds a name that is free and not too long', () => {
  expect(freeName('New graphic', [])).toBe('New graphic');
  expect(freeName('New graphic', ['New graphic', 'New graphic 2'])).toBe('New graphic 3');
  const long = 'x'.repeat(60);
  expect(freeName(long, [long])).toBe('x'.repeat(58) + ' 2');
});
