import { beforeAll, describe, expect, it } from 'vitest';
import type { TableRead } from '../api/filling';
import type { People } from '../api/types';
import { doubts, headings, known, taken, type Choices } from './peopleFile';
import { ready } from './folding';

beforeAll(() => ready);

const BEFORE: People = {
  revision: 3,
  columns: [
    { name: 'Name', fields: ['Name', 'Speaker'] },
    { name: 'Club', fields: ['Club'] },
  ],
  rows: [['Wu', 'Skerry Tails'], ['Oona Varga', 'North Strand'], ['Đặng Thu']],
};

function table(text: string): TableRead {
  const [head, ...rows] = text.split('\n').map((line) => line.split('|'));
  return { columns: head!, rows: rows.map((cells, place) => ({ line: place + 2, cells })) };
}

const CHOICES: Choices = { beyond: 'cells', same: 'last', adds: true };

describe('a file of people', () => {
  it('has each heading once', () => {
    expect(headings(['Name', '', 'Name', ' Club ', 'Name 2', 'Name'])).toEqual([
      'Name',
      'column 2',
      'Name 2',
      'Club',
      'Name 2 2',
      'Name 3',
    ]);
  });

  it('is doubtful with headings that stand twice, cells too many and one name in several rows', () => {
    const found = doubts(BEFORE, table('Name|Club|Club\nWu|A|B\nOona|A|B|C\nWU|A\nBo|A|B| \n|x\n|y'));
    expect(found).toEqual({
      headings: [{ name: 'Club', renamed: ['Club 2'] }],
      beyond: [3],
      same: [{ name: 'Wu', lines: [2, 4] }],
    });
    expect(doubts(BEFORE, table('Name|Club\nWu|A'))).toEqual({ headings: [], beyond: [], same: [] });
  });

  it('adds who is new, changes who is there, and leaves all others', () => {
    const turned = table('Club|Name\nx|Wu\ny|Bo\nz|Bo');
    expect(taken(BEFORE, turned, CHOICES).people.rows).toEqual([
      ['Wu', 'x'],
      ['Oona Varga', 'North Strand'],
      ['Đặng Thu', ''],
      ['Bo', 'z'],
    ]);
    expect(doubts(BEFORE, turned).same).toEqual([{ name: 'Bo', lines: [3, 4] }]);
    expect(known(BEFORE, turned)).toBe(1);
    expect(known(BEFORE, table('Club|x'))).toBe(-1);
    const { people, ...counts } = taken(BEFORE, table('Name|Role\ndang thu|Judge\nWu|\nBo|Flyer'), CHOICES);
    expect(counts).toEqual({ added: 1, changed: 1, same: 1, gone: 0 });
    expect(people.rows).toEqual([
      ['Wu', 'Skerry Tails', ''],
      ['Oona Varga', 'North Strand', ''],
      ['dang thu', '', 'Judge'],
      ['Bo', '', 'Flyer'],
    ]);
    expect(people.columns).toEqual([...BEFORE.columns, { name: 'Role', fields: ['Role'] }]);
    expect(people.revision).toBe(3);
  });

  it('replaces all others when it is meant to, and says how many are gone', () => {
    const { people, ...counts } = taken(BEFORE, table('Name|Club\nWu|Skerry Tails\nBo|x'), {
      ...CHOICES,
      adds: false,
    });
    expect(counts).toEqual({ added: 1, changed: 0, same: 1, gone: 2 });
    expect(people.rows).toEqual([
      ['Wu', 'Skerry Tails'],
      ['Bo', 'x'],
    ]);
    expect(people.columns).toEqual(BEFORE.columns);
  });

  it('does with what is doubtful as it was decided', () => {
    const read = table('Name|Club\nBo|1\nWu|2|more\nBo|3');
    const rows = (choices: Partial<Choices>) =>
      taken({ ...BEFORE, rows: [] }, read, { ...CHOICES, ...choices }).people.rows;
    expect(rows({ same: 'first' })).toEqual([
      ['Bo', '1'],
      ['Wu', '2'],
    ]);
    expect(rows({ same: 'last', beyond: 'row' })).toEqual([['Bo', '3']]);
    expect(rows({ same: 'all' })).toHaveLength(3);
    // Two of one name are two, also where they come over others.
    const two = taken(
      {
        ...BEFORE,
        rows: [
          ['Bo', 'a'],
          ['Bo', 'b'],
        ],
      },
      read,
      { ...CHOICES, same: 'all' },
    );
    expect(two.people.rows).toEqual([
      ['Bo', '1'],
      ['Bo', '3'],
      ['Wu', '2'],
    ]);
  });
});
