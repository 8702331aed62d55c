/** A list with one of its entries changed. */
export function replaced<T>(list: T[], index: number, changes: Partial<T>): T[] {
  return list.map((item, i) => (i === index ? { ...item, ...changes } : item));
}

/** A list with one of its entries left out. */
export function without<T>(list: T[], index: number): T[] {
  return list.filter((_, i) => i !== index);
}
