import type { TableRead } from '../api/filling';
import type { People, TableRow } from '../api/types';
import { folded } from './folding';

/** What of rows that say the same name is taken. */
export type Same = 'first' | 'last' | 'all';

export interface Choices {
  /** Cells beyond the last heading: left out, or the whole row is. */
  beyond: 'cells' | 'row';
  same: Same;
  /** Whether people of before who are not in the file stay. */
  adds: boolean;
}

/** What of a file cannot be taken as it stands; lines of the file, from 1. */
export interface Doubts {
  /** Headings that stand more than once, and how those after the first are called. */
  headings: { name: string; renamed: string[] }[];
  /** Lines of rows that have more cells than there are headings. */
  beyond: number[];
  /** Lines of rows with one name. */
  same: { name: string; lines: number[] }[];
}

/** Each heading once: what is blank is called by its place, what stands twice gets a number. */
export function headings(columns: string[]): string[] {
  const names: string[] = [];
  columns.forEach((column, place) => {
    const plain = column.trim() || `column ${place + 1}`;
    let name = plain;
    for (let count = 2; names.includes(name); count++) name = `${plain} ${count}`;
    names.push(name);
  });
  return names;
}

/** The column of a file by which people are known: that of the people there are, or else the first; -1 if it has none. */
export function known(before: People, { columns }: TableRead): number {
  const first = before.columns[0]?.name;
  return first === undefined ? 0 : headings(columns).indexOf(first);
}

export function doubts(before: People, table: TableRead): Doubts {
  const { columns, rows } = table;
  const named = headings(columns);
  const by = Math.max(0, known(before, table));
  const twice = columns.filter((name, place) => name.trim() && columns.indexOf(name) === place);
  const byName = new Map<string, { name: string; lines: number[] }>();
  for (const { line, cells } of rows) {
    const name = (cells[by] ?? '').trim();
    if (!name) continue;
    const known = byName.get(folded(name)) ?? { name, lines: [] };
    known.lines.push(line);
    byName.set(folded(name), known);
  }
  return {
    headings: twice
      .map((name) => ({
        name,
        renamed: named.filter((_, place) => columns[place] === name && place !== columns.indexOf(name)),
      }))
      .filter(({ renamed }) => renamed.length > 0),
    beyond: rows.filter((row) => isBeyond(row, columns)).map(({ line }) => line),
    same: [...byName.values()].filter(({ lines }) => lines.length > 1),
  };
}

function isBeyond({ cells }: TableRow, columns: string[]): boolean {
  return cells.slice(columns.length).some((cell) => cell.trim());
}

/** What comes of taking a file, and how many of it are new, changed, and as they were. */
export interface Taken {
  people: People;
  added: number;
  changed: number;
  same: number;
  /** Who was there before and is not any more. */
  gone: number;
}

/** What a column fills in stays as it was said once; a new one fills fields of its own name. */
export function taken(before: People, table: TableRead, { beyond, same, adds }: Choices): Taken {
  const names = headings(table.columns);
  const kept = table.rows.filter((row) => beyond === 'cells' || !isBeyond(row, table.columns));
  const rows = once(
    kept.map(({ cells }) => names.map((_, place) => cells[place] ?? '')),
    same,
    Math.max(0, known(before, table)),
  );
  const fillsOf = (name: string) => before.columns.find((one) => one.name === name)?.fields ?? [name];
  const heads = adds
    ? [...before.columns.map(({ name }) => name), ...names].filter(
        (name, at, all) => all.indexOf(name) === at,
      )
    : names;
  const old = before.rows.map((row) => heads.map((name) => cell(before, row, name)));
  const fresh = rows.map((row) => heads.map((name) => row[names.indexOf(name)]));
  const places = new Map<string, number[]>();
  old.forEach(([name = ''], place) => {
    const key = folded(name.trim());
    if (key) places.set(key, [...(places.get(key) ?? []), place]);
  });
  const met = fresh.map(([name = '']) => places.get(folded(name.trim()))?.shift() ?? -1);
  let [added, changed, alike] = [0, 0, 0];
  const result = adds ? old.map((row) => [...row]) : [];
  fresh.forEach((row, at) => {
    const place = met[at]!;
    // A column that the file does not have says nothing of them.
    const full = row.map((text, column) => text ?? old[place]?.[column] ?? '');
    if (place < 0) added += 1;
    else if (full.every((text, column) => text === old[place]![column])) alike += 1;
    else changed += 1;
    if (adds && place >= 0) result[place] = full;
    else result.push(full);
  });
  return {
    people: { ...before, columns: heads.map((name) => ({ name, fields: fillsOf(name) })), rows: result },
    added,
    changed,
    same: alike,
    gone: adds ? 0 : old.length - met.filter((place) => place >= 0).length,
  };
}

function cell(people: People, row: string[], name: string): string {
  const place = people.columns.findIndex((one) => one.name === name);
  return row[place] ?? '';
}

function once(rows: string[][], same: Same, by: number): string[][] {
  if (same === 'all') return rows;
  const names = rows.map((row) => folded((row[by] ?? '').trim()));
  return rows.filter((_, place) => {
    const name = names[place]!;
    const other = same === 'first' ? names.indexOf(name) : names.lastIndexOf(name);
    return name === '' || other === place;
  });
}
