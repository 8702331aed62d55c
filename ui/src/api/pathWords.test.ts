import { expect, it } from 'vitest';
import type { Graphic } from '../api/types';
import { inWords } from './pathWords';

const DOCUMENT = {
  parts: [{ key: 'name' }, { key: 'plate' }],
  in: { moves: [{ key: 'plate opens' }] },
  fields: [{ key: 'name', label: 'Name' }],
} as unknown as Graphic;

it('names part and property instead of the path', () => {
  expect(inWords('$.parts[1].width.pad[0]: must be a number', DOCUMENT)).toBe(
    'plate · width · pad · 1: must be a number',
  );
  expect(inWords('$.in.moves[0].length: must be 1 or more', DOCUMENT)).toBe(
    'in · plate opens · length: must be 1 or more',
  );
  expect(inWords('$.fields[0].longest: is too large', DOCUMENT)).toBe('field Name · longest: is too large');
});

it('leaves alone what names nothing, and what it does not know', () => {
  expect(inWords('a · width follows a · width', DOCUMENT)).toBe('a · width follows a · width');
  expect(inWords('$.parts[9].x: is wrong', DOCUMENT)).toBe('parts 10 · x: is wrong');
  expect(inWords('$.x: is wrong', undefined)).toBe('x: is wrong');
  expect(inWords('$: is wrong', undefined)).toBe('$: is wrong');
});

it('says numbers as the sheet shows them', () => {
  expect(inWords('$.parts[1].sheen: must be from 0 to 1', DOCUMENT)).toBe(
    'plate · sheen: must be from 0 to 100 %',
  );
  expect(inWords('$.parts[1].taper.over: must be from 0 to 0.5.', DOCUMENT)).toBe(
    'plate · taper · over: must be from 0 to 50 %.',
  );
  expect(inWords('$.parts[0].fit.least: must be from 0.05 to 1', DOCUMENT)).toBe(
    'name · fit · least: must be from 5 to 100 %',
  );
  expect(inWords('$.parts[1].width.least: must be from 0 to 100', DOCUMENT)).toBe(
    'plate · width · least: must be from 0 to 100',
  );
});
