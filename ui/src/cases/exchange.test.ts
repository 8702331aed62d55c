import { describe, expect, it } from 'vitest';
import type { Graphic } from '../api/types';
import { exchanged, renamedVariant, withoutVariant, withVariant } from './exchange';

const PLATE = {
  key: 'plate',
  kind: 'box',
  fill: 'ink',
  width: { px: 100 },
  height: { px: 20 },
  x: { hangs: 'left', on: 'frame', at: 'left', plus: 300 },
  y: { hangs: 'top', on: 'frame', at: 'top' },
};
const NEAR = { hangs: 'left', on: 'frame', at: 'left' };
const DOCUMENT = {
  format: 'glimble-graphic/1',
  name: 'strap',
  frame: { width: 1920, height: 1080, rate: '50', length: 100 },
  parts: [PLATE],
  in: { moves: [{ key: 'slides', part: 'plate' }] },
  loop: { length: 10 },
  out: { mirrors: 'in' },
  variants: [
    {
      name: 'alone',
      phase: 'in',
      moves: [{ key: 'fades', part: 'plate' }],
      stands: [{ part: 'plate', axis: 'x', size: { px: 80 }, place: NEAR }],
    },
  ],
  cases: [{ name: 'a', in: 'alone' }, { name: 'b' }],
} as unknown as Graphic;
const ALONE = { in: 'alone', loop: '', out: '' };

describe('exchanged', () => {
  it('puts a variant in the place of its phase, and its parts where they stand then', () => {
    const seen = exchanged(DOCUMENT, ALONE);
    expect(seen.in?.moves?.[0]?.key).toBe('fades');
    expect(seen.parts?.[0]?.x).toEqual(NEAR);
    expect(seen.variants?.[0]?.moves?.[0]?.key).toBe('slides');
  });

  it('twice exchanged is as it was', () => {
    expect(exchanged(exchanged(DOCUMENT, ALONE), ALONE)).toEqual(DOCUMENT);
  });

  it('leaves a document alone of which no variant is played', () => {
    expect(exchanged(DOCUMENT, { in: '', loop: '', out: '' })).toBe(DOCUMENT);
    expect(exchanged(DOCUMENT, { in: 'gone', loop: '', out: '' })).toBe(DOCUMENT);
  });

  it('keeps what is changed while a variant is looked at in that variant', () => {
    const seen = exchanged(DOCUMENT, ALONE);
    const changed = { ...seen, in: { ...seen.in, moves: [] } };
    const kept = exchanged(changed, ALONE);
    expect(kept.in).toEqual(DOCUMENT.in);
    expect(kept.variants?.[0]?.moves).toEqual([]);
  });
});

describe('variants', () => {
  it('begin as a copy, take their new name along to cases, and leave these the phase itself', () => {
    const added = withVariant(DOCUMENT, 'in', 'second');
    expect(added.variants?.[1]).toEqual({ ...DOCUMENT.in, name: 'second', phase: 'in' });
    const named = renamedVariant(DOCUMENT, 'in', 'alone', 'single');
    expect(named.cases?.[0]?.in).toBe('single');
    const gone = withoutVariant(DOCUMENT, 'in', 'alone');
    expect(gone.cases?.[0]).toEqual({ name: 'a' });
    expect(gone.variants).toEqual([]);
  });
});
