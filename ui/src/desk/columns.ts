import type { Cue, Field, Values } from '../api/types';

/** What each column of a table is likely to be: by its heading, each thing once. */
export function guessed(headings: string[], fields: Field[]): string[] {
  const taken = new Set<string>();
  return headings.map((heading) => {
    const name = heading.trim().toLowerCase();
    const isOne = (key: string) => key.toLowerCase() === name;
    const field =
      fields.find(({ key, label }) => isOne(label) || isOne(key)) ??
      fields.find(({ former }) => former?.some(isOne));
    const what = field
      ? `field ${field.key}`
      : ['number', 'no', 'nr', 'cue', '#'].includes(name)
        ? 'number'
        : name === 'note'
          ? 'note'
          : '';
    if (taken.has(what)) return '';
    if (what) taken.add(what);
    return what;
  });
}

/** Cells of what was copied from a spreadsheet. */
export function cells(text: string): string[][] {
  return text
    .replace(/\r\n?/g, '\n')
    .replace(/\n$/, '')
    .split('\n')
    .map((line) => line.split('\t'));
}

/** What becomes of cues when cells are pasted from one field of one of them on, down and to the right. */
export function pastedOver(
  cues: Cue[],
  fields: Field[],
  place: number,
  column: number,
  pasted: string[][],
): { cue: string; values: Values }[] {
  return pasted.flatMap((row, down) => {
    const cue = cues[place + down];
    if (!cue) return [];
    const values = { ...cue.values };
    row.forEach((cell, right) => {
      const field = fields[column + right];
      if (field) values[field.key] = cell;
    });
    return [{ cue: cue.id, values }];
  });
}
