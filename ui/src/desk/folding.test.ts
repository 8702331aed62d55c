import { beforeAll, describe, expect, it } from 'vitest';
import { folded, placeOf, ready, wordsOf } from './folding';

beforeAll(() => ready);

describe('names as people type them', () => {
  it.each([
    ["O'N", "Finn O'Neill", 1],
    ['oneill', 'Finn O’Neill', 1],
    ['neil', "Finn O'Neill", 1 + 1],
    ['ode', 'Kari Ødegård', 1],
    ['ødegå', 'Odegard', 0],
    ['dang', 'Đặng Thu', 0],
    ['ace', 'Wu “Ace” Li', 1],
    ['"ace', 'Wu “Ace” Li', 1],
    ['anna maria', 'Anna-Maria Otto', 0],
    ['strass', 'Große Straße', 1],
    ['lukasz', 'Łukasz', 0],
    ['istan', 'İstanbul', 0],
    ['ليلى', 'ليلى الصقّار', 0],
    ['eill', "Finn O'Neill", -1],
    ['---', 'Anna-Maria', -1],
    ['', 'Anna', -1],
  ])('%s in %s', (typed, text, place) => {
    expect(placeOf(typed, text)).toBe(place);
  });

  it('are folded alike, however often, and whatever form their marks have', () => {
    for (const name of ['Ștefan Ițcu', 'Đặng', 'Ødegård', 'ليلى', 'Çağlar', 'ﬁnn']) {
      expect(folded(folded(name))).toBe(folded(name));
      expect(folded(name.normalize('NFD'))).toBe(folded(name.normalize('NFC')));
      expect(folded(name.toLocaleUpperCase('en'))).toBe(folded(name));
    }
    expect(wordsOf('  Wu -- (Ace) 3 ')).toEqual(['wu', 'ace', '3']);
  });
});
