import { expect, it } from 'vitest';
import type { Graphic } from '../api/types';
import { allTags, matches, tagsOf } from './tags';

const BAR = { name: 'Judge bar', tags: ['crest', 'name'] } as Graphic;
const BOARD = { name: 'Heat board', tags: ['results'] } as Graphic;

it('reads tags as people write them', () => {
  expect(tagsOf(' crest, name,, crest ')).toEqual(['crest', 'name']);
  expect(tagsOf('  ')).toEqual([]);
  expect(allTags([BOARD, BAR])).toEqual(['crest', 'name', 'results']);
});

it('finds by name and tags, whatever the order and the case', () => {
  expect(matches(BAR, 'CREST judge')).toBe(true);
  expect(matches(BOARD, 'crest')).toBe(false);
  expect(matches(BOARD, '')).toBe(true);
});
