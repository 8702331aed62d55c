/** A list with one of its entries changed. */
export function replaced<T>(list: T[], index: number, changes: Partial<T>): T[] {
  return list.map((item, i) => (i === index ? { ...item, ...changes } : item));
}

/** A list with one of its entries left out. */
export function without<T>(list: T[], index: number): T[] {
  return list.filter((_, i) => i !== index);
}

/** Names one after the other; of many only the first ones. */
export function briefList(names: string[], most = 3): string {
  const more = names.length - most;
  if (more > 1) return `${names.slice(0, most).join(', ')} and ${more} more`;
  return names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}
