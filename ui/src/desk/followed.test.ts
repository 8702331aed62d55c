import { expect, it } from 'vitest';
import type { Cue, FeedAnswer, Follow } from '../api/types';
import { ago, besidesFeed, followed } from './followed';

const follow: Follow = {
  feed: 1,
  seconds: 1,
  bound: [
    { field: 'name 1', column: 'name', row: 1 },
    { field: 'score 2', column: 'score', row: 2 },
  ],
};

function says(rows: Record<string, string>[], empty: FeedAnswer['empty'] = 'STAYS') {
  return { state: { columns: ['name', 'score'], rows, readAt: 1 }, empty };
}

const VALUES = { 'name 1': 'Oona', 'score 2': '1.0' };

it('has what the feed has', () => {
  const rows = [
    { name: 'Wu', score: '88.5' },
    { name: 'Brandvold', score: '80' },
  ];
  expect(followed(follow, VALUES, says(rows)).values).toEqual({ 'name 1': 'Wu', 'score 2': '80' });
  expect(followed(follow, VALUES, undefined).values).toBe(VALUES);
  expect(followed(undefined, VALUES, says(rows)).values).toBe(VALUES);
});

it('is blank where a list has become shorter', () => {
  const { values, missing } = followed(follow, VALUES, says([{ name: 'Wu', score: '88.5' }]));
  expect(values).toEqual({ 'name 1': 'Wu', 'score 2': '' });
  expect(missing).toEqual([]);
});

it('makes no row of two: what has no cell leaves all as it was', () => {
  const { values, missing } = followed(follow, VALUES, says([{ score: '88.5' }, { score: '7' }]));
  expect(values).toBe(VALUES);
  expect(missing).toEqual(["has no 'name' in row 1"]);
});

it('does with nothing at all what the house says', () => {
  expect(followed(follow, VALUES, says([])).values).toBe(VALUES);
  expect(followed(follow, VALUES, says([])).missing).toEqual(['has no rows']);
  expect(followed(follow, VALUES, says([], 'BLANK')).values).toEqual({ 'name 1': '', 'score 2': '' });
});

it('says nothing before the feed was ever read', () => {
  const never = { state: { columns: [], rows: [] }, empty: 'BLANK' as const };
  expect(followed(follow, VALUES, never).values).toBe(VALUES);
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
