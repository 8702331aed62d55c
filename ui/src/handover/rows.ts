import type { Field, HandoverRow, People, Values } from '../api/types';
import { fills } from '../desk/people';

/** Letters of the name of a file at most. */
const NAME = 200;

/** Before the key of a dial in a heading. */
const DIAL = 'dial.';

/** A filling whose file is named. */
export function named(name: string, values: Values, dials?: Values): HandoverRow {
  return { name: [...name].slice(0, NAME).join(''), values, dials };
}

/** Rows of a table as fillings: a heading is the key or the label of a field, or of a dial; the first column names the file. */
export function rowsOf(columns: string[], cells: string[][], fields: Field[]): HandoverRow[] {
  const keys = columns.map((column) => fields.find((field) => isCalled(field, column))?.key);
  return cells.map((row) => {
    const values: Values = {};
    const dials: Values = {};
    keys.forEach((key, i) => {
      const dial = columns[i]!.trim();
      if (key) values[key] = row[i] ?? '';
      else if (dial.startsWith(DIAL) && row[i]) dials[dial.slice(DIAL.length)] = row[i];
    });
    return named(row[0] ?? '', values, Object.keys(dials).length > 0 ? dials : undefined);
  });
}

/** Headings that no field is called by. */
export function unknownColumns(columns: string[], fields: Field[]): string[] {
  return columns.filter(
    (column) => !column.trim().startsWith(DIAL) && !fields.some((field) => isCalled(field, column)),
  );
}

function isCalled({ key, label }: Field, column: string): boolean {
  const plain = column.trim().toLowerCase();
  return [key, label].some((of) => of.toLowerCase() === plain);
}

/** People of the house as fillings: a column fills the fields that are named like it, or that it says; none if it fills nothing. */
export function rowsOfPeople(people: People, fields: Field[]): HandoverRow[] {
  const columns = fields.map((field) => people.columns.findIndex((column) => fills(column, field)));
  if (columns.every((column) => column < 0)) return [];
  return people.rows.map((row) => {
    const values: Values = {};
    fields.forEach(({ key }, i) => {
      if (columns[i]! >= 0) values[key] = row[columns[i]!] ?? '';
    });
    return named(row[0] ?? '', values);
  });
}
