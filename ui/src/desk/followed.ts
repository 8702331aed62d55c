import type { Cue, FeedState, Follow, Values } from '../api/types';

/** Texts of a cue with what its feed says in the place of what is bound; what the feed has not stays. */
export function followed(follow: Follow | undefined, values: Values, state: FeedState | undefined): Values {
  if (!follow || !state) return values;
  const over = { ...values };
  for (const { field, column, row } of follow.bound) {
    const text = state.rows[row - 1]?.[column];
    if (text !== undefined) over[field] = text;
  }
  return over;
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
