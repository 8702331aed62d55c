import type { Graphic } from '../api/types';

/** Where a graphic stands on an output. */
export function berthOf(graphic: Graphic | undefined): string {
  return graphic?.berth ?? 'main';
}

/** Whether a berth stands below another: those that the house does not name stand above all others, by their names. */
export function isBelow(berth: string, other: string, stack: string[]): boolean {
  const place = (of: string) => (stack.includes(of) ? stack.indexOf(of) : stack.length);
  return place(berth) < place(other) || (place(berth) === place(other) && berth < other);
}

/** Each once, from the lowest to the highest. */
export function upwards(berths: string[], stack: string[]): string[] {
  return [...new Set(berths)].sort((one, other) => (isBelow(one, other, stack) ? -1 : 1));
}

/** The order in which one of them has changed places with its neighbour. */
export function moved(order: string[], berth: string, by: 1 | -1): string[] {
  const from = order.indexOf(berth);
  const to = from + by;
  if (from < 0 || to < 0 || to >= order.length) return order;
  const next = [...order];
  [next[from], next[to]] = [next[to]!, next[from]!];
  return next;
}
