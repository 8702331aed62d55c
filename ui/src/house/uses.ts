import type { Graphic, StoredGraphic } from '../api/types';

/** Members of a document that hold a colour. */
const COLOURS = new Set(['fill', 'colour', 'from', 'to']);

/** Names of the graphics whose documents name a colour of the palette. */
export function uses(graphics: StoredGraphic[], name: string): string[] {
  return graphics
    .filter(({ document }) =>
      names([document.parts ?? [], document.fields ?? [], document.in, document.loop, document.out], name),
    )
    .map(({ document }) => document.name);
}

/** Keys of the pictures that a document names itself, or in its samples and trials. */
export function picturesOf(document: Graphic): string[] {
  const fields = (document.fields ?? []).filter(({ kind }) => kind === 'picture');
  const values = fields.flatMap(({ key, sample }) => [
    sample ?? '',
    ...(document.trials ?? []).map((trial) => trial.values[key] ?? ''),
  ]);
  const parts = (document.parts ?? []).flatMap(({ picture, fill }) => [
    picture ?? '',
    typeof fill === 'object' && 'picture' in fill ? fill.picture : '',
  ]);
  return [...values, ...parts].filter((key) => key !== '');
}

function names(value: unknown, name: string): boolean {
  if (Array.isArray(value)) return value.some((item) => names(item, name));
  if (typeof value !== 'object' || value === null) return false;
  return Object.entries(value).some(
    ([member, inner]) => (COLOURS.has(member) && inner === name) || names(inner, name),
  );
}
