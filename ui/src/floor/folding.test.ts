import { expect, it } from 'vitest';
import type { Bar, Part } from '../api/types';
import type { Placed } from './scoreLayout';
import { alike, sums, unfolded } from './folding';

const PARTS = [
  { key: 'bar 1', kind: 'box' },
  { key: 'name 1', kind: 'text' },
  { key: 'row 1', kind: 'group', parts: ['bar 1', 'name 1'] },
  { key: 'bar 2', kind: 'box' },
  { key: 'name 2', kind: 'text' },
  { key: 'row 2', kind: 'group', parts: ['bar 2', 'name 2'] },
  { key: 'board', kind: 'group', parts: ['row 1', 'row 2'] },
  { key: 'rule', kind: 'line' },
] as Part[];
const KEYS = PARTS.map(({ key }) => key);

const bar = (part: string, start: number, length: number, words: string, phase: Bar['phase'] = 'IN') =>
  ({ phase, column: phase, move: `${part} ${words}`, part, start, at: start, length, words }) as Placed;

const BARS = [
  bar('bar 1', 4, 10, 'reveal'),
  bar('name 1', 8, 8, 'y'),
  bar('bar 2', 10, 10, 'reveal'),
  bar('name 2', 14, 8, 'y'),
  bar('bar 2', 3, 5, 'opacity', 'OUT'),
];

it('leaves out what is in a folded group, however deep, but not the group', () => {
  expect(unfolded(PARTS, KEYS, ['row 1'])).toEqual(KEYS.filter((key) => !['bar 1', 'name 1'].includes(key)));
  expect(unfolded(PARTS, KEYS, ['board', 'row 1'])).toEqual(['board', 'rule']);
});

it('sums up from the first frame of any to the last of any, phase by phase', () => {
  expect(sums(PARTS, BARS, 'board')).toEqual([
    { column: 'IN', start: 4, length: 18, moves: 4 },
    { column: 'OUT', start: 3, length: 5, moves: 1 },
  ]);
  expect(sums(PARTS, BARS, 'rule')).toEqual([]);
});

it('knows rows that do the same one after the other', () => {
  expect(alike(PARTS, BARS, 'board')).toEqual({ rows: 2, apart: 6 });
  expect(alike(PARTS, BARS, 'row 1')).toBeUndefined();
  const other = BARS.map((one) => (one.part === 'name 2' ? { ...one, length: 9 } : one));
  expect(alike(PARTS, other, 'board')).toBeUndefined();
});
