import type { StoredGraphic } from '../api/types';

/** Members of a document that hold a colour. */
const COLOURS = new Set(['fill', 'colour', 'from', 'to']);

/** Names of the graphics whose documents name a colour of the palette. */
export function uses(graphics: StoredGraphic[], name: string): string[] {
  return graphics
    .filter(({ document }) => names(document.parts ?? [], name))
    .map(({ document }) => document.name);
}

function names(value: unknown, name: string): boolean {
  if (Array.isArray(value)) return value.some((item) => names(item, name));
  if (typeof value !== 'object' || value === null) return false;
  return Object.entries(value).some(
    ([member, inner]) => (COLOURS.has(member) && inner === name) || names(inner, name),
  );
}
