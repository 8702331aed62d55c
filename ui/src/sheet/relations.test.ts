import { describe, expect, it } from 'vitest';
import type { Graphic, Part } from '../api/types';
import {
  edges,
  hangOn,
  moved,
  newSize,
  partAt,
  resized,
  sizeKind,
  sizeKinds,
  type SizeKind,
} from './relations';

const BASE = {
  x: { hangs: 'left', on: 'frame', at: 'left' },
  y: { hangs: 'top', on: 'frame', at: 'top' },
} as const;
const PLATE: Part = { key: 'plate', kind: 'box', width: { wraps: ['name'] }, height: { px: 5 }, ...BASE };
const NAME: Part = { key: 'name', kind: 'text', width: { own: true }, height: { own: true }, ...BASE };

describe('sizes', () => {
  it('are told apart, and a new one is of the kind that was chosen', () => {
    const kinds: SizeKind[] = ['of its letters', 'px', 'wraps', 'as', 'share of'];
    for (const kind of kinds) expect(sizeKind(newSize(kind, ['name'], 12.4))).toBe(kind);
    expect(newSize('px', [], 12.4)).toEqual({ px: 12 });
  });

  it('of its letters only a text has', () => {
    expect(sizeKinds(NAME)).toContain('of its letters');
    expect(sizeKinds(PLATE)).not.toContain('of its letters');
  });
});

it('points at what is there, whatever is absent', () => {
  const rest = [
    { part: 'plate', at: { x: 0, y: 0, width: 90, height: 30 } },
    { part: 'role', at: null },
    { part: 'name', at: { x: 5, y: 5, width: 20, height: 9 } },
    { part: 'gone', at: undefined },
  ];
  expect(partAt(rest, 10, 8)).toBe('name');
  expect(partAt(rest, 60, 20)).toBe('plate');
  expect(partAt(rest, 91, 20)).toBeUndefined();
});

it('keeps where it is what hangs on the inner edges of a part that stops wrapping', () => {
  const plate = { key: 'plate', kind: 'box', width: { wraps: ['name'], pad: [28, 56] } } as Part;
  const inside = (at: string, plus: number) => ({ hangs: 'left', on: 'plate', at, plus });
  const parts = [
    plate,
    { key: 'name', kind: 'text', x: inside('inner left', 0) },
    { key: 'tail', kind: 'text', x: inside('inner right', -4) },
    { key: 'edge', kind: 'text', x: inside('left', 3) },
  ] as Part[];
  const stands = [{ part: 'tail', axis: 'x', size: { own: true }, place: inside('inner left', 7) }];
  const document = { parts, variants: [{ name: 'other', phase: 'in', stands }] } as unknown as Graphic;
  const after = resized(document, 'plate', 'x', { px: 400 });
  expect(after.parts![0]!.width).toEqual({ px: 400 });
  expect(after.parts!.slice(1).map(({ x }) => x)).toEqual([
    inside('left', 28),
    inside('right', -60),
    inside('left', 3),
  ]);
  expect(after.variants![0]!.stands![0]!.place).toEqual(inside('left', 35));
  // As long as it wraps, and across, nothing else changes.
  expect(resized(document, 'plate', 'x', { wraps: ['tail'] }).parts!.slice(1)).toEqual(parts.slice(1));
  expect(resized(document, 'plate', 'y', { px: 400 }).parts!.slice(1)).toEqual(parts.slice(1));
});

describe('places', () => {
  it('have inner edges where something is wrapped, and a baseline where there are letters', () => {
    expect(edges(PLATE, 'x')).toContain('inner left');
    expect(edges(PLATE, 'y')).toEqual(['top', 'centre', 'bottom']);
    expect(edges(NAME, 'y')).toContain('baseline');
    expect(edges(undefined, 'x')).toEqual(['left', 'centre', 'right']);
  });

  it('keep their edge on something else if it has that edge', () => {
    const place = { hangs: 'left', on: 'plate', at: 'inner left', plus: 4 } as const;
    expect(hangOn(place, 'frame', undefined, 'x')).toEqual({
      hangs: 'left',
      on: 'frame',
      at: 'left',
      plus: 0,
    });
    expect(hangOn({ in: 'rows' } as never, 'name', NAME, 'y')).toEqual({
      hangs: 'top',
      on: 'name',
      at: 'top',
      plus: 0,
    });
  });

  it('move with the pointer, also when the picture is mirrored', () => {
    const place = { hangs: 'left', on: 'frame', at: 'left', plus: 10 } as const;
    expect(moved(place, 5, 'x', false).plus).toBe(15);
    expect(moved(place, 5, 'x', true).plus).toBe(5);
    expect(moved(place, 5, 'y', true).plus).toBe(15);
    expect(moved({ in: 'rows' } as never, 5, 'y', false)).toEqual({ in: 'rows' });
  });

  it('find the part in front at a point', () => {
    const rest = [
      { part: 'plate', at: { x: 0, y: 0, width: 100, height: 50 } },
      { part: 'role' },
      { part: 'name', at: { x: 10, y: 10, width: 20, height: 20 } },
    ];
    expect(partAt(rest, 15, 15)).toBe('name');
    expect(partAt(rest, 50, 15)).toBe('plate');
    expect(partAt(rest, 500, 15)).toBeUndefined();
  });
});
