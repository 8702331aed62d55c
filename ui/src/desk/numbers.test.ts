import { describe, expect, it } from 'vitest';
import type { Cue } from '../api/types';
import { isFound, NOTHING, recalled, typed, type Typed } from './numbers';

function cue(number: string, values: Record<string, string> = {}): Cue {
  return { id: number, number, graphic: 1, revision: 1, values, dials: {}, note: '' };
}

const CUES = ['1', '2', '6', '7', '12', '12.5', '120'].map((number) => cue(number));

function type(keys: string, from: Typed = NOTHING, pause = 100): Typed {
  return [...keys].reduce((before, key, i) => typed(before, key, 1000 + i * pause, CUES), from);
}

describe('a number that is typed', () => {
  it('goes on digit by digit, and recalls as soon as there is such a cue', () => {
    expect(type('1').text).toBe('1');
    expect(type('12').text).toBe('12');
    expect(type('12.5').text).toBe('12.5');
    expect(type('12,5').text).toBe('12.5');
    expect(recalled(CUES, type('12.').text)?.number).toBe('12');
    expect(recalled(CUES, type('12.5').text)?.number).toBe('12.5');
  });

  it('begins anew with what no number goes on with', () => {
    expect(type('67').text).toBe('7');
    expect(type('121').text).toBe('1');
    expect(type('9').text).toBe('9');
    expect(recalled(CUES, '9')).toBeUndefined();
    expect(type('.').text).toBe('');
  });

  it('begins anew after a pause', () => {
    expect(type('12', NOTHING, 2000).text).toBe('2');
  });
});

describe('words of a cue', () => {
  it('are found in its texts, its note, its number and its graphic, whatever their case', () => {
    const judge = { ...cue('7', { name: 'Ingeborg Halvorsen' }), note: 'if she comes' };
    expect(isFound(judge, 'Judge bar', 'halvor JUDGE')).toBe(true);
    expect(isFound(judge, 'Judge bar', 'she')).toBe(true);
    expect(isFound(judge, 'Judge bar', 'oona')).toBe(false);
    expect(isFound(judge, 'Judge bar', ' ')).toBe(true);
  });
});
