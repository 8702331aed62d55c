import { describe, expect, it } from 'vitest';
import { FORMS, sizes } from './forms';

describe('forms', () => {
  it('have sizes in the proportion of the design, even, and without its own', () => {
    expect(sizes({ width: 1920, height: 1080 })).toEqual([
      { width: 3840, height: 2160 },
      { width: 1280, height: 720 },
      { width: 960, height: 540 },
      { width: 640, height: 360 },
    ]);
    for (const { width, height } of sizes({ width: 1000, height: 333 })) {
      expect(height % 2).toBe(0);
      expect(Math.abs(height - (width * 333) / 1000)).toBeLessThanOrEqual(1);
    }
  });

  it('have a rate only where they have frames, and frames have a size', () => {
    for (const { timed, sized, filled } of FORMS) {
      if (timed) expect(sized).toBe(true);
      if (sized) expect(filled).toBe(true);
    }
    expect(FORMS.filter(({ timed }) => timed)).toHaveLength(4);
  });
});
