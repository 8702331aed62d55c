import { describe, expect, it } from 'vitest';
import type { Field, MapAnswer } from '../api/types';
import { airOf, airWord, conditionOf, kindOf, kindsFor, mapRows } from './conditions';

const TEXT = { key: 'name', label: 'Name', kind: 'text' } as Field;
const SIDE = { key: 'side', label: 'Side', kind: 'choice', options: ['left', 'right'] } as Field;

describe('conditions', () => {
  it('are of the kind they were made of', () => {
    for (const field of [
      TEXT,
      SIDE,
      { ...TEXT, kind: 'switch' } as Field,
      { ...TEXT, kind: 'number' } as Field,
    ]) {
      for (const kind of kindsFor(field)) expect(kindOf(conditionOf(kind, field, 'plate'), field)).toBe(kind);
    }
  });

  it('begin with something that can be chosen', () => {
    expect(conditionOf('is', SIDE, 'plate')).toEqual({ field: 'side', equals: 'left' });
    expect(conditionOf('is wider than part', TEXT, 'plate')).toEqual({
      field: 'name',
      widerThan: { part: 'plate' },
    });
  });

  it('about what is on air are said in words', () => {
    expect(airWord(airOf('this graphic'))).toBe('this graphic');
    expect(airOf('this graphic')).toEqual({ onAir: 'same' });
  });
});

describe('mapRows', () => {
  it('puts combinations without a case first and says what they have in common', () => {
    const answer = {
      map: {
        dimensions: [{ field: 'name', kinds: ['name is filled', 'name is blank'], examples: ['Wu', ''] }],
        entries: [
          { kinds: [[0, 1]], row: 0, values: {}, onAir: 'NOTHING' },
          { kinds: [[1]], row: -1, values: {}, onAir: 'NOTHING' },
        ],
      },
    } as unknown as MapAnswer;
    expect(mapRows(answer).map(({ words }) => words)).toEqual([['name is blank'], ['any']]);
  });
});
