import { describe, expect, it } from 'vitest';
import type { Field } from '../api/types';
import { rowsOf, unknownColumns } from './rows';

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

  it('say which columns fill nothing', () => {
    expect(unknownColumns(['Name', 'Club'], fields)).toEqual(['Club']);
  });
});
