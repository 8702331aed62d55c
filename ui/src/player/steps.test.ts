import { describe, expect, it } from 'vitest';
import type { Reel } from '../api/types';
import { isLooped, steppedAt } from './steps';

const LEFT = [1, 0.98, 0.93, 0.84, 0.74, 0.62, 0.5, 0.38, 0.26, 0.16, 0.07, 0.02, 0];

const REEL = {
  in: 40,
  loop: 40,
  out: 10,
  steps: [
    { frame: 20, part: 'name', standing: [0], left: LEFT },
    { frame: 32, part: 'role', standing: [0, 1], left: [1, 0.5, 0] },
  ],
} as unknown as Reel;

describe('steppedAt', () => {
  it('waits at each step while what stands loops, and settles when it goes on', () => {
    expect(steppedAt(REEL, [], 19)).toMatchObject({ phase: 'IN', frame: 19, waits: false });
    expect(steppedAt(REEL, [], 70)).toMatchObject({ frame: 20, looped: 10, share: 1, waits: true });
    const on = [70];
    expect(steppedAt(REEL, on, 70)).toMatchObject({ frame: 20, share: 1, waits: false });
    expect(steppedAt(REEL, on, 76).share).toBe(0.5);
    expect(steppedAt(REEL, on, 82)).toMatchObject({ frame: 32, waits: true });
    expect(steppedAt(REEL, [70, 100], 108)).toMatchObject({ phase: 'LOOP', frame: 0 });
  });

  it('loops only what stands', () => {
    const moment = steppedAt(REEL, [], 70);
    expect(isLooped(REEL, moment, 0)).toBe(true);
    expect(isLooped(REEL, moment, 1)).toBe(false);
    expect(isLooped(REEL, { phase: 'IN', frame: 25 }, 0)).toBe(false);
  });
});
