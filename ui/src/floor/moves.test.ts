import { describe, expect, it } from 'vitest';
import type { Bar, Move } from '../api/types';
import { keyFrames, shifted, snapFrames, snappedBy, stretched, waiting } from './moves';

function move(key: string, start: Move['start'], length = 10): Move {
  return { key, part: 'plate', channel: 'x', travel: { px: 5 }, start, length };
}

function bar(key: string, start: number, length: number): Bar {
  return {
    phase: 'IN',
    move: key,
    part: 'plate',
    start,
    length,
    away: 0,
    afterEnd: false,
    words: '',
  };
}

const MOVES = [move('a', { at: 4 }), move('b', { after: 'a', plus: 2 }), move('c', { with: 'b' })];

describe('moving bars', () => {
  it('changes when they begin, or by how much they wait', () => {
    expect(shifted(MOVES, ['a'], 3)[0]!.start).toEqual({ at: 7 });
    expect(shifted(MOVES, ['b'], -5)[1]!.start).toEqual({ after: 'a', plus: -3 });
    expect(shifted(MOVES, ['a'], -9)[0]!.start).toEqual({ at: 0 });
  });

  it('moves several, but none twice', () => {
    const moved = shifted(MOVES, ['a', 'b'], 3);
    expect(moved.map(({ start }) => start)).toEqual([{ at: 7 }, { after: 'a', plus: 2 }, { with: 'b' }]);
  });
});

describe('stretching bars', () => {
  it('keeps the other end, and one frame at least', () => {
    expect(stretched(MOVES, ['a'], 4, true)[0]).toMatchObject({ start: { at: 4 }, length: 14 });
    expect(stretched(MOVES, ['a'], 4, false)[0]).toMatchObject({ start: { at: 8 }, length: 6 });
    expect(stretched(MOVES, ['a'], 40, false)[0]).toMatchObject({ start: { at: 13 }, length: 1 });
  });

  it('stretches what a linked copy is linked to', () => {
    const linked = [...MOVES, { key: 'd', part: 'name', like: 'a', start: { at: 0 } }];
    const after = stretched(linked, ['d'], 4, true);
    expect(after[0]!.length).toBe(14);
    expect(after[3]).toBe(linked[3]);
  });
});

it('has a move wait for another from its end or its beginning on, without an offset', () => {
  const bars = [bar('a', 4, 10), bar('b', 16, 10), bar('c', 20, 10)];
  expect(waiting(MOVES, bars, 'c', 'a', true)[2]!.start).toEqual({ after: 'a' });
  expect(waiting(MOVES, bars, 'c', 'a', false)[2]!.start).toEqual({ with: 'a' });
  expect(waiting(MOVES, bars, 'c', 'nobody', true)).toBe(MOVES);
});

it('snaps to other bars, seconds and the playhead', () => {
  const frames = snapFrames([bar('a', 4, 10), bar('b', 16, 10)], ['b'], 50, 30, 21);
  expect(frames).toEqual([4, 14, 0, 50, 21]);
  expect(snappedBy([16, 26], -1, frames, 2)).toBe(-2);
  expect(snappedBy([16, 26], 9, frames, 2)).toBe(9);
});

it('knows the frames where something begins or ends', () => {
  expect(keyFrames([bar('a', 4, 10), bar('b', 14, 3)], 'IN')).toEqual([0, 4, 14, 17]);
});
