import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Worked } from '../api/types';
import type { Moment } from '../player/moment';
import { Playing } from './playing.svelte';

const WORKED = { reel: { rate: 50, in: 10, loop: 0, out: 4, steps: [] }, whole: [] } as unknown as Worked;

let now = 0;
let tick: (() => void) | undefined;

beforeEach(() => {
  now = 0;
  vi.spyOn(performance, 'now').mockImplementation(() => now);
  vi.stubGlobal('requestAnimationFrame', (next: () => void) => {
    tick = next;
    return 1;
  });
  vi.stubGlobal('cancelAnimationFrame', () => (tick = undefined));
});

afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

function played(...ms: number[]): Moment[] {
  now = 0;
  const shown: Moment[] = [];
  new Playing().play(
    'IN',
    () => WORKED,
    (moment) => shown.push(moment),
  );
  for (const at of ms) {
    now = at;
    tick?.();
  }
  return shown;
}

it('shows each frame that is due, and stops after the last', () => {
  expect(played(0, 20, 200, 220, 240).map(({ frame }) => frame)).toEqual([0, 0, 1, 10]);
});

it('shows the last frame however late it is', () => {
  expect(played(100, 5000).map(({ frame }) => frame)).toEqual([0, 5, 10]);
  expect(played(100, 220).map(({ frame }) => frame)).toEqual([0, 5, 10]);
});
