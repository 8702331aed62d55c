import type { Graphic } from '../api/types';

/** A graphic with nothing in it yet. */
export function emptyGraphic(name: string): Graphic {
  return {
    format: 'glimble-graphic/1',
    name,
    frame: { width: 1920, height: 1080, rate: '50', length: 250 },
    fields: [],
    parts: [],
    trials: [],
  };
}

/** `name`, or `name 2`, `name 3` … if it is taken; cut so that it stays within what a name may be long. */
export function freeName(name: string, taken: string[]): string {
  const MOST = 60;
  for (let i = 1; ; i++) {
    const suffix = i === 1 ? '' : ` ${i}`;
    const free = name.slice(0, MOST - suffix.length) + suffix;
    if (!taken.includes(free)) return free;
  }
}
