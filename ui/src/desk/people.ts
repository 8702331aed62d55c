import type { Field, People, Values } from '../api/types';
import { placeOf } from './folding';

/** Letters after which names are completed. */
const AFTER = 3;
const SHOWN = 6;

/** Somebody whose name may be meant. */
export interface Completion {
  text: string;
  /** What else it fills in, by field key. */
  fills: Values;
}

export function fills(column: People['columns'][number], field: Field): boolean {
  return column.fields.some((label) => label.trim().toLowerCase() === field.label.trim().toLowerCase());
}

/**
 * Who may be meant by what is typed in a field: those with a word that begins with it, the nearest first. What else they fill in takes the
 * place of blanks and of what the table has of others, not of what somebody has thought of.
 */
export function completions(people: People, fields: Field[], field: Field, values: Values): Completion[] {
  const text = values[field.key] ?? '';
  const typed = text.trim();
  if (typed.length < AFTER) return [];
  const own = people.columns.findIndex((column) => fills(column, field));
  if (own < 0) return [];
  const seen = new Set<string>();
  const found: { completion: Completion; place: number }[] = [];
  for (const row of people.rows) {
    const cell = row[own] ?? '';
    const place = placeOf(typed, cell);
    // The same club stands beside many names.
    if (place < 0 || cell === text || (own > 0 && seen.has(cell))) continue;
    seen.add(cell);
    found.push({
      completion: { text: cell, fills: own === 0 ? others(people, fields, field, row, values) : {} },
      place,
    });
  }
  return found
    .sort((one, other) => Math.min(1, one.place) - Math.min(1, other.place))
    .slice(0, SHOWN)
    .map(({ completion }) => completion);
}

/** A name brings along what stands beside it. */
function others(people: People, fields: Field[], field: Field, row: string[], values: Values): Values {
  const filled: Values = {};
  people.columns.forEach((column, i) => {
    const cell = row[i] ?? '';
    const to = fields.find((one) => one !== field && fills(column, one));
    const had = (to && values[to.key]?.trim()) ?? '';
    const isFree = had === '' || people.rows.some((other) => other[i] === had);
    if (to && cell.trim() && isFree) filled[to.key] = cell;
  });
  return filled;
}
