import { expect, it } from 'vitest';
import type { Bar, Change, Reel } from '../api/types';
import { at, columns, scoreRows, swapColumn, ticks, wait, type Placed } from './scoreLayout';
import { USUAL_ROOM } from './arrangement.svelte';

const REEL: Reel = { width: 1920, height: 1080, rate: 50, layers: [], in: 40, loop: 100, out: 20, steps: [] };

it('lays in, rest, loop and out from left to right within the width, in and out at one scale', () => {
  const { IN, rest, LOOP, OUT } = columns(REEL, 954);
  expect(IN.left + IN.width).toBeLessThan(rest.left);
  expect(rest.left + rest.width).toBeLessThan(LOOP.left);
  expect(LOOP.left + LOOP.width).toBeLessThan(OUT.left);
  expect(OUT.left + OUT.width).toBeLessThanOrEqual(954);
  expect(IN.scale).toBe(OUT.scale);
  expect(LOOP.scale * 100).toBeCloseTo(LOOP.width);
});

it('keeps the out of an in of eight seconds in sight', () => {
  const { OUT } = columns({ ...REEL, in: 400, loop: 0 }, 954);
  expect(OUT.left + OUT.width).toBeLessThanOrEqual(954);
});

it('keeps a column for a phase without frames', () => {
  const { OUT, LOOP } = columns({ ...REEL, loop: 0, out: 0 }, 954);
  expect(OUT.width).toBeGreaterThan(40);
  expect(LOOP.scale).toBe(0);
});

it('draws a wait from the end, or from the beginning, of what is waited for', () => {
  const bar = (start: number, afterEnd: boolean) => ({ at: start, length: 10, afterEnd }) as Placed;
  const column = { left: 0, width: 100, scale: 2 };
  expect(wait(bar(0, false), 7, bar(12, true), 37, column)).toMatch(/^M20 15C20 .* 24 45$/);
  expect(wait(bar(0, false), 7, bar(4, false), 37, column)).toMatch(/^M0 15C0 .* 8 45$/);
});

it('sets bars of a part that overlap below each other and makes the row taller', () => {
  const bar = (part: string, phase: Bar['phase'], start: number, length: number) =>
    ({ part, column: phase, at: start, length }) as Placed;
  const bars = [
    bar('a', 'IN', 0, 10),
    bar('a', 'IN', 5, 10),
    bar('a', 'IN', 10, 5),
    bar('a', 'OUT', 0, 10),
    bar('b', 'IN', 0, 5),
  ];
  const { rows, barTops, height } = scoreRows(['b', 'a', 'c'], bars);
  expect([...rows]).toEqual([
    ['b', { top: 0, height: 26 }],
    ['a', { top: 26, height: 46 }],
    ['c', { top: 72, height: 26 }],
  ]);
  expect(bars.map((any) => barTops.get(any))).toEqual([31, 51, 31, 31, 5]);
  expect(height).toBe(98);
});

it('gives a phase more room when asked, and moves what is to its right', () => {
  const usual = columns(REEL, 954);
  const more = columns(REEL, 954, { ...USUAL_ROOM, IN: 2 });
  expect(more.IN.width).toBeCloseTo(2 * usual.IN.width);
  expect(more.OUT.width).toBe(usual.OUT.width);
  expect(more.total).toBeGreaterThan(usual.total);
});

it('finds phase and frame under the pointer', () => {
  const layout = columns(REEL, 954);
  const found = at(layout, layout.OUT.left + 3 * layout.OUT.scale);
  expect(found?.column).toBe('OUT');
  expect(found?.frame).toBeCloseTo(3);
  expect(at(layout, layout.rest.left + 2)).toBeUndefined();
});

it('names frames that are apart enough to read, and whole seconds', () => {
  expect(ticks(34, 10, 50).map(({ words }) => words)).toEqual(['0', '5', '10', '15', '20', '25', '30']);
  expect(ticks(120, 4, 50).map(({ words }) => words)).toEqual([
    '0',
    '10',
    '20',
    '30',
    '40',
    '1 s',
    '60',
    '70',
    '80',
    '90',
    '2 s',
    '110',
    '120',
  ]);
  for (const scale of [0.3, 1, 2.5, 7]) {
    const frames = ticks(400, scale, 29.97).map(({ frame }) => frame);
    frames.slice(1).forEach((frame, i) => expect((frame - frames[i]!) * scale).toBeGreaterThanOrEqual(29));
  }
});

const moved = (phase: Bar['phase'], start: number, length: number) => ({ phase, start, length }) as Bar;

it('lays the halves of a swap one after the other, as far apart as it says', () => {
  const bars = [moved('IN', 0, 30), moved('AWAY', 2, 10), moved('BACK', 1, 8)];
  expect(swapColumn(bars, 4)).toMatchObject({ frames: 25, told: false });
  expect(swapColumn(bars, 4).bars.map(({ at: from }) => from)).toEqual([2, 17]);
  expect(swapColumn(bars, -6).bars.map(({ at: from }) => from)).toEqual([2, 7]);
  expect(swapColumn([moved('IN', 0, 30)], 4).frames).toBe(0);
});

it('shows the moves of a change where they fall out, those of in and out only to look at', () => {
  const change = { reel: { ...REEL, in: 33 }, bars: [moved('AWAY', 3, 10), moved('OUT', 0, 6)] } as Change;
  const { frames, bars, told } = swapColumn([], 0, change);
  expect([frames, told]).toEqual([33, true]);
  expect(bars.map(({ at: from, passive }) => [from, passive])).toEqual([
    [3, false],
    [0, true],
  ]);
});

it('gives the swap room for what each part does, before its frames', () => {
  const swap = swapColumn([], 0, { reel: { ...REEL, in: 24 }, bars: [] as Bar[] } as Change);
  const { LOOP, told, SWAP, OUT } = columns(REEL, 1200, USUAL_ROOM, swap);
  expect(LOOP.left + LOOP.width).toBeLessThan(told.left);
  expect(told.left + told.width).toBe(SWAP.left);
  expect(SWAP.width).toBeGreaterThanOrEqual(170);
  expect(SWAP.scale).toBeCloseTo(SWAP.width / 24);
  expect(SWAP.left + SWAP.width).toBeLessThan(OUT.left);
});
