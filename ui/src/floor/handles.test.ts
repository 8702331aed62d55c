import { describe, expect, it } from 'vitest';
import type { Part, Place } from '../api/types';
import { movedParts, nearestEdges, pulled, rehung } from './handles';

const LEFT: Place = { hangs: 'left', on: 'frame', at: 'left', plus: 100 };
const RIGHT: Place = { hangs: 'right', on: 'frame', at: 'right', plus: -20 };

function box(width: Part['width'], x: Place): Part {
  return { key: 'plate', kind: 'box', width, height: { px: 5 }, x, y: LEFT };
}

describe('pulling a side', () => {
  it('changes a size in px, and the place only where the side that hangs is pulled', () => {
    const part = box({ px: 200 }, LEFT);
    expect(pulled(part, 'x', 0, 30)).toEqual({ size: { px: 230 }, place: LEFT });
    expect(pulled(part, 'x', -30, 0)).toEqual({ size: { px: 230 }, place: { ...LEFT, plus: 70 } });
    expect(pulled(box({ px: 200 }, RIGHT), 'x', 0, 30)).toEqual({
      size: { px: 230 },
      place: { ...RIGHT, plus: 10 },
    });
  });

  it('changes the padding of what wraps, so that what is wrapped stays where it is', () => {
    const part = box({ wraps: ['name'], pad: [36, 44] }, LEFT);
    expect(pulled(part, 'x', -10, 0)).toEqual({
      size: { wraps: ['name'], pad: [46, 44] },
      place: { ...LEFT, plus: 90 },
    });
    expect(pulled(part, 'x', 0, -4)?.size.pad).toEqual([36, 40]);
  });

  it('changes the offset of a size that follows, and never a text', () => {
    expect(pulled(box({ matches: 'a', plus: 2 }, LEFT), 'x', 0, 5)?.size).toEqual({ matches: 'a', plus: 7 });
    expect(pulled(box({ own: true }, LEFT), 'x', 0, 5)).toBeUndefined();
  });
});

describe('pointing at an edge', () => {
  const rest = [
    { part: 'plate', at: { x: 100, y: 100, width: 200, height: 50 } },
    { part: 'rule', at: { x: 0, y: 0, width: 10, height: 10 } },
  ];
  const grounds = [{ name: 'frame', at: { x: 0, y: 0, width: 1000, height: 500 } }];

  it('finds the nearest edge that is not its own', () => {
    expect(nearestEdges(rest, [], grounds, 'rule', 'x', 296, 120)).toEqual([
      { on: 'plate', at: 'right', line: 300 },
    ]);
    expect(nearestEdges(rest, [], grounds, 'plate', 'x', 496, 120)).toEqual([
      { on: 'frame', at: 'centre', line: 500 },
    ]);
  });

  it('names all that coincide, the nearest first, and inner edges where padding ends', () => {
    const both = [...rest, { part: 'tile', at: { x: 300, y: 400, width: 50, height: 50 } }];
    expect(nearestEdges(both, [], grounds, 'rule', 'x', 301, 410).map(({ on, at }) => `${on} ${at}`)).toEqual(
      ['tile left', 'plate right'],
    );
    const parts = [{ key: 'plate', kind: 'box', width: { wraps: ['name'], pad: [20, 30] } }] as Part[];
    const inner = (x: number, mirrored = false) =>
      nearestEdges(rest, parts, grounds, 'rule', 'x', x, 120, mirrored)[0];
    expect(inner(119)).toEqual({ on: 'plate', at: 'inner left', line: 120 });
    expect(inner(271)).toEqual({ on: 'plate', at: 'inner right', line: 270 });
    expect(inner(131, true)).toEqual({ on: 'plate', at: 'inner left', line: 130 });
  });

  it('keeps the part where it stands, mirrored or not', () => {
    const at = { x: 310, y: 100, width: 40, height: 50 };
    const spot = { on: 'plate', at: 'right', line: 300 } as const;
    expect(rehung(LEFT, spot, at, 'x', false)).toEqual({ hangs: 'left', on: 'plate', at: 'right', plus: 10 });
    // Seen in a mirror its left is its right, and so is the plate's.
    expect(rehung(LEFT, spot, at, 'x', true)).toEqual({ hangs: 'left', on: 'plate', at: 'left', plus: -50 });
  });
});

it('moves a group by moving its parts, each once', () => {
  const parts: Part[] = [
    { key: 'a', kind: 'box', width: { px: 5 }, height: { px: 5 }, x: LEFT, y: LEFT },
    { key: 'b', kind: 'box', width: { px: 5 }, height: { px: 5 }, x: { ...LEFT, on: 'a' }, y: LEFT },
    { key: 'both', kind: 'group', parts: ['a', 'b'] },
  ];
  const [a, b, both] = movedParts(parts, 'both', 'x', 7, false);
  expect(a!.x!.plus).toBe(107);
  expect(b!.x!.plus).toBe(100);
  expect(both).toBe(parts[2]);
});
