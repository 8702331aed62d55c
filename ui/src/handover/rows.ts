import type { Field, HandoverRow, Values } from '../api/types';

/** Rows of a table as fillings: a heading is the key or the label of a field; the first column names the file. */
export function rowsOf(columns: string[], cells: string[][], fields: Field[]): HandoverRow[] {
  const keys = columns.map((column) => {
    const plain = column.trim().toLowerCase();
    return fields.find(({ key, label }) => [key, label].some((of) => of.toLowerCase() === plain))?.key;
  });
  return cells.map((row) => {
    const values: Values = {};
    keys.forEach((key, i) => {
      if (key) values[key] = row[i] ?? '';
    });
    return { name: row[0] ?? '', values };
  });
}

/** Headings that no field is called by. */
export function unknownColumns(columns: string[], fields: Field[]): string[] {
  const known = new Set(fields.flatMap(({ key, label }) => [key.toLowerCase(), label.toLowerCase()]));
  return columns.filter((column) => !known.has(column.trim().toLowerCase()));
}
