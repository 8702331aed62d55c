import { describe, expect, it } from 'vitest';
import type { Field } from '../api/types';
import { rowsOf, rowsOfPeople, unknownColumns } from './rows';

const fields = [
  { key: 'name', label: 'Full name' },
  { key: 'role', label: 'Role' },
] as Field[];

describe('rows of a table', () => {
  it('fill fields by key or label, whatever the case of the letters', () => {
    expect(rowsOf(['FULL NAME', 'role', 'Club'], [['Oona Varga', 'Flyer', 'North Strand']], fields)).toEqual([
      { name: 'Oona Varga', values: { name: 'Oona Varga', role: 'Flyer' } },
    ]);
  });

  it('leave blank what a short row does not have', () => {
    expect(rowsOf(['name', 'role'], [['Wu']], fields)).toEqual([
      { name: 'Wu', values: { name: 'Wu', role: '' } },
    ]);
  });

  it('set dials by their key, and keep the name of a file short', () => {
    const [row] = rowsOf(['cue', 'name', 'dial.swing'], [['1 '.repeat(200), 'Wu', '12']], fields);
    expect(row!.dials).toEqual({ swing: '12' });
    expect(row!.name).toHaveLength(200);
    expect(unknownColumns(['cue', 'dial.swing'], fields)).toEqual(['cue']);
  });

  it('are people of the house, whose columns say what they fill', () => {
    const people = {
      revision: 1,
      columns: [
        { name: 'Who', fields: ['Full name'] },
        { name: 'Club', fields: [] },
      ],
      rows: [['Oona Varga', 'North Strand']],
    };
    expect(rowsOfPeople(people, fields)).toEqual([{ name: 'Oona Varga', values: { name: 'Oona Varga' } }]);
    expect(rowsOfPeople(people, [{ key: 'heat', label: 'Heat' } as Field])).toEqual([]);
  });

  it('say which columns fill nothing', () => {
    expect(unknownColumns(['Name', 'Club'], fields)).toEqual(['Club']);
  });
});
