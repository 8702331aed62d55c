import { expect, it } from 'vitest';
import type { Cue, FeedState, Follow } from '../api/types';
import { ago, besidesFeed, followed } from './followed';

const follow: Follow = {
  feed: 1,
  seconds: 1,
  bound: [
    { field: 'name 1', column: 'name', row: 1 },
    { field: 'score 2', column: 'score', row: 2 },
  ],
};

const state: FeedState = { columns: ['name', 'score'], rows: [{ name: 'Wu', score: '88.5' }] };

it('has what the feed has, and what it has not as it was', () => {
  expect(followed(follow, { 'name 1': 'Oona', 'score 2': '1.0' }, state)).toEqual({
    'name 1': 'Wu',
    'score 2': '1.0',
  });
  const values = { 'name 1': 'Oona' };
  expect(followed(follow, values, undefined)).toBe(values);
  expect(followed(undefined, values, state)).toBe(values);
});

it('leaves what the feed brings to the feed', () => {
  const cue = { follow } as unknown as Cue;
  expect(besidesFeed(cue, { headline: 'A', 'name 1': 'typed' }, { headline: 'B', 'name 1': 'Wu' })).toEqual({
    headline: 'A',
    'name 1': 'Wu',
    'score 2': '',
  });
});

it('says how long ago something was', () => {
  expect(ago(1000, 1900)).toBe('just now');
  expect(ago(0, 12_000)).toBe('12 seconds ago');
  expect(ago(0, 600_000)).toBe('10 minutes ago');
});
