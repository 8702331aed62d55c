import { beforeAll, describe, expect, it } from 'vitest';
import type { Field, People } from '../api/types';
import { completions } from './people';
import { ready } from './folding';

beforeAll(() => ready);

const PEOPLE: People = {
  revision: 1,
  columns: [
    { name: 'Name', fields: ['Name', 'Speaker'] },
    { name: 'Function', fields: ['Role'] },
    { name: 'Club', fields: ['Club'] },
  ],
  rows: [
    ['Tiago Brandão-Escarpa', 'Fighter kites', 'Skerry Tails'],
    ['Ștefan Ițcu', '', 'Skerry Tails'],
    ['Brandt Tiago', 'Judge'],
  ],
};
const FIELDS: Field[] = [
  { key: 'name', label: 'Name' },
  { key: 'role', label: 'role ' },
  { key: 'club', label: 'Club' },
];

function texts(place: number, text: string): string[] {
  return completions(PEOPLE, FIELDS, FIELDS[place]!, { [FIELDS[place]!.key]: text }).map((one) => one.text);
}

describe('names', () => {
  it('are completed after three letters, whatever their marks and case', () => {
    expect(texts(0, 'br')).toEqual([]);
    expect(texts(0, 'BRA')).toEqual(['Brandt Tiago', 'Tiago Brandão-Escarpa']);
    expect(texts(0, 'stef')).toEqual(['Ștefan Ițcu']);
    expect(texts(0, 'esca')).toEqual(['Tiago Brandão-Escarpa']);
    expect(texts(0, 'Brandt Tiago')).toEqual([]);
  });

  it('bring along what fills other fields, but nothing blank', () => {
    expect(completions(PEOPLE, FIELDS, FIELDS[0]!, { name: 'tia' })[0]).toEqual({
      text: 'Tiago Brandão-Escarpa',
      fills: { role: 'Fighter kites', club: 'Skerry Tails' },
    });
    expect(completions(PEOPLE, FIELDS, FIELDS[0]!, { name: 'ste' })[0]!.fills).toEqual({
      club: 'Skerry Tails',
    });
  });

  it('leave what somebody has thought of, and take the place of what the table has of others', () => {
    const filled = (role: string) =>
      completions(PEOPLE, FIELDS, FIELDS[0]!, { name: 'tia', role })[0]!.fills.role;
    expect(filled('Winner of the day')).toBeUndefined();
    expect(filled('Judge')).toBe('Fighter kites');
    expect(filled('  ')).toBe('Fighter kites');
  });

  it('are not asked for in a field no column fills; others are completed once', () => {
    expect(completions(PEOPLE, FIELDS, { key: 'note', label: 'Note' }, { note: 'tia' })).toEqual([]);
    expect(texts(2, 'ske')).toEqual(['Skerry Tails']);
    expect(completions(PEOPLE, FIELDS, FIELDS[2]!, { club: 'ske' })[0]!.fills).toEqual({});
  });
});
