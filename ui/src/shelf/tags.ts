import type { Graphic } from '../api/types';

/** Tags as people write them, separated by commas; each once. */
export function tagsOf(text: string): string[] {
  const tags = text
    .split(',')
    .map((tag) => tag.trim())
    .filter((tag) => tag);
  return [...new Set(tags)];
}

/** Every tag of the shelf, in alphabetical order. */
export function allTags(documents: Graphic[]): string[] {
  return [...new Set(documents.flatMap(({ tags }) => tags ?? []))].sort((a, b) => a.localeCompare(b));
}

/** Whether all words that are sought are in its name or its tags. */
export function matches({ name, tags }: Graphic, sought: string): boolean {
  const text = [name, ...(tags ?? [])].join(' ').toLocaleLowerCase();
  return sought
    .toLocaleLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}
