import { expect, it } from 'vitest';
import type { Part } from '../api/types';
import { hangingOn } from './members';

const PARTS = [
  { key: 'plate', kind: 'box', x: { hangs: 'left', on: 'frame', at: 'left' } },
  { key: 'name', kind: 'text', x: { hangs: 'left', on: 'plate', at: 'left' } },
  { key: 'role', kind: 'text', y: { hangs: 'top', on: 'name', at: 'bottom' } },
  { key: 'lines', kind: 'group', parts: ['name', 'role'], x: { around: true } },
  { key: 'tag', kind: 'text', y: { in: 'rows' } },
  { key: 'rows', kind: 'stack' },
] as Part[];

it('knows who hangs on what is removed, but for what is removed with it', () => {
  expect(hangingOn(PARTS, ['plate'])).toEqual(['name']);
  expect(hangingOn(PARTS, ['name'])).toEqual(['role']);
  expect(hangingOn(PARTS, ['lines'])).toEqual([]);
  expect(hangingOn(PARTS, ['plate', 'name'])).toEqual(['role']);
  expect(hangingOn(PARTS, ['rows'])).toEqual(['tag']);
  expect(hangingOn(PARTS, ['role'])).toEqual([]);
});
