import { describe, expect, it } from 'vitest';
import type { Dial, Graphic } from '../api/types';
import { newDial, otherValue, valueAt, type Piece } from './offer';
import { at, changed, put } from './places';
import { settled } from './settle';

const graphic = {
  format: 'glimble-graphic/1',
  name: 'Bar',
  frame: { width: 1920, height: 1080, rate: '50', length: 100 },
  parts: [
    { key: 'plate', kind: 'box', fill: 'ink', width: { px: 100 }, height: { wraps: ['name'], pad: [4, 4] } },
    { key: 'name', kind: 'text', text: '{name}' },
  ],
  in: { moves: [{ key: 'plate opens', part: 'plate', length: 12 }], delays: [{ part: 'name', frames: 3 }] },
} as unknown as Graphic;

const width: Dial = {
  key: 'w',
  label: 'Width',
  kind: 'number',
  value: 100,
  least: 50,
  most: 150,
  sets: ['parts/plate/width/px'],
};

const offered: Graphic = { ...graphic, dials: [width] };

function withWidth(document: Graphic, size: unknown): Graphic {
  const parts = document.parts!.map((part) => (part.key === 'plate' ? { ...part, width: size } : part));
  return { ...document, parts } as Graphic;
}

describe('places', () => {
  it('are found by keys, parts and indexes', () => {
    expect(at(graphic, 'parts/plate/width/px')).toBe(100);
    expect(at(graphic, 'parts/plate/height/pad/1')).toBe(4);
    expect(at(graphic, 'in/moves/plate opens/length')).toBe(12);
    expect(at(graphic, 'in/delays/name/frames')).toBe(3);
    expect(at(graphic, 'parts/gone/width/px')).toBeUndefined();
  });

  it('change alone', () => {
    const next = put(graphic, 'in/delays/name/frames', 5);
    expect(changed(graphic, next)).toEqual([{ place: 'in/delays/name/frames', before: 3, after: 5 }]);
    expect(put(graphic, 'parts/gone/width/px', 5)).toEqual(graphic);
  });

  it('are told where there was nothing', () => {
    const next = put(graphic, 'parts/plate/opacity', 0.5);
    expect(changed(graphic, next)).toEqual([{ place: 'parts/plate/opacity', before: undefined, after: 0.5 }]);
  });
});

describe('a dial', () => {
  const piece: Piece = { label: 'Pad', kind: 'number', value: 4, unit: 'px', change: () => {} };

  it('sets what a try changes, if that is one value', () => {
    const sent = otherValue(piece);
    const both = put(put(graphic, 'parts/plate/height/pad/0', sent), 'parts/plate/height/pad/1', sent);
    expect(valueAt(piece, changed(graphic, both), sent)).toBe(4);
    const uneven = put(put(graphic, 'parts/plate/height/pad/0', sent), 'parts/plate/width/px', sent);
    expect(valueAt(piece, changed(graphic, uneven), sent)).toBeUndefined();
    expect(valueAt(piece, [], sent)).toBeUndefined();
  });

  it('of a share shown in percent is the share', () => {
    const percent: Piece = { ...piece, value: 80, unit: '%' };
    const before = put(graphic, 'parts/plate/opacity', 0.8);
    const tried = changed(before, put(before, 'parts/plate/opacity', 0.81));
    expect(valueAt(percent, tried, otherValue(percent))).toBe(0.8);
    const fresh = changed(graphic, put(graphic, 'parts/plate/opacity', 0.81));
    expect(valueAt(percent, fresh, otherValue(percent))).toBe(0.8);
    // Without a value in the document nobody knows how the two belong together.
    const odd = changed(graphic, put(graphic, 'parts/plate/opacity', 7));
    expect(valueAt(percent, odd, otherValue(percent))).toBeUndefined();
  });

  it('has a name of its own, a kind and limits around its value', () => {
    const frames = newDial(
      { ...piece, label: 'Length', unit: 'f' },
      12,
      ['in/moves/a/length'],
      [],
      'plate opens',
    );
    expect(frames).toMatchObject({
      key: 'plate opens length',
      kind: 'length',
      unit: 'frames',
      least: 6,
      most: 18,
    });
    const again = newDial({ ...piece, label: 'Length', unit: 'f' }, 12, ['x'], [frames], 'plate opens');
    expect(again.key).toBe('plate opens length 2');
    const share = newDial({ ...piece, unit: '' }, 0.5, ['x'], [], '');
    expect(share).toMatchObject({ kind: 'number', least: 0.25, most: 0.75, step: 0.025 });
    const percent = newDial({ ...piece, value: 50, unit: '% light' }, 0.5, ['x'], [], '');
    expect(percent).toMatchObject({ least: 0.25, most: 1, step: 0.05 });
    expect(percent.unit).toBeUndefined();
    const whole = newDial({ ...piece, value: 100, unit: '% opacity' }, 1, ['x'], [], '');
    expect(whole).toMatchObject({ least: 0.5, most: 1 });
    const darker = newDial({ ...piece, value: -40, unit: '% lighter' }, -0.4, ['x'], [], '');
    expect(darker).toMatchObject({ least: -1, most: -0.2 });
    const none = newDial(piece, 0, ['x'], [], '');
    expect(none.least).toBeLessThan(none.most!);
  });
});

describe('after a change', () => {
  it('is designed as what stands there now, and lets it through', () => {
    const next = settled(offered, withWidth(offered, { px: 400 }));
    expect(next.dials).toEqual([{ ...width, value: 400, most: 400 }]);
  });

  it('is gone with its place', () => {
    expect(settled(offered, withWidth(offered, { wraps: ['name'] })).dials).toBeUndefined();
    expect(settled(offered, { ...offered, parts: [] }).dials).toBeUndefined();
  });

  it('puts what is set anew into all of its places', () => {
    const two = { ...width, sets: [...width.sets, 'in/moves/plate opens/length'], value: 12 };
    const both = settled(offered, { ...offered, dials: [two] });
    expect(at(both, 'parts/plate/width/px')).toBe(12);
    expect(at(both, 'in/moves/plate opens/length')).toBe(12);
  });

  it('stands where nothing was said', () => {
    const opacity: Dial = { ...width, key: 'o', value: 1, least: 0, most: 1, sets: ['parts/plate/opacity'] };
    const next = settled(graphic, { ...graphic, dials: [opacity] });
    expect(at(next, 'parts/plate/opacity')).toBe(1);
    expect(next.dials).toEqual([opacity]);
  });

  it('leaves what has none alone', () => {
    expect(settled(graphic, graphic)).toBe(graphic);
  });
});
