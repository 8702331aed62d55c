import type { Bar } from '../api/types';

/** px of the screen below which a bar has room for its brief words only. */
const ROOM = 96;

const ARROWS: Record<string, [string, string]> = { x: ['←', '→'], y: ['↑', '↓'] };

/**
 * What a bar says of its move where there is hardly room: the way it goes instead of its channel, without a sign.
 *
 * @param bar words as `y -1 own height`, and by how much it is away from rest then
 */
export function briefly(bar: Bar): string {
  const [channel = '', ...rest] = bar.words.split(' ');
  const arrows = ARROWS[channel];
  if (!arrows) return bar.words;
  // What comes to rest goes the other way than where it comes from.
  const onwards = bar.phase === 'IN' || bar.phase === 'BACK' ? -bar.away : bar.away;
  const travel = rest
    .join(' ')
    .replace(/^-/, '')
    .replace(/^clear of (\S+),.*/, 'clear of $1');
  return `${arrows[onwards < 0 ? 0 : 1]} ${travel}`;
}

export function wordsFor(bar: Bar, width: number): string {
  return width < ROOM ? briefly(bar) : bar.words;
}
