import { describe, expect, it } from 'vitest';
import type { Cue, Field } from '../api/types';
import { cells, guessed, pastedOver } from './columns';

const FIELDS: Field[] = [
  { key: 'name', label: 'Name' },
  { key: 'role', label: 'Function' },
];
const cue = (id: string, values: Record<string, string>): Cue => ({
  id,
  number: id,
  graphic: 1,
  revision: 1,
  values,
  dials: {},
  note: '',
});

describe('columns of a table', () => {
  it('are guessed by their headings, each thing once', () => {
    expect(guessed([' name ', 'FUNCTION', 'Nr', 'Note', 'Other', 'Name'], FIELDS)).toEqual([
      'field name',
      'field role',
      'number',
      'note',
      '',
      '',
    ]);
  });
});

describe('cells that are pasted', () => {
  it('go down and to the right, and not beyond', () => {
    const cues = [cue('1', { name: 'Wu', role: 'Flyer' }), cue('2', { name: 'Oona' })];
    expect(pastedOver(cues, FIELDS, 1, 1, cells('Judge\tbeyond\r\nbeyond\r\n'))).toEqual([
      { cue: '2', values: { name: 'Oona', role: 'Judge' } },
    ]);
    expect(pastedOver(cues, FIELDS, 0, 0, cells('A\tB\nC'))).toEqual([
      { cue: '1', values: { name: 'A', role: 'B' } },
      { cue: '2', values: { name: 'C' } },
    ]);
  });
});
