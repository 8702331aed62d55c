import { describe, expect, it } from 'vitest';
import type { Reel, Run } from '../api/types';
import { momentOf, next, previous, timecode, wholeLength, within, type Moment } from './moment';

const REEL: Reel = { width: 1920, height: 1080, rate: 50, layers: [], in: 3, loop: 2, out: 1, steps: [] };
const UNLOOPED: Reel = { ...REEL, loop: 0 };
const WHOLE: Run[] = [
  { state: 'IN', first: 0, length: 3, round: 3 },
  { state: 'LOOP', first: 3, length: 4, round: 2 },
  { state: 'REST', first: 7, length: 2, round: 1 },
  { state: 'OUT', first: 9, length: 2, round: 2 },
];

function walk(reel: Reel, from: Moment, step: typeof next, steps: number): string[] {
  const seen: string[] = [];
  for (let i = 0, at = from; i < steps; i++) {
    at = step(reel, at);
    seen.push(`${at.phase} ${at.frame}`);
  }
  return seen;
}

describe('stepping by frame', () => {
  it('goes through the phases and shows the rest picture between them once', () => {
    expect(walk(REEL, { phase: 'IN', frame: 2 }, next, 5)).toEqual([
      'IN 3',
      'LOOP 1',
      'LOOP 2',
      'OUT 1',
      'OUT 1',
    ]);
  });

  it('goes back the same way', () => {
    expect(walk(REEL, { phase: 'OUT', frame: 1 }, previous, 6)).toEqual([
      'LOOP 2',
      'LOOP 1',
      'IN 3',
      'IN 2',
      'IN 1',
      'IN 0',
    ]);
  });

  it('leaves out a phase that has no frames', () => {
    expect(walk(UNLOOPED, { phase: 'IN', frame: 3 }, next, 1)).toEqual(['OUT 1']);
    expect(walk(UNLOOPED, { phase: 'OUT', frame: 1 }, previous, 1)).toEqual(['IN 3']);
  });
});

describe('the whole graphic', () => {
  it('knows the moment of every frame, and that none is left at the end', () => {
    const moments = Array.from({ length: wholeLength(WHOLE) }, (_, frame) => momentOf(WHOLE, frame)!);
    expect(moments.map(({ phase, frame }) => `${phase[0]}${frame}`).join(' ')).toBe(
      'I0 I1 I2 L0 L1 L0 L1 L0 L0 O0 O1',
    );
    expect(momentOf(WHOLE, 11)).toBeUndefined();
  });
});

it('holds the last frame in a reel whose phase is shorter', () => {
  expect(within(REEL, { phase: 'IN', frame: 99 })).toEqual({ phase: 'IN', frame: 3 });
});

it('is at rest, or gone, in all reels together', () => {
  const longer = { ...REEL, in: 9, out: 8 };
  expect(within(longer, { phase: 'IN', frame: 3 }, REEL)).toEqual({ phase: 'IN', frame: 9 });
  expect(within(longer, { phase: 'OUT', frame: REEL.out }, REEL)).toEqual({ phase: 'OUT', frame: 8 });
  expect(within(longer, { phase: 'IN', frame: 2 }, REEL)).toEqual({ phase: 'IN', frame: 2 });
  expect(within(REEL, { phase: 'IN', frame: 9 }, longer)).toEqual({ phase: 'IN', frame: 3 });
  expect(within(longer, { phase: 'IN', frame: 0 }, { ...REEL, in: 0 })).toEqual({ phase: 'IN', frame: 9 });
  expect(within(REEL, { phase: 'LOOP', frame: REEL.loop }, REEL).frame).toBe(REEL.loop);
});

it('writes times as seconds and frames', () => {
  expect(timecode(14, 50)).toBe('0:14');
  expect(timecode(107, 50)).toBe('2:07');
  expect(timecode(31, 30000 / 1001)).toBe('1:01');
});
