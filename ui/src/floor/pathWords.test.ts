import { expect, it } from 'vitest';
import type { Graphic } from '../api/types';
import { inWords } from './pathWords';

const DOCUMENT = {
  parts: [{ key: 'name' }, { key: 'plate' }],
  in: { moves: [{ key: 'plate opens' }] },
  fields: [{ key: 'name', label: 'Name' }],
} as unknown as Graphic;

it('names part and property before the path', () => {
  expect(inWords('$.parts[1].width.pad[0]: must be a number', DOCUMENT)).toBe(
    'plate · width · pad · 1 ($.parts[1].width.pad[0]): must be a number',
  );
  expect(inWords('$.in.moves[0].length: must be 1 or more', DOCUMENT)).toBe(
    'in · plate opens · length ($.in.moves[0].length): must be 1 or more',
  );
  expect(inWords('$.fields[0].longest: is too large', DOCUMENT)).toBe(
    'field Name · longest ($.fields[0].longest): is too large',
  );
});

it('leaves alone what names nothing, and what it does not know', () => {
  expect(inWords('a · width follows a · width', DOCUMENT)).toBe('a · width follows a · width');
  expect(inWords('$.parts[9].x: is wrong', DOCUMENT)).toBe('parts 10 · x ($.parts[9].x): is wrong');
  expect(inWords('$.x: is wrong', undefined)).toBe('$.x: is wrong');
});
