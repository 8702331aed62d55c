import type { Part } from '../api/types';

/** Parts and, of groups, all that is in them. */
export function members(parts: Part[], keys: string[]): Set<string> {
  const found = new Set<string>();
  const add = (key: string) => {
    if (found.has(key)) return;
    found.add(key);
    parts.find((part) => part.key === key)?.parts?.forEach(add);
  };
  keys.forEach(add);
  return found;
}

/**
 * Keys of the parts that are not shown; what holds for a group holds for all in it.
 *
 * @param only with any, nothing else is shown
 */
export function unseen(parts: Part[], hidden: string[], only: string[]): Set<string> {
  const gone = members(parts, hidden);
  const kept = members(parts, only);
  return new Set(
    parts.map(({ key }) => key).filter((key) => gone.has(key) || (kept.size > 0 && !kept.has(key))),
  );
}

/** Parts that stay while others are removed, with all that is in those, and hang on one of them or are rows of it. */
export function hangingOn(parts: Part[], removed: string[]): string[] {
  const gone = members(parts, removed);
  return parts
    .filter(
      ({ key, x, y }) => !gone.has(key) && [x, y].some((place) => gone.has(place?.on ?? place?.in ?? '')),
    )
    .map(({ key }) => key);
}
