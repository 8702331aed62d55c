import { expect, it } from 'vitest';
import type { Bar } from '../api/types';
import { briefly, wordsFor } from './briefly';

const bar = (phase: Bar['phase'], words: string, away: number) => ({ phase, words, away }) as Bar;

it('says the way it goes instead of the channel', () => {
  expect(briefly(bar('IN', 'y 1 own height', 89))).toBe('↑ 1 own height');
  expect(briefly(bar('OUT', 'y 1 own height', 89))).toBe('↓ 1 own height');
  expect(briefly(bar('IN', 'x -40 px', -40))).toBe('→ 40 px');
  expect(briefly(bar('IN', 'x clear of frame, left', -900))).toBe('→ clear of frame');
  expect(briefly(bar('IN', 'opacity 0', 0))).toBe('opacity 0');
});

it('is brief only where there is hardly room', () => {
  expect(wordsFor(bar('IN', 'y 1 own height', 89), 200)).toBe('y 1 own height');
  expect(wordsFor(bar('IN', 'y 1 own height', 89), 40)).toBe('↑ 1 own height');
});
