import type { Cue, FeedAnswer, Follow, Values } from '../api/types';

/** What becomes of the texts of a cue with what its feed says. */
export interface Followed {
  values: Values;
  /** What the feed has not; then all stays as it was, so that no row is made of two. */
  missing: string[];
}

/** The rule of the server: a row that there is not is blank, a cell that is missing in a row that there is says nothing. */
export function followed(
  follow: Follow | undefined,
  values: Values,
  says: Pick<FeedAnswer, 'state' | 'empty'> | undefined,
): Followed {
  if (!follow || !says || (says.state.readAt ?? undefined) === undefined) return { values, missing: [] };
  const { rows } = says.state;
  if (rows.length === 0 && says.empty === 'STAYS') return { values, missing: ['has no rows'] };
  const over = { ...values };
  const missing: string[] = [];
  for (const { field, column, row } of follow.bound) {
    const text = row > rows.length ? '' : rows[row - 1]?.[column];
    if (text === undefined) missing.push(`has no '${column}' in row ${row}`);
    else over[field] = text;
  }
  return missing.length > 0 ? { values, missing } : { values: over, missing };
}

/** Texts of a cue, but for those that a feed brings, which are as they stand. */
export function besidesFeed(cue: Cue, values: Values, standing: Values): Values {
  const bound = cue.follow?.bound ?? [];
  return { ...values, ...Object.fromEntries(bound.map(({ field }) => [field, standing[field] ?? ''])) };
}

/** How long ago something was, for people. */
export function ago(then: number, now: number): string {
  const seconds = Math.max(0, Math.round((now - then) / 1000));
  if (seconds < 2) return 'just now';
  return seconds < 120 ? `${seconds} seconds ago` : `${Math.round(seconds / 60)} minutes ago`;
}
