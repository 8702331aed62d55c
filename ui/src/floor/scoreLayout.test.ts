import { expect, it } from 'vitest';
import type { Bar, Reel } from '../api/types';
import { columns, scoreRows, wait } from './scoreLayout';

const REEL: Reel = { width: 1920, height: 1080, rate: 50, layers: [], in: 40, loop: 100, out: 20, steps: [] };

it('lays in, rest, loop and out from left to right within the width, in and out at one scale', () => {
  const { IN, rest, LOOP, OUT } = columns(REEL, 954);
  expect(IN.left + IN.width).toBeLessThan(rest.left);
  expect(rest.left + rest.width).toBeLessThan(LOOP.left);
  expect(LOOP.left + LOOP.width).toBeLessThan(OUT.left);
  expect(OUT.left + OUT.width).toBeLessThanOrEqual(954);
  expect(IN.scale).toBe(OUT.scale);
  expect(LOOP.scale * 100).toBe(LOOP.width);
});

it('keeps a column for a phase without frames', () => {
  const { OUT, LOOP } = columns({ ...REEL, loop: 0, out: 0 }, 954);
  expect(OUT.width).toBeGreaterThan(40);
  expect(LOOP.scale).toBe(0);
});

it('draws a wait from the end, or from the beginning, of what is waited for', () => {
  const bar = (start: number, afterEnd: boolean) => ({ start, length: 10, afterEnd }) as Bar;
  const column = { left: 0, width: 100, scale: 2 };
  expect(wait(bar(0, false), 7, bar(12, true), 37, column)).toMatch(/^M20 15C20 .* 24 45$/);
  expect(wait(bar(0, false), 7, bar(4, false), 37, column)).toMatch(/^M0 15C0 .* 8 45$/);
});

it('sets bars of a part that overlap below each other and makes the row taller', () => {
  const bar = (part: string, phase: Bar['phase'], start: number, length: number) =>
    ({ part, phase, start, length }) as Bar;
  const bars = [
    bar('a', 'IN', 0, 10),
    bar('a', 'IN', 5, 10),
    bar('a', 'IN', 10, 5),
    bar('a', 'OUT', 0, 10),
    bar('b', 'IN', 0, 5),
  ];
  const { rows, barTops, height } = scoreRows(['b', 'a', 'c'], bars);
  expect([...rows]).toEqual([
    ['b', { top: 0, height: 30 }],
    ['a', { top: 30, height: 50 }],
    ['c', { top: 80, height: 30 }],
  ]);
  expect(bars.map((any) => barTops.get(any))).toEqual([37, 57, 37, 37, 7]);
  expect(height).toBe(110);
});
